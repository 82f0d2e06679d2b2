package bathyra.foreign;

import bathyra.geometry.Point;
import java.util.List;

/** The upright rectangle round some points, mm. */
record Bounds(double left, double top, double right, double bottom) {
    static Bounds of(List<Point> points) {
        double left = Double.POSITIVE_INFINITY;
        double top = Double.POSITIVE_INFINITY;
        double right = Double.NEGATIVE_INFINITY;
        double bottom = Double.NEGATIVE_INFINITY;
        for (Point p : points) {
            left = Math.min(left, p.x());
            right = Math.max(right, p.x());
            top = Math.min(top, p.y());
            bottom = Math.max(bottom, p.y());
        }
        return new Bounds(left, top, right, bottom);
    }

    double width() {
        return right - left;
    }

    double height() {
        return bottom - top;
    }

    double longest() {
        return Math.max(width(), height());
    }

    boolean isApartFrom(Bounds other) {
        return right < other.left || left > other.right || bottom < other.top || top > other.bottom;
    }

    boolean contains(Point p) {
        return p.x() >= left && p.x() <= right && p.y() >= top && p.y() <= bottom;
    }
}
