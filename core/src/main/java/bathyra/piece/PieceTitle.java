package bathyra.piece;

/**
 * What a piece is called.
 *
 * @param id by which seams and edges name it
 * @param name in words
 * @param order the number in sewing order
 * @param front whether it belongs to the front block
 */
public record PieceTitle(String id, String name, int order, boolean front) {}
