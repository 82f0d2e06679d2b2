package bathyra.panel;

import bathyra.block.Block;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.UpperShape;
import bathyra.place.Level;

/**
 * The upper edge in the developed plane: how deep it lies over the place along the half girth (C10). From centre front it rises to
 * the crest over the apex and falls from there to the upper line at the side.
 *
 * @param corner where a square edge turns up, mm from centre front
 * @param cut how deep centre front is cut away
 */
record UpperLine(UpperShape shape, double centre, double crest, double apex, double side, double corner, double cut) {
    /** How much later than a straight line a scoop rises. */
    private static final double SCOOPED = 2.2;

    private static final double CLEAR = 38;
    private static final double LEAST_SHARE = 0.4;

    /** @param seam where the first seam stands */
    static UpperLine of(Garment garment, Block block, double apex, double side, double seam) {
        boolean strapless = garment.top().cover() == Cover.STRAPLESS;
        UpperShape shape = strapless ? garment.upperEdge() : UpperShape.STRAIGHT;
        double centre = block.centreFrontTop().value();
        return new UpperLine(
                shape,
                centre,
                block.crest().value(),
                apex,
                side,
                corner(garment, seam),
                isOpen(shape) ? centre : neckline(garment));
    }

    private static double neckline(Garment garment) {
        return garment.top().cover().hasShoulder()
                ? garment.length(LengthOption.NECKLINE_DEPTH).value()
                : 0;
    }

    /** Unless the cutter sets it, the corner keeps clear of the first seam: the edge needs the room to come round there. */
    private static double corner(Garment garment, double seam) {
        double asked = garment.length(LengthOption.EDGE_WIDTH).value();
        boolean own = garment.lengths().containsKey(LengthOption.EDGE_WIDTH);
        return own ? asked : Math.min(asked, Math.max(seam - CLEAR, seam * LEAST_SHARE));
    }

    /** The depth of the edge at a place. @param line depth of the upper line there */
    double at(double x, double line) {
        if (x > apex) {
            return Math.min(line, crest + (line - crest) * wave((x - apex) / (side - apex)));
        }
        double share = x / apex;
        double rise =
                switch (shape) {
                    case V, PLUNGE -> share;
                    case SCOOP -> Math.pow(share, SCOOPED);
                    case SQUARE -> x < corner ? 0 : 1;
                    default -> wave(share);
                };
        double depth = centre + (crest - centre) * rise;
        return isOpen(shape) ? depth : Math.min(line, depth);
    }

    /** Whether the edge may lie below the upper line in front. */
    private static boolean isOpen(UpperShape shape) {
        return shape != UpperShape.STRAIGHT && shape != UpperShape.SWEETHEART;
    }

    private static double wave(double share) {
        return (1 - Math.cos(Math.PI * Math.min(1, Math.max(0, share)))) / 2;
    }

    /** Whether a level line runs off the edge at centre front. */
    boolean cutsOff(Block block, Level level) {
        return block.front(level) < cut + 1;
    }
}
