package bathyra.garment;

import bathyra.length.Length;

/**
 * A wedge-shaped piece set into a slit of a panel (C8.2): a hip gore from the lower edge up, a bust gusset from the upper edge down.
 *
 * @param panel the id of the panel that is slit
 * @param above whether it opens in the upper edge
 * @param place along that edge of the panel, from the side nearer centre front, 0 to 1
 * @param height of the slit, square to the edge
 * @param width at the edge: the spring that it gives, which the panel then takes from its seams
 */
public record Gore(String panel, boolean above, double place, Length height, Length width) {
    public static final double PLACE_LEAST = 0.2;
    public static final double PLACE_MOST = 0.8;
    public static final Length HEIGHT_LEAST = Length.mm(30);
    public static final Length HEIGHT_MOST = Length.mm(250);
    public static final Length WIDTH_LEAST = Length.mm(10);
    public static final Length WIDTH_MOST = Length.mm(160);
    /** So many of them a half has. */
    public static final int COUNT_MOST = 6;

    /** @throws IllegalArgumentException for a place that is no share */
    public Gore {
        if (!(place >= 0 && place <= 1)) {
            throw new IllegalArgumentException("a gore stands at a share of the edge, not at " + place);
        }
    }

    /** Whether a garment has an edge that a gusset, or a gore, can open in. */
    public static boolean opensIn(Garment garment, boolean above) {
        return above
                ? garment.kind().isOverBust()
                        && garment.kind().isPanelled()
                        && garment.top().cover() == Cover.STRAPLESS
                : !garment.lowerEdge().endsAtWaist() && !garment.lowerEdge().isBasque();
    }

    /** What it is called. */
    public String name() {
        return above ? "Bust gusset" : "Hip gore";
    }

    public Gore withHeight(Length next) {
        return new Gore(panel, above, place, next, width);
    }

    public Gore withWidth(Length next) {
        return new Gore(panel, above, place, height, next);
    }

    public Gore at(double next) {
        return new Gore(panel, above, Math.max(PLACE_LEAST, Math.min(PLACE_MOST, next)), height, width);
    }
}
