package bathyra.garment;

import bathyra.place.SeamPlace;
import java.util.Arrays;
import java.util.Map;

/**
 * How a cutter shares the half's suppression at the waist over the seams of a corset (C6.1), in hundredths, from centre front to centre back.
 * The rows give proportions within each block; the side seam counts half in each, for its two halves are one seam.
 */
final class SharesTable {
    /**
     * One number of panels a side.
     *
     * @param front seams of the front block but the side
     * @param back seams of the back block but the side
     * @param edge at the back edge, where it is shaped
     */
    private record Row(double[] front, double side, double[] back, double edge) {}

    private static final Map<Integer, Row> ROWS = Map.of(
            3, new Row(new double[] {42}, 48, new double[] {42}, 10),
            4, new Row(new double[] {18}, 42, new double[] {30}, 10),
            5, new Row(new double[] {12, 23}, 33, new double[] {25}, 7),
            6, new Row(new double[] {10, 18}, 30, new double[] {24, 14}, 4),
            7, new Row(new double[] {8, 14, 20}, 27, new double[] {18, 10}, 3),
            8, new Row(new double[] {6, 11, 16}, 24, new double[] {20, 13, 7}, 3));
    /** A weight of one in ten reads better than one in a hundred. */
    private static final double TENTHS = 10;

    private SharesTable() {}

    /**
     * The share of a seam, in tenths.
     *
     * @param shapedBack whether the back edge takes a share of its own; a straight one leaves it to the seam beside it
     */
    static double of(SeamPlace seam, Panels panels, boolean shapedBack) {
        Row row = ROWS.get(panels.perSide());
        double[] front = shared(row.front(), panels.front() - 1);
        double[] back = shared(row.back(), panels.back() - 1);
        double left = shapedBack ? 0 : row.edge();
        return switch (seam.part()) {
                    case FRONT -> front[seam.number() - 1];
                    case SIDE -> row.side() / 2 + (back.length == 0 ? left : 0);
                    case BACK -> back[seam.number() - 1] + (seam.number() == back.length ? left : 0);
                    case CENTRE_BACK -> 0;
                }
                / TENTHS;
    }

    /** What so many seams of a row take together, over another number of them in the same run. */
    private static double[] shared(double[] row, int seams) {
        if (seams == row.length) {
            return row;
        }
        double[] shared = new double[seams];
        for (int i = 0; i < seams; i++) {
            shared[i] = upTo(row, (double) (i + 1) / seams) - upTo(row, (double) i / seams);
        }
        return shared;
    }

    /** What a row takes from its first seam up to a share of its way. */
    private static double upTo(double[] row, double share) {
        double at = share * row.length;
        int whole = (int) Math.min(row.length, Math.floor(at + 1e-9));
        double sum = Arrays.stream(row, 0, whole).sum();
        return whole < row.length ? sum + row[whole] * (at - whole) : sum;
    }
}
