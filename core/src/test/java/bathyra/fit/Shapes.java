package bathyra.fit;

import java.util.ArrayList;
import java.util.List;

/** Bodies and sheets whose answer is known beforehand. */
final class Shapes {
    private Shapes() {}

    /** A body that does not give way, round, as wide as is said at each height. @param slope by which the radius grows with the height */
    static Surface round(double radius, double slope, double firmness) {
        return new Surface() {
            @Override
            public void read(double azimuth, double z, double[] into) {
                into[0] = radius + slope * z;
                into[1] = 0;
                into[2] = slope;
                into[3] = 0;
                into[4] = 0;
            }

            @Override
            public double firmness(double azimuth, double z) {
                return firmness;
            }
        };
    }

    /** One half of a sleeve, with the shape it begins in. */
    record Sleeve(Mesh mesh, double[] start, int rows, int columns) {
        int at(int row, int column) {
            return row * (columns + 1) + column;
        }
    }

    /**
     * A rectangle of cloth laid half round: rows from below, columns from centre front to centre back, held to the side at both ends and in
     * height along its lower edge.
     */
    static Sleeve sleeve(double half, double height, double spacing, double radius, double slope) {
        int columns = (int) Math.round(half / spacing);
        int rows = (int) Math.round(height / spacing);
        int count = (rows + 1) * (columns + 1);
        boolean[][] held = new boolean[count][3];
        double[] start = new double[3 * count];
        List<int[]> triangles = new ArrayList<>();
        List<double[]> paper = new ArrayList<>();
        for (int r = 0; r <= rows; r++) {
            for (int c = 0; c <= columns; c++) {
                int v = r * (columns + 1) + c;
                held[v][0] = c == 0 || c == columns;
                held[v][2] = r == 0;
                double z = height * r / rows;
                double azimuth = Math.PI * c / columns;
                double out = radius + slope * z + 3;
                start[3 * v] = c == 0 || c == columns ? 0 : out * Math.sin(azimuth);
                start[3 * v + 1] = out * Math.cos(azimuth);
                start[3 * v + 2] = z;
            }
        }
        for (int r = 0; r < rows; r++) {
            for (int c = 0; c < columns; c++) {
                int a = r * (columns + 1) + c;
                int b = a + 1;
                int d = a + columns + 1;
                int e = d + 1;
                boolean leaning = (r + c) % 2 == 0;
                add(triangles, paper, columns, rows, half, height, leaning ? new int[] {a, b, e} : new int[] {a, b, d});
                add(triangles, paper, columns, rows, half, height, leaning ? new int[] {a, e, d} : new int[] {b, e, d});
            }
        }
        return new Sleeve(
                new Mesh(count, triangles.toArray(int[][]::new), paper.toArray(double[][]::new), held),
                start,
                rows,
                columns);
    }

    private static void add(
            List<int[]> triangles,
            List<double[]> paper,
            int columns,
            int rows,
            double half,
            double height,
            int[] corners) {
        double[] at = new double[6];
        for (int k = 0; k < 3; k++) {
            at[2 * k] = half * (corners[k] % (columns + 1)) / columns;
            at[2 * k + 1] = height * (corners[k] / (columns + 1)) / rows;
        }
        triangles.add(corners);
        paper.add(at);
    }
}
