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
        double s = 1 - t;
        double a = s * s * s;
        double b = 3 * s * s * t;
        double c = 3 * s * t * t;
        double d = t * t * t;
        return new Point(
                a * start.x() + b * control1.x() + c * control2.x() + d * end.x(),
                a * start.y() + b * control1.y() + c * control2.y() + d * end.y());
    }

    @Override
    public Vec velocity(double t) {
        double s = 1 - t;
        double a = 3 * s * s;
        double b = 6 * s * t;
        double c = 3 * t * t;
        return new Vec(
                a * (control1.x() - start.x()) + b * (control2.x() - control1.x()) + c * (end.x() - control2.x()),
                a * (control1.y() - start.y()) + b * (control2.y() - control1.y()) + c * (end.y() - control2.y()));
    }

    private Vec acceleration(double t) {
        Vec first = control1.to(control2).minus(start.to(control1));
        Vec second = control2.to(end).minus(control1.to(control2));
        return first.times(6 * (1 - t)).plus(second.times(6 * t));
    }

    @Override
    public double curvature(double t) {
        Vec velocity = velocity(t);
        double speed = velocity.length();
        return speed < STILL ? 0 : velocity.cross(acceleration(t)) / (speed * speed * speed);
    }

    /** Even steps; their number follows from the second derivative, which bounds a chord's sag by a''·h²/8. */
    @Override
    public double[] steps(double chord) {
        double bend = Math.max(acceleration(0).length(), acceleration(1).length());
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
