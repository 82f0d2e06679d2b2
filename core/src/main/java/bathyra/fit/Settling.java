package bathyra.fit;

import java.util.Arrays;
import java.util.List;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;

/** Lets a sewn garment settle on a body: damped Newton steps on the energy with a direct factorisation (C21). */
public final class Settling {
    private static final double STEP_MOST = 12;
    private static final double ARMIJO = 1e-4;
    private static final int HALVINGS = 12;
    /** Where so little is left of the forces the exact second derivatives are taken, N. */
    private static final double NEAR = 2;

    private final Mesh mesh;
    private final Cloth cloth;
    private final Membrane membrane;
    private final Bending bending;
    private final Rods rods;
    private final Cord cord;
    private final Contact contact;
    private final BlockMatrix matrix;
    private final BlockCholesky factor;
    private final double[] areas;

    /** @param spacing of the mesh, mm */
    public Settling(Mesh mesh, Cloth cloth, Surface surface, double spacing) {
        this(mesh, cloth, new Rods(List.of()), surface, spacing);
    }

    /** @param rods what stiffens the cloth */
    Settling(Mesh mesh, Cloth cloth, Rods rods, Surface surface, double spacing) {
        this(mesh, cloth, rods, Cord.NONE, surface, spacing);
    }

    /** @param rods what stiffens the cloth @param cord what pulls its lacing edge */
    Settling(Mesh mesh, Cloth cloth, Rods rods, Cord cord, Surface surface, double spacing) {
        this.mesh = mesh;
        this.rods = rods;
        this.cord = cord;
        this.cloth = cloth;
        membrane = new Membrane(mesh, cloth);
        bending = new Bending(mesh, cloth.bending(), true);
        areas = new double[mesh.count()];
        for (int t = 0; t < mesh.triangles().length; t++) {
            for (int v : mesh.triangles()[t]) {
                areas[v] += membrane.area(t) / 3;
            }
        }
        contact = new Contact(surface, areas, spacing);
        int[][] neighbours =
                mesh.neighbours(Stream.concat(Arrays.stream(bending.groups()), Arrays.stream(rods.groups()))
                        .toArray(int[][]::new));
        matrix = new BlockMatrix(neighbours);
        factor = new BlockCholesky(neighbours);
    }

    /**
     * How it came to rest.
     *
     * @param shape side, front and height of every vertex, mm
     * @param residual the largest force left on a vertex, N
     * @param rounds how many steps it took
     * @param settled whether so little force was left as was asked
     */
    public record Rest(double[] shape, double residual, int rounds, boolean settled) {}

    /**
     * Settles from a shape.
     *
     * @param damping at the beginning, N/mm: more from far away
     * @param enough the force that may be left, N
     * @param most rounds
     * @param stop asked before each round
     */
    public Rest settle(double[] from, double damping, double enough, int most, BooleanSupplier stop) {
        double[] x = from.clone();
        double[] gradient = new double[x.length];
        double lambda = damping;
        double energy = energy(x);
        double residual = Double.POSITIVE_INFINITY;
        int round = 0;
        while (round < most && !stop.getAsBoolean()) {
            weighUp(x, gradient, residual < NEAR);
            residual = largest(gradient);
            if (residual < enough) {
                return new Rest(x, residual, round, true);
            }
            round++;
            matrix.stiffen(lambda);
            if (!factor.factor(matrix)) {
                lambda = Math.max(lambda, 1e-4) * 10;
                residual = Double.POSITIVE_INFINITY;
                continue;
            }
            double[] step = factor.solve(gradient);
            double slope = 0;
            for (int i = 0; i < step.length; i++) {
                step[i] = Math.max(-STEP_MOST, Math.min(STEP_MOST, -step[i]));
                slope += step[i] * gradient[i];
            }
            int halved = 0;
            double share = 1;
            double[] next = moved(x, step, share);
            double reached = energy(next);
            while (!(reached <= energy + ARMIJO * share * slope) && halved < HALVINGS) {
                halved++;
                share /= 2;
                next = moved(x, step, share);
                reached = energy(next);
            }
            if (reached < energy || halved < HALVINGS) {
                x = next;
                energy = reached;
            }
            lambda = halved == 0 ? Math.max(lambda * 0.3, 1e-7) : halved > 1 ? lambda * 4 : lambda;
        }
        return new Rest(x, residual, round, residual < enough);
    }

    /** The forces of a shape, and into the matrix how they change. @param exact whether with the full second derivatives of the cloth */
    private void weighUp(double[] x, double[] gradient, boolean exact) {
        Arrays.fill(gradient, 0);
        matrix.clear();
        membrane.add(x, gradient, matrix, exact);
        bending.add(x, gradient, matrix);
        rods.add(x, gradient, matrix);
        contact.add(x, gradient, matrix);
        cord.add(x, gradient, matrix);
        weigh(gradient);
        hold(gradient);
    }

    private static double[] moved(double[] x, double[] step, double share) {
        double[] next = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            next[i] = x[i] + share * step[i];
        }
        return next;
    }

    private double energy(double[] x) {
        double weight = 0;
        for (int v = 0; v < areas.length; v++) {
            weight += cloth.weight() * areas[v] * x[3 * v + 2];
        }
        return membrane.energy(x) + bending.energy(x) + rods.energy(x) + contact.energy(x) + cord.energy(x) + weight;
    }

    private void weigh(double[] gradient) {
        for (int v = 0; v < areas.length; v++) {
            gradient[3 * v + 2] += cloth.weight() * areas[v];
        }
    }

    private void hold(double[] gradient) {
        for (int v = 0; v < mesh.count(); v++) {
            for (int axis = 0; axis < 3; axis++) {
                if (mesh.held()[v][axis]) {
                    gradient[3 * v + axis] = 0;
                    matrix.hold(v, axis);
                }
            }
        }
    }

    /** With what force each held place is held to its side, N: towards the middle where it is more than nothing. */
    double[] heldBy(double[] x) {
        double[] gradient = new double[x.length];
        matrix.clear();
        membrane.add(x, gradient, matrix, false);
        bending.add(x, gradient, matrix);
        rods.add(x, gradient, matrix);
        contact.add(x, gradient, matrix);
        double[] held = new double[mesh.count()];
        for (int v = 0; v < held.length; v++) {
            held[v] = mesh.held()[v][0] ? -gradient[3 * v] : 0;
        }
        return held;
    }

    private static double largest(double[] gradient) {
        double most = 0;
        for (int i = 0; i < gradient.length; i += 3) {
            most = Math.max(
                    most,
                    Math.sqrt(gradient[i] * gradient[i]
                            + gradient[i + 1] * gradient[i + 1]
                            + gradient[i + 2] * gradient[i + 2]));
        }
        return most;
    }

    /** The area that each vertex stands for once the cloth is stretched, mm². */
    double[] stretchedArea(double[] x) {
        double[] stretched = new double[mesh.count()];
        for (int t = 0; t < mesh.triangles().length; t++) {
            double[] f = membrane.stretch(t, x);
            double a = f[1] * f[5] - f[2] * f[4];
            double b = f[2] * f[3] - f[0] * f[5];
            double c = f[0] * f[4] - f[1] * f[3];
            double share = membrane.area(t) * Math.sqrt(a * a + b * b + c * c) / 3;
            for (int v : mesh.triangles()[t]) {
                stretched[v] += share;
            }
        }
        return stretched;
    }

    /** The body's resistance, for reading. */
    Contact contact() {
        return contact;
    }

    /** What stiffens the cloth. */
    Rods rods() {
        return rods;
    }

    /** The cloth's resistance, for reading. */
    Membrane membrane() {
        return membrane;
    }

    public Mesh mesh() {
        return mesh;
    }
}
