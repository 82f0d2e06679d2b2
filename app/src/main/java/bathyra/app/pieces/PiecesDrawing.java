package bathyra.app.pieces;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.EdgeUnderPointer;
import bathyra.app.table.Ink;
import bathyra.app.table.Joining;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.app.table.Placement;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.cutting.Finishing;
import bathyra.draft.Draft;
import bathyra.files.SheetLayout;
import bathyra.finding.Finding;
import bathyra.garment.EdgeAt;
import bathyra.garment.EdgeUse;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.layer.SewingOrder;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.Dart;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import bathyra.place.Level;
import bathyra.truing.SeamPair;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The pieces apart, with their allowances, marks and names. */
final class PiecesDrawing implements Drawing {
    private static final double DOT = 6;
    private static final double BADGE = 10;
    /** Closer to the next level the tag has only room for one line. */
    private static final double TAG_HEIGHT = 40;

    private final Draft draft;
    private final Look look;
    private final Map<String, Placement> places;
    private final LevelBands bands;

    /**
     * What is looked at.
     *
     * @param pattern the pieces of the draft, or of one of its layers
     * @param seam the seam that is being walked; empty when the layer has none
     * @param needle how far down the seam the needle stands, mm
     * @param finding the check that is looked at
     * @param edge the edge in hand
     * @param order the seams in the order in which they are sewn; empty when it is not shown
     * @param held where the pieces stay while an allowance is being pulled: a piece that gave way to it would run from the pointer
     */
    record Look(
            Pattern pattern,
            LengthUnit unit,
            Optional<SeamJoin> seam,
            double needle,
            Optional<Finding> finding,
            Joining joining,
            Optional<EdgeAt> edge,
            List<SewingOrder.Step> order,
            Optional<Map<String, Placement>> held) {}

    PiecesDrawing(Draft draft, Look look) {
        this.draft = draft;
        this.look = look;
        this.places = look.held()
                .orElseGet(() -> look.joining() == Joining.APART
                        ? Joining.apart(look.pattern())
                        : look.joining().place(draft));
        this.bands = new LevelBands(draft);
    }

    /** Where each piece lies. */
    Map<String, Placement> places() {
        return places;
    }

    private Placement place(Piece piece) {
        return places.get(piece.id());
    }

    @Override
    public Point[] extent() {
        List<Point> all = new ArrayList<>();
        look.pattern().pieces().forEach(p -> outer(p).forEach(point -> all.add(place(p).of(point))));
        return Drawing.around(all);
    }

    private List<Point> outer(Piece piece) {
        return look.joining() == Joining.APART ? piece.cutLine() : piece.flattened(1);
    }

    @Override
    public double tagRoom() {
        return look.joining() == Joining.APART ? 104 : 20;
    }

    @Override
    public double footRoom() {
        return 34;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        if (look.joining() == Joining.APART && look.pattern().levels().isEmpty()) {
            // A block has levels of its own, which stand on its pieces.
            ownLevels(brush);
        } else if (look.joining() == Joining.APART) {
            bands.paint(brush, width, height);
            bands.levels().forEach(level -> tag(brush, level));
        }
        look.pattern().pieces().forEach(p -> piece(brush, p));
        look.seam().ifPresent(seam -> needle(brush, seam));
        order(brush);
        look.finding().flatMap(Finding::place).ifPresent(place -> ring(brush, place));
    }

    private void ownLevels(Brush brush) {
        Piece first = look.pattern().pieces().get(0);
        for (LevelMark mark : first.levelMarks()) {
            Point at = place(first).of(mark.from());
            brush.text(
                    mark.level(),
                    brush.view().x(at.x()) - 10,
                    brush.view().y(at.y()) + 4,
                    Ink.TEAL,
                    Lettering.level(),
                    TextAlignment.RIGHT);
        }
    }

    private void tag(Brush brush, Level level) {
        double y = bands.y(brush.view(), level);
        brush.stroke(Ink.LINE, 1);
        brush.context().strokeLine(34, y, 116, y);
        brush.text(level.label(), 34, y - 6, Ink.TEAL, Lettering.level(), TextAlignment.LEFT);
        if (bands.roomBelow(brush.view(), level) >= TextSize.px(TAG_HEIGHT)) {
            brush.text(
                    LengthText.say(draft.girths().at(level).pattern().length(), look.unit()),
                    34,
                    y + TextSize.px(17),
                    Ink.INK_2,
                    Lettering.figure(),
                    TextAlignment.LEFT);
        }
    }

    /** The needle runs along both edges of the walked seam in step. */
    private void needle(Brush brush, SeamJoin seam) {
        for (SeamJoin.Ref ref : List.of(seam.a(), seam.b())) {
            Path edge = SeamPair.downwards(look.pattern().edge(ref).path());
            Point at = place(look.pattern().piece(ref.piece()))
                    .of(edge.at(look.needle()).point());
            double x = brush.view().x(at.x());
            double y = brush.view().y(at.y());
            brush.fill(Ink.CORAL);
            brush.context().fillOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
            brush.stroke(Ink.CHART, 1.6);
            brush.context().strokeOval(x - DOT, y - DOT, 2 * DOT, 2 * DOT);
        }
    }

    private void ring(Brush brush, Finding.Place place) {
        Point at = place(look.pattern().piece(place.piece())).of(place.at());
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.stroke(look.finding().orElseThrow().status() == Finding.Status.OK ? Ink.KELP : Ink.AMBER, 2.4);
        brush.context().strokeOval(x - 13, y - 13, 26, 26);
    }

    private void piece(Brush brush, Piece piece) {
        Placement place = place(piece);
        boolean apart = look.joining() == Joining.APART;
        if (apart) {
            List<Point> cut = piece.cutLine().stream().map(place::of).toList();
            brush.fill(Ink.PIECE_ALT);
            brush.polygon(cut, true);
            brush.stroke(Ink.INK, 1, 6, 4);
            brush.polygon(cut, false);
        }
        brush.follow(place.of(piece.path()), true);
        brush.fill(Ink.CHART);
        brush.context().fill();
        for (LevelMark mark : piece.levelMarks()) {
            if (mark.level().equals(Level.WAIST.id())) {
                brush.stroke(Ink.LINE, 1.2);
            } else {
                brush.stroke(Ink.LINE, 1, 4, 3);
            }
            brush.line(place.of(mark.from()), place.of(mark.to()));
        }
        for (OutlineEdge edge : piece.outline()) {
            boolean chosen = look.order().isEmpty()
                    && look.edge().isEmpty()
                    && edge.seam().isPresent()
                    && edge.seam().equals(look.seam().map(SeamJoin::id));
            if (edge.kind() == OutlineEdge.Kind.FOLD) {
                brush.stroke(Ink.INK_2, 1.6, 9, 3, 2, 3);
            } else {
                brush.stroke(chosen ? Ink.TEAL : Ink.INK, chosen ? 3 : 1.6);
            }
            brush.path(place.of(edge.path()));
            if (apart && look.order().isEmpty()) {
                allowance(brush, piece, edge, place);
            }
        }
        brush.stroke(Ink.INK, 2);
        for (Notch notch : apart ? piece.notches() : List.<Notch>of()) {
            for (Line s : SheetLayout.strokes(piece, notch)) {
                brush.line(place.of(s.start()), place.of(s.end()));
            }
        }
        marks(brush, piece, place);
        darts(brush, piece, place);
        grain(brush, piece, place);
        new PieceName(brush, piece, place).paint(look.joining() == Joining.APART);
    }

    /** The width is written along the wider allowances and the edge in hand; the others would only crowd the drawing. */
    private void allowance(Brush brush, Piece piece, OutlineEdge edge, Placement on) {
        EdgeUse use = Finishing.use(edge);
        double width = piece.allowances().getOrDefault(edge.name(), 0.0);
        boolean inHand = look.edge()
                .filter(at -> at.piece().equals(piece.id()) && at.edge().equals(edge.name()))
                .isPresent();
        if (inHand) {
            brush.stroke(Ink.TEAL, 3);
            brush.path(on.of(edge.path()));
        }
        if (width * brush.view().scale() < 17 || edge.kind() == OutlineEdge.Kind.EDGE && !inHand) {
            return;
        }
        Path.Place place = edge.path()
                .at(edge.path().length()
                        * (edge.path().start().y() < edge.path().end().y() ? 0.68 : 0.32));
        Point at = place.point().plus(place.tangent().turned(-Math.PI / 2).times(width / 2));
        at = on.of(at);
        Surface g = brush.context();
        g.save();
        g.translate(brush.view().x(at.x()), brush.view().y(at.y()));
        double angle =
                Math.toDegrees(Math.atan2(place.tangent().dy(), place.tangent().dx()));
        g.rotate(Math.abs(angle) > 90 ? angle + 180 : angle);
        brush.text(
                use.label() + ", " + LengthText.say(Length.mm(width), look.unit()),
                0,
                4,
                inHand ? Ink.TEAL : Ink.INK_2,
                Lettering.ruler(),
                TextAlignment.CENTER);
        g.restore();
    }

    /** The legs of a dart as they are sewn, and between them the line on which it is folded. */
    private static void darts(Brush brush, Piece piece, Placement place) {
        for (Dart dart : piece.darts()) {
            brush.stroke(Ink.INK, 1.4);
            brush.path(place.of(dart.one()));
            brush.path(place.of(dart.other()));
            brush.stroke(Ink.INK_2, 1, 9, 3, 2, 3);
            brush.path(place.of(dart.fold()));
        }
    }

    private static void marks(Brush brush, Piece piece, Placement place) {
        brush.stroke(Ink.INK, 1.4);
        for (Mark mark : piece.marks()) {
            SheetLayout.strokes(mark).forEach(l -> brush.line(place.of(l.start()), place.of(l.end())));
        }
    }

    /** A numbered badge on both edges of each seam, and a thread between them. */
    private void order(Brush brush) {
        for (SewingOrder.Step step : look.order()) {
            Point a = middle(step.seam().a());
            Point b = middle(step.seam().b());
            brush.stroke(Ink.TEAL, 1, 3, 4);
            brush.line(a, b);
            badge(brush, a, step.number());
            if (!step.seam().a().equals(step.seam().b())) {
                badge(brush, b, step.number());
            }
        }
    }

    private Point middle(SeamJoin.Ref ref) {
        Path edge = look.pattern().edge(ref).path();
        return places.get(ref.piece()).of(edge.at(edge.length() / 2).point());
    }

    private static void badge(Brush brush, Point at, int number) {
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.fill(Ink.TEAL);
        brush.context().fillOval(x - BADGE, y - BADGE, 2 * BADGE, 2 * BADGE);
        brush.stroke(Ink.CHART, 1.6);
        brush.context().strokeOval(x - BADGE, y - BADGE, 2 * BADGE, 2 * BADGE);
        brush.text(Integer.toString(number), x, y + 5, Ink.ON_TEAL, Lettering.figureBold(), TextAlignment.CENTER);
    }

    /** Where the handle of the edge in hand lies: outside its middle, as far as its allowance is wide. Empty when pieces lie joined. */
    Optional<Point> handle() {
        if (look.edge().isEmpty()
                || look.joining() != Joining.APART
                || !look.order().isEmpty()) {
            return Optional.empty();
        }
        EdgeAt at = look.edge().get();
        Path.Place middle = middleOf(at);
        double width = look.pattern().piece(at.piece()).allowances().getOrDefault(at.edge(), 0.0);
        return Optional.of(
                places.get(at.piece()).of(middle.point().plus(outwards(middle).times(width))));
    }

    /** How far outside the edge in hand a place of the table lies, mm. */
    double outside(Point table) {
        EdgeAt at = look.edge().orElseThrow();
        Path.Place middle = middleOf(at);
        return middle.point().to(places.get(at.piece()).back(table)).dot(outwards(middle));
    }

    /** By how much an arrow key widens the allowance of the edge in hand: outwards is wider. */
    double widens(Vec way) {
        EdgeAt at = look.edge().orElseThrow();
        double out = places.get(at.piece()).of(outwards(middleOf(at))).dot(way);
        return out >= 0 ? way.length() : -way.length();
    }

    private Path.Place middleOf(EdgeAt at) {
        Path path = look.pattern().piece(at.piece()).edge(at.edge()).path();
        return path.at(path.length() / 2);
    }

    private static Vec outwards(Path.Place place) {
        return place.tangent().turned(-Math.PI / 2);
    }

    /** The edge nearest to a place of the table, if one is near. */
    Optional<EdgeAt> edgeAt(Point table, double reach) {
        return EdgeUnderPointer.find(look.pattern().pieces(), table, reach, this::place)
                .map(found -> new EdgeAt(found.piece().id(), found.edge().name()));
    }

    private static void grain(Brush brush, Piece piece, Placement place) {
        brush.stroke(Ink.INK, 1.2);
        SheetLayout.grain(piece).forEach(l -> brush.line(place.of(l.start()), place.of(l.end())));
    }

    @Override
    public String under(Point paper, double reach) {
        return EdgeUnderPointer.describe(look.pattern().pieces(), paper, reach, look.unit(), this::place);
    }
}
