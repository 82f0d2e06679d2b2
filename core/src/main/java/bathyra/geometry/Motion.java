package bathyra.geometry;

import java.util.function.UnaryOperator;

/**
 * A rigid motion on the paper: a turn, then a way. Nothing is stretched and nothing turned over, so every length and every angle stays.
 *
 * @param cos cosine of the turn, clockwise on the screen
 * @param sin its sine
 * @param way where the origin goes
 */
public record Motion(double cos, double sin, Vec way) implements UnaryOperator<Point> {
    public static final Motion STILL = new Motion(1, 0, new Vec(0, 0));

    /** A turn about a point. @param radians clockwise on the screen */
    public static Motion about(Point pivot, double radians) {
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new Motion(
                cos,
                sin,
                new Vec(pivot.x() - cos * pivot.x() + sin * pivot.y(), pivot.y() - sin * pivot.x() - cos * pivot.y()));
    }

    /** Lays a place on another: the point on the point and the direction in the direction. */
    public static Motion laying(Point from, Vec along, Point onto, Vec direction) {
        double turn = along.angleTo(direction);
        Motion turned = new Motion(Math.cos(turn), Math.sin(turn), new Vec(0, 0));
        Vec way = turned.apply(from).to(onto);
        return new Motion(turned.cos, turned.sin, way);
    }

    @Override
    public Point apply(Point p) {
        return new Point(cos * p.x() - sin * p.y() + way.dx(), sin * p.x() + cos * p.y() + way.dy());
    }

    public Vec apply(Vec v) {
        return new Vec(cos * v.dx() - sin * v.dy(), sin * v.dx() + cos * v.dy());
    }

    public Path apply(Path path) {
        return path.mapped(this);
    }

    public Motion inverse() {
        return new Motion(cos, -sin, new Vec(-cos * way.dx() - sin * way.dy(), sin * way.dx() - cos * way.dy()));
    }

    /** This motion, and then another. */
    public Motion then(Motion next) {
        Vec moved = next.apply(way).plus(next.way);
        return new Motion(next.cos * cos - next.sin * sin, next.sin * cos + next.cos * sin, moved);
    }

    /** The turn, radians, clockwise on the screen. */
    public double turn() {
        return Math.atan2(sin, cos);
    }
}
