package bathyra.fitting;

import java.util.ArrayList;
import java.util.List;

/**
 * A picture that was taken at a fitting. The picture itself lies in the book's store, never in a document.
 *
 * @param id by which the store knows it
 * @param label what it shows: front, side, back
 * @param dots where on it a mark was seen
 */
public record Picture(String id, String label, List<Dot> dots) {
    /** So many a fitting has at the most. */
    public static final int COUNT_MOST = 24;

    /**
     * Where on a picture a mark was seen.
     *
     * @param mark its number
     * @param x from the left, 0 to 1
     * @param y from the top, 0 to 1
     */
    public record Dot(int mark, double x, double y) {}

    public Picture {
        dots = List.copyOf(dots);
    }

    public Picture labelled(String next) {
        return new Picture(id, next, dots);
    }

    /** The same with a mark's place on it, instead of where that was before. */
    public Picture with(Dot dot) {
        List<Dot> next = new ArrayList<>(
                dots.stream().filter(d -> d.mark() != dot.mark()).toList());
        next.add(dot);
        return new Picture(id, label, next);
    }
}
