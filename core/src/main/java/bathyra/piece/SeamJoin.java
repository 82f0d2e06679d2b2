package bathyra.piece;

/**
 * Two edges that are sewn together.
 *
 * @param a the edge nearer centre front
 * @param b the edge nearer centre back
 */
public record SeamJoin(String id, String name, Ref a, Ref b) {
    /** An edge of a piece. */
    public record Ref(String piece, String edge) {
        /** What the edge is. */
        public EdgeRole role() {
            return EdgeRole.of(edge);
        }

        /** What the piece is. */
        public PieceRole pieceRole() {
            return PieceRole.of(piece);
        }
    }
}
