package bathyra.lay;

import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.List;

/**
 * A piece that is to be laid, as it is drawn on the cloth: its cut line with its grain along the cloth, shrinkage added.
 *
 * @param id of the piece
 * @param copy which of its copies, from 0
 * @param name with its number in sewing order
 * @param ring closed, its upper left corner at 0, 0
 * @param atFold whether it must lie with its left side on the fold
 * @param mayTurn whether it may be turned end for end
 * @param width of the ring, mm
 * @param height of the ring, mm
 * @param area of the ring, mm²; twice as much is cut on a folded cloth
 */
public record LayPiece(
        String id,
        int copy,
        String name,
        List<Point> ring,
        boolean atFold,
        boolean mayTurn,
        double width,
        double height,
        double area) {
    public LayPiece {
        ring = List.copyOf(ring);
    }

    /** A piece by its ring, which begins at 0, 0. */
    public static LayPiece of(String id, int copy, String name, List<Point> ring, boolean atFold, boolean mayTurn) {
        return new LayPiece(
                id,
                copy,
                name,
                ring,
                atFold,
                mayTurn,
                ring.stream().mapToDouble(Point::x).max().orElse(0),
                ring.stream().mapToDouble(Point::y).max().orElse(0),
                Shape.area(ring));
    }

    /** What it is called in a lay, with its copy. */
    public String key() {
        return id + "/" + copy;
    }
}
