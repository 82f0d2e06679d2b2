package bathyra.app.form;

import bathyra.form.Form;

/**
 * A wearer's form as it is drawn: both halves of it, each by its own figures, and where they are wanted shoulders and a neck, which are
 * only drawn and belong to no form.
 */
public final class Stand {
    private static final int AROUND = 96;
    /** Over so much of the turn from the middle two halves that differ go over into each other, radians. */
    private static final double MEET = 0.9;

    private static final double RISE = 6;
    /** So many rows at the top are seen from the inside too. */
    private static final int OPEN_ROWS = 4;

    private static final double SHOULDER_FALLS = 42;
    private static final double NECK_TALL = 58;
    private static final double TIP_DEEP = 52;
    private static final double NECK_DEEP = 54;
    private static final double NECK_WIDE = 55;
    /** A stand ends before the arms' roots do. */
    private static final double NARROWER = 0.9;
    /** How straight a shoulder falls, to 1; the rest of it is round. */
    private static final double STRAIGHT = 0.55;

    private static final double TALLER = 1.16;
    /** Over this rounder than an ellipse. */
    private static final double ROUND = 2.3;

    private final Form left;
    private final Form right;
    private final double shoulders;
    private final double tip;
    private final double base;
    private final double top;
    private final double neckAxis;
    private volatile double[][][] places;

    private Stand(Form left, Form right, double shoulders, double base, double neckAxis) {
        this.left = left;
        this.right = right;
        this.shoulders = shoulders;
        this.base = base;
        this.tip = Math.max(left.heights().above() + 20, base - SHOULDER_FALLS);
        this.top = shoulders > 0
                ? Math.max(base, tip + 10) + NECK_TALL
                : left.heights().above();
        this.neckAxis = neckAxis;
    }

    /** A form alone. */
    public static Stand bare(Form form) {
        return new Stand(form, form, 0, 0, 0);
    }

    /** Both halves of a wearer, with the width of the shoulders from tip to tip, mm. */
    public static Stand whole(Form left, Form right, double shoulders) {
        double[] neck = left.shoulder().orElseGet(() -> new double[] {
            0,
            left.axis(left.heights().above()),
            left.heights().bust() + left.tape().upperHeight() / TALLER
        });
        double base = Math.max(neck[2], left.heights().above() + 40);
        return new Stand(left, right, shoulders, base, neck[1]);
    }

    /** The form of the wearer's left half. */
    public Form left() {
        return left;
    }

    /** That of the right half. */
    public Form right() {
        return right;
    }

    public double bottom() {
        return left.heights().below();
    }

    public double top() {
        return top;
    }

    /** The height of the neck end of the shoulder. */
    public double base() {
        return base;
    }

    /** The height of the tips of the shoulders. */
    public double tip() {
        return tip;
    }

    /** The neck end of the shoulder on one side: 1 the wearer's left, −1 the right. */
    public double[] neckEnd(int side) {
        return new double[] {side * NECK_WIDE, neckAxis, base};
    }

    /** A place of the surface: to the wearer's left, forward and up, mm. The two halves of an uneven body meet half way between them. */
    public double[] at(double azimuth, double z) {
        double[] own = half(azimuth < 0 ? right : left, azimuth, z);
        if (left != right) {
            double[] other = half(azimuth < 0 ? left : right, azimuth, z);
            double aside = Math.abs(azimuth);
            double near = smooth(1 - Math.min(aside, Math.PI - aside) / MEET);
            own[1] = mixed(own[1], (own[1] + other[1]) / 2, near);
        }
        return own;
    }

    private double[] half(Form form, double azimuth, double z) {
        double above = form.heights().above();
        double begin = form.heights().upper();
        if (z <= begin || shoulders <= 0) {
            return form.at(azimuth, Math.min(z, above));
        }
        double t;
        double radius;
        double axis;
        if (z <= tip) {
            t = smooth((z - begin) / (tip - begin));
            radius = mixed(
                    form.radius(azimuth, Math.min(z, above)), oval(azimuth, NARROWER * shoulders / 2, TIP_DEEP), t);
            axis = mixed(form.axis(Math.min(z, above)), neckAxis, t);
        } else {
            double shoulderTop = Math.max(base, tip + 10);
            t = Math.min(1, (z - tip) / (shoulderTop - tip));
            double wide = mixed(
                    NARROWER * shoulders / 2, NECK_WIDE, STRAIGHT * t + (1 - STRAIGHT) * (1 - Math.sqrt(1 - t * t)));
            double deep = mixed(TIP_DEEP, NECK_DEEP, t);
            radius = oval(azimuth, wide, deep);
            axis = neckAxis;
        }
        return new double[] {radius * Math.sin(azimuth), axis + radius * Math.cos(azimuth), z};
    }

    private static double oval(double azimuth, double wide, double deep) {
        return Math.pow(
                Math.pow(Math.abs(Math.sin(azimuth)) / wide, ROUND)
                        + Math.pow(Math.abs(Math.cos(azimuth)) / deep, ROUND),
                -1 / ROUND);
    }

    private static double smooth(double t) {
        double u = Math.max(0, Math.min(1, t));
        return u * u * (3 - 2 * u);
    }

    private static double mixed(double from, double to, double t) {
        return from + (to - from) * t;
    }

    /** The look at which all of it stands in a picture, with a margin. */
    public Look fitting(double turn, double width, double height) {
        double wide = 0;
        for (double[][] row : places()) {
            for (double[] at : row) {
                wide = Math.max(wide, 2 * Math.hypot(at[0], at[1]));
            }
        }
        double scale = Math.min(0.94 * height / (top - bottom()), 0.94 * width / wide);
        return new Look(turn, scale, width / 2, height / 2 + (top + bottom()) / 2 * scale, 0);
    }

    /** Works out its places, so that painting it finds them: done beside the window. */
    Stand prepared() {
        places();
        return this;
    }

    /** Its places, from below upwards and once round: they do not depend on from where it is looked at. */
    private double[][][] places() {
        if (places == null) {
            int rows = (int) Math.ceil((top - bottom()) / RISE);
            double[][][] all = new double[rows + 1][AROUND + 1][];
            for (int r = 0; r <= rows; r++) {
                double z = Math.min(top, bottom() + r * RISE);
                for (int a = 0; a <= AROUND; a++) {
                    all[r][a] = at(2 * Math.PI * a / AROUND - Math.PI, z);
                }
            }
            places = all;
        }
        return places;
    }

    /** Paints what of it faces whoever looks, and into its open end; its value is how near it lies, mm. */
    public void paint(Raster raster, Look look) {
        double[][] last = null;
        int left = places().length;
        for (double[][] places : places()) {
            double[][] row = new double[AROUND + 1][];
            for (int a = 0; a <= AROUND; a++) {
                double[] at = places[a];
                double[] seen = look.seen(at[0], at[1], at[2], 0);
                seen[3] = seen[2];
                row[a] = seen;
            }
            boolean open = left-- <= OPEN_ROWS;
            for (int a = 0; last != null && a < AROUND; a++) {
                if (open || isFacing(last[a], last[a + 1], row[a])) {
                    raster.triangle(Raster.BODY, last[a], last[a + 1], row[a]);
                }
                if (open || isFacing(last[a + 1], row[a + 1], row[a])) {
                    raster.triangle(Raster.BODY, last[a + 1], row[a + 1], row[a]);
                }
            }
            last = row;
        }
    }

    /** Rows go upwards and round to the wearer's left, so that what faces turns one way on the screen. */
    private static boolean isFacing(double[] a, double[] b, double[] c) {
        return (b[0] - a[0]) * (c[1] - a[1]) - (c[0] - a[0]) * (b[1] - a[1]) <= 0;
    }
}
