package bathyra.piece;

/**
 * How often a piece is cut.
 *
 * @param onFold whether it is cut on the fold and given as its half
 */
public record CutCount(int count, boolean onFold) {
    /** Once, as it lies on the paper. */
    public static final CutCount ONCE = new CutCount(1, false);

    /** In words. */
    public String words() {
        return onFold ? "cut " + count + " on the fold" : "cut " + count;
    }
}
