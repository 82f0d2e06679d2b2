package bathyra.geometry;

import java.util.ArrayList;
import java.util.List;

/** Stretches of a circle as cubic curves; no stretch of at most 30° leaves the circle by more than a thousandth of a millimetre at any size of a garment. */
public final class Arc {
    private static final double MOST = Math.PI / 6;

    private Arc() {}

    /**
     * @param from where it starts, as an angle from straight down, radians, towards the right of the screen
     * @param to where it ends
     */
    public static Path of(Point centre, double radius, double from, double to) {
        int n = Math.max(1, (int) Math.ceil(Math.abs(to - from) / MOST));
        double step = (to - from) / n;
        double handle = 4.0 / 3 * Math.tan(step / 4) * radius;
        List<Segment> segments = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            double a = from + i * step;
            double b = a + step;
            Point start = at(centre, radius, a);
            Point end = at(centre, radius, b);
            segments.add(new Cubic(start, start.plus(along(a).times(handle)), end.plus(along(b).times(-handle)), end));
        }
        return new Path(segments);
    }

    /** A place on the circle. @param angle from straight down, towards the right */
    public static Point at(Point centre, double radius, double angle) {
        return centre.plus(new Vec(Math.sin(angle), Math.cos(angle)).times(radius));
    }

    /** The direction of the circle there, towards greater angles. */
    public static Vec along(double angle) {
        return new Vec(Math.cos(angle), -Math.sin(angle));
    }
}
