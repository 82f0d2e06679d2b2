package bathyra.geometry;

import java.util.function.UnaryOperator;

/** A straight stretch. */
public record Line(Point start, Point end) implements Segment {
    @Override
    public Point at(double t) {
        return start.between(end, t);
    }

    @Override
    public Vec velocity(double t) {
        return start.to(end);
    }

    @Override
    public double curvature(double t) {
        return 0;
    }

    @Override
    public Line reversed() {
        return new Line(end, start);
    }

    @Override
    public Line part(double from, double to) {
        return new Line(at(from), at(to));
    }

    @Override
    public Line mapped(UnaryOperator<Point> motion) {
        return new Line(motion.apply(start), motion.apply(end));
    }

    @Override
    public double[] steps(double chord) {
        return new double[] {0, 1};
    }

    @Override
    public double length(double from, double to) {
        return start.distance(end) * (to - from);
    }

    @Override
    public double atLeastAway(Point point) {
        return Segment.fromBox(
                point,
                Math.min(start.x(), end.x()),
                Math.min(start.y(), end.y()),
                Math.max(start.x(), end.x()),
                Math.max(start.y(), end.y()));
    }
}
