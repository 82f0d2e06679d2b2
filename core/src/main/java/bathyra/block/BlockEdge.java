package bathyra.block;

import bathyra.geometry.Path;

/**
 * A stretch of a block's outline. Round a half they follow each other: neck, shoulder, armhole, side, hem, centre. A dart that
 * opens in an edge cuts it into two stretches of the same name with the dart's legs between.
 *
 * @param path from where the edge before it ends
 */
public record BlockEdge(Name name, Path path) {
    /** Which edge it is. */
    public enum Name {
        NECK,
        SHOULDER,
        ARMHOLE,
        SIDE,
        HEM,
        CENTRE,
        DART
    }
}
