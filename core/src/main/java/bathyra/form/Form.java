package bathyra.form;

import bathyra.measure.MeasurementKey;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The torso of a wearer as a surface, worked out from the tape (C20): z up from the waist, azimuth θ from centre front, the radius R(θ, z)
 * about an axis that leans with the back. The y axis points forward. It is even: θ and −θ are alike.
 */
public final class Form {
    private static final double PARALLEL = 1e-12;
    /** Half a turn in so many steps, where a section is measured. */
    private static final int STEPS = 180;

    /** The neck end of the shoulder lies so far from the middle, mm. */
    private static final double NECK = 72;
    /** The tape down the back goes over the blade: there, so far above the upper-bust line, and so far from centre back in radians. */
    private static final double BACK_OVER = 60;

    private static final double BACK_OFF = 0.5;

    /** From some hundred millimetres to a thousandth. */
    private static final int HALVINGS = 18;

    private final Tape tape;
    private final Heights heights;
    private final Torso torso;
    private final Breast breast;
    private final List<Residual> residuals;

    Form(Tape tape, Heights heights, Torso torso, Breast breast, List<Residual> residuals) {
        this.tape = tape;
        this.heights = heights;
        this.torso = torso;
        this.breast = breast;
        this.residuals = List.copyOf(residuals);
    }

    /**
     * What a tape reads on the form, beside what it read on the wearer.
     *
     * @param key the measurement
     * @param name of the figure
     * @param taped mm
     * @param form mm
     */
    public record Residual(MeasurementKey key, String name, double taped, double form) {
        Residual(MeasurementKey key, double taped, double form) {
            this(key, key.label(), taped, form);
        }

        /** By how much the form is too large, mm. */
        public double off() {
            return form - taped;
        }
    }

    /** The figures that it was built from. */
    public Tape tape() {
        return tape;
    }

    /** The heights of its lines by their names, from the top, mm. */
    public Map<String, Double> lines() {
        Map<String, Double> lines = new LinkedHashMap<>();
        lines.put("upper bust", heights.upper());
        lines.put("bust", heights.bust());
        lines.put("underbust", heights.underbust());
        lines.put("waist", 0.0);
        lines.put("high hip", heights.highHip());
        lines.put("hip", heights.hip());
        return lines;
    }

    public Heights heights() {
        return heights;
    }

    /** What the tape reads on it. */
    public List<Residual> residuals() {
        return residuals;
    }

    /** The radius at an azimuth and a height, mm. */
    public double radius(double azimuth, double z) {
        return torso.radius(azimuth, z) + breast.at(azimuth, z);
    }

    /** How far forward the axis lies at a height, mm. */
    public double axis(double z) {
        return torso.axis(z);
    }

    /** A place of the surface: to the wearer's left, forward and up, mm. */
    public double[] at(double azimuth, double z) {
        double radius = radius(azimuth, z);
        return new double[] {radius * Math.sin(azimuth), axis(z) + radius * Math.cos(azimuth), z};
    }

    /** Where the apex lies. */
    public double[] apex() {
        return at(breast.azimuth(), breast.height());
    }

    /** The azimuth of the apex, radians. */
    public double apexAzimuth() {
        return breast.azimuth();
    }

    /** How much of a place is breast: 1 at the apex, 0 at its rim and beyond. */
    public double breastShare(double azimuth, double z) {
        return breast.share(azimuth, z);
    }

    /** How far the breast stands out, mm. */
    public double proud() {
        return breast.proud();
    }

    /** How much one breast holds, millilitres: what stands out of the torso. */
    public double breastVolume() {
        double sum = 0;
        double dz = 2;
        double da = Math.PI / STEPS;
        for (double z = heights.underbust(); z <= heights.above(); z += dz) {
            for (int i = 0; i <= STEPS; i++) {
                double azimuth = i * da;
                double out = breast.at(azimuth, z);
                if (out > 0) {
                    double inner = torso.radius(azimuth, z);
                    sum += ((inner + out) * (inner + out) - inner * inner) / 2 * da * dz;
                }
            }
        }
        return sum / 1000;
    }

    /** The outline at a height, from centre front round the wearer's left to centre back: x and y of each place, mm. */
    public double[][] section(double z) {
        double[][] points = new double[STEPS + 1][];
        for (int i = 0; i <= STEPS; i++) {
            double[] at = at(Math.PI * i / STEPS, z);
            points[i] = new double[] {at[0], at[1]};
        }
        return points;
    }

    /** What a tape reads round it at a height: it bridges hollows, as cloth does. */
    public double girth(double z) {
        return Hull.girth(section(z));
    }

    /** How a tape lies round it at a height, on the wearer's left from the middle in front to the middle behind: x and y, mm. */
    public double[][] tapeAt(double z) {
        return Hull.chain(section(z));
    }

    /** How far from the axis a taut band lies at an azimuth, bridging hollows, mm. */
    public double taut(double azimuth, double z) {
        double[][] band = tapeAt(z);
        double axis = axis(z);
        double sin = Math.sin(azimuth);
        double cos = Math.cos(azimuth);
        double taut = radius(azimuth, z);
        for (int i = 1; i < band.length; i++) {
            double side = band[i - 1][0];
            double front = band[i - 1][1] - axis;
            double right = band[i][0] - side;
            double on = band[i][1] - axis - front;
            double across = sin * on - cos * right;
            if (Math.abs(across) > PARALLEL) {
                double along = (side * cos - front * sin) / across;
                double out = (side * on - front * right) / across;
                if (along >= 0 && along <= 1) {
                    taut = Math.max(taut, out);
                }
            }
        }
        return taut;
    }

    /** The height that is reached by going so far along the surface from another, up or, with less than nothing, down, mm. */
    public double along(double azimuth, double from, double length) {
        double low = from + Math.min(0, length);
        double high = from + Math.max(0, length);
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            double gone = Math.signum(middle - from) * arc(azimuth, from, middle);
            if (gone < length) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** What a tape reads over the front at a height, from the one side to the other. */
    public double front(double z) {
        double[][] quarter = new double[STEPS / 2 + 1][];
        for (int i = 0; i <= STEPS / 2; i++) {
            double[] at = at(Math.PI * i / STEPS, z);
            quarter[i] = new double[] {at[0], at[1]};
        }
        return Hull.front(quarter);
    }

    /**
     * Where the neck end of the shoulder lies: as far from the apex, and up the back, as the tape says (two circles, C20).
     *
     * @return nothing where the two tapes do not meet, or were not taken
     */
    public Optional<double[]> shoulder() {
        double[] apex = apex();
        double backAzimuth = Math.PI - BACK_OFF;
        double[] back = at(backAzimuth, heights.upper() + BACK_OVER);
        double backArc = arc(backAzimuth, 0, heights.upper() + BACK_OVER);
        double front = tape.upperHeight() * tape.upperHeight() - (apex[0] - NECK) * (apex[0] - NECK);
        double left = tape.backLength() - backArc;
        double behind = left * left - (back[0] - NECK) * (back[0] - NECK);
        if (front <= 0 || left <= 0 || behind <= 0) {
            return Optional.empty();
        }
        double dy = back[1] - apex[1];
        double dz = back[2] - apex[2];
        double apart = Math.hypot(dy, dz);
        double along = (apart * apart + front - behind) / (2 * apart);
        double high = front - along * along;
        if (high < 0) {
            return Optional.empty();
        }
        double up = Math.sqrt(high);
        double side = dy < 0 ? -1 : 1;
        return Optional.of(new double[] {
            NECK,
            apex[1] + along * dy / apart - side * up * dz / apart,
            apex[2] + along * dz / apart + side * up * dy / apart
        });
    }

    /** The length along the surface at one azimuth between two heights, mm. */
    public double arc(double azimuth, double from, double to) {
        int steps = Math.max(4, (int) Math.ceil(Math.abs(to - from) / 4));
        double length = 0;
        double[] last = at(azimuth, from);
        for (int i = 1; i <= steps; i++) {
            double[] next = at(azimuth, from + (to - from) * i / steps);
            length += distance(last, next);
            last = next;
        }
        return length;
    }

    static double distance(double[] a, double[] b) {
        double dx = a[0] - b[0];
        double dy = a[1] - b[1];
        double dz = a[2] - b[2];
        return Math.sqrt(dx * dx + dy * dy + dz * dz);
    }
}
