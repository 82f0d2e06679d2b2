package bathyra.lay;

/**
 * The id of a piece as it is laid: of an uneven body each piece is cut from the draft of either half, and that of the right one carries a mark.
 *
 * @param piece its id in the draft of its half
 * @param right whether it is drafted for the right half: like a left one, so that it lies turned over
 */
public record LaidId(String piece, boolean right) {
    private static final String MARK = "-right";

    /** As it stands in a lay, in the book and in documents. */
    public static LaidId read(String id) {
        return id.endsWith(MARK)
                ? new LaidId(id.substring(0, id.length() - MARK.length()), true)
                : new LaidId(id, false);
    }

    public String text() {
        return right ? piece + MARK : piece;
    }
}
