package bathyra.fit;

import bathyra.form.Form;
import bathyra.form.Heights;
import bathyra.measure.Softness;

/** A form to put garments on: read once over a grid, between whose places it runs as smoothly as the form itself; with how firm the body is. */
public final class FormSurface implements Surface {
    private static final int TURN = 120;
    private static final double RISE = 5;
    private static final double BEYOND = 120;
    /** kPa a millimetre, which is a thousandth of N/mm³. */
    private static final double KPA = 1e-3;

    private static final double BREAST = 0.12;
    private static final double SOFTER = 0.5;
    private static final double FIRMER = 2;
    /** In front, at the side, behind; from below upwards: below, hip, high hip, waist, underbust, bust, upper, above. */
    private static final double[][] FIRMNESS = {
        {.30, .40, .40},
        {.30, .45, .45},
        {.25, .45, .45},
        {.20, .25, .50},
        {.8, .8, 1.0},
        {.8, .9, 1.2},
        {.8, .9, 1.2},
        {.8, .9, 1.2}
    };

    private final Form form;
    private final double[] knots;
    private final double bottom;
    private final int rows;
    private final double[][] radius;
    private final double[] axis;
    private final double softness;

    public FormSurface(Form form, Softness softness) {
        this.form = form;
        this.softness = KPA
                * switch (softness) {
                    case SOFT -> SOFTER;
                    case BETWEEN -> 1;
                    case FIRM -> FIRMER;
                };
        Heights heights = form.heights();
        knots = new double[] {
            heights.below(),
            heights.hip(),
            heights.highHip(),
            0,
            heights.underbust(),
            heights.bust(),
            heights.upper(),
            heights.above()
        };
        bottom = heights.below() - BEYOND;
        rows = (int) Math.ceil((heights.above() + BEYOND - bottom) / RISE) + 1;
        radius = new double[rows][TURN + 1];
        axis = new double[rows];
        for (int r = 0; r < rows; r++) {
            double z = Math.max(heights.below(), Math.min(heights.above(), bottom + r * RISE));
            axis[r] = form.axis(z);
            for (int a = 0; a <= TURN; a++) {
                radius[r][a] = form.radius(Math.PI * a / TURN, z);
            }
        }
    }

    public Form form() {
        return form;
    }

    @Override
    public void read(double azimuth, double z, double[] into) {
        double side = azimuth < 0 ? -1 : 1;
        double across = Math.min(Math.PI, Math.abs(azimuth)) * TURN / Math.PI;
        double up = Math.max(1, Math.min(rows - 2.000001, (z - bottom) / RISE));
        int a = Math.min(TURN - 1, (int) across);
        int r = (int) up;
        double u = across - a;
        double v = up - r;
        double value = 0;
        double byAzimuth = 0;
        double byHeight = 0;
        double middle = 0;
        double lean = 0;
        for (int j = -1; j <= 2; j++) {
            int row = Math.min(rows - 1, Math.max(0, r + j));
            double w = weight(j, v);
            double dw = slope(j, v) / RISE;
            double at = 0;
            double turned = 0;
            for (int i = -1; i <= 2; i++) {
                double there = radius[row][mirrored(a + i)];
                at += weight(i, u) * there;
                turned += slope(i, u) * TURN / Math.PI * there;
            }
            value += w * at;
            byAzimuth += w * turned;
            byHeight += dw * at;
            middle += w * axis[row];
            lean += dw * axis[row];
        }
        into[0] = value;
        into[1] = side * byAzimuth;
        into[2] = byHeight;
        into[3] = middle;
        into[4] = lean;
    }

    private static int mirrored(int a) {
        return a < 0 ? -a : a > TURN ? 2 * TURN - a : a;
    }

    /** Catmull and Rom's weights: through every place, with a slope that does not jump. */
    private static double weight(int i, double t) {
        return switch (i) {
            case -1 -> t * (-1 + t * (2 - t)) / 2;
            case 0 -> (2 + t * t * (-5 + 3 * t)) / 2;
            case 1 -> t * (1 + t * (4 - 3 * t)) / 2;
            default -> t * t * (t - 1) / 2;
        };
    }

    private static double slope(int i, double t) {
        return switch (i) {
            case -1 -> (-1 + t * (4 - 3 * t)) / 2;
            case 0 -> t * (-10 + 9 * t) / 2;
            case 1 -> (1 + t * (8 - 9 * t)) / 2;
            default -> t * (3 * t - 2) / 2;
        };
    }

    @Override
    public double firmness(double azimuth, double z) {
        int k = 0;
        while (k < knots.length - 2 && z > knots[k + 1]) {
            k++;
        }
        double t = Math.max(0, Math.min(1, (z - knots[k]) / (knots[k + 1] - knots[k])));
        double cos = Math.cos(azimuth);
        int facing = cos >= 0 ? 0 : 2;
        double low = FIRMNESS[k][facing] * cos * cos + FIRMNESS[k][1] * (1 - cos * cos);
        double high = FIRMNESS[k + 1][facing] * cos * cos + FIRMNESS[k + 1][1] * (1 - cos * cos);
        double torso = low + (high - low) * t;
        double breast = Math.sqrt(form.breastShare(azimuth, z));
        return softness * (torso * (1 - breast) + BREAST * breast);
    }
}
