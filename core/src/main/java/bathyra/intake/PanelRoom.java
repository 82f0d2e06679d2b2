package bathyra.intake;

import bathyra.garment.Garment;
import bathyra.geometry.Tolerance;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * What the seams beside a panel may take together, so that it stays as wide as a bone channel needs (C11): a bound of the house that
 * gives way like its caps (C6.2). Panels that are wide enough are left alone, so it sets in at nothing.
 */
final class PanelRoom {
    private static final double SAME = 1e-9;
    /** So that what is reckoned again from the seams' edges is not under the limit by the last digit. */
    private static final double NEED = Tolerance.PANEL_WIDTH + 1e-6;

    private final Garment garment;
    private final SeamAxes axes;
    private final ToDoubleFunction<Level> depth;

    /** @param depth of each level at centre front, mm */
    PanelRoom(Garment garment, SeamAxes axes, ToDoubleFunction<Level> depth) {
        this.garment = garment;
        this.axes = axes;
        this.depth = depth;
    }

    /**
     * Lowers what seams may take at the most where they leave a panel between them too narrow: each by half of what is missing, or one by
     * all of it where the other stands fast.
     *
     * @param takes what the seams of a block take, from centre front to centre back, mm
     * @param most what each may take at the most, mm; lowered
     * @param moves which of them can give way
     * @return whether any was lowered
     */
    boolean hold(Level level, List<SeamPlace> seams, double[] takes, double[] most, boolean[] moves) {
        boolean lowered = false;
        boolean front = seams.get(0).part() == SeamPlace.Part.FRONT;
        for (int i = front ? 0 : 1; i < seams.size(); i++) {
            double missing = NEED - width(level, seams, takes, i);
            if (missing > SAME) {
                double before = i == 0 ? 0 : behindShare(seams.get(i - 1), level, front);
                double behind = beforeShare(seams.get(i), level, front);
                boolean left = before > 0 && moves[i - 1];
                boolean right = behind > 0 && moves[i];
                double each = left && right ? missing / 2 : missing;
                if (left) {
                    lowered |= lower(most, i - 1, takes[i - 1] - each / before);
                }
                if (right) {
                    lowered |= lower(most, i, takes[i] - each / behind);
                }
            }
        }
        return lowered;
    }

    private static boolean lower(double[] most, int i, double to) {
        boolean lower = to < most[i] - SAME;
        most[i] = Math.min(most[i], to);
        return lower;
    }

    /** The panel that ends at a seam: from the seam before it in its block, or from centre front. */
    private double width(Level level, List<SeamPlace> seams, double[] takes, int i) {
        boolean front = seams.get(0).part() == SeamPlace.Part.FRONT;
        double from =
                i == 0 ? 0 : x(seams.get(i - 1), level) + takes[i - 1] * behindShare(seams.get(i - 1), level, front);
        return x(seams.get(i), level) - takes[i] * beforeShare(seams.get(i), level, front) - from;
    }

    private double x(SeamPlace seam, Level level) {
        return axes.of(seam).x(depth.applyAsDouble(level));
    }

    /** How much of what a seam takes in a block lies on its edge nearer centre front: of the side all or nothing. */
    private double beforeShare(SeamPlace seam, Level level, boolean front) {
        if (seam.part() == SeamPlace.Part.SIDE) {
            return front ? 1 : 0;
        }
        return SeamHalves.beforeIt(garment, seam, level);
    }

    private double behindShare(SeamPlace seam, Level level, boolean front) {
        return 1 - beforeShare(seam, level, front);
    }
}
