package bathyra.edge;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * An edge as one designed curve over the whole half with all seams closed (C10.1): its height over the place along the half girth. Cubics
 * in one piece from knot to knot, of one direction where they meet.
 *
 * @param knots from centre front to centre back
 * @param dents where it was moved after it was designed
 */
public record EdgeLine(List<Knot> knots, List<Dent> dents) {
    /** A cubic from one knot to the next bends one way alone where its slopes lie between these multiples of the straight line between them. */
    private static final double ONE_WAY = 1.5;

    private static final double ONE_WAY_MOST = 3;
    /** Less than this is no bend, 1/mm. */
    private static final double LEVEL = 1e-9;
    /** Beside a centre an edge is straight for so much, and comes to its own course within twice the other, mm. */
    private static final double SQUARE = 10.5;

    private static final double TURNS = 10;
    /** What an edge was moved beside a cubic by less than this is left to the cubic, mm. */
    private static final double SEEN = 0.02;

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

    /**
     * A place at which the edge was moved, running out to either side with no corner.
     *
     * @param along distance from centre front, mm
     * @param reach how far to either side, mm
     * @param by upwards, mm
     */
    public record Dent(double along, double reach, double by) {
        private double height(double at, double end) {
            double t = Math.min(1, Math.abs(away(at, end)) / reach);
            double u = 1 - t * t;
            return by * u * u;
        }

        private double slope(double at, double end) {
            double away = away(at, end);
            double t = Math.min(1, Math.abs(away) / reach);
            return -4 * by * t * (1 - t * t) * Math.signum(away) / reach * paceAt(at, end);
        }

        private double away(double at, double end) {
            return inside(at, end) - inside(along, end);
        }

        /** Beside a centre an edge keeps its height, so that the square may be laid there: places are counted from farther in. */
        private static double inside(double at, double end) {
            return at < end / 2 ? fromCentre(at) : end - fromCentre(end - at);
        }

        private static double fromCentre(double x) {
            double over = Math.max(0, x - SQUARE);
            return over >= 2 * TURNS ? x : SQUARE + TURNS + over * over / (4 * TURNS);
        }

        private static double paceAt(double at, double end) {
            double over = Math.max(0, Math.min(at, end - at) - SQUARE);
            return Math.min(1, over / (2 * TURNS));
        }
    }

    public EdgeLine {
        knots = List.copyOf(knots);
        dents = List.copyOf(dents);
    }

    /** An edge as it was designed. */
    public EdgeLine(List<Knot> knots) {
        this(knots, List.of());
    }

    public EdgeLine moved(List<Dent> next) {
        return new EdgeLine(knots, next);
    }

    /** How far from centre front it ends, mm. */
    public double end() {
        return knots.get(knots.size() - 1).along;
    }

    /** How much higher it lies for having been moved, mm. */
    public double moved(double along) {
        return dents.stream().mapToDouble(d -> d.height(along, end())).sum();
    }

    private double movedSlope(double along) {
        return dents.stream().mapToDouble(d -> d.slope(along, end())).sum();
    }

    /**
     * How far it was moved between two places beside the cubic that its ends alone would make of that, at even steps.
     *
     * @return one a step, without the ends; empty where there is nothing beside it
     */
    public List<Double> movedBetween(double from, double to, int steps) {
        if (dents.isEmpty()) {
            return List.of();
        }
        EdgeLine ends = new EdgeLine(
                List.of(new Knot(from, moved(from), movedSlope(from)), new Knot(to, moved(to), movedSlope(to))));
        List<Double> beside = new ArrayList<>();
        for (int i = 1; i < steps; i++) {
            double along = from + (to - from) * i / steps;
            beside.add(moved(along) - ends.height(along));
        }
        return beside.stream().anyMatch(b -> Math.abs(b) > SEEN) ? List.copyOf(beside) : List.of();
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
        return moved(along)
                + a.height * u * u * (1 + 2 * t)
                + b.height * t * t * (1 + 2 * u)
                + (a.slope * t * u * u - b.slope * t * t * u) * length;
    }

    /** By how much it rises towards centre back. */
    public double slope(double along) {
        int i = span(along);
        Knot a = knots.get(i);
        Knot b = knots.get(i + 1);
        double t = Math.min(1, Math.max(0, (along - a.along) / (b.along - a.along)));
        return movedSlope(along)
                + a.rise(b) * 6 * t * (1 - t)
                + a.slope * (1 - t) * (1 - 3 * t)
                + b.slope * t * (3 * t - 2);
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
