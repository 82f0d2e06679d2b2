package bathyra.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A curve of continuous curvature through points: the parametric cubic spline over chord lengths (de Boor, A Practical
 * Guide to Splines, ch. IV), with a given direction or a free end on either side. A free end has no curvature, so the
 * curve may be carried on straight beyond it.
 */
public final class FairSpline {
    private FairSpline() {}

    /**
     * @param points at least two, no two neighbours in the same place
     * @param start the velocity with which the curve sets out, in mm per mm of chord (a unit vector follows the chord's
     *     pace, a longer one keeps to its direction for longer); empty for a free end
     * @param end the same where it arrives
     * @return one cubic between each pair of neighbouring points
     */
    public static Path through(List<Point> points, Optional<Vec> start, Optional<Vec> end) {
        int n = points.size();
        if (n < 2) {
            throw new IllegalArgumentException("a spline needs two points, had " + n);
        }
        double[] h = new double[n - 1];
        for (int i = 0; i < n - 1; i++) {
            h[i] = points.get(i).distance(points.get(i + 1));
            if (h[i] < Tolerance.COINCIDENT) {
                throw new IllegalArgumentException(
                        "points " + i + " and " + (i + 1) + " of a spline lie " + h[i] + " mm apart");
            }
        }
        Vec[] velocity = velocities(points, h, start, end);
        List<Segment> segments = new ArrayList<>(n - 1);
        for (int i = 0; i < n - 1; i++) {
            segments.add(Cubic.hermite(
                    points.get(i), velocity[i].times(h[i]), points.get(i + 1), velocity[i + 1].times(h[i])));
        }
        return new Path(segments);
    }

    private static Vec[] velocities(List<Point> p, double[] h, Optional<Vec> start, Optional<Vec> end) {
        int n = p.size();
        double[] lower = new double[n];
        double[] diagonal = new double[n];
        double[] upper = new double[n];
        Vec[] right = new Vec[n];
        Vec firstChord = p.get(0).to(p.get(1)).times(1 / h[0]);
        Vec lastChord = p.get(n - 2).to(p.get(n - 1)).times(1 / h[n - 2]);
        diagonal[0] = start.isPresent() ? 1 : 2;
        upper[0] = start.isPresent() ? 0 : 1;
        right[0] = start.orElse(firstChord.times(3));
        diagonal[n - 1] = end.isPresent() ? 1 : 2;
        lower[n - 1] = end.isPresent() ? 0 : 1;
        right[n - 1] = end.orElse(lastChord.times(3));
        for (int i = 1; i < n - 1; i++) {
            lower[i] = h[i];
            diagonal[i] = 2 * (h[i - 1] + h[i]);
            upper[i] = h[i - 1];
            Vec before = p.get(i - 1).to(p.get(i)).times(3 * h[i] / h[i - 1]);
            Vec after = p.get(i).to(p.get(i + 1)).times(3 * h[i - 1] / h[i]);
            right[i] = before.plus(after);
        }
        return solve(lower, diagonal, upper, right);
    }

    /** Thomas elimination; the system is diagonally dominant, so no pivoting is needed. */
    private static Vec[] solve(double[] lower, double[] diagonal, double[] upper, Vec[] right) {
        int n = diagonal.length;
        for (int i = 1; i < n; i++) {
            double factor = lower[i] / diagonal[i - 1];
            diagonal[i] -= factor * upper[i - 1];
            right[i] = right[i].minus(right[i - 1].times(factor));
        }
        Vec[] x = new Vec[n];
        x[n - 1] = right[n - 1].times(1 / diagonal[n - 1]);
        for (int i = n - 2; i >= 0; i--) {
            x[i] = right[i].minus(x[i + 1].times(upper[i])).times(1 / diagonal[i]);
        }
        return x;
    }
}
