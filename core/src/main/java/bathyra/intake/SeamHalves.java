package bathyra.intake;

import bathyra.garment.Garment;
import bathyra.garment.SplitOption;
import bathyra.place.Level;
import bathyra.place.SeamPlace;

/** How what a seam takes lies on its two edges (C6). */
public final class SeamHalves {
    private SeamHalves() {}

    /**
     * How much of what a seam takes at a level lies on its edge nearer centre front, 0 to 1.
     *
     * @throws IllegalArgumentException for the side, which has a part in either block
     */
    public static double beforeIt(Garment garment, SeamPlace seam, Level level) {
        return switch (seam.part()) {
            case SIDE -> throw new IllegalArgumentException("the side is shared by its two blocks");
            case CENTRE_BACK -> 1;
            case FRONT -> split(garment, seam, level);
            case BACK -> 1 - split(garment, seam, level);
        };
    }

    private static double split(Garment garment, SeamPlace seam, Level level) {
        return garment.split(SplitOption.of(seam, level).orElseThrow()).value();
    }
}
