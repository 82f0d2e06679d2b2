package bathyra.geometry;

/** A way on the paper, mm; y down. */
public record Vec(double dx, double dy) {
    public static final Vec DOWN = new Vec(0, 1);
    public static final Vec RIGHT = new Vec(1, 0);

    public Vec plus(Vec other) {
        return new Vec(dx + other.dx, dy + other.dy);
    }

    public Vec minus(Vec other) {
        return new Vec(dx - other.dx, dy - other.dy);
    }

    public Vec times(double factor) {
        return new Vec(dx * factor, dy * factor);
    }

    public Vec reversed() {
        return new Vec(-dx, -dy);
    }

    public double length() {
        return Math.sqrt(dx * dx + dy * dy);
    }

    /** The same direction, 1 mm long; a way of no length throws. */
    public Vec unit() {
        double length = length();
        if (length < Tolerance.COINCIDENT) {
            throw new ArithmeticException("a way of " + length + " mm has no direction");
        }
        return times(1 / length);
    }

    public double dot(Vec other) {
        return dx * other.dx + dy * other.dy;
    }

    /** Positive when the other way lies clockwise of this one on the screen. */
    public double cross(Vec other) {
        return dx * other.dy - dy * other.dx;
    }

    /** Turned clockwise on the screen by an angle in radians. */
    public Vec turned(double radians) {
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return new Vec(dx * cos - dy * sin, dx * sin + dy * cos);
    }

    /** The signed angle to another way, clockwise positive, −π to π. */
    public double angleTo(Vec other) {
        return Math.atan2(cross(other), dot(other));
    }
}
