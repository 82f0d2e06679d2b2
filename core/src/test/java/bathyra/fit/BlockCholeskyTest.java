package bathyra.fit;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.Arrays;
import java.util.Random;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;

class BlockCholeskyTest {
    private static int[][] graph(int n, int edges, Random random) {
        @SuppressWarnings("unchecked")
        TreeSet<Integer>[] sets = new TreeSet[n];
        Arrays.setAll(sets, i -> new TreeSet<>());
        for (int e = 0; e < edges; e++) {
            int a = random.nextInt(n);
            int b = random.nextInt(n);
            if (a != b) {
                sets[a].add(b);
                sets[b].add(a);
            }
        }
        return Arrays.stream(sets)
                .map(s -> s.stream().mapToInt(Integer::intValue).toArray())
                .toArray(int[][]::new);
    }

    /** A matrix that is definite, by how it is made: a sum of squares over the edges, and a little on the diagonal. */
    private static BlockMatrix matrix(int[][] graph, Random random) {
        BlockMatrix matrix = new BlockMatrix(graph);
        double[] block = new double[9];
        for (int a = 0; a < graph.length; a++) {
            for (int b : graph[a]) {
                if (b > a) {
                    double[] u = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
                    double[] w = {random.nextGaussian(), random.nextGaussian(), random.nextGaussian()};
                    outer(u, u, block);
                    matrix.add(a, a, block, 1);
                    outer(w, w, block);
                    matrix.add(b, b, block, 1);
                    outer(u, w, block);
                    matrix.add(a, b, block, 1);
                }
            }
        }
        matrix.stiffen(0.5);
        return matrix;
    }

    private static void outer(double[] u, double[] w, double[] block) {
        for (int i = 0; i < 3; i++) {
            for (int k = 0; k < 3; k++) {
                block[i * 3 + k] = u[i] * w[k];
            }
        }
    }

    private static double[] times(BlockMatrix matrix, int n, double[] x) {
        double[] y = new double[x.length];
        for (int a = 0; a < n; a++) {
            for (int i = 0; i < 3; i++) {
                for (int k = 0; k < 3; k++) {
                    y[3 * a + i] += matrix.diagonal(a)[i * 3 + k] * x[3 * a + k];
                    for (int e = 0; e < matrix.neighbours(a).length; e++) {
                        y[3 * a + i] += matrix.blocks(a)[e * 9 + i * 3 + k] * x[3 * matrix.neighbours(a)[e] + k];
                    }
                }
            }
        }
        return y;
    }

    @Test
    void solution_solves_whateverTheGraph() {
        Random random = new Random(5);
        for (int n : new int[] {1, 2, 7, 40, 150}) {
            int[][] graph = graph(n, 3 * n, random);
            BlockMatrix matrix = matrix(graph, random);
            BlockCholesky factor = new BlockCholesky(graph);
            assertThat(factor.factor(matrix)).isTrue();
            double[] right = random.doubles(3L * n, -1, 1).toArray();
            double[] back = times(matrix, n, factor.solve(right));
            for (int i = 0; i < right.length; i++) {
                assertThat(back[i]).isCloseTo(right[i], within(1e-8));
            }
        }
    }

    @Test
    void matrixThatIsNotDefinite_isSaidToBeNone() {
        int[][] graph = {{1}, {0}};
        BlockMatrix matrix = new BlockMatrix(graph);
        matrix.stiffen(1);
        double[] block = {2, 0, 0, 0, 0, 0, 0, 0, 0};
        matrix.add(0, 1, block, 1);
        assertThat(new BlockCholesky(graph).factor(matrix)).isFalse();
    }

    @Test
    void whatIsHeld_doesNotMove() {
        Random random = new Random(6);
        int[][] graph = graph(20, 60, random);
        BlockMatrix matrix = matrix(graph, random);
        matrix.hold(4, 1);
        BlockCholesky factor = new BlockCholesky(graph);
        assertThat(factor.factor(matrix)).isTrue();
        double[] right = random.doubles(60, -1, 1).toArray();
        right[3 * 4 + 1] = 0;
        assertThat(factor.solve(right)[3 * 4 + 1]).isEqualTo(0);
    }
}
