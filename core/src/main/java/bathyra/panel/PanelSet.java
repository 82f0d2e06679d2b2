package bathyra.panel;

import bathyra.block.Block;
import bathyra.edge.EdgeLine;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.girth.GirthPlan;
import bathyra.intake.IntakeTable;
import bathyra.intake.SeamAxes;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementKey;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

/**
 * The panels of a half, from centre front to centre back, with their long edges walked against each other (C7): two fronts and two
 * backs for a bustier, three to eight for a corset.
 *
 * @param levels the levels that every panel has from edge to edge
 * @param between the lines that the cutter put between the levels, from the top
 * @param gores what each gore of the garment gives by the plan at the levels that it reaches
 * @param frontAngle the angle inside the cloth at the lower end of centre front, radians
 * @param corner where a square upper edge turns up, mm from centre front
 * @param upper the designed upper edge at each long edge, from centre front; empty where another line cuts the panels above
 * @param lower the designed lower edge; empty where it follows a level line
 * @param residual how far the worst stretch of any seam is from its partner after walking, mm
 */
public record PanelSet(
        List<Panel> panels,
        List<Level> levels,
        List<Laid> between,
        List<Map<Level, Double>> gores,
        double frontAngle,
        double corner,
        List<Crossed> upper,
        List<Crossed> lower,
        double residual) {
    /**
     * How a designed edge crosses a long edge.
     *
     * @param height above the bust line, or above the waist for a lower edge, mm along the seam
     * @param slope by which it rises there towards centre back
     * @param moved how much of the height it has for having been moved, mm
     * @param beside how much higher it lies on the panel behind than one cubic up to the next crossing would, at even steps, mm; empty for nothing
     */
    public record Crossed(double height, double slope, double moved, List<Double> beside) {
        public Crossed {
            beside = List.copyOf(beside);
        }
    }

    /** An edge that was moved within a panel is drawn through so many places of it. */
    private static final int MOVED_STEPS = 6;

    public PanelSet {
        panels = List.copyOf(panels);
        levels = List.copyOf(levels);
        between = List.copyOf(between);
        gores = List.copyOf(gores);
        upper = List.copyOf(upper);
        lower = List.copyOf(lower);
    }

    /**
     * Order of work: each panel's edge is walked against the one before, from centre front to centre back; the seam over the apex
     * from the apex, the others from the waist (C7.3).
     *
     * @throws NotDraftable when a panel would have no width, seams cross or a seam cannot be walked
     */
    public static PanelSet cut(Block block, GirthPlan girths, IntakeTable intakes, Garment garment)
            throws NotDraftable {
        return new Cut(block, girths, intakes, garment).panels();
    }

    /** The cutting of one half. */
    private static final class Cut {
        private final Block block;
        private final Garment garment;
        private final SeamAxes axes;
        private final List<Level> levels;
        private final Widths widths;
        private final List<String> names;
        private final boolean overBust;
        private final boolean strapless;
        /** An underbust has none: it begins on its uppermost level. */
        private final Optional<UpperLine> upper;

        /** The uppermost level as the upper edge of an underbust, where a fitting moved it. */
        private final Optional<EdgeLine> movedTop;

        private final BetweenTable between;

        Cut(Block block, GirthPlan girths, IntakeTable intakes, Garment garment) throws NotDraftable {
            this.block = block;
            this.garment = garment;
            this.axes = intakes.axes();
            this.levels = girths.levels().stream().map(l -> l.level()).toList();
            this.widths = new Widths(
                    garment,
                    intakes,
                    block::front,
                    block.sideDart().value(),
                    Splay.of(block, intakes, garment).atUpperLine());
            this.names = PanelNames.of(garment);
            this.between = BetweenTable.of(garment, block, girths, widths, axes);
            this.overBust = levels.contains(Level.BUST);
            this.strapless = overBust && garment.top().cover() == Cover.STRAPLESS;
            this.upper = overBust
                    ? Optional.of(UpperLine.of(
                            garment,
                            block,
                            atApex(),
                            along(sideSeam(), Level.UPPER),
                            along(names.size() - 1, Level.UPPER),
                            widths.width(0, Level.UPPER)))
                    : Optional.empty();
            this.movedTop = overBust ? Optional.empty() : movedTop(along(names.size() - 1, levels.get(0)));
        }

        private Optional<EdgeLine> movedTop(double end) throws NotDraftable {
            List<EdgeLine.Dent> dents = MovedEdge.of(garment, true, end);
            return dents.isEmpty()
                    ? Optional.empty()
                    : Optional.of(
                            new EdgeLine(List.of(new EdgeLine.Knot(0, 0, 0), new EdgeLine.Knot(end, 0, 0)), dents));
        }

        /** Where a seam stands along the closed half at a level, mm from centre front. */
        private double along(int seam, Level level) {
            double sum = 0;
            for (int i = 0; i <= seam; i++) {
                sum += widths.withGores(i, level);
            }
            return sum;
        }

        private double lowerEdge(LowerLine lower, double along) {
            return lower.isOnLevel()
                    ? block.front(levels.get(levels.size() - 1))
                    : block.front(Level.WAIST) - lower.line().height(along);
        }

        private double upperEdge(int panel) {
            return block.front(Level.BUST) - upper.orElseThrow().line().height(middle(panel, Level.UPPER));
        }

        private double middle(int panel, Level level) {
            return (along(panel - 1, level) + along(panel, level)) / 2;
        }

        private int sideSeam() {
            int i = 0;
            while (widths.seam(i).part() == SeamPlace.Part.FRONT) {
                i++;
            }
            return i;
        }

        /** Where the apex stands along the closed half at the upper line. */
        private double atApex() {
            for (int i = 0; i < sideSeam(); i++) {
                if (overApex(i)) {
                    return along(i, Level.UPPER);
                }
            }
            double before = 0;
            double from = 0;
            for (int i = 0; i < sideSeam() && widths.axis(i, Level.UPPER) < axes.apex(); i++) {
                before = along(i, Level.UPPER);
                from = widths.behind(i, Level.UPPER);
            }
            return before + axes.apex() - from;
        }

        PanelSet panels() throws NotDraftable {
            int n = names.size();
            Level hip = levels.contains(Level.HIGH_HIP) ? Level.HIGH_HIP : Level.WAIST;
            LowerLine lower = LowerLine.of(garment, along(sideSeam(), hip), along(n - 1, hip));
            lower.requireBelowHip(block);
            GoreRoom gores =
                    GoreRoom.of(garment, block, levels, n, i -> lowerEdge(lower, middle(i, hip)), this::upperEdge);
            widths.lessGores(gores);
            for (Level level : levels) {
                widths.require(level, names);
            }
            List<Panel> panels = new ArrayList<>();
            SeamEdge left =
                    SeamEdge.through(nodes(l -> 0, l -> block.front(l) + folded(false, l, 1)), Course.along(Vec.DOWN));
            double residual = 0;
            for (int i = 0; i < n; i++) {
                Panel panel = across(left, i);
                panels.add(panel);
                if (i < n - 1) {
                    Walking.Walked walked = walked(panel.right(), i);
                    residual = Math.max(residual, walked.residual());
                    left = walked.edge();
                }
            }
            if (residual > Tolerance.SEAM) {
                throw new NotDraftable(Finding.of(
                        FindingKind.SEAM_LENGTH,
                        "frontLength",
                        Finding.Status.FAULT,
                        residual,
                        Tolerance.SEAM,
                        Sentence.of(
                                "Two edges of a seam stay {} apart however they are walked. Look at {}, {} and {}, or lower the intakes.",
                                Length.mm(residual),
                                MeasurementKey.FRONT_LENGTH,
                                MeasurementKey.BACK_LENGTH,
                                MeasurementKey.SHOULDER_TO_APEX)));
            }
            List<Panel> finished = strapless
                    ? toUpperEdge(panels, upper.orElseThrow().line())
                    : movedTop.isPresent() ? toMovedTop(panels, movedTop.get()) : panels;
            List<Level> whole = whole(lower, finished);
            return new PanelSet(
                    lower.isWholeLevel() ? finished : ended(finished, lower, hip),
                    whole,
                    laid(panels, whole, lower),
                    gores.each(),
                    lower.angleInFront(),
                    upper.map(UpperLine::corner).orElse(0.0),
                    strapless
                            ? crossed(upper.orElseThrow().line(), Level.UPPER)
                            : movedTop.map(line -> crossed(line, levels.get(0))).orElse(List.of()),
                    lower.isDesigned() || !lower.isWholeLevel() && lower.isOnLevel()
                            ? crossed(lower.line(), hip)
                            : List.of(),
                    residual);
        }

        /** The lines between levels that no edge cuts off. */
        private List<Laid> laid(List<Panel> panels, List<Level> whole, LowerLine lower) {
            return between.laid(panels).stream()
                    .filter(l -> whole.contains(l.line().after()))
                    .filter(l -> whole.contains(l.line().before())
                            || lower.least() - Tolerance.GIRTH
                                    > -l.line().asked().above().millimetres())
                    .toList();
        }

        /** An edge at centre front, at every seam and at centre back. */
        private List<Crossed> crossed(EdgeLine line, Level level) {
            List<Crossed> crossed = new ArrayList<>();
            for (int i = -1; i < names.size(); i++) {
                double along = along(i, level);
                List<Double> beside =
                        i + 1 < names.size() ? line.movedBetween(along, along(i + 1, level), MOVED_STEPS) : List.of();
                crossed.add(new Crossed(line.height(along), line.slope(along), line.moved(along), beside));
            }
            return crossed;
        }

        private boolean overApex(int i) {
            return overBust && axes.isThroughApex(widths.seam(i), block.front(Level.BUST));
        }

        /** The near edge of the panel behind a seam, walked against the far edge of the panel before it. */
        private Walking.Walked walked(SeamEdge partner, int i) {
            Map<Level, Point> start = nodes(l -> widths.behind(i, l), l -> depth(i, l));
            Vec down = axes.axes().get(i).direction();
            List<Course.Guide> through = between.behind(i);
            if (!overApex(i)) {
                return Walking.against(
                        partner,
                        start,
                        Level.WAIST,
                        ending(Course.along(down), i).through(through));
            }
            // The part above the apex is turned by the closed dart; the seam passes the apex half way between the two
            // legs.
            return Walking.against(
                    partner,
                    start,
                    Level.BUST,
                    ending(overApex(down, down.turned(turn(i) / 2)), i).through(through));
        }

        /** By how much closing the side bust dart turns the cloth between a seam over the apex and the side. */
        private double turn(int i) {
            double toSide = 0;
            for (int k = i + 1; k < names.size() && widths.seam(k - 1).part() == SeamPlace.Part.FRONT; k++) {
                toSide += widths.width(k, Level.BUST);
            }
            return Math.asin(Math.min(1, block.sideDart().value() / toSide));
        }

        /** Below the hips a skirt falls along the axes of its seams; a dart runs out along its own. */
        private Course ending(Course course, int i) {
            boolean dart = garment.isDartedBehind() && widths.seam(i).equals(SeamPlace.PRINCESS_BACK);
            Course begun = dart ? course.upright() : course;
            boolean runsOut = dart && levels.get(levels.size() - 1) != Level.WAIST;
            return garment.lowerEdge().hangs() || runsOut ? begun.hanging() : begun;
        }

        private Course overApex(Vec atWaist, Vec atApex) {
            return Course.overApex(
                    atWaist,
                    atApex,
                    garment.length(LengthOption.DART_END).value(),
                    garment.length(LengthOption.APEX_RADIUS).value());
        }

        /**
         * The depth of a level line at a seam. Towards the side it falls by the closed dart, from the apex on; on the back the
         * upper line is the upper edge itself, or falls evenly from the underarm to centre back.
         */
        private double depth(int i, Level level) {
            double x = axes.axes().get(i).at();
            return x > axes.front()
                    ? unfolded(i, level) + folded(true, level, Math.min(1, (x - axes.front()) / axes.back()))
                    : unfolded(i, level) + folded(false, level, 1 - Math.max(0, x / axes.front()));
        }

        /** By how much a level lies deeper for what a fitting folded away at a centre; above the waist down to it, below it up. @param share of it, 0 at the side, 1 at the centre */
        private double folded(boolean behind, Level level, double share) {
            double by = garment.found().folded(behind, level) * share;
            return level.ordinal() < Level.WAIST.ordinal() ? by : -by;
        }

        private double unfolded(int i, Level level) {
            SeamAxes.Axis axis = axes.axes().get(i);
            double x = axis.at();
            double side = block.side(level);
            if (x > axes.front()) {
                if (level == Level.UPPER && strapless) {
                    return block.side(Level.BUST) - upper.orElseThrow().line().height(along(i, level));
                }
                return level == Level.UPPER
                        ? side + (block.centreBackTop().value() - side) * Math.min(1, (x - axes.front()) / axes.back())
                        : side;
            }
            double share = Math.min(1, Math.max(0, (x - axes.apex()) / (axes.front() - axes.apex())));
            if (level == Level.UPPER && strapless && axis.seam().equals(SeamPlace.SIDE)) {
                return side - upper.orElseThrow().line().moved(along(i, level));
            }
            return overApex(i) ? block.front(level) : block.front(level) + (side - block.front(level)) * share;
        }

        /** A panel from its near edge: each level's width away, measured along the line between the two edges. */
        private Panel across(SeamEdge left, int i) throws NotDraftable {
            Map<Level, Point> nodes = new EnumMap<>(Level.class);
            for (Level level : levels) {
                Point from = left.nodes().get(level);
                double fall = depth(i, level) - from.y();
                double w = widths.width(i, level);
                if (Math.abs(fall) > 0.9 * w) {
                    throw new NotDraftable(Finding.of(
                            FindingKind.PANEL_WIDTH,
                            "backLength",
                            Finding.Status.FAULT,
                            w,
                            Math.abs(fall),
                            Sentence.of(
                                    names.get(i) + " is {} wide at the "
                                            + level.label().toLowerCase(Locale.ROOT)
                                            + " while its level line falls {}. Take {} and {} again.",
                                    Length.mm(w),
                                    Length.mm(Math.abs(fall)),
                                    MeasurementKey.FRONT_LENGTH,
                                    MeasurementKey.BACK_LENGTH)));
                }
                nodes.put(level, new Point(from.x() + Math.sqrt(w * w - fall * fall), from.y() + fall));
            }
            Vec down = axes.axes().get(i).direction();
            Course course = ending(overApex(i) ? overApex(down, down) : Course.along(down), i)
                    .through(between.before(i));
            return new Panel(
                    left,
                    SeamEdge.through(
                            nodes,
                            i == names.size() - 1
                                    ? course.counted(nodes, ending(Course.along(down), i))
                                    : course.fittedTo(nodes)));
        }

        private Map<Level, Point> nodes(ToDoubleFunction<Level> x, ToDoubleFunction<Level> y) {
            Map<Level, Point> nodes = new EnumMap<>(Level.class);
            levels.forEach(l -> nodes.put(l, new Point(x.applyAsDouble(l), y.applyAsDouble(l))));
            return nodes;
        }

        /** The seams in front end on the upper edge: carried on straight to the crest over the apex, less towards the side, or cut down where it dips (C10). */
        private List<Panel> toUpperEdge(List<Panel> panels, EdgeLine line) {
            List<Panel> next = new ArrayList<>(panels);
            for (int i = 0; i + 1 < panels.size() && widths.seam(i).part() == SeamPlace.Part.FRONT; i++) {
                SeamEdge right = next.get(i).right();
                // Heights are lengths along the seams: over a seam that leans, an edge that is level stays level.
                double above = line.height(along(i, Level.UPPER)) - right.stretch(Level.UPPER, Level.BUST);
                if (Math.abs(above) >= Tolerance.CHORD) {
                    next.set(i, new Panel(next.get(i).left(), right.endedAbove(above, upright(panels.get(i)))));
                    next.set(
                            i + 1,
                            new Panel(
                                    next.get(i + 1).left().endedAbove(above, upright(panels.get(i + 1))),
                                    next.get(i + 1).right()));
                }
            }
            return next;
        }

        /** Every seam ends where the fitting wanted the edge, which before was the uppermost level. */
        private List<Panel> toMovedTop(List<Panel> panels, EdgeLine line) {
            List<Panel> next = new ArrayList<>();
            for (int i = 0; i < panels.size(); i++) {
                Panel panel = panels.get(i);
                Vec upright = upright(panel, levels.get(0));
                next.add(new Panel(
                        i == 0 ? panel.left() : moved(panel.left(), line, along(i - 1, levels.get(0)), upright),
                        moved(panel.right(), line, along(i, levels.get(0)), upright)));
            }
            return next;
        }

        private static SeamEdge moved(SeamEdge edge, EdgeLine line, double along, Vec upright) {
            double by = line.height(along);
            return Math.abs(by) < Tolerance.CHORD ? edge : edge.endedAbove(by, upright);
        }

        private static Vec upright(Panel panel) {
            return upright(panel, Level.UPPER);
        }

        /** Square to the panel's upper line, upwards. */
        private static Vec upright(Panel panel, Level level) {
            return panel.left()
                    .nodes()
                    .get(level)
                    .to(panel.right().nodes().get(level))
                    .unit()
                    .turned(-Math.PI / 2);
        }

        /** Each seam ends where the lower edge of the developed plane has it, both edges alike. */
        private List<Panel> ended(List<Panel> panels, LowerLine lower, Level hip) {
            List<Panel> next = new ArrayList<>();
            for (int i = 0; i < panels.size(); i++) {
                SeamEdge left = panels.get(i).left();
                SeamEdge right = panels.get(i).right();
                Level last = levels.get(levels.size() - 1);
                next.add(new Panel(
                        left.endedBelowWaist(lower.below(along(i - 1, hip), left.stretch(Level.WAIST, last))),
                        right.endedBelowWaist(lower.below(along(i, hip), right.stretch(Level.WAIST, last)))));
            }
            return next;
        }

        /** The levels that no edge cuts off. */
        private List<Level> whole(LowerLine lower, List<Panel> finished) {
            double least = lower.isOnLevel() ? Double.POSITIVE_INFINITY : lower.least();
            boolean belowTop = !garment.found().edges(true).isEmpty()
                    && (finished.stream().anyMatch(p -> p.right().above() < -Tolerance.CHORD)
                            || movedTop.filter(l -> l.height(0) < 0).isPresent());
            Level last = levels.get(levels.size() - 1);
            return levels.stream()
                    .filter(l -> !belowTop || l != levels.get(0))
                    .filter(l -> !lower.isRaised() || !lower.isOnLevel() || l != last)
                    .filter(l -> upper.filter(u -> u.cutsOff(block, l)).isEmpty())
                    .filter(l -> LowerLine.belowWaist(block, l) <= Math.max(0, least - Tolerance.GIRTH))
                    .toList();
        }
    }
}
