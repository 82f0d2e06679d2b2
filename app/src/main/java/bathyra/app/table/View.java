package bathyra.app.table;

import bathyra.geometry.Point;

/**
 * How the paper lies under the window.
 *
 * @param scale screen pixels a millimetre
 * @param left pixel of x = 0
 * @param top pixel of y = 0
 */
public record View(double scale, double left, double top) {
    /** The scale at which a millimetre on screen is about a millimetre, at 96 dots an inch. */
    public static final double ACTUAL = 96 / 25.4;

    private static final double LEAST = 0.3;
    private static final double MOST = 20;

    public double x(double mm) {
        return left + mm * scale;
    }

    public double y(double mm) {
        return top + mm * scale;
    }

    public Point toPaper(double x, double y) {
        return new Point((x - left) / scale, (y - top) / scale);
    }

    /** Zoomed by a factor with the paper under a pixel staying where it is. */
    public View zoomed(double factor, double px, double py) {
        double next = Math.min(MOST, Math.max(LEAST, scale * factor));
        Point under = toPaper(px, py);
        return new View(next, px - under.x() * next, py - under.y() * next);
    }

    public View moved(double dx, double dy) {
        return new View(scale, left + dx, top + dy);
    }
}
