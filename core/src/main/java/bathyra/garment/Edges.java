package bathyra.garment;

/**
 * The upper and the lower edge, and what stands above the upper line.
 *
 * @param upper the shape of the upper edge; it goes with the top
 */
public record Edges(UpperShape upper, LowerShape lower, Top top) {
    /** Another top; an upper edge that does not go with it gives way to one that does. */
    public Edges withTop(Top next) {
        return new Edges(upper.under(next.cover()), lower, next);
    }

    /** Another upper edge; one that does not go with what holds it up gives way to one that does. */
    public Edges withUpper(UpperShape next) {
        return new Edges(next.under(top.cover()), lower, top);
    }

    public Edges withLower(LowerShape next) {
        return new Edges(upper, next, top);
    }
}
