package bathyra.fit;

import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.Deque;
import java.util.List;
import java.util.function.DoubleUnaryOperator;
import java.util.function.ToDoubleFunction;

/**
 * Cloth that is left over where a garment lies (C22): on a line over the body the paper is longer than the line.
 *
 * @param way how the fold runs
 * @param surplus how much longer, within a hand's width, mm
 * @param azimuth where it is at its deepest, from centre front, radians
 * @param height of that place over the waist, mm
 */
public record Fold(Way way, double surplus, double azimuth, double height) {
    /** How a fold runs: up and down where a piece is too wide, across where it is too long. */
    public enum Way {
        UPRIGHT,
        ACROSS
    }

    /** Less than this lies flat, mm. */
    public static final double SEEN = 3;
    /** What is left over on more than a hand's width is room, not a fold, mm. */
    private static final double HAND = 60;
    /** Cloth that is stretched by more ends a fold. */
    private static final double TAUT = 0.002;
    /** A line through a corner has pieces of no length, which say nothing, mm. */
    private static final double NOTHING = 1e-6;
    /** So many lines are looked along from front to back. */
    private static final int AZIMUTHS = 36;

    /** A short line of cloth: how long it lies and how long it was cut, mm, and where its middle is. */
    private record Stretch(double lies, double cut, double azimuth, double height) {
        double surplus() {
            return cut - lies;
        }
    }

    /** The deepest fold of a half on each line that was looked along, where there is one. */
    public static List<Fold> of(Worn worn) {
        return of(worn.mesh(), worn.rest().shape(), worn.form()::axis, worn.spacing());
    }

    /**
     * The same of any mesh.
     *
     * @param x side, front and height of each vertex, mm
     * @param axis how far to the front the middle of the body is at a height, mm
     * @param spacing between the level lines that are looked along, mm
     */
    static List<Fold> of(Mesh mesh, double[] x, DoubleUnaryOperator axis, double spacing) {
        double[] heights = new double[mesh.count()];
        double[] azimuths = new double[mesh.count()];
        double bottom = Double.POSITIVE_INFINITY;
        double top = Double.NEGATIVE_INFINITY;
        for (int v = 0; v < mesh.count(); v++) {
            heights[v] = x[3 * v + 2];
            azimuths[v] = Math.atan2(x[3 * v], x[3 * v + 1] - axis.applyAsDouble(heights[v]));
            bottom = Math.min(bottom, heights[v]);
            top = Math.max(top, heights[v]);
        }
        List<Fold> folds = new ArrayList<>();
        for (double z = bottom + spacing / 2; z < top; z += spacing) {
            along(Way.UPRIGHT, cut(mesh, x, heights, azimuths, heights, z), Stretch::azimuth, folds);
        }
        for (int i = 1; i < AZIMUTHS; i++) {
            double azimuth = Math.PI * i / AZIMUTHS;
            along(Way.ACROSS, cut(mesh, x, azimuths, azimuths, heights, azimuth), Stretch::height, folds);
        }
        return folds;
    }

    /** Where triangles have a reading, as it lies and on their paper. */
    private static List<Stretch> cut(
            Mesh mesh, double[] x, double[] reading, double[] azimuths, double[] heights, double at) {
        List<Stretch> stretches = new ArrayList<>();
        for (int t = 0; t < mesh.triangles().length; t++) {
            int[] corners = mesh.triangles()[t];
            double[] paper = mesh.paper()[t];
            double[][] ends = new double[2][];
            int n = 0;
            for (int k = 0; k < 3 && n < 2; k++) {
                int next = (k + 1) % 3;
                double from = reading[corners[k]] - at;
                double to = reading[corners[next]] - at;
                if (from < 0 != to < 0) {
                    ends[n++] = end(x, paper, azimuths, heights, corners, k, next, from / (from - to));
                }
            }
            if (n == 2) {
                stretches.add(new Stretch(
                        Math.sqrt(square(ends, 0) + square(ends, 1) + square(ends, 2)),
                        Math.hypot(ends[1][3] - ends[0][3], ends[1][4] - ends[0][4]),
                        (ends[0][5] + ends[1][5]) / 2,
                        (ends[0][6] + ends[1][6]) / 2));
            }
        }
        return stretches;
    }

    /** A place between two corners: in space, on the paper, its azimuth and height. */
    private static double[] end(
            double[] x,
            double[] paper,
            double[] azimuths,
            double[] heights,
            int[] corners,
            int a,
            int b,
            double share) {
        double[] end = new double[7];
        for (int axis = 0; axis < 3; axis++) {
            end[axis] = between(x[3 * corners[a] + axis], x[3 * corners[b] + axis], share);
        }
        for (int axis = 0; axis < 2; axis++) {
            end[3 + axis] = between(paper[2 * a + axis], paper[2 * b + axis], share);
        }
        end[5] = between(azimuths[corners[a]], azimuths[corners[b]], share);
        end[6] = between(heights[corners[a]], heights[corners[b]], share);
        return end;
    }

    private static double between(double a, double b, double share) {
        return a + share * (b - a);
    }

    private static double square(double[][] ends, int axis) {
        return (ends[1][axis] - ends[0][axis]) * (ends[1][axis] - ends[0][axis]);
    }

    /** The fold that a line runs over: the most that is left over within a hand's width, as far as nothing between is taut. */
    private static void along(Way way, List<Stretch> line, ToDoubleFunction<Stretch> order, List<Fold> folds) {
        line.sort(Comparator.comparingDouble(order));
        Deque<Stretch> within = new ArrayDeque<>();
        double width = 0;
        double surplus = 0;
        double most = SEEN;
        List<Stretch> deepest = List.of();
        for (Stretch each : line) {
            if (-each.surplus() > TAUT * each.cut() + NOTHING) {
                within.clear();
                width = 0;
                surplus = 0;
                continue;
            }
            within.addLast(each);
            width += each.cut();
            surplus += each.surplus();
            while (width > HAND) {
                Stretch left = within.removeFirst();
                width -= left.cut();
                surplus -= left.surplus();
            }
            if (surplus > most) {
                most = surplus;
                deepest = List.copyOf(within);
            }
        }
        if (!deepest.isEmpty()) {
            Stretch middle = deepest.stream()
                    .max(Comparator.comparingDouble(Stretch::surplus))
                    .orElseThrow();
            folds.add(new Fold(way, most, Math.abs(middle.azimuth()), middle.height()));
        }
    }
}
