package bathyra.app.fit;

import bathyra.fit.Mesh;
import bathyra.fit.Worn;
import bathyra.form.Form;

/** A wearer's form, with a garment on it where there is one, seen from a side. */
final class Figure {
    private static final int AROUND = 96;
    private static final double RISE = 6;
    /** A body is pressed in by no more, mm, seen from any side. */
    private static final double PRESSED_MOST = 40;

    private Figure() {}

    /**
     * How it is looked at.
     *
     * @param turn from the front, radians: a quarter shows the wearer's left side
     * @param scale pixels a millimetre
     * @param middle pixel of the axis
     * @param waist pixel of the waist line
     */
    record Look(double turn, double scale, double middle, double waist) {
        double[] seen(double x, double y, double z, double value) {
            double cos = Math.cos(turn);
            double sin = Math.sin(turn);
            return new double[] {middle + (x * cos - y * sin) * scale, waist - z * scale, x * sin + y * cos, value};
        }
    }

    /** The look at which a whole form stands in a picture. */
    static Look fitting(Form form, double turn, int width, int height) {
        double tall = form.heights().above() - form.heights().below();
        double wide = 0;
        for (double z = form.heights().below(); z <= form.heights().above(); z += 20) {
            for (double azimuth = 0; azimuth <= Math.PI; azimuth += 0.3) {
                wide = Math.max(wide, 2 * form.radius(azimuth, z));
            }
        }
        double scale = Math.min(0.94 * height / tall, 0.94 * width / wide);
        double centre = (form.heights().above() + form.heights().below()) / 2;
        return new Look(turn, scale, width / 2.0, height / 2.0 + centre * scale);
    }

    /** The body alone; its value is how near it lies. */
    static void body(Raster raster, Form form, Look look) {
        int rows = (int) Math.ceil((form.heights().above() - form.heights().below()) / RISE);
        double[][] last = null;
        for (int r = 0; r <= rows; r++) {
            double z = Math.min(form.heights().above(), form.heights().below() + r * RISE);
            double[][] row = new double[AROUND + 1][];
            for (int a = 0; a <= AROUND; a++) {
                double[] at = form.at(2 * Math.PI * a / AROUND - Math.PI, z);
                double[] seen = look.seen(at[0], at[1], at[2], 0);
                seen[3] = seen[2];
                row[a] = seen;
            }
            for (int a = 0; last != null && a < AROUND; a++) {
                raster.triangle(Raster.BODY, last[a], last[a + 1], row[a]);
                raster.triangle(Raster.BODY, last[a + 1], row[a + 1], row[a]);
            }
            last = row;
        }
    }

    /** Both halves of a garment; its value is how far it stands away, mm, less than nothing where it presses in. */
    static void garment(Raster raster, Worn worn, double[] away, Look look) {
        Mesh mesh = worn.mesh();
        double[] shape = worn.rest().shape();
        Raster alone = new Raster(raster.width(), raster.height());
        for (int side = -1; side <= 1; side += 2) {
            double[][] seen = new double[mesh.count()][];
            for (int v = 0; v < mesh.count(); v++) {
                seen[v] = look.seen(side * shape[3 * v], shape[3 * v + 1], shape[3 * v + 2], away[v]);
            }
            for (int[] t : mesh.triangles()) {
                alone.triangle(Raster.GARMENT, seen[t[0]], seen[t[1]], seen[t[2]]);
            }
        }
        raster.lay(alone, PRESSED_MOST);
    }
}
