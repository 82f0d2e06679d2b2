package bathyra.files.sheet;

import java.util.ArrayList;
import java.util.List;

/** Which papers of a grid are in use, and which ones a footprint takes. */
final class Papers {
    private static final double INSIDE = 1e-6;

    private final boolean[][] inUse;
    /** The paper of each row and column of cells: the first that shows its end shows all of it, the overlap is wider than a cell. */
    private final int[] rows;

    private final int[] columns;

    /** What of a footprint lies on one row of papers. @param left its first column of cells, from the footprint's own left */
    record Stretch(int row, int left, int right) {}

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
    }

    /** What a footprint covers of each row of papers when its first row of cells is at a height. */
    List<Stretch> stretches(Footprint print, int y) {
        List<Stretch> stretches = new ArrayList<>();
        int at = 0;
        while (at < print.rows()) {
            int row = rows[y + at];
            int left = Integer.MAX_VALUE;
            int right = 0;
            while (at < print.rows() && rows[y + at] == row) {
                left = Math.min(left, print.left()[at]);
                right = Math.max(right, print.right()[at]);
                at++;
            }
            stretches.add(new Stretch(row, left, right));
        }
        return stretches;
    }

    /** How many papers more than those in use are taken at a column of cells. */
    int more(List<Stretch> stretches, int x) {
        int more = 0;
        for (Stretch s : stretches) {
            for (int column = columns[x + s.left()]; column <= columns[x + s.right()]; column++) {
                more += inUse[s.row()][column] ? 0 : 1;
            }
        }
        return more;
    }

    /** How many papers are taken at a column of cells. */
    int count(List<Stretch> stretches, int x) {
        return stretches.stream()
                .mapToInt(s -> columns[x + s.right()] - columns[x + s.left()] + 1)
                .sum();
    }

    void use(List<Stretch> stretches, int x) {
        for (Stretch s : stretches) {
            for (int column = columns[x + s.left()]; column <= columns[x + s.right()]; column++) {
                inUse[s.row()][column] = true;
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
