package bathyra.files.obj;

import bathyra.fit.Mesh;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.form.Heights;
import java.util.Locale;
import java.util.Map;

/** Forms and garments as OBJ for other software: millimetres, z up, y forward, x to the wearer's left. */
public final class ObjFiles {
    private static final int AROUND = 96;
    private static final double RISE = 10;

    private ObjFiles() {}

    /** A form, whole, with its level lines as lines of their own name. */
    public static String form(Form form) {
        StringBuilder text = new StringBuilder("# millimetres; z up, y forward, x to the left of the wearer\no form\n");
        Heights heights = form.heights();
        int rows = (int) Math.ceil((heights.above() - heights.below()) / RISE);
        for (int r = 0; r <= rows; r++) {
            double z = heights.below() + (heights.above() - heights.below()) * r / rows;
            ring(text, form, z);
        }
        for (int r = 0; r < rows; r++) {
            for (int a = 0; a < AROUND; a++) {
                int here = r * AROUND + a + 1;
                int beside = r * AROUND + (a + 1) % AROUND + 1;
                face(text, here, beside, beside + AROUND);
                face(text, here, beside + AROUND, here + AROUND);
            }
        }
        int next = (rows + 1) * AROUND + 1;
        for (Map.Entry<String, Double> line : form.lines().entrySet()) {
            text.append("o level-").append(line.getKey().replace(' ', '-')).append('\n');
            ring(text, form, line.getValue());
            text.append('l');
            for (int a = 0; a <= AROUND; a++) {
                text.append(' ').append(next + a % AROUND);
            }
            text.append('\n');
            next += AROUND;
        }
        return text.toString();
    }

    private static void ring(StringBuilder text, Form form, double z) {
        for (int a = 0; a < AROUND; a++) {
            double[] at = form.at(2 * Math.PI * a / AROUND - Math.PI, z);
            vertex(text, at[0], at[1], at[2]);
        }
    }

    /** Both halves of a garment as it sits, sewn. */
    public static String garment(Worn worn) {
        StringBuilder text = new StringBuilder("# millimetres; z up, y forward, x to the left of the wearer\n");
        Mesh mesh = worn.mesh();
        double[] x = worn.rest().shape();
        int first = 1;
        for (int side = 1; side >= -1; side -= 2) {
            text.append(side > 0 ? "o garment-left\n" : "o garment-right\n");
            for (int v = 0; v < mesh.count(); v++) {
                vertex(text, side * x[3 * v], x[3 * v + 1], x[3 * v + 2]);
            }
            for (int[] t : mesh.triangles()) {
                face(text, first + t[0], first + (side > 0 ? t[1] : t[2]), first + (side > 0 ? t[2] : t[1]));
            }
            first += mesh.count();
        }
        return text.toString();
    }

    private static void vertex(StringBuilder text, double x, double y, double z) {
        text.append(String.format(Locale.ROOT, "v %.3f %.3f %.3f%n", x, y, z));
    }

    private static void face(StringBuilder text, int a, int b, int c) {
        text.append("f ").append(a).append(' ').append(b).append(' ').append(c).append('\n');
    }
}
