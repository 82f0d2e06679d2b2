package bathyra.fit;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Solves a symmetric positive definite system of 3 × 3 blocks: ordering by minimum degree and the structure of the factor once for a
 * mesh, the factor anew for every matrix (George and Liu 1989, *SIAM Review* 31; left-looking by columns).
 */
final class BlockCholesky {
    private static final int B = 3;
    private static final int BB = 9;

    private final int n;
    /** Which vertex comes where in the order of elimination, and back. */
    private final int[] order;

    private final int[] placeOf;
    /** The rows below the diagonal of each column of the factor, increasing. */
    private final int[][] rows;

    private final double[][] below;
    private final double[][] diagonal;
    /** The columns that have a block in a row, in their order. */
    private final int[][] columnsOfRow;

    private final int[][] positionInColumn;

    /** @param neighbours of each vertex, without itself */
    BlockCholesky(int[][] neighbours) {
        n = neighbours.length;
        order = minimumDegree(neighbours);
        placeOf = new int[n];
        for (int i = 0; i < n; i++) {
            placeOf[order[i]] = i;
        }
        rows = structure(neighbours);
        below = new double[n][];
        diagonal = new double[n][BB];
        int[] count = new int[n];
        for (int j = 0; j < n; j++) {
            below[j] = new double[rows[j].length * BB];
            for (int row : rows[j]) {
                count[row]++;
            }
        }
        columnsOfRow = new int[n][];
        positionInColumn = new int[n][];
        for (int i = 0; i < n; i++) {
            columnsOfRow[i] = new int[count[i]];
            positionInColumn[i] = new int[count[i]];
        }
        int[] filled = new int[n];
        for (int j = 0; j < n; j++) {
            for (int k = 0; k < rows[j].length; k++) {
                int row = rows[j][k];
                columnsOfRow[row][filled[row]] = j;
                positionInColumn[row][filled[row]++] = k;
            }
        }
    }

    /** Eliminates the vertex with the fewest neighbours first; its neighbours become neighbours of each other. */
    private static int[] minimumDegree(int[][] neighbours) {
        int n = neighbours.length;
        List<java.util.BitSet> graph = new ArrayList<>(n);
        for (int[] list : neighbours) {
            java.util.BitSet set = new java.util.BitSet(n);
            for (int v : list) {
                set.set(v);
            }
            graph.add(set);
        }
        int[] degree = new int[n];
        boolean[] gone = new boolean[n];
        for (int i = 0; i < n; i++) {
            degree[i] = graph.get(i).cardinality();
        }
        int[] order = new int[n];
        for (int step = 0; step < n; step++) {
            int least = -1;
            for (int i = 0; i < n; i++) {
                if (!gone[i] && (least < 0 || degree[i] < degree[least])) {
                    least = i;
                }
            }
            order[step] = least;
            gone[least] = true;
            java.util.BitSet around = graph.get(least);
            for (int v = around.nextSetBit(0); v >= 0; v = around.nextSetBit(v + 1)) {
                java.util.BitSet set = graph.get(v);
                set.or(around);
                set.clear(v);
                set.clear(least);
                degree[v] = set.cardinality();
            }
        }
        return order;
    }

    /** The rows of each column of the factor: those of the matrix, and those of the columns whose first row it is. */
    private int[][] structure(int[][] neighbours) {
        List<java.util.BitSet> sets = new ArrayList<>(n);
        for (int j = 0; j < n; j++) {
            java.util.BitSet set = new java.util.BitSet(n);
            for (int v : neighbours[order[j]]) {
                if (placeOf[v] > j) {
                    set.set(placeOf[v]);
                }
            }
            sets.add(set);
        }
        int[][] found = new int[n][];
        for (int j = 0; j < n; j++) {
            java.util.BitSet set = sets.get(j);
            int parent = set.nextSetBit(0);
            if (parent >= 0) {
                sets.get(parent).or(set);
                sets.get(parent).clear(parent);
            }
            found[j] = set.stream().toArray();
        }
        return found;
    }

    /** How many numbers the factor holds. */
    int size() {
        return Arrays.stream(below).mapToInt(column -> column.length).sum() + n * BB;
    }

    /**
     * Factors a matrix.
     *
     * @return whether it is positive definite; if not the factor is of no use
     */
    boolean factor(BlockMatrix matrix) {
        int[] position = new int[n];
        for (int j = 0; j < n; j++) {
            int[] rowsJ = rows[j];
            double[] columnJ = below[j];
            Arrays.fill(columnJ, 0);
            double[] diagonalJ = diagonal[j];
            for (int k = 0; k < rowsJ.length; k++) {
                position[rowsJ[k]] = k * BB;
            }
            int vertex = order[j];
            System.arraycopy(matrix.diagonal(vertex), 0, diagonalJ, 0, BB);
            int[] beside = matrix.neighbours(vertex);
            for (int k = 0; k < beside.length; k++) {
                int row = placeOf[beside[k]];
                if (row > j) {
                    // The block stands as (vertex, neighbour); the factor's lower triangle wants (neighbour, vertex).
                    transpose(matrix.blocks(vertex), k * BB, columnJ, position[row]);
                }
            }
            int[] earlier = columnsOfRow[j];
            for (int e = 0; e < earlier.length; e++) {
                subtract(earlier[e], positionInColumn[j][e], diagonalJ, columnJ, position);
            }
            if (!cholesky(diagonalJ)) {
                return false;
            }
            for (int k = 0; k < rowsJ.length; k++) {
                solveRight(columnJ, k * BB, diagonalJ);
            }
        }
        return true;
    }

    /** Column j loses what column k has in its row: L(i,k) L(j,k)ᵀ for every row i from j on. */
    private void subtract(int k, int at, double[] diagonalJ, double[] columnJ, int[] position) {
        double[] c = below[k];
        int[] rowsK = rows[k];
        int o = at * BB;
        double a0 = c[o], a1 = c[o + 1], a2 = c[o + 2];
        double a3 = c[o + 3], a4 = c[o + 4], a5 = c[o + 5];
        double a6 = c[o + 6], a7 = c[o + 7], a8 = c[o + 8];
        diagonalJ[0] -= a0 * a0 + a1 * a1 + a2 * a2;
        diagonalJ[3] -= a3 * a0 + a4 * a1 + a5 * a2;
        diagonalJ[4] -= a3 * a3 + a4 * a4 + a5 * a5;
        diagonalJ[6] -= a6 * a0 + a7 * a1 + a8 * a2;
        diagonalJ[7] -= a6 * a3 + a7 * a4 + a8 * a5;
        diagonalJ[8] -= a6 * a6 + a7 * a7 + a8 * a8;
        for (int r = at + 1; r < rowsK.length; r++) {
            int p = r * BB;
            int q = position[rowsK[r]];
            for (int i = 0; i < B; i++) {
                double b0 = c[p + i * B];
                double b1 = c[p + i * B + 1];
                double b2 = c[p + i * B + 2];
                int t = q + i * B;
                columnJ[t] -= b0 * a0 + b1 * a1 + b2 * a2;
                columnJ[t + 1] -= b0 * a3 + b1 * a4 + b2 * a5;
                columnJ[t + 2] -= b0 * a6 + b1 * a7 + b2 * a8;
            }
        }
    }

    private static void transpose(double[] from, int f, double[] to, int t) {
        for (int i = 0; i < B; i++) {
            for (int k = 0; k < B; k++) {
                to[t + k * B + i] = from[f + i * B + k];
            }
        }
    }

    /** The lower factor of one block, in place. */
    private static boolean cholesky(double[] d) {
        if (!(d[0] > 0)) {
            return false;
        }
        d[0] = Math.sqrt(d[0]);
        d[3] /= d[0];
        d[6] /= d[0];
        double second = d[4] - d[3] * d[3];
        if (!(second > 0)) {
            return false;
        }
        d[4] = Math.sqrt(second);
        d[7] = (d[7] - d[6] * d[3]) / d[4];
        double third = d[8] - d[6] * d[6] - d[7] * d[7];
        if (!(third > 0)) {
            return false;
        }
        d[8] = Math.sqrt(third);
        return true;
    }

    /** X Lᵀ = block, in place. */
    private static void solveRight(double[] block, int o, double[] l) {
        for (int i = 0; i < B; i++) {
            int r = o + i * B;
            double x0 = block[r] / l[0];
            double x1 = (block[r + 1] - x0 * l[3]) / l[4];
            block[r] = x0;
            block[r + 1] = x1;
            block[r + 2] = (block[r + 2] - x0 * l[6] - x1 * l[7]) / l[8];
        }
    }

    /** Solves for one right side. @param right three numbers a vertex */
    double[] solve(double[] right) {
        double[] y = new double[n * B];
        for (int j = 0; j < n; j++) {
            System.arraycopy(right, order[j] * B, y, j * B, B);
        }
        for (int j = 0; j < n; j++) {
            double[] d = diagonal[j];
            int o = j * B;
            y[o] /= d[0];
            y[o + 1] = (y[o + 1] - d[3] * y[o]) / d[4];
            y[o + 2] = (y[o + 2] - d[6] * y[o] - d[7] * y[o + 1]) / d[8];
            for (int k = 0; k < rows[j].length; k++) {
                int r = rows[j][k] * B;
                int p = k * BB;
                for (int i = 0; i < B; i++) {
                    y[r + i] -= below[j][p + i * B] * y[o]
                            + below[j][p + i * B + 1] * y[o + 1]
                            + below[j][p + i * B + 2] * y[o + 2];
                }
            }
        }
        for (int j = n - 1; j >= 0; j--) {
            double[] d = diagonal[j];
            int o = j * B;
            for (int k = 0; k < rows[j].length; k++) {
                int r = rows[j][k] * B;
                int p = k * BB;
                for (int i = 0; i < B; i++) {
                    y[o] -= below[j][p + i * B] * y[r + i];
                    y[o + 1] -= below[j][p + i * B + 1] * y[r + i];
                    y[o + 2] -= below[j][p + i * B + 2] * y[r + i];
                }
            }
            y[o + 2] /= d[8];
            y[o + 1] = (y[o + 1] - d[7] * y[o + 2]) / d[4];
            y[o] = (y[o] - d[3] * y[o + 1] - d[6] * y[o + 2]) / d[0];
        }
        double[] solution = new double[n * B];
        for (int j = 0; j < n; j++) {
            System.arraycopy(y, j * B, solution, order[j] * B, B);
        }
        return solution;
    }
}
