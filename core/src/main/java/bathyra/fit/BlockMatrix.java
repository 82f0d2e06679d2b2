package bathyra.fit;

import java.util.Arrays;

/** A symmetric matrix of 3 × 3 blocks over a graph: one on the diagonal of each vertex, one for each pair of neighbours either way. */
final class BlockMatrix {
    private static final int BB = 9;
    private final int[][] neighbours;
    private final double[][] diagonal;
    private final double[][] blocks;

    /** @param neighbours of each vertex, increasing, without itself */
    BlockMatrix(int[][] neighbours) {
        this.neighbours = neighbours;
        diagonal = new double[neighbours.length][BB];
        blocks = new double[neighbours.length][];
        for (int i = 0; i < neighbours.length; i++) {
            blocks[i] = new double[neighbours[i].length * BB];
        }
    }

    void clear() {
        for (int i = 0; i < neighbours.length; i++) {
            Arrays.fill(diagonal[i], 0);
            Arrays.fill(blocks[i], 0);
        }
    }

    int[] neighbours(int vertex) {
        return neighbours[vertex];
    }

    double[] diagonal(int vertex) {
        return diagonal[vertex];
    }

    /** The blocks of a vertex' row, in the order of its neighbours, row by row. */
    double[] blocks(int vertex) {
        return blocks[vertex];
    }

    /** Adds a block at a pair, and its transpose at the other. @param block row by row */
    void add(int a, int b, double[] block, double factor) {
        if (a == b) {
            for (int i = 0; i < BB; i++) {
                diagonal[a][i] += factor * block[i];
            }
            return;
        }
        int there = Arrays.binarySearch(neighbours[a], b) * BB;
        int back = Arrays.binarySearch(neighbours[b], a) * BB;
        for (int i = 0; i < 3; i++) {
            for (int k = 0; k < 3; k++) {
                blocks[a][there + i * 3 + k] += factor * block[i * 3 + k];
                blocks[b][back + k * 3 + i] += factor * block[i * 3 + k];
            }
        }
    }

    /** Adds the same number to the whole diagonal. */
    void stiffen(double by) {
        for (double[] block : diagonal) {
            block[0] += by;
            block[4] += by;
            block[8] += by;
        }
    }

    /** Takes one number of a vertex out of the system: nothing moves it. */
    void hold(int vertex, int axis) {
        for (int k = 0; k < 3; k++) {
            diagonal[vertex][axis * 3 + k] = 0;
            diagonal[vertex][k * 3 + axis] = 0;
        }
        diagonal[vertex][axis * 4] = 1;
        for (int e = 0; e < neighbours[vertex].length; e++) {
            int other = neighbours[vertex][e];
            int back = Arrays.binarySearch(neighbours[other], vertex) * BB;
            for (int k = 0; k < 3; k++) {
                blocks[vertex][e * BB + axis * 3 + k] = 0;
                blocks[other][back + k * 3 + axis] = 0;
            }
        }
    }
}
