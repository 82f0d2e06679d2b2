package bathyra.geometry;

/** A place on the paper, mm; y down. */
public record Point(double x, double y) {
    public Point {
        if (!Double.isFinite(x) || !Double.isFinite(y)) {
            throw new IllegalArgumentException("a point must be finite, was (" + x + ", " + y + ")");
        }
    }

    public Point plus(Vec v) {
        return new Point(x + v.dx(), y + v.dy());
    }

    /** The way from here to another point. */
    public Vec to(Point other) {
        return new Vec(other.x - x, other.y - y);
    }

    public double distance(Point other) {
        double dx = other.x - x;
        double dy = other.y - y;
        // Figures of a garment are nowhere near where squaring loses them, and this is asked for most often of all.
        return Math.sqrt(dx * dx + dy * dy);
    }

    public Point between(Point other, double share) {
        return new Point(x + (other.x - x) * share, y + (other.y - y) * share);
    }
}
