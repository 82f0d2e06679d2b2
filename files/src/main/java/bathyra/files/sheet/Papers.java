package bathyra.files.sheet;

import java.util.ArrayList;
import java.util.List;

/** Which papers of a grid are in use, and which ones a footprint takes. */
final class Papers {
    private static final double INSIDE = 1e-6;

    private static final int FIGURES = 3;

    private final boolean[][] inUse;
    /** How many of a row are in use before each column. */
    private final int[][] usedBefore;
    /** The paper of each row and column of cells: the first that shows its end shows all of it, the overlap is wider than a cell. */
    private final int[] rows;

    private final int[] columns;

    /** One of them. */
    record Place(int row, int column) {}

    Papers(SheetGrid grid, double cell, int deep, int wide) {
        rows = new int[deep];
        for (int y = 0; y < deep; y++) {
            rows[y] = grid.row((y + 1) * cell - INSIDE);
        }
        columns = new int[wide];
        for (int x = 0; x < wide; x++) {
            columns[x] = grid.column((x + 1) * cell - INSIDE);
        }
        inUse = new boolean[rows[deep - 1] + 1][columns[wide - 1] + 1];
        usedBefore = new int[inUse.length][columns[wide - 1] + 2];
    }

    /**
     * What a footprint covers of each row of papers when its first row of cells is at a height.
     *
     * @return three figures a row: the row, and the first and last column of cells there, from the footprint's own left
     */
    int[] stretches(Footprint print, int y) {
        int[] stretches = new int[FIGURES * (rows[y + print.rows() - 1] - rows[y] + 1)];
        int at = 0;
        for (int next = 0; at < print.rows(); next += FIGURES) {
            int row = rows[y + at];
            int left = Integer.MAX_VALUE;
            int right = 0;
            while (at < print.rows() && rows[y + at] == row) {
                left = Math.min(left, print.left()[at]);
                right = Math.max(right, print.right()[at]);
                at++;
            }
            stretches[next] = row;
            stretches[next + 1] = left;
            stretches[next + 2] = right;
        }
        return stretches;
    }

    /** How many papers more than those in use are taken at a column of cells. */
    int more(int[] stretches, int x) {
        int more = 0;
        for (int i = 0; i < stretches.length; i += FIGURES) {
            int first = columns[x + stretches[i + 1]];
            int last = columns[x + stretches[i + 2]];
            int[] before = usedBefore[stretches[i]];
            more += last - first + 1 - (before[last + 1] - before[first]);
        }
        return more;
    }

    /** How many papers are taken at a column of cells. */
    int count(int[] stretches, int x) {
        int count = 0;
        for (int i = 0; i < stretches.length; i += FIGURES) {
            count += columns[x + stretches[i + 2]] - columns[x + stretches[i + 1]] + 1;
        }
        return count;
    }

    void use(int[] stretches, int x) {
        for (int i = 0; i < stretches.length; i += FIGURES) {
            int row = stretches[i];
            for (int column = columns[x + stretches[i + 1]]; column <= columns[x + stretches[i + 2]]; column++) {
                inUse[row][column] = true;
            }
            for (int column = 0; column < inUse[row].length; column++) {
                usedBefore[row][column + 1] = usedBefore[row][column] + (inUse[row][column] ? 1 : 0);
            }
        }
    }

    int used() {
        return list().size();
    }

    /** Row by row. */
    List<Place> list() {
        List<Place> list = new ArrayList<>();
        for (int row = 0; row < inUse.length; row++) {
            for (int column = 0; column < inUse[row].length; column++) {
                if (inUse[row][column]) {
                    list.add(new Place(row, column));
                }
            }
        }
        return list;
    }
}
