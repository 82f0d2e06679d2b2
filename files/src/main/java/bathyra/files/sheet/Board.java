package bathyra.files.sheet;

/** Which cells of a sheet without end to the right are taken. */
final class Board {
    private static final int BITS = Long.SIZE;

    private final long[][] taken;
    private final int columns;

    Board(int rows, int columns) {
        this.columns = columns;
        this.taken = new long[rows][columns / BITS + 1];
    }

    int rows() {
        return taken.length;
    }

    int columns() {
        return columns;
    }

    /** Whether a footprint lies free with its box's upper left cell here. */
    boolean isFree(Footprint print, int x, int y) {
        for (int row = 0; row < print.rows(); row++) {
            if (any(taken[y + row], x + print.left()[row], x + print.right()[row])) {
                return false;
            }
        }
        return true;
    }

    void take(Footprint print, int x, int y) {
        for (int row = 0; row < print.rows(); row++) {
            for (int c = x + print.left()[row]; c <= x + print.right()[row]; c++) {
                taken[y + row][c / BITS] |= 1L << (c % BITS);
            }
        }
    }

    private static boolean any(long[] row, int from, int to) {
        int first = from / BITS;
        int last = to / BITS;
        long head = -1L << (from % BITS);
        long tail = -1L >>> (BITS - 1 - to % BITS);
        if (first == last) {
            return (row[first] & head & tail) != 0;
        }
        if ((row[first] & head) != 0 || (row[last] & tail) != 0) {
            return true;
        }
        for (int i = first + 1; i < last; i++) {
            if (row[i] != 0) {
                return true;
            }
        }
        return false;
    }
}
