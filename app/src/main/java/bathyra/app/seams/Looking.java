package bathyra.app.seams;

import bathyra.place.Level;
import bathyra.reckon.Reckoned;

/** What the reckoning of the Seams stage explains. */
sealed interface Looking {
    /** The selected sounding. */
    record AtSounding() implements Looking {}

    /** The girth plan of a level. */
    record AtLevel(Level level) implements Looking {}

    /** What differs from a former state. */
    record AtComparison() implements Looking {}

    /** A figure that was followed to where it comes from. */
    record AtNumber(Reckoned number, Looking from) implements Looking {}
}
