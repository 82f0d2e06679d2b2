package bathyra.cutting;

import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.Arrays;
import java.util.List;

/**
 * Where on an upright piece a grain line has room (C12.1): over at least 70 % of the piece and never within 12 of an edge,
 * or a quarter of the width where the piece is narrower than 48; broken off rather than bent.
 */
final class GrainRoom {
    /** Of the height of a piece, what its grain line covers at least. */
    static final double COVERED = 0.7;

    private static final double CLEAR = 12;
    private static final double NARROW = 4 * CLEAR;
    /** Of the upright run through a piece, what stays free at each end, so that the line shows where it ends. */
    private static final double INSET = 0.08;

    private static final double STEP = 2;

    private final List<Point> ring;
    private final double top;
    private final double tall;
    private final double[] left;
    private final double[] right;
    /** Between these two, row by row, an upright line is clear of every edge. */
    private final double[] clearFrom;

    private final double[] clearTo;

    /** @param ring closed outline of the piece, mm, the grain upright */
    GrainRoom(List<Point> ring) {
        this.ring = ring;
        this.top = ring.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = ring.stream().mapToDouble(Point::y).max().orElse(0);
        this.tall = bottom - top;
        int rows = (int) Math.floor(tall / STEP);
        this.left = new double[rows + 1];
        this.right = new double[rows + 1];
        Arrays.fill(left, Double.POSITIVE_INFINITY);
        Arrays.fill(right, Double.NEGATIVE_INFINITY);
        for (int i = 0; i < ring.size(); i++) {
            reach(ring.get(i), ring.get((i + 1) % ring.size()));
        }
        this.clearFrom = new double[rows + 1];
        this.clearTo = new double[rows + 1];
        for (int row = 0; row <= rows; row++) {
            clear(row);
        }
    }

    /** Widens the rows that a stretch of the outline crosses as far as it. */
    private void reach(Point a, Point b) {
        int first = (int) Math.ceil((Math.min(a.y(), b.y()) - top) / STEP);
        int last = Math.min(left.length - 1, (int) Math.floor((Math.max(a.y(), b.y()) - top) / STEP));
        for (int row = first; row <= last; row++) {
            double x = a.y() == b.y() ? a.x() : a.x() + (b.x() - a.x()) * (height(row) - a.y()) / (b.y() - a.y());
            left[row] = Math.min(left[row], x);
            right[row] = Math.max(right[row], x);
        }
    }

    /** At the first of some places across where it covers enough of the piece, or where it is longest; through the first where no place is clear of the edges, so that no piece goes without a grain. */
    Run best(double[] places) {
        Run best = at(places[0]);
        for (int i = 1; i < places.length && !covers(best); i++) {
            Run run = at(places[i]);
            best = run.tall() > best.tall() ? run : best;
        }
        if (best.tall() > 0) {
            return best;
        }
        double[] reach = Shape.upright(ring, places[0]);
        return new Run(places[0], reach[0] + inset(reach), reach[1] - inset(reach));
    }

    private static double inset(double[] reach) {
        double through = reach[1] - reach[0];
        return Math.max(Math.min(CLEAR, through / 4), through * INSET);
    }

    /** The longest upright line at a place across that keeps clear of every edge; without length where none does. */
    private Run at(double x) {
        double[] reach = Shape.upright(ring, x);
        double inset = inset(reach);
        Run best = new Run(x, reach[0], reach[0]);
        int first = -1;
        for (int i = 0; i <= left.length; i++) {
            boolean free =
                    i < left.length && height(i) >= reach[0] + inset && height(i) <= reach[1] - inset && isClear(x, i);
            if (free && first < 0) {
                first = i;
            }
            if (!free && first >= 0) {
                Run run = new Run(x, height(first), height(i - 1));
                best = run.tall() > best.tall() ? run : best;
                first = -1;
            }
        }
        return best;
    }

    /** Whether a line covers as much of the piece as is asked. */
    private boolean covers(Run run) {
        return run.tall() >= COVERED * tall;
    }

    /** How near to the edges a line may come at a row: the rows above and below keep it off as far as they lie within the distance asked. */
    private void clear(int row) {
        double width = right[row] - left[row];
        double asked = width < NARROW ? width / 4 : CLEAR;
        int reach = (int) Math.ceil(asked / STEP);
        clearFrom[row] = Double.NEGATIVE_INFINITY;
        clearTo[row] = Double.POSITIVE_INFINITY;
        for (int i = Math.max(0, row - reach); i <= Math.min(left.length - 1, row + reach); i++) {
            double away = (i - row) * STEP;
            double beside = Math.sqrt(Math.max(0, asked * asked - away * away));
            clearFrom[row] = Math.max(clearFrom[row], left[i] + beside);
            clearTo[row] = Math.min(clearTo[row], right[i] - beside);
        }
    }

    private boolean isClear(double x, int row) {
        return x >= clearFrom[row] && x <= clearTo[row];
    }

    private double height(int row) {
        return top + STEP * row;
    }

    /**
     * An upright line on a piece.
     *
     * @param x place across, mm
     * @param upper its upper end, mm
     * @param lower its lower end, mm
     */
    record Run(double x, double upper, double lower) {
        double tall() {
            return lower - upper;
        }
    }
}
