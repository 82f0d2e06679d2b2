package bathyra.app.sizes;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.TextSize;
import bathyra.files.size.SizeStroke;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.size.Nest;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** All sizes one inside the other, the largest first and filled like depths, so that a step is a band. */
final class NestDrawing implements Drawing {
    private static final Ink[] DEPTHS = {Ink.CHART, Ink.SEA_1, Ink.SEA_2, Ink.SEA_3, Ink.SEA_4, Ink.SEA_5};
    static final double PX_PER_MM = 2.6;
    private static final double CROSS = 7;
    private static final double LABEL_APART = 15;

    private final Nest nest;
    private final int row;
    private final LengthUnit unit;
    private final boolean one;

    /** @param row the size in hand @param one whether it alone is shown */
    NestDrawing(Nest nest, int row, boolean one, LengthUnit unit) {
        this.nest = nest;
        this.row = row;
        this.one = one;
        this.unit = unit;
    }

    @Override
    public Point[] extent() {
        return new Point[] {new Point(0, 0), new Point(Math.max(1, nest.width()), Math.max(1, nest.height()))};
    }

    @Override
    public double tagRoom() {
        return 16;
    }

    @Override
    public double footRoom() {
        return 52;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        brush.fill(Ink.SEA_1);
        brush.context().fillRect(0, 0, width, height);
        for (Nest.Nested nested : nest.pieces()) {
            List<Nest.Lying> shown = shown(nested);
            for (int i = shown.size() - 1; i >= 0; i--) {
                fill(brush, shown.get(i), i);
            }
            shown.stream().filter(l -> l.row() != row).forEach(l -> outline(brush, l));
            shown.stream().filter(l -> l.row() == row).forEach(l -> outline(brush, l));
            cross(brush, nested.common());
            shown.stream().findFirst().ifPresent(inmost -> new NestName(brush, nested, inmost.piece()).paint());
            labels(brush, shown);
        }
    }

    private List<Nest.Lying> shown(Nest.Nested nested) {
        return nested.sizes().stream().filter(l -> !one || l.row() == row).toList();
    }

    private void fill(Brush brush, Nest.Lying lying, int depth) {
        brush.follow(lying.piece().path(), true);
        brush.fill(DEPTHS[Math.min(depth, DEPTHS.length - 1)]);
        brush.context().fill();
    }

    private void outline(Brush brush, Nest.Lying lying) {
        SizeStroke stroke = SizeStroke.of(lying.row());
        if (lying.row() == row) {
            brush.stroke(Ink.TEAL, 2.4);
        } else {
            brush.stroke(
                    Ink.INK,
                    Math.max(0.8, stroke.width() * PX_PER_MM),
                    stroke.dash().stream().mapToDouble(d -> d * PX_PER_MM).toArray());
        }
        brush.path(lying.piece().path());
        if (lying.row() == row) {
            brush.stroke(Ink.LINE, 1);
            for (LevelMark mark : lying.piece().levelMarks()) {
                brush.line(mark.from(), mark.to());
            }
        }
    }

    private static void cross(Brush brush, Point at) {
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        brush.stroke(Ink.INK, 1.4);
        brush.context().strokeLine(x - CROSS, y, x + CROSS, y);
        brush.context().strokeLine(x, y - CROSS, x, y + CROSS);
    }

    /** The sizes' numbers fan out from their lower corners. */
    private void labels(Brush brush, List<Nest.Lying> shown) {
        if (one) {
            return;
        }
        double foot = brush.view()
                        .y(shown.stream()
                                .mapToDouble(l -> box(l.piece())[3])
                                .max()
                                .orElse(0))
                + TextSize.px(20);
        for (int i = 0; i < shown.size(); i++) {
            Point corner = corner(shown.get(i).piece());
            double x =
                    brush.view().x(corner(shown.get(shown.size() / 2).piece()).x())
                            + (i - (shown.size() - 1) / 2.0) * TextSize.px(LABEL_APART);
            boolean held = shown.get(i).row() == row;
            brush.stroke(held ? Ink.TEAL : Ink.INK_2, held ? 1.6 : 0.8);
            brush.context()
                    .strokeLine(brush.view().x(corner.x()), brush.view().y(corner.y()), x, foot - TextSize.px(11));
            brush.text(
                    shown.get(i).size().label(),
                    x,
                    foot,
                    held ? Ink.TEAL : Ink.INK_2,
                    held ? Lettering.figureBold() : Lettering.ruler(),
                    TextAlignment.CENTER);
        }
    }

    private static Point corner(Piece piece) {
        return piece.outline().stream()
                .map(e -> e.path().start())
                .max(Comparator.comparingDouble(p -> p.y() + 0.5 * p.x()))
                .orElseThrow();
    }

    private static double[] box(Piece piece) {
        return Shape.box(piece.flattened(1));
    }

    /** Between two lines: how much wider the larger size is there. */
    @Override
    public String under(Point paper, double reach) {
        for (Nest.Nested nested : nest.pieces()) {
            List<Nest.Lying> shown = shown(nested);
            for (int i = 0; i < shown.size(); i++) {
                if (contains(shown.get(i).piece(), paper)) {
                    return i == 0
                            ? nested.name() + ", size " + shown.get(0).size().label()
                            : between(nested, shown.get(i - 1), shown.get(i), paper);
                }
            }
        }
        return "";
    }

    private static boolean contains(Piece piece, Point at) {
        return Shape.contains(piece.flattened(1), at);
    }

    private String between(Nest.Nested nested, Nest.Lying less, Nest.Lying more, Point at) {
        Optional<Level> level = nearest(more.piece(), at);
        String sizes = less.size().label() + " to " + more.size().label() + ": ";
        return level.map(l -> sizes
                        + LengthText.say(
                                Length.mm(more.piece().mark(l).orElseThrow().length()
                                        - less.piece()
                                                .mark(l)
                                                .map(LevelMark::length)
                                                .orElse(0.0)),
                                unit)
                        + " wider, " + nested.name().toLowerCase(java.util.Locale.ROOT) + ", at the "
                        + l.label().toLowerCase(java.util.Locale.ROOT))
                .orElse(sizes + nested.name());
    }

    private static Optional<Level> nearest(Piece piece, Point at) {
        return java.util.Arrays.stream(Level.values())
                .filter(l -> piece.mark(l).isPresent())
                .min(Comparator.comparingDouble(
                        l -> Math.abs(piece.mark(l).orElseThrow().from().y() - at.y())));
    }
}
