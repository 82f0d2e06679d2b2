package bathyra.app.fit;

import bathyra.app.form.Look;
import bathyra.app.form.Raster;
import bathyra.fit.Mesh;
import bathyra.fit.Worn;

/** A garment on a wearer's form, seen from a side. */
final class Figure {
    /** A body is pressed in by no more, mm, seen from any side. */
    private static final double PRESSED_MOST = 40;

    private Figure() {}

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
