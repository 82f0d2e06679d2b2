package bathyra.piece;

import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.List;

/** The two ends of a piece: where they look alike it can be sewn in upside down, so its top is marked (C12.1). */
public final class Ends {
    /** Ends that differ by less look alike on the cutting table, mm. */
    public static final double ALIKE = 10;
    /** How closely the outline is followed, mm. */
    public static final double FOLLOWED = 0.5;

    private Ends() {}

    /**
     * How far an outline lies from itself when it is turned end for end, mm; turned over as well, unless it is cut on the
     * fold and looks alike on both sides.
     *
     * @param ring closed outline, mm, its top at the smallest y
     */
    public static double apart(List<Point> ring, boolean onFold) {
        double left = ring.stream().mapToDouble(Point::x).min().orElse(0);
        double right = ring.stream().mapToDouble(Point::x).max().orElse(0);
        double top = ring.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = ring.stream().mapToDouble(Point::y).max().orElse(0);
        double flipped = Shape.apart(
                ring,
                ring.stream().map(p -> new Point(p.x(), top + bottom - p.y())).toList());
        return onFold
                ? flipped
                : Math.min(
                        flipped,
                        Shape.apart(
                                ring,
                                ring.stream()
                                        .map(p -> new Point(left + right - p.x(), top + bottom - p.y()))
                                        .toList()));
    }

    /** Whether a piece cannot be told from itself turned end for end. */
    public static boolean alike(Piece piece) {
        return apart(piece.flattened(FOLLOWED), piece.onFold()) < ALIKE;
    }
}
