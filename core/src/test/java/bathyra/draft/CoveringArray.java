package bathyra.draft;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;

/**
 * Rows of choices in which every two choices of any two factors stand together at least once (a covering array of strength two). Built row
 * by row, each row the best of a few greedy candidates: Cohen, Dalal, Fredman and Patton 1997, <i>IEEE Transactions on Software
 * Engineering</i> 23.
 */
public final class CoveringArray {
    private static final int CANDIDATES = 20;

    private final int[] sizes;
    private final boolean[][][][] covered;
    private final Random random;
    private int open;

    private CoveringArray(int[] sizes, long seed) {
        this.sizes = sizes.clone();
        this.random = new Random(seed);
        int n = sizes.length;
        covered = new boolean[n][n][][];
        for (int a = 0; a < n; a++) {
            for (int b = a + 1; b < n; b++) {
                covered[a][b] = new boolean[sizes[a]][sizes[b]];
                open += sizes[a] * sizes[b];
            }
        }
    }

    /**
     * The rows for factors of these sizes, the same for the same seed.
     *
     * @return for each row and factor which of its choices, from 0
     */
    public static List<int[]> pairwise(int[] sizes, long seed) {
        CoveringArray array = new CoveringArray(sizes, seed);
        List<int[]> rows = new ArrayList<>();
        while (array.open > 0) {
            int[] best = null;
            int most = -1;
            for (int i = 0; i < CANDIDATES; i++) {
                int[] row = array.candidate();
                int gain = array.gain(row, sizes.length);
                if (gain > most) {
                    most = gain;
                    best = row;
                }
            }
            array.take(best);
            rows.add(best);
        }
        return rows;
    }

    /** Begins with a pair that is still open and sets the other factors, in random order, to what covers most. */
    private int[] candidate() {
        int[] row = new int[sizes.length];
        Arrays.fill(row, -1);
        int[] first = openPair();
        row[first[0]] = first[2];
        row[first[1]] = first[3];
        List<Integer> order = new ArrayList<>();
        for (int f = 0; f < sizes.length; f++) {
            order.add(f);
        }
        java.util.Collections.shuffle(order, random);
        for (int f : order) {
            if (row[f] < 0) {
                row[f] = best(row, f);
            }
        }
        return row;
    }

    private int[] openPair() {
        int skip = random.nextInt(open);
        for (int a = 0; a < sizes.length; a++) {
            for (int b = a + 1; b < sizes.length; b++) {
                for (int i = 0; i < sizes[a]; i++) {
                    for (int j = 0; j < sizes[b]; j++) {
                        if (!covered[a][b][i][j] && skip-- == 0) {
                            return new int[] {a, b, i, j};
                        }
                    }
                }
            }
        }
        throw new IllegalStateException("no pair is open");
    }

    private int best(int[] row, int factor) {
        int best = 0;
        int most = -1;
        int start = random.nextInt(sizes[factor]);
        for (int k = 0; k < sizes[factor]; k++) {
            int choice = (start + k) % sizes[factor];
            int gain = 0;
            for (int other = 0; other < sizes.length; other++) {
                if (row[other] >= 0 && other != factor && !isCovered(factor, choice, other, row[other])) {
                    gain++;
                }
            }
            if (gain > most) {
                most = gain;
                best = choice;
            }
        }
        return best;
    }

    private boolean isCovered(int a, int i, int b, int j) {
        return a < b ? covered[a][b][i][j] : covered[b][a][j][i];
    }

    private int gain(int[] row, int factors) {
        int gain = 0;
        for (int a = 0; a < factors; a++) {
            for (int b = a + 1; b < factors; b++) {
                gain += covered[a][b][row[a]][row[b]] ? 0 : 1;
            }
        }
        return gain;
    }

    private void take(int[] row) {
        for (int a = 0; a < sizes.length; a++) {
            for (int b = a + 1; b < sizes.length; b++) {
                if (!covered[a][b][row[a]][row[b]]) {
                    covered[a][b][row[a]][row[b]] = true;
                    open--;
                }
            }
        }
    }
}
