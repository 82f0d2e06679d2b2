package bathyra.app.measure;

import bathyra.app.form.Stand;
import bathyra.form.Form;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;

/**
 * How the tape of a measurement lies on the body.
 *
 * @param points to the wearer's left, forward and up, mm
 * @param closed whether it goes round and meets itself
 */
record TapePath(List<double[]> points, boolean closed) {
    private static final double QUARTER = Math.PI / 2;
    private static final double BLADE = Math.PI - 0.5;
    private static final double OVER_UPPER = 60;
    private static final double STEP = 6;
    private static final int ROUND = 48;
    private static final double ARM = 44;

    TapePath {
        points = List.copyOf(points);
    }

    /** From where a measurement is best seen being taken, radians from the front. */
    static double turn(MeasurementKey key) {
        return switch (key) {
            case BACK_LENGTH, BACK_WIDTH, SHOULDER_WIDTH, UNDERBUST_TO_WAIST_BACK, WAIST_TO_TOP_BACK -> 2 * QUARTER;
            case ARMHOLE,
                    UNDERARM_TO_WAIST,
                    UNDERBUST_TO_WAIST_SIDE,
                    WAIST_TO_TOP_SIDE,
                    WAIST_TO_HIGH_HIP,
                    WAIST_TO_HIP,
                    WAIST_TO_HIP_BONE,
                    WAIST_TO_LAP,
                    WAIST_TO_BELLY,
                    HEIGHT,
                    UPPER_ARM,
                    SLEEVE_LENGTH -> QUARTER;
            default -> 0;
        };
    }

    /** The tape of a measurement on a body. @param set whose figures say how long it is */
    static TapePath of(MeasurementKey key, Stand stand, MeasurementSet set) {
        Form form = stand.left();
        double bust = form.heights().bust();
        double upper = form.heights().upper();
        double apex = form.apexAzimuth();
        return switch (key) {
            case BUST -> level(stand, bust);
            case UPPER_BUST -> level(stand, upper);
            case UNDERBUST, UNDERBUST_FULL -> level(stand, form.heights().underbust());
            case WAIST, WAIST_DRAWN_IN -> level(stand, 0);
            case HIGH_HIP -> level(stand, form.heights().highHip());
            case HIP -> level(stand, form.heights().hip());
            case BELLY -> level(stand, -mm(set, MeasurementKey.WAIST_TO_BELLY, 80));
            case BUST_FRONT_ARC -> front(stand, bust);
            case WAIST_FRONT_ARC -> front(stand, 0);
            case HIP_FRONT_ARC -> front(stand, form.heights().hip());
            case NECK -> round(stand, stand.base() + 14);
            case AROUND_SHOULDERS -> round(stand, stand.tip() - 46);
            case APEX_SPAN -> line(other(form.apex()), form.apex());
            case APEX_TO_CENTRE -> across(stand, -apex, 0, bust);
            case TOP_EDGE_WIDTH -> wide(stand, mm(set, key, 300), upper + 20);
            case CHEST_WIDTH -> wide(stand, mm(set, key, 340), (upper + stand.tip()) / 2);
            case BACK_WIDTH -> behind(stand, mm(set, key, 360), (upper + stand.tip()) / 2);
            case SHOULDER_WIDTH -> behind(stand, mm(set, key, 400), stand.tip());
            case UPPER_BUST_HEIGHT -> fromNeck(stand, stand.at(-apex, upper));
            case SHOULDER_TO_APEX -> fromNeck(stand, other(form.apex()));
            case SHOULDER_TO_UNDERBUST -> overApex(stand, form.heights().underbust());
            case FRONT_LENGTH -> overApex(stand, 0);
            case BACK_LENGTH -> downTheBack(stand);
            case APEX_TO_UNDERBUST -> down(stand, -apex, bust, form.heights().underbust());
            case UNDERARM_TO_WAIST -> down(stand, QUARTER, form.along(QUARTER, 0, mm(set, key, 200)), 0);
            case UNDERBUST_TO_WAIST_FRONT -> down(stand, 0, form.heights().underbust(), 0);
            case UNDERBUST_TO_WAIST_SIDE -> down(stand, QUARTER, form.heights().underbust(), 0);
            case UNDERBUST_TO_WAIST_BACK ->
                down(stand, 2 * QUARTER, form.heights().underbust(), 0);
            case WAIST_TO_TOP_SIDE -> down(stand, QUARTER, form.along(QUARTER, 0, mm(set, key, 190)), 0);
            case WAIST_TO_TOP_BACK -> down(stand, 2 * QUARTER, form.along(2 * QUARTER, 0, mm(set, key, 170)), 0);
            case WAIST_TO_BELLY -> down(stand, 0, 0, -mm(set, key, 80));
            case WAIST_TO_HIP_BONE -> down(stand, QUARTER, 0, -mm(set, key, 90));
            case WAIST_TO_HIGH_HIP -> down(stand, QUARTER, 0, form.heights().highHip());
            case WAIST_TO_HIP -> down(stand, QUARTER, 0, form.heights().hip());
            case WAIST_TO_LAP -> down(stand, 0, 0, -mm(set, key, 190));
            case ARMHOLE -> ring(stand.tip() + 6, upper + 8, ARM, stand);
            case UPPER_ARM -> ring(upper + 12, upper - 12, mm(set, key, 300) / (2 * Math.PI), stand);
            case SLEEVE_LENGTH -> line(side(stand, stand.tip()), side(stand, stand.tip() - mm(set, key, 200)));
            case HEIGHT -> {
                double back = stand.at(Math.PI, form.heights().hip())[1] - 40;
                yield line(new double[] {0, back, stand.top()}, new double[] {0, back, stand.bottom()});
            }
        };
    }

    private static double mm(MeasurementSet set, MeasurementKey key, double ordinary) {
        double value = set.find(key).map(Reckoned::value).orElse(ordinary);
        return Math.min(key.most().millimetres(), Math.max(key.least().millimetres(), value));
    }

    private static double[] other(double[] at) {
        return new double[] {-at[0], at[1], at[2]};
    }

    private static double[] side(Stand stand, double z) {
        double[] tip = stand.at(QUARTER, stand.tip());
        return new double[] {tip[0], tip[1], z};
    }

    private static TapePath line(double[]... points) {
        return new TapePath(List.of(points), false);
    }

    /** Round the body at a height, over hollows as a tape lies. */
    private static TapePath level(Stand stand, double z) {
        if (stand.left() != stand.right()) {
            return round(stand, z);
        }
        List<double[]> points = half(stand.left(), z, 1);
        List<double[]> right = half(stand.right(), z, -1);
        Collections.reverse(right);
        points.addAll(right);
        return new TapePath(points, true);
    }

    private static List<double[]> half(Form form, double z, int side) {
        List<double[]> points = new ArrayList<>();
        for (double[] at : form.tapeAt(z)) {
            points.add(new double[] {side * at[0], at[1], z});
        }
        return points;
    }

    private static TapePath front(Stand stand, double z) {
        List<double[]> points = new ArrayList<>(half(stand.right(), z, -1));
        Collections.reverse(points);
        points.addAll(half(stand.left(), z, 1));
        double side = stand.left().axis(z);
        points.removeIf(p -> p[1] < side);
        return new TapePath(points, false);
    }

    /** Round the surface itself at a height. */
    static TapePath round(Stand stand, double z) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            points.add(stand.at(2 * Math.PI * i / ROUND - Math.PI, z));
        }
        return new TapePath(points, true);
    }

    private static TapePath across(Stand stand, double from, double to, double z) {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i <= ROUND; i++) {
            points.add(stand.at(from + (to - from) * i / ROUND, z));
        }
        return new TapePath(points, false);
    }

    /** Over the front from one side to the other, so wide. */
    private static TapePath wide(Stand stand, double width, double z) {
        double azimuth = Math.asin(Math.min(0.98, width / 2 / Math.max(width / 2, stand.at(QUARTER, z)[0])));
        return across(stand, -azimuth, azimuth, z);
    }

    private static TapePath behind(Stand stand, double width, double z) {
        List<double[]> points = new ArrayList<>();
        for (double[] at : wide(stand, width, z).points()) {
            double azimuth =
                    Math.PI - Math.abs(Math.atan2(at[0], at[1] - stand.left().axis(z)));
            points.add(stand.at(at[0] < 0 ? -azimuth : azimuth, z));
        }
        return new TapePath(points, false);
    }

    private static TapePath fromNeck(Stand stand, double[] to) {
        return line(stand.neckEnd(-1), to);
    }

    private static TapePath overApex(Stand stand, double to) {
        Form form = stand.right();
        List<double[]> points = new ArrayList<>(List.of(stand.neckEnd(-1)));
        points.addAll(
                down(stand, -form.apexAzimuth(), form.heights().bust(), to).points());
        return new TapePath(points, false);
    }

    private static TapePath downTheBack(Stand stand) {
        List<double[]> points = new ArrayList<>(List.of(stand.neckEnd(1)));
        points.addAll(down(stand, BLADE, stand.left().heights().upper() + OVER_UPPER, 0)
                .points());
        return new TapePath(points, false);
    }

    /** Along the surface from one height to another. */
    private static TapePath down(Stand stand, double azimuth, double from, double to) {
        List<double[]> points = new ArrayList<>();
        int steps = Math.max(2, (int) Math.ceil(Math.abs(to - from) / STEP));
        for (int i = 0; i <= steps; i++) {
            points.add(stand.at(azimuth, from + (to - from) * i / steps));
        }
        return new TapePath(points, false);
    }

    /** Round the arm's root or the arm, seen from the side. */
    private static TapePath ring(double top, double bottom, double half, Stand stand) {
        double[] tip = stand.at(QUARTER, stand.tip());
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < ROUND; i++) {
            double angle = 2 * Math.PI * i / ROUND;
            points.add(new double[] {
                tip[0], tip[1] + half * Math.cos(angle), (top + bottom) / 2 + (top - bottom) / 2 * Math.sin(angle)
            });
        }
        return new TapePath(points, true);
    }
}
