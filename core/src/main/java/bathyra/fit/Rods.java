package bathyra.fit;

import bathyra.bone.Channel;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Bones, busk and zip: rods that lie in the cloth, hard to bend and harder to press together (C21). */
final class Rods {
    /** N. */
    private static final double AXIAL = 2e4;

    /**
     * A rod by places of the mesh, from the top.
     *
     * @param channel of the bone; a busk or a zip has none
     * @param stiffness against bending, N·mm²
     * @param vertices of each place the three of its triangle
     * @param weights of each place how much of each vertex it is
     * @param lengths from each place to the next, mm, as it was cut
     */
    record Rod(Optional<Channel> channel, double stiffness, int[][] vertices, double[][] weights, double[] lengths) {}

    private final List<Rod> rods;

    Rods(List<Rod> rods) {
        this.rods = List.copyOf(rods);
    }

    List<Rod> rods() {
        return rods;
    }

    int[][] groups() {
        List<int[]> groups = new ArrayList<>();
        for (Rod rod : rods) {
            for (int i = 0; i + 2 < rod.vertices().length; i++) {
                int[] group = new int[9];
                for (int k = 0; k < 3; k++) {
                    System.arraycopy(rod.vertices()[i + k], 0, group, 3 * k, 3);
                }
                groups.add(group);
            }
            if (rod.vertices().length == 2) {
                int[] group = new int[6];
                System.arraycopy(rod.vertices()[0], 0, group, 0, 3);
                System.arraycopy(rod.vertices()[1], 0, group, 3, 3);
                groups.add(group);
            }
        }
        return groups.toArray(int[][]::new);
    }

    /** Three figures that every vertex has, at a place of a rod. */
    static double[] at(Rod rod, int i, double[] x) {
        double[] p = new double[3];
        for (int k = 0; k < 3; k++) {
            for (int axis = 0; axis < 3; axis++) {
                p[axis] += rod.weights()[i][k] * x[3 * rod.vertices()[i][k] + axis];
            }
        }
        return p;
    }

    double energy(double[] x) {
        double sum = 0;
        for (Rod rod : rods) {
            for (int i = 0; i + 1 < rod.vertices().length; i++) {
                double stretch = distance(at(rod, i, x), at(rod, i + 1, x)) - rod.lengths()[i];
                sum += AXIAL / rod.lengths()[i] / 2 * stretch * stretch;
            }
            for (int i = 1; i + 1 < rod.vertices().length; i++) {
                double[] bend = bend(rod, i, x);
                sum += bending(rod, i) / 2 * (bend[0] * bend[0] + bend[1] * bend[1] + bend[2] * bend[2]);
            }
        }
        return sum;
    }

    /** Between two places in space, mm. */
    static double distance(double[] a, double[] b) {
        return Math.sqrt((a[0] - b[0]) * (a[0] - b[0]) + (a[1] - b[1]) * (a[1] - b[1]) + (a[2] - b[2]) * (a[2] - b[2]));
    }

    /** Of unequal steps the two weights of the neighbours, so that a straight rod has no bend. */
    private static double[] bend(Rod rod, int i, double[] x) {
        double before = rod.lengths()[i - 1];
        double behind = rod.lengths()[i];
        double[] a = at(rod, i - 1, x);
        double[] b = at(rod, i, x);
        double[] c = at(rod, i + 1, x);
        double[] bend = new double[3];
        for (int axis = 0; axis < 3; axis++) {
            bend[axis] = (c[axis] - b[axis]) / behind - (b[axis] - a[axis]) / before;
        }
        return bend;
    }

    private static double bending(Rod rod, int i) {
        return rod.stiffness() * 2 / (rod.lengths()[i - 1] + rod.lengths()[i]);
    }

    void add(double[] x, double[] gradient, BlockMatrix matrix) {
        for (Rod rod : rods) {
            for (int i = 0; i + 1 < rod.vertices().length; i++) {
                stretch(rod, i, x, gradient, matrix);
            }
            for (int i = 1; i + 1 < rod.vertices().length; i++) {
                bow(rod, i, x, gradient, matrix);
            }
        }
    }

    private static void stretch(Rod rod, int i, double[] x, double[] gradient, BlockMatrix matrix) {
        double[] a = at(rod, i, x);
        double[] b = at(rod, i + 1, x);
        double length = distance(a, b);
        double k = AXIAL / rod.lengths()[i];
        double[] way = {(b[0] - a[0]) / length, (b[1] - a[1]) / length, (b[2] - a[2]) / length};
        double force = k * (length - rod.lengths()[i]);
        double[] block = new double[9];
        double aside = Math.max(0, force) / length;
        for (int r = 0; r < 3; r++) {
            for (int c = 0; c < 3; c++) {
                block[3 * r + c] = (k - aside) * way[r] * way[c] + (r == c ? aside : 0);
            }
        }
        double[] pulls = {-force * way[0], -force * way[1], -force * way[2]};
        spread(rod, new int[] {i, i + 1}, new double[] {1, -1}, pulls, block, 1, gradient, matrix);
    }

    private static void bow(Rod rod, int i, double[] x, double[] gradient, BlockMatrix matrix) {
        double before = rod.lengths()[i - 1];
        double behind = rod.lengths()[i];
        double k = bending(rod, i);
        double[] bend = bend(rod, i, x);
        double[] forces = {k * bend[0], k * bend[1], k * bend[2]};
        spread(
                rod,
                new int[] {i - 1, i, i + 1},
                new double[] {1 / before, -1 / before - 1 / behind, 1 / behind},
                forces,
                new double[] {1, 0, 0, 0, 1, 0, 0, 0, 1},
                k,
                gradient,
                matrix);
    }

    /** A form of few places is one of all their vertices, by their weights. */
    private static void spread(
            Rod rod,
            int[] places,
            double[] factors,
            double[] force,
            double[] block,
            double stiffness,
            double[] gradient,
            BlockMatrix matrix) {
        int n = 3 * places.length;
        int[] vertices = new int[n];
        double[] weights = new double[n];
        for (int p = 0; p < places.length; p++) {
            for (int k = 0; k < 3; k++) {
                vertices[3 * p + k] = rod.vertices()[places[p]][k];
                weights[3 * p + k] = factors[p] * rod.weights()[places[p]][k];
            }
        }
        for (int a = 0; a < n; a++) {
            for (int axis = 0; axis < 3; axis++) {
                gradient[3 * vertices[a] + axis] += weights[a] * force[axis];
            }
            for (int b = 0; b < n; b++) {
                if (vertices[a] == vertices[b]) {
                    matrix.add(vertices[a], vertices[a], block, stiffness * weights[a] * weights[b]);
                } else if (a < b) {
                    matrix.add(vertices[a], vertices[b], block, stiffness * weights[a] * weights[b]);
                }
            }
        }
    }
}
