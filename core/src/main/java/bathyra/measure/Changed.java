package bathyra.measure;

import bathyra.length.Length;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A figure that is another in a later set.
 *
 * @param before as it was; empty where it was not taken
 * @param after as it is; empty where it was not taken again
 */
public record Changed(MeasurementKey key, Optional<Length> before, Optional<Length> after) {
    /** Nearer than this two figures are one, mm. */
    private static final double SAME = 0.5;

    /** What is another in a later set, in the order of measuring. Only what the tape took counts. */
    public static List<Changed> between(MeasurementSet before, MeasurementSet after) {
        List<Changed> all = new ArrayList<>();
        for (MeasurementKey key : MeasurementKey.values()) {
            Optional<Length> was = taken(before, key);
            Optional<Length> is = taken(after, key);
            boolean same = was.isPresent() == is.isPresent()
                    && (was.isEmpty()
                            || Math.abs(was.get().millimetres() - is.get().millimetres()) < SAME);
            if (!same) {
                all.add(new Changed(key, was, is));
            }
        }
        return all;
    }

    private static Optional<Length> taken(MeasurementSet set, MeasurementKey key) {
        return Optional.ofNullable(set.taken().get(key));
    }
}
