package bathyra.intake;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.garment.SeamAxis;
import bathyra.garment.Weighting;
import bathyra.geometry.Vec;
import bathyra.girth.GirthPlan;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/**
 * Where the seams stand on the paper of one half: the front block's from 0 to its width, the back block's from there on.
 *
 * @param axes one for each of the garment's seams, from centre front to centre back
 * @param front width of the front block's paper, mm
 * @param back width of the back block's paper, mm
 * @param apex distance of the apex from centre front, mm; 0 where it is not known
 * @param byForm what the seams weigh by the wearer's form; empty where they are shared by another preset
 */
public record SeamAxes(List<Axis> axes, double front, double back, double apex, Map<SeamPlace, Double> byForm) {
    /** A seam nearer the apex than this passes through it, mm. */
    public static final double AT_APEX = 6;

    /**
     * The axis of a seam.
     *
     * @param at distance from centre front at the pivot, mm
     * @param pivot depth at which leaning turns it
     * @param lean degrees by which its upper end leans away from centre front
     * @param bow how much farther out it stands at {@code reach} from the waist, mm
     * @param waist depth of the waist
     * @param reach the longer way from the waist to an end
     */
    public record Axis(SeamPlace seam, double at, double pivot, double lean, double bow, double waist, double reach) {
        /** Distance from centre front at a depth, mm. */
        public double x(double depth) {
            double away = (waist - depth) / reach;
            return at + Math.tan(Math.toRadians(lean)) * (pivot - depth) + bow * away * away;
        }

        /** Its direction at the waist, downwards. */
        public Vec direction() {
            return new Vec(-Math.tan(Math.toRadians(lean)), 1).unit();
        }
    }

    public SeamAxes {
        axes = List.copyOf(axes);
        byForm = Map.copyOf(byForm);
    }

    /** The axes of a garment's seams on its block. */
    public static SeamAxes of(Block block, GirthPlan girths, Garment garment) {
        double front = girths.widestFront().value();
        double back = girths.widestBack().value();
        double apex = block.frontAxis().value();
        List<Level> levels = garment.levels();
        double waist = block.front(Level.WAIST);
        double reach = Math.max(waist - block.front(levels.get(0)), block.front(levels.get(levels.size() - 1)) - waist);
        boolean panelled = garment.kind().isPanelled();
        double[] inFront = panelled
                ? new Placing(
                                garment,
                                front,
                                front - girths.at(Level.WAIST).frontHalf().value(),
                                garment.kind().isOverBust()
                                                && garment.sharing().apexShare().isEmpty()
                                        ? ApexIntake.byBust(girths).value()
                                        : 0)
                        .front(garment.kind().isOverBust() ? apex : 0)
                : new double[] {apex};
        double[] behind = panelled
                ? new Placing(
                                garment,
                                back,
                                back - girths.at(Level.WAIST).backHalf().value(),
                                0)
                        .back()
                : new double[] {back - block.backAxis().value()};
        Map<SeamPlace, Double> moved = garment.kept()
                .filter(k -> k.sameSeams(garment))
                .map(k -> k.more().axes())
                .orElse(Map.of());
        List<Axis> axes = new ArrayList<>();
        for (SeamPlace seam : garment.seams()) {
            SeamAxis own = panelled ? garment.panels().axis(seam) : SeamAxis.PLACED;
            double more = own.at().isPresent() ? 0 : moved.getOrDefault(seam, 0.0);
            double placed = more
                    + switch (seam.part()) {
                        case FRONT -> own.at().map(share -> share * front).orElse(inFront[seam.number() - 1]);
                        case SIDE -> front;
                        case BACK -> front + own.at().map(share -> share * back).orElse(behind[seam.number() - 1]);
                        case CENTRE_BACK -> front + back;
                    };
            boolean throughApex = own.at().isEmpty()
                    && block.heights().front().containsKey(Level.BUST)
                    && Math.abs(placed - apex) < AT_APEX;
            axes.add(new Axis(
                    seam, placed, throughApex ? block.front(Level.BUST) : waist, own.lean(), own.bow(), waist, reach));
        }
        SeamAxes placed = new SeamAxes(axes, front, back, apex, Map.of());
        return panelled && garment.sharing().preset() == Weighting.FORM
                ? new SeamAxes(axes, front, back, apex, FormWeights.of(garment, placed))
                : placed;
    }

    /** The axis of a seam. @throws IllegalArgumentException when the garment has no such seam */
    public Axis of(SeamPlace seam) {
        return axes.stream()
                .filter(a -> a.seam().equals(seam))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the garment has no seam " + seam.id()));
    }

    /** Where a seam stands round the half body: 0 centre front, 0.5 side, 1 centre back (C6). */
    public double round(SeamPlace seam) {
        double at = of(seam).at();
        return at <= front ? at / front / 2 : 0.5 + (at - front) / back / 2;
    }

    /** The weight by which a seam shares in the surplus: drawn by hand, by the form, or the preset's (C6.1). */
    public double weight(Garment garment, SeamPlace seam) {
        boolean drawn = garment.sharing().weights().containsKey(seam.id());
        return drawn || !byForm.containsKey(seam) ? garment.weight(seam, round(seam)) : byForm.get(seam);
    }

    /** Whether a seam passes through the apex. @param bust depth of the bust line */
    public boolean isThroughApex(SeamPlace seam, double bust) {
        return apex > 0 && seam.part() == SeamPlace.Part.FRONT && Math.abs(of(seam).x(bust) - apex) < AT_APEX;
    }
}
