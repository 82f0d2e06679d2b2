package bathyra.app.measure;

import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/**
 * The abstract body of the figure, in millimetres: x to the right of the middle line, y down from the neck end of the shoulder.
 * From the side it looks to the left.
 */
final class Torso {
    /** Where the drawing begins, above the shoulder. */
    static final double TOP = -100;
    /** A torso is about this much wider, seen from the front, than the circle of its girth, and as much flatter from the side. */
    private static final double FLATNESS = 1.2;

    private static final double NECK_END = 58;
    private static final double BELOW_HIP = 70;

    /** From where the body is looked at. */
    enum View {
        FRONT("From the front"),
        SIDE("From the side"),
        BACK("From the back");

        private final String label;

        View(String label) {
            this.label = label;
        }

        String label() {
            return label;
        }
    }

    /**
     * A level line of the body.
     *
     * @param left how far it reaches to the left of the middle, a positive length
     * @param right how far it reaches to the right
     */
    record Ring(MeasurementKey key, double y, double left, double right) {}

    /** A tape that hangs or lies from point to point, {x, y} each; a closed one goes round. */
    record Run(List<double[]> points, boolean closed) {
        private static Run of(double... xy) {
            List<double[]> points = new ArrayList<>();
            for (int i = 0; i + 1 < xy.length; i += 2) {
                points.add(new double[] {xy[i], xy[i + 1]});
            }
            return new Run(points, false);
        }
    }

    private final MeasurementSet set;

    Torso(MeasurementSet set) {
        this.set = set;
    }

    /** From where a measurement is best seen being taken. */
    static View view(MeasurementKey key) {
        return switch (key) {
            case BACK_LENGTH, BACK_WIDTH, SHOULDER_WIDTH -> View.BACK;
            case ARMHOLE,
                    UNDERARM_TO_WAIST,
                    WAIST_TO_HIGH_HIP,
                    WAIST_TO_HIP,
                    WAIST_TO_LAP,
                    HEIGHT,
                    UPPER_ARM,
                    SLEEVE_LENGTH -> View.SIDE;
            default -> View.FRONT;
        };
    }

    /** A figure for a drawing only: what is not measured is drawn at an ordinary size. */
    double mm(MeasurementKey key, double ordinary) {
        double value = set.find(key).map(Reckoned::value).orElse(ordinary);
        return Math.min(key.most().millimetres(), Math.max(key.least().millimetres(), value));
    }

    double apex() {
        return mm(MeasurementKey.SHOULDER_TO_APEX, 280);
    }

    double halfSpan() {
        return mm(MeasurementKey.APEX_SPAN, 186) / 2;
    }

    double bottom() {
        return level(MeasurementKey.HIP) + BELOW_HIP;
    }

    /** The height of a level line. */
    double level(MeasurementKey key) {
        double underbust = Math.max(apex() + 40, mm(MeasurementKey.SHOULDER_TO_UNDERBUST, apex() + 85));
        double waist = Math.max(underbust + 40, mm(MeasurementKey.FRONT_LENGTH, underbust + 100));
        double hip = waist + mm(MeasurementKey.WAIST_TO_HIP, 210);
        return switch (key) {
            case UPPER_BUST -> apex() - 62;
            case BUST -> apex();
            case UNDERBUST, UNDERBUST_FULL -> underbust;
            case WAIST -> waist;
            case HIGH_HIP -> waist + Math.min(hip - waist - 30, mm(MeasurementKey.WAIST_TO_HIGH_HIP, 105));
            default -> hip;
        };
    }

    /** The level lines, from the top down. */
    List<Ring> rings(View view) {
        return List.of(
                ring(view, MeasurementKey.UPPER_BUST, 860, 0.04),
                ring(view, MeasurementKey.BUST, 910, 0.2),
                ring(view, MeasurementKey.UNDERBUST, 780, 0.02),
                ring(view, MeasurementKey.WAIST, 720, -0.02),
                ring(view, MeasurementKey.HIGH_HIP, 880, -0.06),
                ring(view, MeasurementKey.HIP, 1000, -0.16));
    }

    /** @param forward by which share of its depth the ring stands before the middle line, from the side */
    private Ring ring(View view, MeasurementKey key, double ordinary, double forward) {
        double radius = mm(key, ordinary) / (2 * Math.PI);
        return view == View.SIDE
                ? new Ring(key, level(key), radius / FLATNESS * (1 + forward), radius / FLATNESS * (1 - forward))
                : new Ring(key, level(key), radius * FLATNESS, radius * FLATNESS);
    }

    /** How far the body reaches to one side of the middle, by height: neck, shoulder and the level lines, joined without overshooting. */
    PolynomialSplineFunction outline(View view, boolean left) {
        double shoulder = mm(MeasurementKey.SHOULDER_WIDTH, 400) / 2;
        List<double[]> points = new ArrayList<>();
        boolean side = view == View.SIDE;
        points.add(new double[] {TOP, side ? left ? 62 : 40 : 52});
        points.add(new double[] {-40, side ? left ? 56 : 52 : 56});
        points.add(new double[] {18, side ? left ? 62 : 84 : Math.max(120, shoulder * 0.78)});
        points.add(new double[] {62, side ? left ? 78 : 98 : shoulder});
        List<Ring> rings = rings(view);
        double upper = rings.get(0).y();
        if (upper > 150) {
            points.add(new double[] {(62 + upper) / 2, (points.get(3)[1] + reach(rings.get(0), left)) / 2});
        }
        rings.forEach(r -> points.add(new double[] {r.y(), reach(r, left)}));
        points.add(new double[] {bottom(), reach(rings.get(5), left) * 0.97});
        double[] ys = points.stream().mapToDouble(p -> p[0]).toArray();
        double[] xs = points.stream().mapToDouble(p -> p[1]).toArray();
        for (int i = 1; i < ys.length; i++) {
            ys[i] = Math.max(ys[i], ys[i - 1] + 4);
        }
        return new AkimaSplineInterpolator().interpolate(ys, xs);
    }

    private static double reach(Ring ring, boolean left) {
        return left ? ring.left() : ring.right();
    }

    /** How the tape of a measurement lies, when it does not lie round the body on a level line. */
    Optional<Run> run(MeasurementKey key) {
        double apex = apex();
        double waist = level(MeasurementKey.WAIST);
        double underbust = level(MeasurementKey.UNDERBUST);
        double upper = level(MeasurementKey.UPPER_BUST);
        double span = halfSpan();
        double tip = mm(MeasurementKey.SHOULDER_WIDTH, 400) / 2;
        return Optional.ofNullable(
                switch (key) {
                    case SHOULDER_TO_APEX -> Run.of(-NECK_END, 0, -span, apex);
                    case SHOULDER_TO_UNDERBUST -> Run.of(-NECK_END, 0, -span, apex, -span, underbust);
                    case FRONT_LENGTH -> Run.of(-NECK_END, 0, -span, apex, -span, waist);
                    case BACK_LENGTH -> Run.of(NECK_END, 0, NECK_END, waist);
                    case APEX_TO_UNDERBUST -> Run.of(-span, apex, -span, underbust);
                    case APEX_SPAN -> Run.of(-span, apex, span, apex);
                    case APEX_TO_CENTRE -> Run.of(-span, apex, 0, apex);
                    case WAIST_TO_HIP -> Run.of(0, waist, 0, level(MeasurementKey.HIP));
                    case WAIST_TO_HIGH_HIP -> Run.of(0, waist, 0, level(MeasurementKey.HIGH_HIP));
                    case UNDERARM_TO_WAIST -> Run.of(0, upper - 12, 0, waist);
                    case WAIST_TO_LAP ->
                        Run.of(
                                -rings(View.SIDE).get(3).left(),
                                waist,
                                -rings(View.SIDE).get(4).left() * 1.02,
                                waist + mm(MeasurementKey.WAIST_TO_LAP, 190));
                    case SHOULDER_WIDTH -> Run.of(-tip, 58, 0, 40, tip, 58);
                    case CHEST_WIDTH -> across(mm(key, 340), (62 + upper) / 2);
                    case BACK_WIDTH -> across(mm(key, 360), (62 + upper) / 2);
                    case TOP_EDGE_WIDTH -> across(mm(key, 300), upper - 20);
                    case NECK -> ellipse(0, -14, 62, 12);
                    case AROUND_SHOULDERS -> ellipse(0, 104, tip + 24, 22);
                    case ARMHOLE -> ellipse(0, (30 + upper) / 2, 52, (upper - 30) / 2);
                    case UPPER_ARM -> ellipse(0, upper, mm(key, 300) / (2 * Math.PI), 14);
                    case SLEEVE_LENGTH -> Run.of(0, 40, 0, 40 + mm(key, 200));
                    case HEIGHT ->
                        Run.of(
                                rings(View.SIDE).get(5).right() + 24,
                                TOP,
                                rings(View.SIDE).get(5).right() + 24,
                                bottom());
                    default -> null;
                });
    }

    private static Run across(double width, double y) {
        return Run.of(-width / 2, y, 0, y + 6, width / 2, y);
    }

    private static Run ellipse(double x, double y, double halfWidth, double halfHeight) {
        List<double[]> points = new ArrayList<>();
        int steps = 40;
        for (int i = 0; i < steps; i++) {
            double angle = 2 * Math.PI * i / steps;
            points.add(new double[] {x + halfWidth * Math.cos(angle), y + halfHeight * Math.sin(angle)});
        }
        return new Run(points, true);
    }
}
