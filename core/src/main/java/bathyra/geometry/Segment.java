package bathyra.geometry;

import java.util.function.UnaryOperator;

/** One piece of a path, from parameter 0 to 1. */
public sealed interface Segment permits Line, Cubic {
    Point start();

    Point end();

    Point at(double t);

    /** The first derivative at t; its length is the speed in mm per unit of t. */
    Vec velocity(double t);

    /** How far the path moves on at t, mm per unit of t. */
    default double speed(double t) {
        return velocity(t).length();
    }

    /** How far a point lies from the place at t, mm. */
    default double distance(Point point, double t) {
        return at(t).distance(point);
    }

    /** Whether the foot of the perpendicular from a point lies farther along than t: positive if it does, negative if it lies before. */
    default double onward(Point point, double t) {
        return at(t).to(point).dot(velocity(t));
    }

    /** Signed curvature at t in 1/mm: positive where the path turns clockwise on the screen. */
    double curvature(double t);

    Segment reversed();

    /** The part from one parameter to another, {@code from < to}. */
    Segment part(double from, double to);

    /** The segment with every defining point carried elsewhere by a rigid motion. */
    Segment mapped(UnaryOperator<Point> motion);

    default Segment moved(Vec by) {
        return mapped(p -> p.plus(by));
    }

    /** The parameters, both ends included, between which no chord leaves the curve by more than a distance in mm. */
    double[] steps(double chord);

    /** The arc length between two parameters, mm, integrated on the curve. */
    double length(double from, double to);

    default double length() {
        return length(0, 1);
    }

    /** A distance than which no point of the stretch is nearer, mm: that of the box round its defining points. */
    double atLeastAway(Point point);

    /** The distance of a point from the box round others, mm. */
    static double fromBox(Point point, double left, double top, double right, double bottom) {
        double dx = Math.max(0, Math.max(left - point.x(), point.x() - right));
        double dy = Math.max(0, Math.max(top - point.y(), point.y() - bottom));
        return Math.sqrt(dx * dx + dy * dy);
    }
}
