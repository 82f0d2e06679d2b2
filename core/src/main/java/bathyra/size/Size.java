package bathyra.size;

import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * One row of a chart.
 *
 * @param name as people say it: {@code 4}, {@code M}, {@code 80}
 * @param cup the second axis; empty where the chart has none
 * @param figures of the body; what is not there is estimated by the rules (C2)
 */
public record Size(String name, String cup, Map<MeasurementKey, Length> figures) {
    public Size {
        EnumMap<MeasurementKey, Length> copy = new EnumMap<>(MeasurementKey.class);
        copy.putAll(figures);
        figures = Collections.unmodifiableMap(copy);
    }

    /** The name with its cup. */
    public String label() {
        return cup.isEmpty() ? name : name + " " + cup;
    }

    public Optional<Length> at(MeasurementKey key) {
        return Optional.ofNullable(figures.get(key));
    }

    public Size named(String nextName, String nextCup) {
        return new Size(nextName, nextCup, figures);
    }

    /** The same size with a figure, or without it. */
    public Size with(MeasurementKey key, Optional<Length> length) {
        EnumMap<MeasurementKey, Length> next = new EnumMap<>(MeasurementKey.class);
        next.putAll(figures);
        length.ifPresentOrElse(l -> next.put(key, l), () -> next.remove(key));
        return new Size(name, cup, next);
    }

    public MeasurementSet measurements() {
        return new MeasurementSet(figures);
    }
}
