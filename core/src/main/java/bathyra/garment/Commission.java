package bathyra.garment;

import bathyra.measure.LengthUnit;
import bathyra.measure.MeasurementSet;

/**
 * What goes into a draft: whom for, the figures, and what is to be made.
 *
 * @param units the unit in which the cutter works on it
 */
public record Commission(String title, LengthUnit units, Wearer wearer, MeasurementSet measurements, Garment garment) {
    public Commission withMeasurements(MeasurementSet set) {
        return new Commission(title, units, wearer, set, garment);
    }

    public Commission withGarment(Garment next) {
        return new Commission(title, units, wearer, measurements, next);
    }

    public Commission withTitle(String next) {
        return new Commission(next, units, wearer, measurements, garment);
    }

    public Commission withWearer(Wearer next) {
        return new Commission(title, units, next, measurements, garment);
    }

    public Commission withUnits(LengthUnit next) {
        return new Commission(title, next, wearer, measurements, garment);
    }
}
