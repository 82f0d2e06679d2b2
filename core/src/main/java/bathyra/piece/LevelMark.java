package bathyra.piece;

import bathyra.geometry.Point;

/** A level line on a piece, from the edge nearer centre front to the edge nearer centre back. */
public record LevelMark(String level, Point from, Point to) {
    public double length() {
        return from.distance(to);
    }
}
