package bathyra.measure;

import bathyra.reckon.Derived;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/**
 * The figures taken from one wearer, with the estimates that stand in for what was not taken (C2).
 *
 * @param taken what the tape gave; keys that are not in it are estimated where a rule exists, else absent
 */
public record MeasurementSet(Map<MeasurementKey, Length> taken) {
    private static final Rule ESTIMATE = Rule.of("C2", "estimate");

    public MeasurementSet {
        EnumMap<MeasurementKey, Length> copy = new EnumMap<>(MeasurementKey.class);
        copy.putAll(taken);
        taken = java.util.Collections.unmodifiableMap(copy);
    }

    public static MeasurementSet empty() {
        return new MeasurementSet(Map.of());
    }

    /** The same set with one figure taken anew. */
    public MeasurementSet with(MeasurementKey key, Length length) {
        EnumMap<MeasurementKey, Length> next = copy();
        next.put(key, length);
        return new MeasurementSet(next);
    }

    /** The same set without a figure: it falls back to its estimate. */
    public MeasurementSet without(MeasurementKey key) {
        EnumMap<MeasurementKey, Length> next = copy();
        next.remove(key);
        return new MeasurementSet(next);
    }

    private EnumMap<MeasurementKey, Length> copy() {
        EnumMap<MeasurementKey, Length> copy = new EnumMap<>(MeasurementKey.class);
        copy.putAll(taken);
        return copy;
    }

    public boolean isTaken(MeasurementKey key) {
        return taken.containsKey(key);
    }

    /** The figure for a key with its derivation: off the tape, or by the estimate's rule; empty when there is neither. */
    public Optional<Reckoned> find(MeasurementKey key) {
        Length tape = taken.get(key);
        return tape != null ? Optional.of(Given.tape(key.label(), tape.millimetres())) : estimate(key);
    }

    /** What the rule would give for a key, whether or not it was taken. */
    public Optional<Reckoned> estimate(MeasurementKey key) {
        return switch (key) {
            case UPPER_BUST -> both(MeasurementKey.BUST, MeasurementKey.UNDERBUST)
                    .map(p -> named(key, p.first().minus(ratio(0.4).times(p.first().minus(p.second())))));
            case UNDERBUST_FULL -> find(MeasurementKey.UNDERBUST).map(u -> named(key, u.plus(30)));
            case HIGH_HIP -> both(MeasurementKey.WAIST, MeasurementKey.HIP)
                    .map(p -> named(key, p.first().plus(ratio(0.6).times(p.second().minus(p.first())))));
            case CHEST_WIDTH -> find(MeasurementKey.BUST).map(b -> named(key, ratio(2).times(b.over(6).plus(25))));
            case BACK_WIDTH -> find(MeasurementKey.BUST).map(b -> named(key, ratio(2).times(b.over(6).plus(38))));
            case APEX_SPAN -> find(MeasurementKey.BUST).map(b -> named(key, b.times(0.2)));
            case SHOULDER_TO_UNDERBUST -> takenBoth(MeasurementKey.SHOULDER_TO_APEX, MeasurementKey.APEX_TO_UNDERBUST)
                    .map(p -> named(key, p.first().plus(p.second())));
            case APEX_TO_UNDERBUST -> takenBoth(MeasurementKey.SHOULDER_TO_UNDERBUST, MeasurementKey.SHOULDER_TO_APEX)
                    .map(p -> named(key, p.first().minus(p.second())));
            case WAIST_TO_HIGH_HIP -> find(MeasurementKey.WAIST_TO_HIP).map(h -> named(key, h.over(2)));
            case WAIST_TO_HIP -> find(MeasurementKey.HEIGHT).map(h -> named(key, h.over(8)));
            default -> Optional.empty();
        };
    }

    private record Pair(Reckoned first, Reckoned second) {}

    private Optional<Pair> both(MeasurementKey first, MeasurementKey second) {
        return find(first).flatMap(a -> find(second).map(b -> new Pair(a, b)));
    }

    /** Only off the tape: these two keys estimate each other's neighbour and must not chase each other. */
    private Optional<Pair> takenBoth(MeasurementKey first, MeasurementKey second) {
        return isTaken(first) && isTaken(second) ? both(first, second) : Optional.empty();
    }

    private static Reckoned ratio(double value) {
        return Given.constant(value, Quantity.RATIO);
    }

    private static Reckoned named(MeasurementKey key, Reckoned number) {
        return Derived.estimate(number, key.label(), ESTIMATE);
    }
}
