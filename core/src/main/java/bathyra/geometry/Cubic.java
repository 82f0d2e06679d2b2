package bathyra.geometry;

import java.util.function.UnaryOperator;

/** A cubic Bézier stretch. */
public record Cubic(Point start, Point control1, Point control2, Point end) implements Segment {
    private static final double STILL = 1e-9;

    /** The cubic with given end points and derivatives over a parameter span of 1. */
    public static Cubic hermite(Point start, Vec startVelocity, Point end, Vec endVelocity) {
        return new Cubic(start, start.plus(startVelocity.times(1.0 / 3)), end.plus(endVelocity.times(-1.0 / 3)), end);
    }

    @Override
    public Point at(double t) {
        return new Point(x(t), y(t));
    }

    private double x(double t) {
        double s = 1 - t;
        return s * s * s * start.x()
                + 3 * s * s * t * control1.x()
                + 3 * s * t * t * control2.x()
                + t * t * t * end.x();
    }

    private double y(double t) {
        double s = 1 - t;
        return s * s * s * start.y()
                + 3 * s * s * t * control1.y()
                + 3 * s * t * t * control2.y()
                + t * t * t * end.y();
    }

    @Override
    public Vec velocity(double t) {
        return new Vec(velocityX(t), velocityY(t));
    }

    // A draft asks for these a hundred thousand times: they are plain arithmetic and make no objects.

    private double velocityX(double t) {
        double s = 1 - t;
        return 3 * s * s * (control1.x() - start.x())
                + 6 * s * t * (control2.x() - control1.x())
                + 3 * t * t * (end.x() - control2.x());
    }

    private double velocityY(double t) {
        double s = 1 - t;
        return 3 * s * s * (control1.y() - start.y())
                + 6 * s * t * (control2.y() - control1.y())
                + 3 * t * t * (end.y() - control2.y());
    }

    private double accelerationX(double t) {
        return 6
                * ((1 - t) * (control2.x() - 2 * control1.x() + start.x())
                        + t * (end.x() - 2 * control2.x() + control1.x()));
    }

    private double accelerationY(double t) {
        return 6
                * ((1 - t) * (control2.y() - 2 * control1.y() + start.y())
                        + t * (end.y() - 2 * control2.y() + control1.y()));
    }

    @Override
    public double speed(double t) {
        double dx = velocityX(t);
        double dy = velocityY(t);
        return Math.sqrt(dx * dx + dy * dy);
    }

    @Override
    public double length(double from, double to) {
        return ArcLength.between(start.to(control1), control1.to(control2), control2.to(end), from, to);
    }

    @Override
    public double distance(Point point, double t) {
        double dx = x(t) - point.x();
        double dy = y(t) - point.y();
        return Math.sqrt(dx * dx + dy * dy);
    }

    @Override
    public double onward(Point point, double t) {
        return (point.x() - x(t)) * velocityX(t) + (point.y() - y(t)) * velocityY(t);
    }

    @Override
    public double curvature(double t) {
        double speed = speed(t);
        return speed < STILL
                ? 0
                : (velocityX(t) * accelerationY(t) - velocityY(t) * accelerationX(t)) / (speed * speed * speed);
    }

    /** Even steps; their number follows from the second derivative, which bounds a chord's sag by a''·h²/8. */
    @Override
    public double[] steps(double chord) {
        double bend = Math.max(
                Math.hypot(accelerationX(0), accelerationY(0)), Math.hypot(accelerationX(1), accelerationY(1)));
        int n = Math.max(1, (int) Math.ceil(Math.sqrt(bend / (8 * chord))));
        double[] steps = new double[n + 1];
        for (int i = 0; i <= n; i++) {
            steps[i] = (double) i / n;
        }
        return steps;
    }

    @Override
    public Cubic reversed() {
        return new Cubic(end, control2, control1, start);
    }

    @Override
    public Cubic part(double from, double to) {
        double span = to - from;
        return hermite(
                at(from), velocity(from).times(span), at(to), velocity(to).times(span));
    }

    @Override
    public Cubic mapped(UnaryOperator<Point> motion) {
        return new Cubic(motion.apply(start), motion.apply(control1), motion.apply(control2), motion.apply(end));
    }

    @Override
    public double atLeastAway(Point point) {
        return Segment.fromBox(
                point,
                Math.min(Math.min(start.x(), end.x()), Math.min(control1.x(), control2.x())),
                Math.min(Math.min(start.y(), end.y()), Math.min(control1.y(), control2.y())),
                Math.max(Math.max(start.x(), end.x()), Math.max(control1.x(), control2.x())),
                Math.max(Math.max(start.y(), end.y()), Math.max(control1.y(), control2.y())));
    }
}
