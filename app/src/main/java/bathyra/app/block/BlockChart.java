package bathyra.app.block;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.app.table.View;
import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockEdge;
import bathyra.block.BlockLayout;
import bathyra.block.BlockLine;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.block.PrincessCut;
import bathyra.block.Step;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import javafx.scene.text.TextAlignment;

/** A block on the table: the front to the left, the back to the right, waists level, side seams facing each other. */
final class BlockChart implements Drawing {
    private static final double APART = 120;
    private static final double HATCH_SLOPE = 0.6;
    private static final double BELOW = 30;
    private static final String[] LEVELS = {"C", "B", "W", "H"};
    private static final String[] WIDTHS = {"C", "B", "W", "H", "R", "T"};
    private static final Ink[] BANDS = {Ink.SEA_2, Ink.SEA_2, Ink.SEA_3, Ink.SEA_4};
    /** What the rule put down before it was trued stands only in the steps. */
    private static final String SUPERSEDED = "by the rule";

    private static final double NAMES_APART = 15;
    private static final double CENTRE = 5;

    private final BlockDrawing drawing;
    private final LengthUnit unit;
    private final Optional<BlockDrawing> ghost;
    private final int steps;
    private final boolean hideNewest;
    private final Optional<Looked> looked;
    private final Predicate<BlockPoint> lit;
    private final List<PrincessCut> cuts;
    private final BlockLayout layout;

    /**
     * @param ghost another block of the same body, drawn as a dashed line
     * @param steps how many steps are drawn; all of them for the whole block
     * @param hideNewest whether the last of them is still to be found by a learner
     * @param lit which points are lit up
     * @param cuts the princess seams
     */
    BlockChart(
            BlockDrawing drawing,
            LengthUnit unit,
            Optional<BlockDrawing> ghost,
            int steps,
            boolean hideNewest,
            Optional<Looked> looked,
            Predicate<BlockPoint> lit,
            List<PrincessCut> cuts) {
        this.drawing = drawing;
        this.unit = unit;
        this.ghost = ghost;
        this.steps = steps;
        this.hideNewest = hideNewest;
        this.looked = looked;
        this.lit = lit;
        this.cuts = cuts;
        this.layout = new BlockLayout(drawing, APART);
    }

    private boolean isWhole() {
        return steps >= drawing.steps().size() && !hideNewest;
    }

    private Point place(Half half, Point p) {
        return layout.place(half, p);
    }

    /** From the table to the frame of a half. */
    Point back(Half half, Point p) {
        return layout.back(half, p);
    }

    private Path place(Half half, Path path) {
        return layout.place(half, path);
    }

    @Override
    public Point[] extent() {
        Point[] drawn = layout.extent();
        return new Point[] {
            new Point(drawn[0].x() - 10, drawn[0].y()), new Point(drawn[1].x() + 10, drawn[1].y() + BELOW)
        };
    }

    @Override
    public double tagRoom() {
        return 96;
    }

    @Override
    public double rightRoom() {
        return 20;
    }

    private Optional<Double> level(String letter) {
        return drawing.last(Half.FRONT, letter + "c").map(p -> p.at().y());
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        bands(brush, width, height);
        if (isWhole()) {
            for (Half half : Half.values()) {
                brush.follow(place(half, drawing.closed(half)), true);
                brush.fill(Ink.CHART);
                brush.context().fill();
            }
            drawing.darts().forEach(dart -> dart(brush, dart));
        }
        ghost.ifPresent(other -> ghost(brush, other));
        List<Step> drawn =
                drawing.steps().subList(0, Math.min(steps, drawing.steps().size()));
        for (Step step : drawn) {
            boolean newest = !isWhole() && step == drawn.get(drawn.size() - 1);
            if (!newest || !hideNewest) {
                step.lines().forEach(line -> line(brush, line, newest));
            }
        }
        if (isWhole()) {
            for (Half half : Half.values()) {
                brush.stroke(Ink.INK, 1.6);
                drawing.outline(half).stream()
                        .filter(e -> e.name() != BlockEdge.Name.DART)
                        .forEach(e -> brush.path(place(half, e.path())));
            }
        }
        for (PrincessCut cut : cuts) {
            brush.stroke(Ink.TEAL, 2);
            brush.path(place(cut.half(), cut.centreSeam()));
        }
        looked.filter(l -> isWhole()).ifPresent(l -> looked(brush, l));
        points(brush, drawn);
        tags(brush);
    }

    private void bands(Brush brush, double width, double height) {
        for (int i = 0; i < LEVELS.length; i++) {
            int band = i;
            level(LEVELS[i]).ifPresent(y -> {
                brush.fill(BANDS[band]);
                brush.context()
                        .fillRect(
                                0,
                                brush.view().y(y),
                                width,
                                Math.max(0, height - brush.view().y(y)));
            });
        }
    }

    private List<Point> area(BlockDart dart) {
        List<Point> area = new ArrayList<>();
        area.add(place(dart.half(), dart.tips().get(0)));
        area.add(place(dart.half(), dart.a()));
        if (dart.tips().size() > 1) {
            area.add(place(dart.half(), dart.tips().get(1)));
        }
        area.add(place(dart.half(), dart.b()));
        return area;
    }

    /** What a dart takes out, in coral. */
    private void dart(Brush brush, BlockDart dart) {
        List<Point> area = area(dart);
        brush.fill(Ink.CORAL_WASH);
        brush.polygon(area, true);
        brush.stroke(Ink.CORAL, 1.3);
        brush.context().setGlobalAlpha(0.4);
        brush.hatch(area, HATCH_SLOPE);
        brush.context().setGlobalAlpha(1);
        brush.polygon(area, false);
    }

    private void ghost(Brush brush, BlockDrawing other) {
        brush.stroke(Ink.CORAL_TEXT, 1.8, 7, 5);
        for (Half half : Half.values()) {
            other.outline(half).forEach(e -> brush.path(place(half, e.path())));
        }
        for (BlockDart dart : other.darts()) {
            brush.stroke(Ink.CORAL_TEXT, 1.2, 4, 4);
            dart.tips().forEach(tip -> {
                brush.line(place(dart.half(), dart.a()), place(dart.half(), tip));
                brush.line(place(dart.half(), dart.b()), place(dart.half(), tip));
            });
        }
    }

    private void line(Brush brush, BlockLine line, boolean newest) {
        if (newest) {
            brush.stroke(Ink.TEAL, 3);
        } else {
            switch (line.kind()) {
                case CONSTRUCTION -> brush.stroke(Ink.INK_2, 0.8, 2, 3);
                case LEVEL -> brush.stroke(Ink.LINE, 1, 6, 3);
                case EDGE -> brush.stroke(Ink.INK_2, isWhole() ? 0.8 : 1.4);
                case DART -> brush.stroke(Ink.CORAL, 1.2);
            }
        }
        brush.path(place(line.half(), line.path()));
    }

    /** Points that fall together share a dot; a name that would lie on another is left to the pointer. */
    private void points(Brush brush, List<Step> drawn) {
        Map<String, BlockPoint> standing = new LinkedHashMap<>();
        for (Step step : drawn) {
            if (step != drawn.get(drawn.size() - 1) || !hideNewest) {
                step.points().stream()
                        .filter(p -> !isWhole() || !p.label().contains(SUPERSEDED))
                        .forEach(p -> standing.put(p.half() + p.name(), p));
            }
        }
        List<double[]> named = new ArrayList<>();
        List<BlockPoint> newest = isWhole() || drawn.isEmpty() || hideNewest
                ? List.of()
                : drawn.get(drawn.size() - 1).points();
        standing.values().stream()
                .sorted((a, b) -> rank(b, newest) - rank(a, newest))
                .forEach(p -> point(brush, p, newest.contains(p), named));
    }

    private int rank(BlockPoint p, List<BlockPoint> newest) {
        return isLooked(p) ? 3 : newest.contains(p) || lit.test(p) ? 2 : 1;
    }

    private boolean isLooked(BlockPoint p) {
        return looked.filter(l -> l.equals(new Looked.AtPoint(p.half(), p.name())))
                .isPresent();
    }

    private void point(Brush brush, BlockPoint p, boolean isNew, List<double[]> named) {
        Point at = place(p.half(), p.at());
        double x = brush.view().x(at.x());
        double y = brush.view().y(at.y());
        boolean chosen = isLooked(p);
        boolean shining = lit.test(p);
        Surface g = brush.context();
        double r = chosen ? 6 : shining || isNew ? 5 : 3;
        brush.fill(chosen || isNew ? Ink.TEAL : shining ? Ink.BRASS_LIGHT : Ink.INK);
        g.fillOval(x - r, y - r, 2 * r, 2 * r);
        if (shining) {
            brush.stroke(Ink.INK, 1.4);
            g.strokeOval(x - r - 2, y - r - 2, 2 * r + 4, 2 * r + 4);
        }
        // Names of points on the centre line stand outside, so that they do not lie on the block.
        double side = (p.half() == Half.FRONT ? 1 : -1) * (p.at().x() < CENTRE ? -1 : 1);
        double textX = x + side * (r + 4);
        if (named.stream()
                .noneMatch(n -> Math.abs(n[0] - textX) < 1.6 * TextSize.px(NAMES_APART)
                        && Math.abs(n[1] - y) < TextSize.px(NAMES_APART))) {
            named.add(new double[] {textX, y});
            brush.text(
                    p.name(),
                    textX,
                    y - 4,
                    chosen || isNew ? Ink.TEAL : Ink.INK_2,
                    chosen || isNew || shining ? Lettering.figureBold() : Lettering.figure(),
                    side > 0 ? TextAlignment.LEFT : TextAlignment.RIGHT);
        }
    }

    private void tags(Brush brush) {
        View view = brush.view();
        double free = 0;
        for (String letter : new String[] {"C", "B", "U", "W", "H"}) {
            Optional<BlockPoint> at = drawing.last(Half.FRONT, letter + "c");
            boolean drawn = drawing.steps().stream()
                    .limit(hideNewest ? steps - 1 : steps)
                    .anyMatch(s -> s.points().stream()
                            .anyMatch(p -> p.half() == Half.FRONT && p.name().equals(letter + "c")));
            if (at.isPresent() && drawn) {
                double y = Math.max(view.y(at.get().at().y()), free);
                String label =
                        at.get().label().replace(" line at the centre", "").replace(" at the centre", "");
                brush.text(label, 34, y - 4, Ink.TEAL, Lettering.level(), TextAlignment.LEFT);
                brush.text(
                        LengthText.say(at.get().down().length(), unit),
                        34,
                        y + TextSize.px(13),
                        Ink.INK,
                        Lettering.figure(),
                        TextAlignment.LEFT);
                free = y + TextSize.px(38);
            }
        }
        for (Half half : Half.values()) {
            Point foot = place(
                    half,
                    new Point(
                            layout.width(half) / 2,
                            drawing.point(half, "Hs").at().y()));
            brush.text(
                    half.label(),
                    view.x(foot.x()),
                    view.y(foot.y()) + 26,
                    Ink.INK,
                    Lettering.level(),
                    TextAlignment.CENTER);
        }
    }

    /** The edge, level line or dart that is looked at, in teal. */
    private void looked(Brush brush, Looked at) {
        brush.stroke(Ink.TEAL, 3);
        if (at instanceof Looked.AtEdge edge) {
            drawing.outline(edge.half()).stream()
                    .filter(e -> e.name() == edge.name())
                    .forEach(e -> brush.path(place(edge.half(), e.path())));
        } else if (at instanceof Looked.AtLevel level) {
            ends(level).ifPresent(ends -> brush.line(place(level.half(), ends[0]), place(level.half(), ends[1])));
        } else if (at instanceof Looked.AtDart dart) {
            drawing.darts().stream()
                    .filter(d -> d.half() == dart.half() && d.label().equals(dart.label()))
                    .forEach(d -> brush.polygon(area(d), false));
        }
    }

    private Optional<Point[]> ends(Looked.AtLevel level) {
        return drawing.last(level.half(), level.letter() + "c")
                .flatMap(c -> drawing.last(level.half(), level.letter() + "s").map(s -> new Point[] {c.at(), s.at()}));
    }

    /** What lies at a place of the table, within a distance on the paper: a point before a line, a line before a dart. */
    Optional<Looked> at(Point paper, double reach) {
        Optional<BlockPoint> point = pointAt(paper, reach);
        if (point.isPresent()) {
            return Optional.of(
                    new Looked.AtPoint(point.get().half(), point.get().name()));
        }
        for (Half half : Half.values()) {
            for (BlockEdge edge : drawing.outline(half)) {
                if (edge.name() != BlockEdge.Name.DART
                        && place(half, edge.path()).nearest(paper).point().distance(paper) <= reach) {
                    return Optional.of(new Looked.AtEdge(half, edge.name()));
                }
            }
        }
        for (BlockDart dart : drawing.darts()) {
            if (Shape.contains(area(dart), paper)) {
                return Optional.of(new Looked.AtDart(dart.half(), dart.label()));
            }
        }
        for (Half half : Half.values()) {
            for (String letter : WIDTHS) {
                Looked.AtLevel level = new Looked.AtLevel(half, letter);
                if (ends(level)
                        .filter(e -> Path.of(new Line(place(half, e[0]), place(half, e[1])))
                                        .nearest(paper)
                                        .point()
                                        .distance(paper)
                                <= reach)
                        .isPresent()) {
                    return Optional.of(level);
                }
            }
        }
        return Optional.empty();
    }

    /** The nearest point that is drawn, within a distance on the paper. */
    private Optional<BlockPoint> pointAt(Point paper, double reach) {
        return drawing.steps().stream()
                .limit(steps)
                .flatMap(s -> s.points().stream())
                .filter(p -> place(p.half(), p.at()).distance(paper) <= reach)
                .min((a, b) -> Double.compare(
                        place(a.half(), a.at()).distance(paper),
                        place(b.half(), b.at()).distance(paper)));
    }

    @Override
    public String under(Point paper, double reach) {
        Optional<BlockPoint> point = pointAt(paper, reach);
        if (point.isPresent() && !hideNewest) {
            BlockPoint p = point.get();
            return p.name() + ", " + p.label() + ": "
                    + LengthText.say(p.across().length(), unit) + " across, "
                    + LengthText.say(p.down().length(), unit) + " down";
        }
        for (Half half : Half.values()) {
            for (BlockEdge edge : isWhole() ? drawing.outline(half) : List.<BlockEdge>of()) {
                if (place(half, edge.path()).nearest(paper).point().distance(paper) <= reach) {
                    return half.label() + ", " + edge.name().name().toLowerCase(Locale.ROOT) + ": "
                            + LengthText.say(Length.mm(edge.path().length()), unit);
                }
            }
        }
        return "";
    }
}
