package bathyra.lay;

import bathyra.geometry.Point;
import java.util.List;

/**
 * Where a piece lies on the cloth.
 *
 * @param x its left side, mm from the selvedge or the fold
 * @param y its upper end, mm along the cloth
 * @param turned whether it is turned end for end
 * @param tilt by how much it leans from the thread, degrees, clockwise
 */
public record Placed(LayPiece piece, double x, double y, boolean turned, double tilt) {

    /** Its cut line on the cloth, closed. */
    public List<Point> ring() {
        double width = piece.width();
        double height = piece.height();
        double radians = Math.toRadians(tilt);
        double cos = Math.cos(radians);
        double sin = Math.sin(radians);
        return piece.ring().stream()
                .map(p -> {
                    double px = turned ? width - p.x() : p.x();
                    double py = turned ? height - p.y() : p.y();
                    double dx = px - width / 2;
                    double dy = py - height / 2;
                    return new Point(x + width / 2 + cos * dx - sin * dy, y + height / 2 + sin * dx + cos * dy);
                })
                .toList();
    }

    public Placed at(double nextX, double nextY) {
        return new Placed(piece, nextX, nextY, turned, tilt);
    }

    public Placed turnedRound() {
        return new Placed(piece, x, y, !turned, tilt);
    }

    public Placed tilted(double degrees) {
        return new Placed(piece, x, y, turned, degrees);
    }

    /** How far along the cloth it reaches, mm. */
    double end() {
        return tilt == 0
                ? y + piece.height()
                : ring().stream().mapToDouble(Point::y).max().orElse(y);
    }
}
