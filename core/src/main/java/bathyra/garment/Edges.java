package bathyra.garment;

import java.util.List;

/**
 * The upper and the lower edge, and what stands above the upper line.
 *
 * @param upper the shape of the upper edge; it goes with the top
 * @param skirt how a skirt under a basque is shaped
 * @param gores wedges set into slits of either edge
 */
public record Edges(UpperShape upper, LowerShape lower, SkirtShaping skirt, Top top, List<Gore> gores) {
    public Edges {
        gores = List.copyOf(gores);
    }

    /** Without gores, a skirt in the panels of the body. */
    public Edges(UpperShape upper, LowerShape lower, Top top) {
        this(upper, lower, SkirtShaping.SEAMS, top, List.of());
    }

    /** Another top; an upper edge that does not go with it gives way to one that does. */
    public Edges withTop(Top next) {
        return new Edges(upper.under(next.cover()), lower, skirt, next, gores);
    }

    /** Another upper edge; one that does not go with what holds it up gives way to one that does. */
    public Edges withUpper(UpperShape next) {
        return new Edges(next.under(top.cover()), lower, skirt, top, gores);
    }

    public Edges withLower(LowerShape next) {
        return new Edges(upper, next, skirt, top, gores);
    }

    public Edges withSkirt(SkirtShaping next) {
        return new Edges(upper, lower, next, top, gores);
    }

    public Edges withGores(List<Gore> next) {
        return new Edges(upper, lower, skirt, top, next);
    }

    /** Without what is set for a piece: a garment in other pieces. */
    public Edges ofOtherPieces() {
        return withGores(List.of());
    }
}
