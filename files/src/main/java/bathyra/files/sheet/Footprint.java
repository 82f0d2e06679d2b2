package bathyra.files.sheet;

import bathyra.geometry.Point;
import java.util.Arrays;
import java.util.List;

/**
 * The room that a piece takes on paper, in cells: in each row of cells from its leftmost to its rightmost. A hollow at its side is
 * part of it only as far as it is shut in on both sides.
 *
 * @param cell side of a cell, mm
 * @param left the first cell of each row, downwards, from the left of the piece's box
 * @param right the last cell of each row
 */
record Footprint(double cell, int[] left, int[] right) {
    /** A run that rises by less is level, mm. */
    private static final double LEVEL = 1e-9;

    /** Of a closed line. @param gap what stays free round it, mm */
    static Footprint of(List<Point> closed, double gap, double cell) {
        double x = closed.stream().mapToDouble(Point::x).min().orElse(0) - gap;
        double y = closed.stream().mapToDouble(Point::y).min().orElse(0) - gap;
        double bottom = closed.stream().mapToDouble(Point::y).max().orElse(0) + gap;
        int rows = Math.max(1, (int) Math.ceil((bottom - y) / cell));
        double[] least = new double[rows];
        double[] most = new double[rows];
        Arrays.fill(least, Double.POSITIVE_INFINITY);
        Arrays.fill(most, Double.NEGATIVE_INFINITY);
        for (int i = 0; i < closed.size(); i++) {
            reach(closed.get(i), closed.get((i + 1) % closed.size()), gap, y, cell, least, most);
        }
        int[] left = new int[rows];
        int[] right = new int[rows];
        for (int row = 0; row < rows; row++) {
            // A place reckoned along a run may lie a hair outside the box of its ends.
            left[row] = Math.max(0, (int) Math.floor((least[row] - gap - x) / cell));
            right[row] = (int) Math.floor((most[row] + gap - x) / cell);
        }
        return new Footprint(cell, left, right);
    }

    /** Widens the rows that a straight run and what is free about it pass through. */
    private static void reach(
            Point from, Point to, double gap, double top, double cell, double[] least, double[] most) {
        double upper = Math.min(from.y(), to.y()) - gap;
        double lower = Math.max(from.y(), to.y()) + gap;
        int last = Math.min(least.length - 1, (int) Math.floor((lower - top) / cell));
        for (int row = Math.max(0, (int) Math.floor((upper - top) / cell)); row <= last; row++) {
            double[] reached = between(from, to, top + row * cell - gap, top + (row + 1) * cell + gap);
            least[row] = Math.min(least[row], reached[0]);
            most[row] = Math.max(most[row], reached[1]);
        }
    }

    /** How far to the left and right a straight run is between two heights. */
    private static double[] between(Point from, Point to, double upper, double lower) {
        if (Math.abs(to.y() - from.y()) < LEVEL) {
            return new double[] {Math.min(from.x(), to.x()), Math.max(from.x(), to.x())};
        }
        double a = at(from, to, upper);
        double b = at(from, to, lower);
        return new double[] {Math.min(a, b), Math.max(a, b)};
    }

    private static double at(Point from, Point to, double y) {
        double share = Math.max(0, Math.min(1, (y - from.y()) / (to.y() - from.y())));
        return from.x() + share * (to.x() - from.x());
    }

    int rows() {
        return left.length;
    }

    int columns() {
        return Arrays.stream(right).max().orElse(0) + 1;
    }
}
