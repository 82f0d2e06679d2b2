package bathyra.lay;

import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.IntStream;

/**
 * What a closed line covers of upright columns beside each other, for all of them in one turn round the line. What it covers of a column is
 * bounded by the line itself and by what lies inside the line along the two sides of the column; every level through a bounded area meets its
 * bound, so the depths of the bound are those of the area. (The plane-geometry library's intersection with one column after the other,
 * tried first, says the same and takes most of the time of a lay.)
 */
final class Covered {
    /** Stretches that lie no farther apart are one, mm. */
    private static final double JOINED = 1e-9;

    private final double left;
    private final double column;
    private final List<List<double[]>> stretches;
    /** The depths at which the line crosses each side of the columns. */
    private final List<List<Double>> sides;

    /**
     * @param closed the line, its last point joined to its first
     * @param left where the first column begins, mm
     * @param column how wide each is, mm
     * @param columns how many there are
     */
    Covered(List<Point> closed, double left, double column, int columns) {
        this.left = left;
        this.column = column;
        this.stretches = lists(columns);
        this.sides = lists(columns + 1);
        for (int i = 0; i < closed.size(); i++) {
            follow(closed.get(i), closed.get((i + 1) % closed.size()));
        }
        for (int side = 0; side < sides.size(); side++) {
            inside(side);
        }
    }

    private static <T> List<List<T>> lists(int count) {
        return IntStream.range(0, count)
                .<List<T>>mapToObj(i -> new ArrayList<>())
                .toList();
    }

    /** The upper and lower ends of what is covered of a column, from the top; those that meet are one. */
    List<double[]> of(int at) {
        List<double[]> joined = new ArrayList<>();
        stretches.get(at).sort(Comparator.comparingDouble(s -> s[0]));
        for (double[] each : stretches.get(at)) {
            double[] last = joined.isEmpty() ? null : joined.get(joined.size() - 1);
            if (last != null && each[0] <= last[1] + JOINED) {
                last[1] = Math.max(last[1], each[1]);
            } else {
                joined.add(each.clone());
            }
        }
        return joined;
    }

    private void follow(Point a, Point b) {
        double from = Math.min(a.x(), b.x());
        double to = Math.max(a.x(), b.x());
        int first = Math.max(0, (int) Math.floor((from - left) / column) - 1);
        int last = Math.min(stretches.size(), (int) Math.floor((to - left) / column) + 1);
        for (int side = first; side <= last; side++) {
            double x = side(side);
            if (from <= x && x < to) {
                sides.get(side).add(depth(a, b, x));
            }
            boolean upright = from == to && x <= from && from <= side(side + 1);
            if (side < stretches.size() && (upright || from < side(side + 1) && to > x)) {
                double begins = depth(a, b, Math.max(from, x));
                double ends = depth(a, b, Math.min(to, side(side + 1)));
                stretches.get(side).add(upright ? ordered(a.y(), b.y()) : ordered(begins, ends));
            }
        }
    }

    private double side(int side) {
        return left + side * column;
    }

    private static double depth(Point a, Point b, double x) {
        return x == a.x() ? a.y() : x == b.x() ? b.y() : a.y() + (b.y() - a.y()) * (x - a.x()) / (b.x() - a.x());
    }

    private static double[] ordered(double a, double b) {
        return new double[] {Math.min(a, b), Math.max(a, b)};
    }

    /** Down a side the line is gone into and left in turns; what lies between is covered on both sides of it. */
    private void inside(int side) {
        List<Double> depths = sides.get(side);
        depths.sort(null);
        for (int i = 0; i + 1 < depths.size(); i += 2) {
            for (int at = Math.max(0, side - 1); at <= Math.min(side, stretches.size() - 1); at++) {
                stretches.get(at).add(new double[] {depths.get(i), depths.get(i + 1)});
            }
        }
    }
}
