package bathyra.edge;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * An edge as one designed curve over the whole half with all seams closed (C10.1): its height over the place along the half girth. Cubics
 * in one piece from knot to knot, of one direction where they meet.
 *
 * @param knots from centre front to centre back
 */
public record EdgeLine(List<Knot> knots) {
    /** A cubic from one knot to the next bends one way alone where its slopes lie between these multiples of the straight line between them. */
    private static final double ONE_WAY = 1.5;

    private static final double ONE_WAY_MOST = 3;
    /** Less than this is no bend, 1/mm. */
    private static final double LEVEL = 1e-9;

    /**
     * A place through which it runs.
     *
     * @param along distance from centre front, mm
     * @param height upwards, mm
     * @param slope by which it rises towards centre back
     */
    public record Knot(double along, double height, double slope) {
        private double rise(Knot next) {
            return (next.height - height) / (next.along - along);
        }
    }

    public EdgeLine {
        knots = List.copyOf(knots);
    }

    /**
     * Three places of which the outer two are level: the edge falls or rises from one to the other and bends over once. The slope in the
     * middle is that of least bending, as far as it makes neither a wave nor a hump.
     */
    public static List<Knot> levelAtBothEnds(Knot from, double along, double height, Knot to) {
        Knot middle = new Knot(along, height, 0);
        double before = from.rise(middle);
        double after = middle.rise(to);
        return List.of(
                new Knot(from.along, from.height, 0),
                new Knot(along, height, between(before, after, along - from.along, to.along - along)),
                new Knot(to.along, to.height, 0));
    }

    /** The slope at a knot between two cubics that are level at their other ends. */
    private static double between(double before, double after, double lengthBefore, double lengthAfter) {
        if (before * after <= 0) {
            return 0;
        }
        double least = ONE_WAY * (before * lengthAfter + after * lengthBefore) / (lengthBefore + lengthAfter);
        double low = Math.min(Math.abs(before), Math.abs(after));
        double high = Math.max(Math.abs(before), Math.abs(after));
        // On its steeper side the curve bends over, on the other it only runs out.
        double held = Math.max(ONE_WAY * low, Math.min(Math.abs(least), Math.min(ONE_WAY_MOST * low, ONE_WAY * high)));
        return Math.signum(before) * held;
    }

    /** A curve that begins as straight as it can and is level at its end. */
    public static Knot running(double along, double height, Knot to) {
        return new Knot(along, height, ONE_WAY * new Knot(along, height, 0).rise(to));
    }

    /** How high it lies, mm. Beyond its ends it runs on level. */
    public double height(double along) {
        int i = span(along);
        Knot a = knots.get(i);
        Knot b = knots.get(i + 1);
        double length = b.along - a.along;
        double t = Math.min(1, Math.max(0, (along - a.along) / length));
        double u = 1 - t;
        return a.height * u * u * (1 + 2 * t)
                + b.height * t * t * (1 + 2 * u)
                + (a.slope * t * u * u - b.slope * t * t * u) * length;
    }

    /** By how much it rises towards centre back. */
    public double slope(double along) {
        int i = span(along);
        Knot a = knots.get(i);
        Knot b = knots.get(i + 1);
        double t = Math.min(1, Math.max(0, (along - a.along) / (b.along - a.along)));
        return a.rise(b) * 6 * t * (1 - t) + a.slope * (1 - t) * (1 - 3 * t) + b.slope * t * (3 * t - 2);
    }

    private int span(double along) {
        int i = 0;
        while (i + 2 < knots.size() && along > knots.get(i + 1).along) {
            i++;
        }
        return i;
    }

    /** How often it bends over from one side to the other. */
    public int inflections() {
        List<Double> bends = new ArrayList<>();
        for (int i = 0; i + 1 < knots.size(); i++) {
            bends.add(bend(i, 0));
            bends.add(bend(i, 1));
        }
        int count = 0;
        OptionalDouble last = OptionalDouble.empty();
        for (double bend : bends) {
            if (Math.abs(bend) < LEVEL) {
                continue;
            }
            if (last.isPresent() && last.getAsDouble() * bend < 0) {
                count++;
            }
            last = OptionalDouble.of(bend);
        }
        return count;
    }

    /** The second derivative at one end of a span. */
    private double bend(int i, int end) {
        Knot a = knots.get(i);
        Knot b = knots.get(i + 1);
        double length = b.along - a.along;
        double rise = a.rise(b);
        return (end == 0 ? 6 * rise - 4 * a.slope - 2 * b.slope : -6 * rise + 2 * a.slope + 4 * b.slope) / length;
    }
}
