package bathyra.piece;

import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.List;
import java.util.stream.Stream;

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
        return turned(ring, onFold)
                .mapToDouble(other -> Shape.apart(ring, other))
                .min()
                .orElse(0);
    }

    /** Whether a piece cannot be told from itself turned end for end. */
    public static boolean alike(Piece piece) {
        return alike(piece.flattened(FOLLOWED), piece.onFold());
    }

    /**
     * Whether {@link #apart} is under {@link #ALIKE}. Every piece of every draft is asked, and nearly every one can be told by its first
     * corner: how far it lies apart at the most need not be known for that.
     */
    public static boolean alike(List<Point> ring, boolean onFold) {
        return turned(ring, onFold).anyMatch(other -> Shape.isWithin(ring, other, ALIKE));
    }

    private static Stream<List<Point>> turned(List<Point> ring, boolean onFold) {
        double[] box = Shape.box(ring);
        double across = box[0] + box[2];
        double down = box[1] + box[3];
        List<Point> flipped =
                ring.stream().map(p -> new Point(p.x(), down - p.y())).toList();
        return onFold
                ? Stream.of(flipped)
                : Stream.of(
                        flipped,
                        flipped.stream()
                                .map(p -> new Point(across - p.x(), p.y()))
                                .toList());
    }
}
