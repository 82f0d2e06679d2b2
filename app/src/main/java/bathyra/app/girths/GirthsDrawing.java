package bathyra.app.girths;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.LevelBands;
import bathyra.app.table.TextSize;
import bathyra.app.table.View;
import bathyra.draft.Advice;
import bathyra.draft.Draft;
import bathyra.garment.EaseHere;
import bathyra.garment.LengthOption;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import javafx.scene.text.TextAlignment;

/**
 * The half girth laid flat, true to scale: centre front to the left, centre back to the right, depth downwards. The body is a
 * teal line, what is worn a dashed one, the pattern the paper; the lacing gap is open, and what is tighter than the body is coral.
 */
final class GirthsDrawing implements Drawing {
    private static final double CAUTION_TICK = 5;
    private static final double CAUTION_ROW = 14;
    private static final String[] WHOM = {"first corset", "seasoned wearer", "anyone"};
    private static final double HATCH_SLOPE = 0.6;
    private static final double SIDE_LOOK = 14;
    private static final double REACH_BESIDE = 16;
    private static final double REACH_DEEP = 18;
    private static final int REACH_STEPS = 16;
    private static final double LACING_STEP = 32;

    private final Draft draft;
    private final LengthUnit unit;
    private final Level selected;
    private final LevelBands bands;
    private final List<LevelPlan> plans;

    GirthsDrawing(Draft draft, LengthUnit unit, Level selected) {
        this.draft = draft;
        this.unit = unit;
        this.selected = selected;
        this.bands = new LevelBands(draft);
        this.plans = draft.girths().levels();
    }

    private double depth(LevelPlan plan) {
        return draft.block().front(plan.level());
    }

    /** Where the worn girth of a level ends in front: its handle. */
    Point front(LevelPlan plan) {
        return new Point(-plan.worn().value() / 4, depth(plan));
    }

    /** The side seam: its bead. */
    Point side(LevelPlan plan) {
        return new Point(plan.frontHalf().value() - plan.worn().value() / 4, depth(plan));
    }

    /** The lines between the levels. */
    List<EaseHere> lines() {
        return draft.commission().garment().between();
    }

    /** Where the worn girth ends in front at a line between the levels: its handle. */
    Point between(EaseHere line) {
        return new Point(-(BetweenModel.run(draft, line) + line.ease().millimetres()) / 4, depth(line));
    }

    private double depth(EaseHere line) {
        return draft.block().front(Level.WAIST) - line.above().millimetres();
    }

    @Override
    public Point[] extent() {
        double half = plans.stream()
                        .mapToDouble(p -> Math.max(p.worn().value(), p.body().value()) / 4)
                        .max()
                        .orElse(250)
                + 20;
        return new Point[] {
            new Point(-half, depth(plans.get(0)) - 20), new Point(half, depth(plans.get(plans.size() - 1)) + 20)
        };
    }

    @Override
    public double tagRoom() {
        return 150;
    }

    @Override
    public double rightRoom() {
        return 110;
    }

    @Override
    public double footRoom() {
        return 44;
    }

    private Path line(ToDoubleFunction<LevelPlan> x) {
        List<Point> points =
                plans.stream().map(p -> new Point(x.applyAsDouble(p), depth(p))).toList();
        return FairSpline.through(points, Optional.empty(), Optional.empty());
    }

    /**
     * A line of what is worn, through the lines between the levels that go round.
     *
     * @param share how much of each level's worn girth it lies from the middle; to the front negative
     * @param less what it lies nearer to the middle, mm
     */
    private Path worn(double share, ToDoubleFunction<LevelPlan> less) {
        List<Point> points = new ArrayList<>();
        plans.forEach(p -> points.add(new Point(share * p.worn().value() - less.applyAsDouble(p), depth(p))));
        lines().stream()
                .filter(line -> line.seam().isEmpty())
                .forEach(line -> points.add(new Point(
                        share * (BetweenModel.run(draft, line) + line.ease().millimetres())
                                - less.applyAsDouble(plans.get(0)),
                        depth(line))));
        points.sort(Comparator.comparingDouble(Point::y));
        return FairSpline.through(points, Optional.empty(), Optional.empty());
    }

    private static List<Point> between(Path one, Path other) {
        List<Point> area = new ArrayList<>(one.flattened(0.3));
        area.addAll(other.reversed().flattened(0.3));
        return area;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        bands.paint(brush, width, height);
        Path wornFront = worn(-0.25, p -> 0);
        Path wornBack = worn(0.25, p -> 0);
        Path patternBack = worn(0.25, p -> p.gap().value() / 2);
        Path bodyFront = line(p -> -p.body().value() / 4);
        Path bodyBack = line(p -> p.body().value() / 4);
        brush.fill(Ink.CHART);
        brush.polygon(between(wornFront, patternBack), true);
        taken(brush, bodyFront, wornFront, -1);
        taken(brush, bodyBack, wornBack, 1);
        if (plans.get(0).gap().value() > 0) {
            lacing(brush, patternBack, wornBack);
        }
        brush.stroke(Ink.TEAL, 2.4);
        brush.path(bodyFront);
        brush.path(bodyBack);
        brush.stroke(Ink.INK, 1.2, 5, 3);
        brush.path(wornBack);
        brush.stroke(Ink.INK, 1.6);
        brush.path(wornFront);
        brush.path(patternBack);
        brush.line(wornFront.start(), patternBack.start());
        brush.line(wornFront.end(), patternBack.end());
        brush.stroke(Ink.INK_2, 1.2, 8, 3, 2, 3);
        brush.path(line(p -> side(p).x()));
        plans.forEach(p -> level(brush, p));
        lines().forEach(line -> between(brush, line));
        caution(brush);
        if (selected == Level.WAIST) {
            reach(brush);
        }
    }

    /** Where the curve of the reduction ends above or below the waist: its handle. */
    Point reachEnd(boolean up) {
        double reach = draft.commission()
                .garment()
                .length(up ? LengthOption.REACH_UP : LengthOption.REACH_DOWN)
                .value();
        LevelPlan waist = draft.girths().at(Level.WAIST);
        return new Point(front(waist).x() - REACH_BESIDE, depth(waist) + (up ? -reach : reach));
    }

    /** How far up and down the eases follow a waist that is drawn in more or less than its row: a curve beside the front. */
    private void reach(Brush brush) {
        double waist = depth(draft.girths().at(Level.WAIST));
        double up = waist - reachEnd(true).y();
        double down = reachEnd(false).y() - waist;
        List<Point> curve = new ArrayList<>();
        for (int i = -REACH_STEPS; i <= REACH_STEPS; i++) {
            double share = (double) i / REACH_STEPS;
            double away = share < 0 ? share * up : share * down;
            curve.add(new Point(reachEnd(true).x() - REACH_DEEP * (1 + Math.cos(Math.PI * share)) / 2, waist + away));
        }
        brush.stroke(Ink.BRASS, 1.6, 3, 3);
        brush.polygon(curve, false);
    }

    /** Coral where the garment is tighter than the body, shallow teal where it gives room; level by level. */
    private void taken(Brush brush, Path body, Path worn, int side) {
        List<Point> outer = body.flattened(0.3);
        List<Point> tight = new ArrayList<>();
        for (Point p : outer) {
            double at = worn.nearest(p).point().x();
            tight.add(side * (p.x() - at) > 0 ? p : new Point(at, p.y()));
        }
        List<Point> area = new ArrayList<>(tight);
        area.addAll(worn.reversed().flattened(0.3));
        brush.fill(Ink.CORAL_WASH);
        brush.polygon(area, true);
        brush.stroke(Ink.CORAL, 1.2);
        brush.context().setGlobalAlpha(0.5);
        brush.hatch(area, HATCH_SLOPE);
        brush.context().setGlobalAlpha(1);
    }

    /** The gap stays open and is laced across. */
    private static void lacing(Brush brush, Path pattern, Path worn) {
        brush.fill(Ink.SEA_5);
        brush.polygon(between(pattern, worn), true);
        brush.stroke(Ink.BRASS, 1.6);
        double length = pattern.length();
        int steps = Math.max(2, (int) Math.round(length / LACING_STEP));
        Point last = null;
        for (int i = 0; i <= steps; i++) {
            Path on = i % 2 == 0 ? pattern : worn;
            Point at = on.at(on.length() * i / steps).point();
            if (last != null) {
                brush.line(last, at);
            }
            last = at;
        }
    }

    private void level(Brush brush, LevelPlan plan) {
        View view = brush.view();
        double y = view.y(depth(plan));
        boolean held = plan.level() == selected;
        brush.stroke(Ink.LINE, held ? 2 : 1);
        brush.context().strokeLine(30, y, view.x(bodyOrWorn(plan)) + SIDE_LOOK, y);
        brush.text(
                plan.level().label(),
                34,
                y - 5,
                Ink.TEAL,
                held ? Lettering.levelSelected() : Lettering.level(),
                TextAlignment.LEFT);
        brush.text(
                (plan.body().estimated() ? "≈ " : "")
                        + LengthText.figure(plan.body().length(), unit) + " → "
                        + LengthText.say(plan.worn().length(), unit),
                34,
                y + TextSize.px(15),
                plan.body().estimated() ? Ink.BRASS_TEXT : Ink.INK,
                Lettering.figure(),
                TextAlignment.LEFT);
        if (plan.level() == Level.UNDERBUST && draft.commission().garment().isLungsFull()) {
            String rest = draft.commission()
                    .measurements()
                    .find(MeasurementKey.UNDERBUST)
                    .map(u -> "; " + LengthText.say(u.length(), unit) + " at rest")
                    .orElse("");
            brush.text("lungs full" + rest, 34, y + TextSize.px(31), Ink.INK_2, Lettering.figure(), TextAlignment.LEFT);
        }
        double bead = view.x(side(plan).x());
        brush.text(
                LengthText.figure(plan.frontHalf().length(), unit),
                bead - 12,
                y - 6,
                Ink.INK,
                Lettering.sounding(),
                TextAlignment.RIGHT);
        brush.text(
                LengthText.figure(plan.backHalf().length(), unit),
                bead + 12,
                y - 6,
                Ink.INK,
                Lettering.sounding(),
                TextAlignment.LEFT);
        double right = view.x(bodyOrWorn(plan)) + SIDE_LOOK + 6;
        double ease = plan.ease().value();
        String words = Math.abs(ease) < 0.05
                ? "as the body"
                : (ease > 0 ? "+" : "") + LengthText.say(plan.ease().length(), unit);
        brush.text(
                words,
                right,
                y - 5,
                ease < -0.05 ? Ink.CORAL_TEXT : Ink.TEAL,
                Lettering.figureBold(),
                TextAlignment.LEFT);
        if (ease < -0.05) {
            brush.text(
                    String.format(Locale.ROOT, "%.1f %%", -ease / plan.body().value() * 100),
                    right,
                    y + TextSize.px(15),
                    Ink.CORAL_TEXT,
                    Lettering.figure(),
                    TextAlignment.LEFT);
        }
    }

    /** A line between the levels: how high it lies, what it gives, and where. */
    private void between(Brush brush, EaseHere line) {
        View view = brush.view();
        double y = view.y(depth(line));
        double half = between(line).x();
        brush.stroke(Ink.BRASS, 1.2, 6, 3);
        brush.context().strokeLine(30, y, view.x(half), y);
        brush.context().strokeLine(view.x(-half), y, view.x(-half) + SIDE_LOOK, y);
        double above = line.above().millimetres();
        brush.text(
                LengthText.say(Length.mm(Math.abs(above)), unit)
                        + (above < 0 ? " below the waist" : " above the waist"),
                34,
                y - 4,
                Ink.BRASS_TEXT,
                Lettering.figure(),
                TextAlignment.LEFT);
        brush.text(
                (line.ease().millimetres() > 0 ? "+" : "")
                        + LengthText.say(line.ease(), unit)
                        + line.seam().map(s -> ", " + s.inWords()).orElse(""),
                view.x(-half) + SIDE_LOOK + 6,
                y + 4,
                Ink.BRASS_TEXT,
                Lettering.figureBold(),
                TextAlignment.LEFT);
    }

    private static double bodyOrWorn(LevelPlan plan) {
        return Math.max(plan.body().value(), plan.worn().value()) / 4;
    }

    /** On the waist line: where asking begins for a first corset, a seasoned wearer, anyone. */
    private void caution(Brush brush) {
        LevelPlan waist = draft.girths().at(Level.WAIST);
        double y = brush.view().y(depth(waist));
        brush.stroke(Ink.AMBER, 2);
        double[] shares = {Advice.FIRST, Advice.SEASONED, Advice.ANYONE};
        for (int i = 0; i < shares.length; i++) {
            double x = brush.view().x(-waist.body().value() * (1 - shares[i]) / 4);
            double bottom = y + CAUTION_TICK + TextSize.px(CAUTION_ROW) * (shares.length - i);
            brush.context().strokeLine(x, y - CAUTION_TICK, x, bottom);
            brush.text(
                    Math.round(shares[i] * 100) + " % " + WHOM[i],
                    x + 4,
                    bottom,
                    Ink.AMBER_TEXT,
                    Lettering.ruler(),
                    TextAlignment.LEFT);
        }
    }

    /** The level whose line lies at a height of the table, in pixels. */
    Optional<Level> levelAt(View view, double y) {
        return plans.stream()
                .filter(p -> Math.abs(view.y(depth(p)) - y) < 20)
                .map(LevelPlan::level)
                .findFirst();
    }

    @Override
    public String under(Point paper, double reach) {
        return plans.stream()
                .filter(p -> Math.abs(depth(p) - paper.y()) <= reach)
                .findFirst()
                .map(p -> p.level().label() + ": front "
                        + LengthText.say(p.frontHalf().length(), unit) + ", back "
                        + LengthText.say(p.backHalf().length(), unit) + ", pattern "
                        + LengthText.say(Length.mm(p.pattern().value()), unit) + " round")
                .orElse("");
    }
}
