package bathyra.form;

import bathyra.measure.Posture;
import java.util.Collection;
import java.util.TreeMap;

/** The torso without its breasts (C20): at each height an oval of known girth, deeper or wider, rounder in front or behind. */
final class Torso {
    /** Depth over width, from below upwards at the knots of {@link Heights}. */
    private static final double[] DEPTH = {.70, .69, .69, .72, .71, .70, .69, .66};

    private static final double[] ROUND_FRONT = {.02, .02, .02, .02, .03, .04, .05, .06};
    private static final double[] ROUND_BACK = {.03, .03, .03, .03, .05, .06, .06, .06};
    private static final double[] BACK_LINE = {-2, -8, 10, 26, 12, 4, 0, 6};
    private static final double USUAL_HEIGHT = 1650;
    private static final double BEHIND_AXIS = 90;
    private static final double END_OF_HIP = 0.985;
    private static final double UPPER_RISE = 12;
    /** A belly that was taped is rounder in front, as that of the posture. */
    private static final double BELLY_FRONT = 0.03;
    /** Two tapes that lie nearer to each other than this are one, mm. */
    private static final double BELLY_APART = 20;
    /** The integrand is smooth and even: the trapezoid rule is exact to far below a thousandth with so few steps. */
    private static final int STEPS = 24;

    private static final double[] COS = new double[STEPS + 1];
    private static final double[] SIN = new double[STEPS + 1];

    static {
        for (int i = 0; i <= STEPS; i++) {
            COS[i] = Math.cos(Math.PI * i / STEPS);
            SIN[i] = Math.sin(Math.PI * i / STEPS);
        }
    }

    private final Knots depth;
    private final Knots front;
    private final Knots back;
    private final Knots backLine;
    private final Knots lower;
    private final Knots upper;
    private final Swelling swelling;
    private double kept = Double.NaN;
    private double keptScale;

    /**
     * What is left over of a full bust on a small radius: a swelling of the torso itself round the bust line.
     *
     * @param most at the bust line, of the girth, mm
     */
    record Swelling(double most, double bust, double down, double up) {
        private double at(double z) {
            double t = (z - bust) / (z < bust ? down : up);
            double cos = Math.abs(t) < 1 ? Math.cos(Math.PI * t / 2) : 0;
            return most * cos * cos;
        }
    }

    /**
     * @param upperGirth the torso's own girth where the upper tape goes, mm
     * @param forward by how much the front is rounder and the back flatter at each knot, as the taped arcs ask
     */
    Torso(Tape tape, Heights heights, double upperGirth, double[] forward, Swelling swelling) {
        double[] knots = heights.knots();
        Stance stance = Stance.of(tape.posture());
        double belly = tape.finer().hasBelly() && tape.posture() != Posture.BELLY ? BELLY_FRONT : 0;
        double[] line = new double[knots.length];
        double[] roundFront = new double[knots.length];
        double[] roundBack = new double[knots.length];
        for (int i = 0; i < knots.length; i++) {
            line[i] = (BACK_LINE[i] + stance.back()[i]) * tape.height() / USUAL_HEIGHT;
            roundFront[i] = ROUND_FRONT[i] + (knots[i] <= 0 ? stance.front() + belly : 0) + forward[i];
            roundBack[i] = ROUND_BACK[i] + (knots[i] > 0 ? stance.behind() : 0) - forward[i];
        }
        depth = Knots.monotone(knots, DEPTH);
        front = Knots.monotone(knots, roundFront);
        back = Knots.monotone(knots, roundBack);
        backLine = Knots.smooth(knots, line, Knots.End.NATURAL, Knots.End.NATURAL);
        lower = lower(tape, heights);
        upper = Knots.smooth(
                new double[] {0, heights.underbust(), heights.upper(), heights.above()},
                new double[] {tape.waist(), tape.rib(), upperGirth, upperGirth + UPPER_RISE},
                tape.rib() <= tape.waist() ? Knots.End.NATURAL : Knots.End.LEVEL,
                Knots.End.NATURAL);
        this.swelling = swelling;
    }

    /** The girths below the waist; a belly with a height of its own is one of them unless it lies on another. */
    private static Knots lower(Tape tape, Heights heights) {
        TreeMap<Double, Double> girths = new TreeMap<>();
        girths.put(heights.below(), END_OF_HIP * tape.hip());
        girths.put(heights.hip(), tape.hip());
        girths.put(heights.highHip(), tape.highHip());
        girths.put(0.0, tape.waist());
        if (tape.finer().hasBelly()) {
            double belly = -tape.finer().bellyBelow().getAsDouble();
            boolean free = girths.keySet().stream().allMatch(z -> Math.abs(z - belly) >= BELLY_APART);
            if (free) {
                girths.put(belly, tape.finer().belly().getAsDouble());
            }
        }
        return Knots.smooth(array(girths.keySet()), array(girths.values()), Knots.End.NATURAL, Knots.End.LEVEL);
    }

    private static double[] array(Collection<Double> values) {
        return values.stream().mapToDouble(Double::doubleValue).toArray();
    }

    private double girth(double z) {
        return (z < 0 ? lower : upper).at(z) + swelling.at(z);
    }

    /** The half width of the oval at a height: its girth over that of one of half width 1. */
    private double scale(double z) {
        if (z != kept) {
            kept = z;
            keptScale = girth(z) / perimeter(depth.at(z), front.at(z), back.at(z));
        }
        return keptScale;
    }

    private static double perimeter(double depth, double front, double back) {
        double sum = 0;
        for (int i = 0; i <= STEPS; i++) {
            double cos = COS[i];
            double sin = SIN[i];
            double w = depth * depth * sin * sin + cos * cos;
            double oval = depth / Math.sqrt(w);
            double ovalSlope = -oval * (depth * depth - 1) * sin * cos / w;
            double q = front * (1 + cos) / 2 + back * (1 - cos) / 2;
            double qSlope = (back - front) * sin / 2;
            double sin2 = 2 * sin * cos;
            double cos2 = cos * cos - sin * sin;
            double round = 1 + q * sin2 * sin2;
            double roundSlope = qSlope * sin2 * sin2 + q * 4 * sin2 * cos2;
            double radius = oval * round;
            double slope = ovalSlope * round + oval * roundSlope;
            double speed = Math.sqrt(radius * radius + slope * slope);
            sum += i == 0 || i == STEPS ? speed / 2 : speed;
        }
        return 2 * sum * Math.PI / STEPS;
    }

    double radius(double azimuth, double z) {
        double rho = depth.at(z);
        double cos = Math.cos(azimuth);
        double sin = Math.sin(azimuth);
        double q = front.at(z) * (1 + cos) / 2 + back.at(z) * (1 - cos) / 2;
        double sin2 = 2 * sin * cos;
        return scale(z) * rho / Math.sqrt(rho * rho * sin * sin + cos * cos) * (1 + q * sin2 * sin2);
    }

    double axis(double z) {
        return backLine.at(z) + radius(Math.PI, z) - BEHIND_AXIS;
    }
}
