package bathyra.app.making;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.EdgeUnderPointer;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Placement;
import bathyra.app.table.TextSize;
import bathyra.bone.Bones;
import bathyra.bone.Channel;
import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.workplan.StepKind;
import bathyra.workplan.Task;
import bathyra.workplan.Touched;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import javafx.scene.text.TextAlignment;

/** The garment so far: its pieces apart, what has been sewn stitched in teal, what the step in hand has to do with in coral. */
final class SoFarDrawing implements Drawing {
    private static final double APART = 22;
    private static final double FOOT = 46;
    private static final double SIDE = 30;
    private static final double NUMBER_AT = 0.42;
    /** From one cross stitch to the next, mm, and half of its width, pixels. */
    private static final double STITCH = 12;

    private static final double STITCH_HALF = 4;
    private static final double KEY_STEP = 120;

    /** What is drawn. @param done the steps that are done @param seams the seams that are sewn while their step is not done */
    record Shown(Draft draft, Bones bones, Set<String> done, Task inHand, Set<String> seams) {}

    /** By which word a seam is ticked. */
    static String part(SeamJoin seam) {
        return seam.id();
    }

    /** The seam whose edge lies at a place of the table, by its word. @param reach farther away there is none, mm */
    Optional<String> seamAt(Point paper, double reach) {
        return EdgeUnderPointer.find(List.copyOf(pieces.values()), paper, reach, p -> places.get(p.id()))
                .flatMap(f -> shown.draft().pattern().seams().stream()
                        .filter(s -> Stream.of(s.a(), s.b())
                                .anyMatch(r -> r.piece().equals(f.piece().id())
                                        && r.edge().equals(f.edge().name())))
                        .findFirst())
                .map(SoFarDrawing::part);
    }

    /** Whether an edge belongs to a seam that was ticked. */
    private boolean isTicked(Piece piece, OutlineEdge edge) {
        return shown.draft().pattern().seams().stream()
                .filter(s -> shown.seams().contains(part(s)))
                .flatMap(s -> Stream.of(s.a(), s.b()))
                .anyMatch(r -> r.piece().equals(piece.id()) && r.edge().equals(edge.name()));
    }

    private final Shown shown;
    private final Map<String, Placement> places = new LinkedHashMap<>();
    private final Map<String, Piece> pieces = new LinkedHashMap<>();

    SoFarDrawing(Shown shown) {
        this.shown = shown;
        double from = 0;
        for (Piece piece : shown.draft().pattern().pieces()) {
            Point[] around = Drawing.around(piece.path().flattened(1));
            places.put(piece.id(), Placement.moved(new Vec(from - around[0].x(), 0)));
            pieces.put(piece.id(), piece);
            from += around[1].x() - around[0].x() + APART;
        }
    }

    @Override
    public Point[] extent() {
        List<Point> all = new ArrayList<>();
        pieces.forEach((id, piece) ->
                piece.path().flattened(2).forEach(p -> all.add(places.get(id).of(p))));
        return Drawing.around(all);
    }

    @Override
    public double tagRoom() {
        return SIDE;
    }

    @Override
    public double rightRoom() {
        return SIDE;
    }

    @Override
    public double footRoom() {
        return FOOT;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        pieces.values().forEach(p -> piece(brush, p));
        if (isDone(StepKind.CHANNELS) || isInHand(Touched.CHANNELS)) {
            shown.bones().channels().forEach(c -> channel(brush, c));
        }
        if (isDone(StepKind.WAIST_TAPE) || isInHand(Touched.WAIST)) {
            pieces.values().forEach(p -> waist(brush, p));
        }
        pieces.values().forEach(p -> number(brush, p));
        key(brush, height);
    }

    private boolean isDone(StepKind kind) {
        return shown.done().contains(kind.id());
    }

    private boolean isInHand(Touched part) {
        return shown.inHand().touches().contains(part);
    }

    private void piece(Brush brush, Piece piece) {
        Placement place = places.get(piece.id());
        boolean lit = isInHand(piece.role() == PieceRole.CUP ? Touched.CUPS : Touched.PANELS);
        brush.follow(place.of(piece.path()), true);
        brush.fill(lit ? Ink.CORAL_WASH : isDone(StepKind.CUT) ? Ink.CHART : Ink.PAPER);
        brush.context().fill();
        for (OutlineEdge edge : piece.outline()) {
            edge(brush, place, piece, edge);
        }
    }

    private void number(Brush brush, Piece piece) {
        Placement place = places.get(piece.id());
        Point[] around = Drawing.around(piece.path().flattened(2));
        Point middle = place.of(around[0].between(around[1], 0.5));
        Point above = place.of(around[0].between(around[1], NUMBER_AT));
        brush.text(
                piece.id(),
                brush.view().x(middle.x()),
                brush.view().y(above.y()),
                Ink.INK,
                Lettering.levelSelected(),
                TextAlignment.CENTER);
    }

    private void edge(Brush brush, Placement place, Piece piece, OutlineEdge edge) {
        boolean lit = isInHand(part(piece, edge)) && !isTicked(piece, edge);
        if (edge.kind() == OutlineEdge.Kind.FOLD) {
            brush.stroke(Ink.INK_2, 1.6, 9, 3, 2, 3);
        } else if (lit) {
            brush.stroke(Ink.CORAL, 2.2, 7, 4);
        } else if (isSewn(piece, edge)) {
            brush.stroke(Ink.TEAL, 2);
        } else {
            brush.stroke(Ink.INK, 1.2);
        }
        brush.path(place.of(edge.path()));
        if (isSewn(piece, edge) && !lit && edge.kind() == OutlineEdge.Kind.SEAM) {
            stitches(brush, place, edge);
        }
    }

    /** What an edge is to the steps. */
    private static Touched part(Piece piece, OutlineEdge edge) {
        return switch (edge.kind()) {
            case SEAM, DART -> piece.role() == PieceRole.CUP ? Touched.CUPS : Touched.SEAMS;
            // A skirt is not laced: its opening is hemmed.
            case CLOSURE -> piece.role().isSkirt() ? Touched.EDGES : Touched.CLOSURE;
            case EDGE -> edge.role() == EdgeRole.SLIT ? Touched.SEAMS : Touched.EDGES;
            case FOLD -> Touched.PANELS;
        };
    }

    private boolean isSewn(Piece piece, OutlineEdge edge) {
        return switch (part(piece, edge)) {
            case SEAMS -> isDone(StepKind.SEAMS) || isTicked(piece, edge);
            case CUPS -> isDone(StepKind.CUPS);
            case CLOSURE -> isDone(StepKind.EYELETS) || isDone(StepKind.FASTENING);
            case EDGES -> isDone(StepKind.LINING);
            case PANELS, WAIST, CHANNELS -> false;
        };
    }

    private static void stitches(Brush brush, Placement place, OutlineEdge edge) {
        double length = edge.path().length();
        for (double at = STITCH / 2; at < length; at += STITCH) {
            Point on = place.of(edge.path().at(at).point());
            double x = brush.view().x(on.x());
            double y = brush.view().y(on.y());
            brush.stroke(Ink.TEAL, 1);
            brush.context().strokeLine(x - STITCH_HALF, y, x + STITCH_HALF, y);
        }
    }

    private void channel(Brush brush, Channel channel) {
        for (Channel.Run run : channel.runs()) {
            Placement place = places.get(run.piece());
            boolean lit = isInHand(Touched.CHANNELS);
            if (isDone(StepKind.BONES)) {
                brush.stroke(lit ? Ink.CORAL : Ink.BRASS, 3);
            } else {
                brush.stroke(lit ? Ink.CORAL : Ink.BRASS_TEXT, 1.4, 4, 3);
            }
            brush.path(place.of(run.path()));
        }
    }

    private void waist(Brush brush, Piece piece) {
        brush.stroke(isInHand(Touched.WAIST) ? Ink.CORAL : Ink.TEAL, 3);
        piece.mark(Level.WAIST)
                .ifPresent(m -> brush.line(
                        places.get(piece.id()).of(m.from()),
                        places.get(piece.id()).of(m.to())));
    }

    private static void key(Brush brush, double height) {
        double y = height - 16;
        double x = SIDE;
        key(brush, "sewn", x, y, Ink.TEAL);
        key(brush, "in hand", x + TextSize.px(KEY_STEP), y, Ink.CORAL);
        key(brush, "to come", x + 2 * TextSize.px(KEY_STEP), y, Ink.INK);
    }

    private static void key(Brush brush, String words, double x, double y, Ink ink) {
        if (ink == Ink.CORAL) {
            brush.stroke(ink, 2.2, 7, 4);
        } else {
            brush.stroke(ink, ink == Ink.TEAL ? 2 : 1.2);
        }
        brush.context().strokeLine(x, y - 4, x + 30, y - 4);
        brush.text(words, x + 38, y, Ink.INK_2, Lettering.ruler(), TextAlignment.LEFT);
    }

    @Override
    public String under(Point paper, double reach) {
        return pieces.values().stream()
                .filter(p -> {
                    Point on = places.get(p.id()).back(paper);
                    Point[] around = Drawing.around(p.path().flattened(2));
                    return on.x() >= around[0].x()
                            && on.x() <= around[1].x()
                            && on.y() >= around[0].y()
                            && on.y() <= around[1].y();
                })
                .findFirst()
                .map(p -> p.id() + " " + p.name())
                .orElse("");
    }
}
