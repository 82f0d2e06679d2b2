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
    /** A narrow panel keeps at least half of its edge for the curve. */
    private static final double STRAIGHT_SHARE = 0.25;
    private static final double HANDLE = 0.38;

    private EdgeCurve() {}

    /**
     * @param from the corner nearer centre front
     * @param leaving the unit direction in which the edge leaves it
     * @param to the corner nearer centre back
     * @param arriving the unit direction in which the edge arrives there
     */
    static Path between(Point from, Vec leaving, Point to, Vec arriving) {
        double straight = Math.min(STRAIGHT, from.distance(to) * STRAIGHT_SHARE);
        Point a = from.plus(leaving.times(straight));
        Point b = to.plus(arriving.times(-straight));
        double handle = a.distance(b) * HANDLE;
        List<Segment> segments = new ArrayList<>();
        segments.add(new Line(from, a));
        segments.add(new Cubic(a, a.plus(leaving.times(handle)), b.plus(arriving.times(-handle)), b));
        segments.add(new Line(b, to));
        return new Path(segments);
    }
}
