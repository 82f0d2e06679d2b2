package bathyra.fitting;

import bathyra.length.Length;
import java.util.Optional;

/**
 * What was found at a fitting and is kept in the commission (C15).
 *
 * @param fitting the number of the fitting
 * @param mark the number of the mark there
 * @param side on which half it is drafted
 * @param was the figure that it changed, as it was then
 * @param on whether the draft follows it
 */
public record Adjustment(int fitting, int mark, Side side, Change change, Optional<Length> was, boolean on) {
    /** So many a commission has at the most. */
    public static final int COUNT_MOST = 200;

    /** Whether the draft is moved by it: a gap measured as planned is on record and moves nothing. */
    public boolean moves() {
        return on && change.by().millimetres() != 0;
    }

    public Adjustment turned(boolean next) {
        return new Adjustment(fitting, mark, side, change, was, next);
    }

    public Adjustment changing(Change next) {
        return new Adjustment(fitting, mark, side, next, was, on);
    }
}
