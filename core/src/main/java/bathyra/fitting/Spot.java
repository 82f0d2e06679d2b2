package bathyra.fitting;

import bathyra.length.Length;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.Optional;

/**
 * Where on the half garment something was seen.
 *
 * @param above the waist, along the seams; negative below it
 * @param place along the half at that height, 0 at centre front, 1 at centre back
 * @param seam the seam on which it lies, if it lies on one
 * @param level the level at which it lies, if it lies on one
 */
public record Spot(Length above, double place, Optional<SeamPlace> seam, Optional<Level> level) {
    /** At a level, nowhere in particular along it. */
    public static Spot at(Level level) {
        return new Spot(Length.mm(0), 1, Optional.empty(), Optional.of(level));
    }

    /** On a seam at a level. */
    public static Spot on(SeamPlace seam, Level level) {
        return new Spot(Length.mm(0), 0, Optional.of(seam), Optional.of(level));
    }

    /** On a seam at a height between the levels. */
    public static Spot on(SeamPlace seam, Length above) {
        return new Spot(above, 0, Optional.of(seam), Optional.empty());
    }

    /** At a place along an edge. */
    public static Spot onEdge(boolean upper, double place) {
        return new Spot(Length.mm(upper ? 1 : -1), place, Optional.empty(), Optional.empty());
    }

    /** Whether it lies above the waist. */
    public boolean isAbove() {
        return level.map(l -> l.ordinal() < Level.WAIST.ordinal()).orElse(above.millimetres() > 0);
    }
}
