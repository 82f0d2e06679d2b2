package bathyra.garment;

/** An edge of a piece, by their ids: {@code F2} and {@code side}. */
public record EdgeAt(String piece, String edge) implements Comparable<EdgeAt> {
    private static final char BETWEEN = '/';

    /** Reads {@code F2/side}; a word without a stroke is the edge of no piece. */
    public static EdgeAt of(String text) {
        int at = text.indexOf(BETWEEN);
        return at < 0 ? new EdgeAt("", text) : new EdgeAt(text.substring(0, at), text.substring(at + 1));
    }

    @Override
    public String toString() {
        return piece + BETWEEN + edge;
    }

    @Override
    public int compareTo(EdgeAt other) {
        return toString().compareTo(other.toString());
    }
}
