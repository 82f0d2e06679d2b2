package bathyra.edge;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;

/** The upper or lower edge of one panel: straight for about 10 mm at either corner and curved between (C10). */
final class EdgeCurve {
    private static final double STRAIGHT = 10.5;
    /** An edge keeps at least half of its length for the curve. */
    private static final double STRAIGHT_SHARE = 0.25;
    /** Between two seams that stand close the curve needs nearly all of the edge, or it would bend too tightly. */
    private static final double CLOSE = 75;

    private static final double CLOSE_SHARE = 0.1;
    private static final double HANDLE = 0.38;

    private EdgeCurve() {}

    /**
     * @param from the corner nearer centre front
     * @param leaving the unit direction in which the edge leaves it
     * @param fromCentre whether that corner is centre front
     * @param to the corner nearer centre back
     * @param arriving the unit direction in which the edge arrives there
     * @param toCentre whether that corner is centre back
     */
    static Path between(Point from, Vec leaving, boolean fromCentre, Point to, Vec arriving, boolean toCentre) {
        double length = from.distance(to);
        Point a = from.plus(leaving.times(straight(length, fromCentre)));
        Point b = to.plus(arriving.times(-straight(length, toCentre)));
        double handle = a.distance(b) * HANDLE;
        List<Segment> segments = new ArrayList<>();
        segments.add(new Line(from, a));
        segments.add(new Cubic(a, a.plus(leaving.times(handle)), b.plus(arriving.times(-handle)), b));
        segments.add(new Line(b, to));
        return new Path(segments);
    }

    private static double straight(double length, boolean centre) {
        return Math.min(STRAIGHT, length * (centre || length > CLOSE ? STRAIGHT_SHARE : CLOSE_SHARE));
    }
}
