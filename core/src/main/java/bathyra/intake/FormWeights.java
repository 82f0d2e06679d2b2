package bathyra.intake;

import bathyra.form.Form;
import bathyra.form.Heights;
import bathyra.garment.Garment;
import bathyra.place.SeamPlace;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Weights of a corset's seams by the wearer's form (C6.1): each stands for the body half way to its neighbours, and weighs what that part
 * of it loses between where it is widest and the waist.
 */
final class FormWeights {
    /** The arcs are measured in so many steps round the half. */
    private static final int STEPS = 180;
    /** What a seam weighs where the body loses nothing: it still takes a little, mm. */
    private static final double LEAST = 1;

    private FormWeights() {}

    /** Empty where the figures make no form. @param axes where the seams stand */
    static Map<SeamPlace, Double> of(Garment garment, SeamAxes axes) {
        return WearersForm.of(garment.fit().wearer().measurements(), garment.isLungsFull())
                .map(form -> of(garment, axes, form))
                .orElse(Map.of());
    }

    private static Map<SeamPlace, Double> of(Garment garment, SeamAxes axes, Form form) {
        Map<SeamPlace, Double> weights = new HashMap<>();
        List<SeamAxes.Axis> all = axes.axes();
        for (int i = 0; i + 1 < all.size(); i++) {
            double here = axes.round(all.get(i).seam());
            double from = i == 0 ? 0 : (axes.round(all.get(i - 1).seam()) + here) / 2;
            double to =
                    i + 2 == all.size() ? 1 : (here + axes.round(all.get(i + 1).seam())) / 2;
            double lost =
                    lost(form, from * Math.PI, to * Math.PI, garment.kind().isOverBust());
            // Of the side half counts in each block.
            double counts = all.get(i).seam().equals(SeamPlace.SIDE) ? lost / 2 : lost;
            weights.put(all.get(i).seam(), counts / 10);
        }
        return weights;
    }

    private static double lost(Form form, double from, double to, boolean overBust) {
        Heights heights = form.heights();
        double above = arc(form, from, to, overBust ? heights.bust() : heights.underbust());
        double below = arc(form, from, to, heights.highHip());
        return Math.max(LEAST, Math.max(above, below) - arc(form, from, to, 0));
    }

    private static double arc(Form form, double from, double to, double z) {
        double arc = 0;
        double[] last = form.at(from, z);
        for (int i = 1; i <= STEPS; i++) {
            double[] next = form.at(from + (to - from) * i / STEPS, z);
            arc += Math.hypot(next[0] - last[0], next[1] - last[1]);
            last = next;
        }
        return arc;
    }
}
