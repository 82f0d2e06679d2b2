package bathyra.bone;

import bathyra.garment.Garment;

/**
 * How bones and eyelets share a lacing edge: a bone at the edge, the eyelets, a bone inside them (C13).
 *
 * @param outer how far from the edge the middle of the outer channel stands, mm
 * @param eyelets the same for the eyelets
 * @param inner the same for the inner channel
 */
record LacingEdge(double outer, double eyelets, double inner) {
    /** Across an eyelet's rim, mm. */
    static final double RIM = 9;

    private static final double STITCHED = 3;
    private static final double CLEAR = 1;

    static LacingEdge of(Garment garment) {
        double width = Channels.channelWidth(garment);
        double outer = STITCHED + width / 2;
        double eyelets = outer + width / 2 + CLEAR + RIM / 2;
        return new LacingEdge(outer, eyelets, eyelets + RIM / 2 + CLEAR + width / 2);
    }
}
