package bathyra.garment;

import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.Optional;

/**
 * Whom a garment is for, as far as what it starts with hangs on that.
 *
 * @param experience how used the wearer is to being laced
 * @param measurements the figures on which starting lengths hang
 */
public record Figure(Experience experience, MeasurementSet measurements) {
    /** Nobody in particular. */
    public static final Figure NOBODY = new Figure(Experience.FIRST, MeasurementSet.empty());

    Optional<Reckoned> find(MeasurementKey key) {
        return measurements.find(key);
    }
}
