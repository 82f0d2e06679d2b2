package bathyra.garment;

import bathyra.fitting.Found;
import bathyra.measure.MeasurementSet;
import java.util.Map;
import java.util.Optional;

/**
 * What an edition of the rules gave a commission, and for what.
 *
 * @param measurements the figures
 * @param choices the garment; what it keeps itself is nothing to the rules
 * @param restricted whether its wearer was not to be laced
 * @param given what the left half was given, or both
 * @param right what the right half was given where the halves are drafted apart
 */
public record Ruled(
        MeasurementSet measurements,
        Garment choices,
        boolean restricted,
        RuleValues given,
        Optional<RuleValues> right) {
    public Ruled {
        choices = choices.keeping(Optional.empty()).finding(Found.NONE);
        measurements = measurements.finding(Map.of());
    }
}
