package bathyra.intake;

import bathyra.garment.Garment;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.geometry.Tolerance;
import bathyra.place.SeamPlace;

/**
 * Where the seams of a corset stand that the cutter has not moved. Evenly: the paper of a block is divided into equal parts. By the
 * landmarks: one seam runs over the apex, and between the landmarks the panels are equally wide at the waist, where what the seams
 * take out is largest; paper divided equally would leave the panels at the side, which give most, too narrow for a bone.
 */
final class Placing {
    /** The weights follow from the places and the places from the weights: round by round, until no seam moves by more than a tenth of a millimetre. */
    private static final double SETTLED = 0.1;

    private static final int LEAST_ROUNDS = 3;
    private static final int ROUNDS = 60;
    /** What a panel needs for a bone channel, with something to spare. */
    private static final double PANEL_LEAST = Tolerance.PANEL_WIDTH + 2;

    private final Garment garment;
    private final double width;
    private final double toTake;
    private final double forBust;

    /**
     * @param width of the block's paper, mm
     * @param toTake what its seams take out at the waist, mm
     * @param forBust what the seam over the apex takes of it at the least, mm
     */
    Placing(Garment garment, double width, double toTake, double forBust) {
        this.garment = garment;
        this.width = width;
        this.toTake = toTake;
        this.forBust = Math.min(forBust, toTake);
    }

    /** The seams of the front block, mm from centre front. @param apex distance of the apex, 0 where it is not known */
    double[] front(double apex) {
        Panels panels = garment.panels();
        double[] at = even(panels.front());
        if (panels.placing() == SeamPlacing.EVEN) {
            return at;
        }
        boolean landmark = apex > 0 && apex < width && panels.front() > 1;
        if (!landmark) {
            return settled(at, 0, 0);
        }
        int usual = over(panels.front(), apex);
        double[] best = settled(at.clone(), usual, apex);
        // Where the usual seam over the apex leaves a panel too narrow at the waist, another may not.
        int bestOver = usual;
        for (int k = 1; k < panels.front() && narrowest(best, bestOver) < PANEL_LEAST; k++) {
            double[] other = settled(at.clone(), k, apex);
            if (narrowest(other, k) > narrowest(best, bestOver)) {
                best = other;
                bestOver = k;
            }
        }
        return best;
    }

    /** Round by round, until no seam moves any more. @param over the seam over the apex, from 1; 0 for none */
    private double[] settled(double[] at, int over, double apex) {
        double moved = Double.POSITIVE_INFINITY;
        for (int round = 0; round < LEAST_ROUNDS || moved > SETTLED; round++) {
            requireSettling(round, moved);
            double[] before = at.clone();
            double[] takes = takes(at, false, over);
            if (over > 0) {
                at[over - 1] = apex;
                divide(at, takes, -1, over - 1, false);
                divide(at, takes, over - 1, at.length, false);
            } else {
                divide(at, takes, -1, at.length, false);
            }
            moved = moved(before, at);
        }
        return at;
    }

    /** How wide the narrowest panel of the front is at the waist, mm. */
    private double narrowest(double[] at, int over) {
        double[] takes = takes(at, false, over);
        double least = Double.POSITIVE_INFINITY;
        double from = 0;
        for (int i = 0; i <= at.length; i++) {
            double to = i < at.length ? at[i] - takes[i] / 2 : width - takes[takes.length - 1];
            least = Math.min(least, to - from);
            from = i < at.length ? at[i] + takes[i] / 2 : to;
        }
        return least;
    }

    /** The seams of the back block, mm from the side. */
    double[] back() {
        Panels panels = garment.panels();
        double[] at = even(panels.back());
        double moved = Double.POSITIVE_INFINITY;
        for (int round = 0;
                panels.placing() == SeamPlacing.LANDMARKS && (round < LEAST_ROUNDS || moved > SETTLED);
                round++) {
            requireSettling(round, moved);
            double[] before = at.clone();
            divide(at, takes(at, true, 0), -1, at.length, true);
            moved = moved(before, at);
        }
        return at;
    }

    private static double moved(double[] before, double[] after) {
        double most = 0;
        for (int i = 0; i < after.length; i++) {
            most = Math.max(most, Math.abs(after[i] - before[i]));
        }
        return most;
    }

    private static void requireSettling(int round, double moved) {
        if (round >= ROUNDS) {
            throw new IllegalStateException("after " + round + " rounds the seams still move by " + moved + " mm");
        }
    }

    private double[] even(int panels) {
        double[] at = new double[panels - 1];
        for (int i = 0; i < at.length; i++) {
            at[i] = width * (i + 1) / panels;
        }
        return at;
    }

    /** Which seam runs over the apex: the one that leaves the widest panel narrowest. */
    private int over(int panels, double apex) {
        int over = 1;
        for (int k = 2; k < panels; k++) {
            if (widest(k, panels, apex) < widest(over, panels, apex)) {
                over = k;
            }
        }
        return over;
    }

    private double widest(int over, int panels, double apex) {
        return Math.max(apex / over, (width - apex) / (panels - over));
    }

    /** What each seam of the block takes at the waist by its weight, the one over the apex at the least what the bust asks; the side's comes last. */
    private double[] takes(double[] at, boolean back, int over) {
        double[] weights = new double[at.length + 1];
        double sum = 0;
        for (int i = 0; i <= at.length; i++) {
            boolean side = i == at.length;
            double t = side ? 0.5 : back ? 0.5 + at[i] / width / 2 : at[i] / width / 2;
            weights[i] =
                    garment.weight(side ? SeamPlace.SIDE : back ? SeamPlace.back(i + 1) : SeamPlace.front(i + 1), t);
            sum += weights[i];
        }
        double apex = over > 0 && sum > 0 ? Math.max(toTake * weights[over - 1] / sum, forBust) : 0;
        double others = over > 0 ? sum - weights[over - 1] : sum;
        for (int i = 0; i <= at.length; i++) {
            weights[i] = i == over - 1 ? apex : others > 0 ? (toTake - apex) * weights[i] / others : 0;
        }
        return weights;
    }

    /** Places the seams between two fixed ones so that the panels there are equally wide at the waist; -1 and the length are the block's ends. */
    private void divide(double[] at, double[] takes, int from, int to, boolean back) {
        double side = takes[takes.length - 1];
        double start = from >= 0 ? at[from] + takes[from] / 2 : back ? side : 0;
        double end = to < at.length ? at[to] - takes[to] / 2 : back ? width : width - side;
        double taken = 0;
        for (int i = from + 1; i < to; i++) {
            taken += takes[i];
        }
        double panel = (end - start - taken) / (to - from);
        double x = start;
        for (int i = from + 1; i < to; i++) {
            x += panel + takes[i];
            at[i] = x - takes[i] / 2;
        }
    }
}
