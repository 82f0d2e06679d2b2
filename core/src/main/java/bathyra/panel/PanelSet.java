package bathyra.panel;

import bathyra.block.Block;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.finding.NotDraftable;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
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
import java.util.function.ToDoubleFunction;

/**
 * The panels of a half, from centre front to centre back, with their long edges walked against each other (C7): two fronts and two
 * backs for a bustier, three to eight for a corset.
 *
 * @param levels the levels that every panel has from edge to edge
 * @param frontAngle the angle inside the cloth at the lower end of centre front, radians
 * @param corner where a square upper edge turns up, mm from centre front
 * @param residual how far the worst stretch of any seam is from its partner after walking, mm
 */
public record PanelSet(List<Panel> panels, List<Level> levels, double frontAngle, double corner, double residual) {
    public PanelSet {
        panels = List.copyOf(panels);
        levels = List.copyOf(levels);
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
        private static final double FAR = 5000;
        private final Block block;
        private final Garment garment;
        private final SeamAxes axes;
        private final List<Level> levels;
        private final Widths widths;
        private final List<String> names;
        private final boolean overBust;

        Cut(Block block, GirthPlan girths, IntakeTable intakes, Garment garment) {
            this.block = block;
            this.garment = garment;
            this.axes = intakes.axes();
            this.levels = girths.levels().stream().map(l -> l.level()).toList();
            this.widths = new Widths(garment, intakes, block::front);
            this.names = PanelNames.of(garment);
            this.overBust = levels.contains(Level.BUST);
        }

        PanelSet panels() throws NotDraftable {
            for (Level level : levels) {
                widths.require(level, names);
            }
            int n = names.size();
            List<Panel> panels = new ArrayList<>();
            SeamEdge left = SeamEdge.through(nodes(l -> 0, block::front), Course.along(Vec.DOWN));
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
            LowerLine lower = LowerLine.of(garment, block, axes.front(), axes.front() + axes.back());
            UpperLine upper = UpperLine.of(
                    garment,
                    block,
                    axes.apex(),
                    axes.front(),
                    panels.get(0).right().path().start().x());
            List<Panel> finished =
                    overBust && garment.top().cover() == Cover.STRAPLESS ? toUpperEdge(panels, upper) : panels;
            return new PanelSet(
                    lower.isOnLevel() ? finished : ended(finished, lower),
                    whole(lower, upper),
                    lower.angleInFront(),
                    upper.corner(),
                    residual);
        }

        private boolean overApex(int i) {
            return overBust && axes.isThroughApex(widths.seam(i), block.front(Level.BUST));
        }

        /** The near edge of the panel behind a seam, walked against the far edge of the panel before it. */
        private Walking.Walked walked(SeamEdge partner, int i) {
            Map<Level, Point> start = nodes(l -> widths.behind(i, l), l -> depth(i, l));
            Vec down = axes.axes().get(i).direction();
            if (!overApex(i)) {
                return Walking.against(partner, start, Level.WAIST, Course.along(down));
            }
            // The part above the apex is turned by the closed dart; the seam passes the apex half way between the two
            // legs.
            return Walking.against(partner, start, Level.BUST, overApex(down, down.turned(turn(i) / 2)));
        }

        /** By how much closing the side bust dart turns the cloth between a seam over the apex and the side. */
        private double turn(int i) {
            double toSide = 0;
            for (int k = i + 1; k < names.size() && widths.seam(k - 1).part() == SeamPlace.Part.FRONT; k++) {
                toSide += widths.width(k, Level.BUST);
            }
            return Math.asin(Math.min(1, block.sideDart().value() / toSide));
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
         * upper line falls evenly from the underarm to centre back.
         */
        private double depth(int i, Level level) {
            SeamAxes.Axis axis = axes.axes().get(i);
            double x = axis.at();
            double side = block.side(level);
            if (x > axes.front()) {
                return level == Level.UPPER
                        ? side + (block.centreBackTop().value() - side) * Math.min(1, (x - axes.front()) / axes.back())
                        : side;
            }
            double share = Math.min(1, Math.max(0, (x - axes.apex()) / (axes.front() - axes.apex())));
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
            Course course = overApex(i) ? overApex(down, down) : Course.along(down);
            return new Panel(left, SeamEdge.through(nodes, i == names.size() - 1 ? course : course.fittedTo(nodes)));
        }

        private Map<Level, Point> nodes(ToDoubleFunction<Level> x, ToDoubleFunction<Level> y) {
            Map<Level, Point> nodes = new EnumMap<>(Level.class);
            levels.forEach(l -> nodes.put(l, new Point(x.applyAsDouble(l), y.applyAsDouble(l))));
            return nodes;
        }

        /** The seams in front end on the upper edge: carried on straight to the crest over the apex, less towards the side, or cut down where it dips (C10). */
        private List<Panel> toUpperEdge(List<Panel> panels, UpperLine upper) {
            List<Panel> next = new ArrayList<>(panels);
            for (int i = 0; i + 1 < panels.size() && widths.seam(i).part() == SeamPlace.Part.FRONT; i++) {
                SeamEdge right = next.get(i).right();
                double wanted =
                        upper.at(axes.axes().get(i).at(), right.path().start().y());
                double above = right.reachUpTo(wanted);
                if (above >= Tolerance.COINCIDENT) {
                    next.set(i, new Panel(next.get(i).left(), right.carriedUp(above)));
                    next.set(
                            i + 1,
                            new Panel(
                                    next.get(i + 1).left().carriedUp(above),
                                    next.get(i + 1).right()));
                } else if (wanted > right.path().start().y() + Tolerance.COINCIDENT) {
                    double cut = right.path()
                            .crossing(Path.of(new Line(new Point(-FAR, wanted), new Point(FAR, wanted))))
                            .orElseThrow()
                            .here();
                    next.set(i, new Panel(next.get(i).left(), right.cutDown(cut)));
                    next.set(
                            i + 1,
                            new Panel(
                                    next.get(i + 1).left().cutDown(cut),
                                    next.get(i + 1).right()));
                }
            }
            return next;
        }

        /** Each seam ends where the lower edge of the developed plane has it, both edges alike. */
        private List<Panel> ended(List<Panel> panels, LowerLine lower) {
            List<Panel> next = new ArrayList<>();
            for (int i = 0; i < panels.size(); i++) {
                double left = lower.below(i == 0 ? 0 : axes.axes().get(i - 1).at());
                double right = lower.below(axes.axes().get(i).at());
                next.add(new Panel(
                        panels.get(i).left().endedBelowWaist(left),
                        panels.get(i).right().endedBelowWaist(right)));
            }
            return next;
        }

        /** The levels that no edge cuts off. */
        private List<Level> whole(LowerLine lower, UpperLine upper) {
            double least = lower.isOnLevel()
                    ? Double.POSITIVE_INFINITY
                    : Math.min(lower.front(), Math.min(lower.side(), lower.back()));
            return levels.stream()
                    .filter(l -> !overBust || !upper.cutsOff(block, l))
                    .filter(l -> LowerLine.belowWaist(block, l) <= Math.max(0, least - Tolerance.GIRTH))
                    .toList();
        }
    }
}
