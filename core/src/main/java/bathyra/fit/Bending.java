package bathyra.fit;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * The cloth's resistance to being folded: a constant quadratic form over pairs of triangles, weighed by their angles on the paper (Bergou,
 * Wardetzky, Harmon, Zorin and Grinspun 2006, *Eurographics Symposium on Geometry Processing*).
 */
final class Bending {
    /** The two ends of the edge, then the corner on either side; the last is −1 where the mesh is mirrored there. */
    private final List<int[]> hinges = new ArrayList<>();

    private final List<double[]> weights = new ArrayList<>();
    private final List<Double> stiffness = new ArrayList<>();

    private record Half(int triangle, int corner) {}

    /** @param mirrored whether an edge whose two ends are held to the side goes on as its own mirror image */
    Bending(Mesh mesh, double bending, boolean mirrored) {
        Map<Long, Half> open = new HashMap<>();
        int[][] triangles = mesh.triangles();
        for (int t = 0; t < triangles.length; t++) {
            for (int k = 0; k < 3; k++) {
                int a = triangles[t][(k + 1) % 3];
                int b = triangles[t][(k + 2) % 3];
                long key = (long) Math.min(a, b) * mesh.count() + Math.max(a, b);
                Half other = open.remove(key);
                if (other == null) {
                    open.put(key, new Half(t, k));
                } else {
                    hinge(mesh, other, new Half(t, k), bending);
                }
            }
        }
        if (mirrored) {
            for (Half half : open.values()) {
                int[] v = triangles[half.triangle()];
                int a = v[(half.corner() + 1) % 3];
                int b = v[(half.corner() + 2) % 3];
                if (mesh.held()[a][0] && mesh.held()[b][0]) {
                    mirror(mesh, half, bending);
                }
            }
        }
    }

    int[][] groups() {
        return hinges.toArray(int[][]::new);
    }

    private void hinge(Mesh mesh, Half one, Half two, double bending) {
        int[] v = mesh.triangles()[one.triangle()];
        int[] w = mesh.triangles()[two.triangle()];
        int a = v[(one.corner() + 1) % 3];
        int b = v[(one.corner() + 2) % 3];
        double atA = cot(mesh.paper()[one.triangle()], (one.corner() + 1) % 3);
        double atB = cot(mesh.paper()[one.triangle()], (one.corner() + 2) % 3);
        int second = w[(two.corner() + 1) % 3] == a ? (two.corner() + 1) % 3 : (two.corner() + 2) % 3;
        double alsoA = cot(mesh.paper()[two.triangle()], second);
        double alsoB = cot(mesh.paper()[two.triangle()], 3 - second - two.corner());
        hinges.add(new int[] {a, b, v[one.corner()], w[two.corner()]});
        weights.add(new double[] {atB + alsoB, atA + alsoA, -atA - atB, -alsoA - alsoB});
        stiffness.add(3 * bending / (area(mesh.paper()[one.triangle()]) + area(mesh.paper()[two.triangle()])));
    }

    private void mirror(Mesh mesh, Half half, double bending) {
        int[] v = mesh.triangles()[half.triangle()];
        double[] paper = mesh.paper()[half.triangle()];
        double atA = cot(paper, (half.corner() + 1) % 3);
        double atB = cot(paper, (half.corner() + 2) % 3);
        hinges.add(new int[] {v[(half.corner() + 1) % 3], v[(half.corner() + 2) % 3], v[half.corner()], -1});
        weights.add(new double[] {2 * atB, 2 * atA, -2 * (atA + atB), 0});
        // Half of what the whole hinge holds belongs to this half.
        stiffness.add(3 * bending / (2 * area(paper)) / 2);
    }

    private static double area(double[] p) {
        return Math.abs((p[2] - p[0]) * (p[5] - p[1]) - (p[4] - p[0]) * (p[3] - p[1])) / 2;
    }

    private static double cot(double[] p, int corner) {
        int b = (corner + 1) % 3;
        int c = (corner + 2) % 3;
        double ux = p[2 * b] - p[2 * corner];
        double uy = p[2 * b + 1] - p[2 * corner + 1];
        double vx = p[2 * c] - p[2 * corner];
        double vy = p[2 * c + 1] - p[2 * corner + 1];
        return (ux * vx + uy * vy) / Math.abs(ux * vy - uy * vx);
    }

    double energy(double[] x) {
        double sum = 0;
        for (int h = 0; h < hinges.size(); h++) {
            for (int axis = 0; axis < 3; axis++) {
                double bend = bend(h, x, axis);
                sum += stiffness.get(h) / 2 * bend * bend;
            }
        }
        return sum;
    }

    private double bend(int h, double[] x, int axis) {
        int[] v = hinges.get(h);
        if (v[3] < 0 && axis == 0) {
            // Mirrored, the two sides cancel.
            return 0;
        }
        double[] w = weights.get(h);
        double bend = 0;
        for (int k = 0; k < 4; k++) {
            bend += v[k] < 0 ? 0 : w[k] * x[3 * v[k] + axis];
        }
        return bend;
    }

    void add(double[] x, double[] gradient, BlockMatrix matrix) {
        double[] block = new double[9];
        for (int h = 0; h < hinges.size(); h++) {
            int[] v = hinges.get(h);
            double[] w = weights.get(h);
            double k = stiffness.get(h);
            double[] bend = {bend(h, x, 0), bend(h, x, 1), bend(h, x, 2)};
            block[0] = v[3] < 0 ? 0 : 1;
            block[4] = 1;
            block[8] = 1;
            for (int a = 0; a < 4; a++) {
                if (v[a] < 0) {
                    continue;
                }
                for (int axis = 0; axis < 3; axis++) {
                    gradient[3 * v[a] + axis] += k * w[a] * bend[axis];
                }
                for (int b = a; b < 4; b++) {
                    if (v[b] >= 0) {
                        matrix.add(v[a], v[b], block, k * w[a] * w[b]);
                    }
                }
            }
        }
    }
}
