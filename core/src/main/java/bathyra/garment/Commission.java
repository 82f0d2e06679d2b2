package bathyra.garment;

import bathyra.measure.LengthUnit;
import bathyra.measure.MeasurementSet;
import java.util.Optional;

/**
 * What goes into a draft: whom for, the figures, and what is to be made.
 *
 * @param units the unit in which the cutter works on it
 * @param spoken what the wearer was told of the waist reduction, when that is on record
 * @param making what it is made from and what goes into its bill
 */
public record Commission(String title, LengthUnit units, Wearer wearer, MeasurementSet measurements, Garment garment, Optional<Spoken> spoken, Making making) {
    /** A commission with nothing on record about its reduction or its making. */
    public Commission(String title, LengthUnit units, Wearer wearer, MeasurementSet measurements, Garment garment) {
        this(title, units, wearer, measurements, garment, Optional.empty(), Making.BEGUN);
    }

    public Commission withMeasurements(MeasurementSet set) {
        return new Commission(title, units, wearer, set, garment, spoken, making);
    }

    public Commission withGarment(Garment next) {
        return new Commission(title, units, wearer, measurements, next, spoken, making);
    }

    public Commission withTitle(String next) {
        return new Commission(next, units, wearer, measurements, garment, spoken, making);
    }

    public Commission withWearer(Wearer next) {
        return new Commission(title, units, next, measurements, garment, spoken, making);
    }

    public Commission withUnits(LengthUnit next) {
        return new Commission(title, next, wearer, measurements, garment, spoken, making);
    }

    public Commission withSpoken(Optional<Spoken> next) {
        return new Commission(title, units, wearer, measurements, garment, next, making);
    }

    public Commission withMaking(Making next) {
        return new Commission(title, units, wearer, measurements, garment, spoken, next);
    }
}
