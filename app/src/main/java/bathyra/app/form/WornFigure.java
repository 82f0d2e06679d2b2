package bathyra.app.form;

import bathyra.fit.Mesh;
import bathyra.fit.OnForm;
import java.util.List;

/** A garment on a wearer's form, seen from a side. */
public final class WornFigure {
    /** A body is pressed in by no more, mm, seen from any side. */
    private static final double PRESSED_MOST = 40;
    /** A line of the cloth runs a little behind the triangles that it belongs to, mm. */
    private static final double BEHIND = 4;
    /** From so many pixels a millimetre on a bone is drawn wider. */
    private static final double FINE = 0.6;

    private WornFigure() {}

    /**
     * Garment and body from a side.
     *
     * @param away how far each vertex stands away, mm
     */
    public static Raster of(Stand stand, OnForm worn, double[] away, Look look, int width, int height) {
        Raster raster = new Raster(width, height);
        stand.paint(raster, look);
        garment(raster, worn, away, look);
        lines(raster, worn, look);
        return raster;
    }

    /** Both halves of a garment; its value is how far it stands away, mm, less than nothing where it presses in. */
    private static void garment(Raster raster, OnForm worn, double[] away, Look look) {
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

    /** The bones and over them the seams of both halves. */
    private static void lines(Raster raster, OnForm worn, Look look) {
        double[] x = worn.rest().shape();
        int wide = look.scale() > FINE ? 3 : 2;
        List<double[][]> bones = worn.bones();
        List<OnForm.Stroke> strokes = worn.strokes();
        for (int side = -1; side <= 1; side += 2) {
            for (double[][] bone : bones) {
                for (int i = 1; i < bone.length; i++) {
                    raster.line(
                            Raster.BONE,
                            look.seen(side * bone[i - 1][0], bone[i - 1][1], bone[i - 1][2], 0),
                            look.seen(side * bone[i][0], bone[i][1], bone[i][2], 0),
                            BEHIND,
                            wide);
                }
            }
            for (OnForm.Stroke stroke : strokes) {
                for (int i = 1; i < stroke.vertices().length; i++) {
                    raster.line(
                            Raster.SEAM,
                            at(x, stroke.vertices()[i - 1], side, look),
                            at(x, stroke.vertices()[i], side, look),
                            BEHIND,
                            1);
                }
            }
        }
    }

    private static double[] at(double[] x, int v, int side, Look look) {
        return look.seen(side * x[3 * v], x[3 * v + 1], x[3 * v + 2], 0);
    }
}
