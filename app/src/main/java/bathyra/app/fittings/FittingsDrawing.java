package bathyra.app.fittings;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.app.table.Placement;
import bathyra.app.table.TextSize;
import bathyra.correction.Toile;
import bathyra.draft.Draft;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Setting;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.length.LengthUnit;
import bathyra.piece.OutlineEdge;
import bathyra.piece.PanelOutline;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The toile as it was worn: its half pattern apart, the marks on it, the draft that would come of them, and at its right the gap in true scale. */
final class FittingsDrawing implements Drawing {
    private static final double APART = 14;
    private static final double BADGE = 10;
    private static final double TAG_AWAY = 30;
    private static final double TAG_ROOM = 104;
    private static final double TAG_FOOT = 60;
    /** Room for the figures beside the gap, pixels. */
    private static final double GAP_FIGURES = 44;

    /** An outline that moved less is where it was, mm. */
    private static final double MOVED = 0.1;

    private static final double LETTER = 6.6;
    private static final double NUMBER_AT = 0.42;

    /** What is drawn. */
    record Shown(
            Draft tried,
            Optional<Draft> next,
            Optional<List<PanelOutline>> ghost,
            Fitting fitting,
            int chosen,
            LengthUnit unit) {}

    /** What lies on the table while no fitting was begun. */
    static final Fitting NONE =
            new Fitting(1, FittingKind.TOILE, Optional.empty(), Setting.UNNOTED, "", "", List.of(), List.of());

    private final Shown shown;
    private final MarkWords words;
    private final Toile toile;
    private final Map<String, Placement> places = new LinkedHashMap<>();
    private final Map<String, Piece> after = new LinkedHashMap<>();
    private final LevelBands bands;
    private final GapDrawing gap;

    FittingsDrawing(Shown shown) {
        this.shown = shown;
        this.words = new MarkWords(shown.unit());
        this.toile = new Toile(shown.tried());
        this.bands = new LevelBands(shown.tried());
        double from = 0;
        for (Piece piece : shown.tried().panelPieces()) {
            List<Point> around = piece.path().flattened(1);
            double left = around.stream().mapToDouble(Point::x).min().orElse(0);
            double right = around.stream().mapToDouble(Point::x).max().orElse(0);
            places.put(piece.id(), Placement.moved(new Vec(from - left, 0)));
            from += right - left + APART;
        }
        shown.next().ifPresent(next -> next.panelPieces().forEach(p -> after.put(p.id(), p)));
        this.gap = new GapDrawing(shown.tried(), shown.fitting(), places, shown.unit());
    }

    @Override
    public Point[] extent() {
        List<Point> all = new ArrayList<>(gap.extent());
        for (Piece piece : shown.tried().panelPieces()) {
            piece.path()
                    .flattened(2)
                    .forEach(p -> all.add(places.get(piece.id()).of(p)));
        }
        return Drawing.around(all);
    }

    @Override
    public double tagRoom() {
        return TAG_ROOM;
    }

    @Override
    public double rightRoom() {
        return shown.tried().commission().garment().fastening().closure().isLaced() ? GAP_FIGURES : 0;
    }

    @Override
    public double footRoom() {
        return TAG_FOOT;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        bands.paint(brush, width, height);
        for (Level level : bands.levels()) {
            double y = bands.y(brush.view(), level);
            brush.stroke(Ink.LINE, 1);
            brush.context().strokeLine(34, y, width, y);
            brush.text(level.label(), 34, y - 6, Ink.TEAL, Lettering.level(), TextAlignment.LEFT);
        }
        shown.tried().panelPieces().forEach(p -> piece(brush, p));
        shown.ghost().ifPresent(ghost -> ghost(brush, ghost));
        gap.paint(brush);
        shown.fitting().marks().forEach(m -> mark(brush, m));
    }

    private void piece(Brush brush, Piece piece) {
        Placement place = places.get(piece.id());
        Optional<Piece> next = Optional.ofNullable(after.get(piece.id()));
        brush.follow(place.of(piece.path()), true);
        brush.fill(Ink.CHART);
        brush.context().fill();
        boolean moved = next.filter(n -> isMoved(piece, n)).isPresent();
        if (moved) {
            difference(brush, place, piece, next.orElseThrow());
        }
        brush.stroke(Ink.LINE, 1, 4, 3);
        piece.levelMarks().forEach(m -> brush.line(place.of(m.from()), place.of(m.to())));
        for (OutlineEdge edge : piece.outline()) {
            if (moved) {
                brush.stroke(Ink.INK_2, 1.1, 4, 3);
            } else if (edge.kind() == OutlineEdge.Kind.FOLD) {
                brush.stroke(Ink.INK_2, 1.6, 9, 3, 2, 3);
            } else {
                brush.stroke(Ink.INK, 1.4);
            }
            brush.path(place.of(edge.path()));
        }
        if (moved) {
            brush.stroke(Ink.TEAL, 2);
            next.orElseThrow().outline().forEach(e -> brush.path(place.of(e.path())));
        }
        Point[] around = Drawing.around(piece.path().flattened(2));
        Point middle = place.of(around[0].between(around[1], NUMBER_AT));
        brush.text(
                piece.id(),
                brush.view().x(place.of(around[0].between(around[1], 0.5)).x()),
                brush.view().y(middle.y()),
                Ink.INK,
                Lettering.number(),
                TextAlignment.CENTER);
    }

    private static boolean isMoved(Piece was, Piece is) {
        return is.path().flattened(2).stream()
                .anyMatch(p -> was.path().nearest(p).point().distance(p) > MOVED);
    }

    /** What is cut away is coral; what is given, teal. Both lie between the old outline and the new one. */
    private void difference(Brush brush, Placement place, Piece was, Piece is) {
        List<Point> old = was.path().flattened(0.5).stream().map(place::of).toList();
        List<Point> anew = is.path().flattened(0.5).stream().map(place::of).toList();
        for (int i = 0; i < 2; i++) {
            boolean taken = i == 0;
            List<List<Point>> parts = taken ? Shape.without(old, anew) : Shape.without(anew, old);
            for (List<Point> part : parts) {
                brush.fill(taken ? Ink.CORAL_WASH : Ink.SHALLOW);
                brush.polygon(part, true);
                brush.stroke(taken ? Ink.CORAL : Ink.TEAL, 1);
                brush.hatch(part, taken ? 1 : -1);
            }
        }
    }

    private void ghost(Brush brush, List<PanelOutline> ghost) {
        brush.stroke(Ink.BRASS_TEXT, 1.6, 6, 4);
        for (PanelOutline outline : ghost) {
            Optional.ofNullable(places.get(outline.panel()))
                    .ifPresent(place -> outline.edges().forEach(e -> brush.path(place.of(e.path()))));
        }
    }

    private void mark(Brush brush, Mark mark) {
        Optional<Point> at = place(mark);
        if (at.isEmpty()) {
            return;
        }
        double x = brush.view().x(at.get().x());
        double y = brush.view().y(at.get().y());
        boolean inHand = mark.number() == shown.chosen();
        double by = mark.number() % 2 == 0 ? TAG_AWAY : -TAG_AWAY;
        double side = mark.kind() == MarkKind.GAP ? 0 : 12;
        if (mark.kind() == MarkKind.FOLD) {
            waves(brush, x, y);
        }
        if (mark.kind() == MarkKind.APEX) {
            brush.stroke(Ink.INK_2, 1.4);
            brush.context().strokeOval(x - 7, y - 7, 14, 14);
            double toX = x + mark.across().millimetres() * brush.view().scale();
            double toY = y + mark.amount().millimetres() * brush.view().scale();
            brush.stroke(Ink.TEAL, 2);
            brush.context().strokeOval(toX - 7, toY - 7, 14, 14);
        }
        double bx = mark.kind() == MarkKind.GAP ? x : x + side;
        double byY = mark.kind() == MarkKind.GAP ? y : y + by;
        if (mark.kind() != MarkKind.GAP) {
            brush.stroke(Ink.INK, 1);
            brush.context().strokeLine(x, y, bx, byY);
            brush.fill(Ink.INK);
            brush.context().fillOval(x - 2.5, y - 2.5, 5, 5);
        }
        brush.fill(inHand ? Ink.TEAL : mark.decision() == Decision.REFUSED ? Ink.INK_2 : Ink.BRASS_TEXT);
        brush.context().fillOval(bx - BADGE, byY - BADGE, 2 * BADGE, 2 * BADGE);
        if (inHand) {
            brush.stroke(Ink.TEAL, 1.6);
            brush.context().strokeOval(bx - BADGE - 3, byY - BADGE - 3, 2 * BADGE + 6, 2 * BADGE + 6);
        }
        brush.text(
                Integer.toString(mark.number()),
                bx,
                byY + 4.5,
                Ink.CHART,
                Lettering.figureBold(),
                TextAlignment.CENTER);
        if (mark.kind() != MarkKind.GAP) {
            tag(brush, mark, bx + BADGE + 5, byY, inHand);
        }
    }

    private void tag(Brush brush, Mark mark, double x, double y, boolean inHand) {
        String tag = words.tag(mark);
        double wide = tag.length() * TextSize.px(LETTER) + 8;
        boolean takes = mark.kind() == MarkKind.PINCH || mark.kind() == MarkKind.DIGS;
        brush.fill(takes ? Ink.CORAL_WASH : Ink.CHART);
        brush.context().fillRoundRect(x - 3, y - 9, wide, 18, 6, 6);
        brush.text(
                tag,
                x,
                y + 4.5,
                takes ? Ink.CORAL_TEXT : Ink.INK,
                inHand ? Lettering.figureBold() : Lettering.figure(),
                TextAlignment.LEFT);
    }

    private static void waves(Brush brush, double x, double y) {
        brush.stroke(Ink.INK, 1.2);
        for (int i = -1; i <= 1; i++) {
            double at = y + i * 7;
            brush.context().beginPath();
            brush.context().moveTo(x - 24, at);
            brush.context().bezierCurveTo(x - 12, at - 7, x - 6, at + 7, x, at);
            brush.context().bezierCurveTo(x + 6, at - 7, x + 12, at + 7, x + 24, at);
            brush.context().stroke();
        }
    }

    /** Where a mark lies on the table. */
    Optional<Point> place(Mark mark) {
        if (mark.kind() == MarkKind.GAP) {
            return gap.at(mark);
        }
        return toile.at(mark).filter(at -> places.containsKey(at.piece())).map(at -> places.get(at.piece())
                .of(at.point()));
    }

    /** The mark whose number lies at a place of the table. @param reach mm */
    Optional<Mark> markAt(Point table, double scale) {
        return shown.fitting().marks().stream()
                .filter(m -> place(m).filter(p -> {
                            double by = m.number() % 2 == 0 ? TAG_AWAY : -TAG_AWAY;
                            boolean inGap = m.kind() == MarkKind.GAP;
                            Point badge = inGap ? p : p.plus(new Vec(12 / scale, by / scale));
                            return badge.distance(table) * scale <= BADGE + 3;
                        })
                        .isPresent())
                .findFirst();
    }

    /** The panel at a place of the table, or so near that it is meant, with the place on it. @param reach mm */
    Optional<Toile.At> panelAt(Point table, double reach) {
        Optional<Toile.At> best = Optional.empty();
        double least = reach;
        for (Piece piece : shown.tried().panelPieces()) {
            Point on = places.get(piece.id()).back(table);
            double away = Shape.contains(piece.path().flattened(1), on)
                    ? 0
                    : piece.path().nearest(on).point().distance(on);
            if (away <= least) {
                least = away;
                best = Optional.of(new Toile.At(piece.id(), on));
            }
        }
        return best;
    }

    Toile toile() {
        return toile;
    }

    @Override
    public String under(Point paper, double reach) {
        return markAt(paper, 7 / reach)
                .map(m -> "Mark " + m.number() + ": " + words.seen(m) + ", "
                        + m.decision().label())
                .orElse("");
    }
}
