package bathyra.app.edges;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.draft.Draft;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.truing.UnrolledEdge;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** Upper and lower edge unrolled as they are worn: their height over the half girth, front to back, with the seams that they cross (C10.1). */
final class WornEdgesDrawing implements Drawing {
    private static final double MARGIN = 12;
    private static final double LABEL_ROOM = 40;

    private final Draft draft;
    private final LengthUnit unit;
    private final List<Unrolled> edges = new ArrayList<>();

    /** @param base depth of the level over which heights are counted, mm */
    private record Unrolled(String name, Level level, double base, UnrolledEdge edge) {
        List<Point> line() {
            return edge.stretches().stream()
                    .flatMap(s -> s.line().stream())
                    .map(p -> new Point(p.x(), base - p.y()))
                    .toList();
        }

        double end() {
            List<Point> line = line();
            return line.get(line.size() - 1).x();
        }
    }

    WornEdgesDrawing(Draft draft, LengthUnit unit) {
        this.draft = draft;
        this.unit = unit;
        // An edge that dips below the bust line is counted from the rib.
        Level upper = draft.panels().levels().contains(Level.BUST) ? Level.BUST : Level.UNDERBUST;
        unrolled("Upper edge", true, upper).ifPresent(edges::add);
        unrolled("Lower edge", false, Level.WAIST).ifPresent(edges::add);
    }

    private Optional<Unrolled> unrolled(String name, boolean above, Level level) {
        return UnrolledEdge.of(draft.panelPieces(), above, level)
                .map(edge -> new Unrolled(name, level, draft.block().front(level), edge));
    }

    @Override
    public Point[] extent() {
        List<Point> all =
                new ArrayList<>(edges.stream().flatMap(e -> e.line().stream()).toList());
        all.add(new Point(0, draft.block().front(Level.WAIST)));
        Point[] around = Drawing.around(all);
        return new Point[] {
            new Point(around[0].x() - MARGIN, around[0].y() - MARGIN - LABEL_ROOM),
            new Point(around[1].x() + MARGIN, around[1].y() + MARGIN + LABEL_ROOM)
        };
    }

    @Override
    public double tagRoom() {
        return 104;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        if (edges.isEmpty()) {
            brush.text(
                    "An edge that a shoulder, a strap or cups carry on is looked at joined.",
                    width / 2,
                    height / 2,
                    Ink.INK_2,
                    Lettering.figure(),
                    TextAlignment.CENTER);
            return;
        }
        for (Unrolled each : edges) {
            brush.stroke(Ink.LINE, 1, 4, 3);
            brush.line(new Point(0, each.base()), new Point(each.end(), each.base()));
            brush.text(
                    each.level().label(),
                    brush.view().x(0) - 8,
                    brush.view().y(each.base()) + 4,
                    Ink.TEAL,
                    Lettering.level(),
                    TextAlignment.RIGHT);
            seams(brush, each);
            brush.stroke(Ink.TEAL, 3);
            brush.polyline(each.line());
            heights(brush, each);
        }
    }

    private static void seams(Brush brush, Unrolled each) {
        brush.stroke(Ink.LINE, 1, 2, 3);
        for (UnrolledEdge.Stretch stretch : each.edge().stretches()) {
            Point end = stretch.line().get(stretch.line().size() - 1);
            brush.line(new Point(end.x(), each.base()), new Point(end.x(), each.base() - end.y()));
        }
    }

    /** What each panel is called, and how high the edge lies at each seam. */
    private void heights(Brush brush, Unrolled each) {
        boolean above = each.level() != Level.WAIST;
        double side = above ? -1 : 1;
        for (UnrolledEdge.Stretch stretch : each.edge().stretches()) {
            Point from = stretch.line().get(0);
            Point to = stretch.line().get(stretch.line().size() - 1);
            double middle = brush.view().x((from.x() + to.x()) / 2);
            brush.text(
                    stretch.panel(),
                    middle,
                    brush.view().y(each.base()) - side * 14 + 4,
                    Ink.INK_2,
                    Lettering.figure(),
                    TextAlignment.CENTER);
            figure(brush, each, from, side);
        }
        List<Point> last =
                each.edge().stretches().get(each.edge().stretches().size() - 1).line();
        figure(brush, each, last.get(last.size() - 1), side);
    }

    private void figure(Brush brush, Unrolled each, Point at, double side) {
        brush.text(
                LengthText.figure(Length.mm(Math.abs(at.y())), unit),
                brush.view().x(at.x()),
                brush.view().y(each.base() - at.y()) + side * 14 + 4,
                Ink.INK,
                Lettering.figure(),
                TextAlignment.CENTER);
    }

    @Override
    public String under(Point paper, double reach) {
        for (Unrolled each : edges) {
            for (UnrolledEdge.Stretch stretch : each.edge().stretches()) {
                for (Point p : stretch.line()) {
                    if (paper.distance(new Point(p.x(), each.base() - p.y())) < reach) {
                        return each.name() + ", " + stretch.panel() + ", "
                                + LengthText.say(Length.mm(p.x()), unit) + " from centre front: "
                                + LengthText.say(Length.mm(Math.abs(p.y())), unit)
                                + (p.y() < 0 ? " below the " : " above the ")
                                + each.level().label().toLowerCase(Locale.ROOT);
                    }
                }
            }
        }
        return "";
    }
}
