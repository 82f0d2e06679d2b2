package bathyra.measure;

import bathyra.length.Length;
import bathyra.reckon.Derived;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The figures taken from one wearer, with the estimates that stand in for what was not taken (C2).
 *
 * @param taken what the tape gave; keys that are not in it are estimated where a rule exists, else absent. Of a pair it is the left
 * @param right the right side of figures that were taken on both sides
 * @param confirmed what was taken twice and is correct, however odd it looks
 * @param occasion when and how they were taken
 * @param part whose girths are asked for: the whole body's, or those of a body with two halves like one of this one's
 * @param found by how much figures proved other than the tape at fittings (C15); they are no part of what was taken
 */
public record MeasurementSet(
        Map<MeasurementKey, Length> taken,
        Map<MeasurementKey, Length> right,
        Set<MeasurementKey> confirmed,
        Occasion occasion,
        Part part,
        Map<MeasurementKey, Length> found) {
    /** The whole body, or one of its halves doubled. */
    public enum Part {
        WHOLE,
        LEFT,
        RIGHT
    }

    private static final Rule HALVES = Rule.of("C2", "left and right differ");
    private static final Rule ESTIMATE = Rule.of("C2", "estimate");
    private static final Rule FOUND = Rule.of("C15.4", "what becomes of what was seen");
    private static final Rule LARGER = Rule.of("C2", "the larger side is drafted");

    public MeasurementSet {
        taken = ordered(taken);
        right = ordered(right);
        found = ordered(found);
        confirmed = Collections.unmodifiableSet(
                confirmed.isEmpty() ? EnumSet.noneOf(MeasurementKey.class) : EnumSet.copyOf(confirmed));
        right.keySet().forEach(key -> {
            if (!key.isPaired()) {
                throw new IllegalArgumentException(key.key() + " has no left and right");
            }
        });
    }

    /** Figures of the whole body. */
    public MeasurementSet(
            Map<MeasurementKey, Length> taken,
            Map<MeasurementKey, Length> right,
            Set<MeasurementKey> confirmed,
            Occasion occasion) {
        this(taken, right, confirmed, occasion, Part.WHOLE, Map.of());
    }

    /** Whether girths of the right half were taken: then the two halves are drafted apart. */
    public boolean isUneven() {
        return right.keySet().stream().anyMatch(key -> key.isHalved() && taken.containsKey(key));
    }

    /** Whether the two breasts were measured apart: cups of their own are then drafted for each half (C8). */
    public boolean hasUnevenCups() {
        return right.containsKey(MeasurementKey.APEX_TO_UNDERBUST)
                && taken.containsKey(MeasurementKey.APEX_TO_UNDERBUST);
    }

    /** The same figures, asked for one half of the body: every girth is twice what that half measures. */
    public MeasurementSet of(Part half) {
        return new MeasurementSet(taken, right, confirmed, occasion, half, found);
    }

    /** The same figures with what fittings found of them instead. @param by mm more than the tape */
    public MeasurementSet finding(Map<MeasurementKey, Length> by) {
        return by.equals(found) ? this : new MeasurementSet(taken, right, confirmed, occasion, part, by);
    }

    /** Figures of which nothing else is known. */
    public MeasurementSet(Map<MeasurementKey, Length> taken) {
        this(taken, Map.of(), Set.of(), Occasion.UNNOTED);
    }

    private static Map<MeasurementKey, Length> ordered(Map<MeasurementKey, Length> lengths) {
        EnumMap<MeasurementKey, Length> copy = new EnumMap<>(MeasurementKey.class);
        copy.putAll(lengths);
        return Collections.unmodifiableMap(copy);
    }

    public static MeasurementSet empty() {
        return new MeasurementSet(Map.of());
    }

    /** The same set with one figure taken anew. What was confirmed was the figure before. */
    public MeasurementSet with(MeasurementKey key, Length length) {
        EnumMap<MeasurementKey, Length> next = copy();
        next.put(key, length);
        return new MeasurementSet(next, right, length.equals(taken.get(key)) ? confirmed : unconfirmed(key), occasion);
    }

    /** The same set without a figure, on either side: it falls back to its estimate. */
    public MeasurementSet without(MeasurementKey key) {
        EnumMap<MeasurementKey, Length> next = copy();
        next.remove(key);
        return new MeasurementSet(next, withoutRight(key), unconfirmed(key), occasion);
    }

    /** The same set with the right side of a figure, or without it. @throws IllegalArgumentException when the key has no sides */
    public MeasurementSet withRight(MeasurementKey key, Optional<Length> length) {
        Map<MeasurementKey, Length> next = withoutRight(key);
        length.ifPresent(l -> next.put(key, l));
        return new MeasurementSet(taken, next, unconfirmed(key), occasion);
    }

    /** The same set with a figure confirmed as taken twice, or no longer so. */
    public MeasurementSet confirming(MeasurementKey key, boolean correct) {
        Set<MeasurementKey> next = unconfirmed(key);
        if (correct) {
            next.add(key);
        }
        return new MeasurementSet(taken, right, next, occasion);
    }

    /** The same figures taken on another occasion. */
    public MeasurementSet on(Occasion next) {
        return new MeasurementSet(taken, right, confirmed, next);
    }

    private Set<MeasurementKey> unconfirmed(MeasurementKey key) {
        Set<MeasurementKey> next = EnumSet.noneOf(MeasurementKey.class);
        next.addAll(confirmed);
        next.remove(key);
        return next;
    }

    private Map<MeasurementKey, Length> withoutRight(MeasurementKey key) {
        Map<MeasurementKey, Length> next = new EnumMap<>(MeasurementKey.class);
        next.putAll(right);
        next.remove(key);
        return next;
    }

    private EnumMap<MeasurementKey, Length> copy() {
        EnumMap<MeasurementKey, Length> copy = new EnumMap<>(MeasurementKey.class);
        copy.putAll(taken);
        return copy;
    }

    public boolean isTaken(MeasurementKey key) {
        return taken.containsKey(key);
    }

    /** What the tape gave for a key: of a pair the side that is asked for, of the whole body the larger. */
    public Optional<Length> side(MeasurementKey key) {
        Optional<Length> left = Optional.ofNullable(taken.get(key));
        Optional<Length> other = Optional.ofNullable(right.get(key)).filter(r -> left.isPresent());
        return switch (part) {
            case LEFT -> left;
            case RIGHT -> other.or(() -> left);
            case WHOLE -> other.filter(r -> r.compareTo(left.get()) > 0).or(() -> left);
        };
    }

    /** The figure for a key with its derivation: off the tape, or by the estimate's rule; empty when there is neither. */
    public Optional<Reckoned> find(MeasurementKey key) {
        Length by = found.get(key);
        return by == null
                ? byTape(key)
                : byTape(key).map(tape -> tape.plus(
                                Given.option("Found on the toile", by.millimetres(), Quantity.LENGTH, "fitting", FOUND))
                        .named(key.label(), FOUND));
    }

    private Optional<Reckoned> byTape(MeasurementKey key) {
        Length tape = taken.get(key);
        if (tape == null) {
            return estimate(key);
        }
        Length other = right.get(key);
        if (other != null && key.isHalved()) {
            return Optional.of(girth(key, tape, other));
        }
        if (other != null && key == MeasurementKey.APEX_TO_UNDERBUST && part != Part.WHOLE) {
            return Optional.of(Given.tape(
                    key.label() + (part == Part.LEFT ? ", left" : ", right"),
                    (part == Part.LEFT ? tape : other).millimetres()));
        }
        return Optional.of(
                other == null
                        ? Given.tape(key.label(), tape.millimetres())
                        : Given.tape(key.label() + ", left", tape.millimetres())
                                .atLeast(Given.tape(key.label() + ", right", other.millimetres()))
                                .named(key.label(), LARGER));
    }

    private Reckoned girth(MeasurementKey key, Length whole, Length rightHalf) {
        Reckoned all = Given.tape(key.label(), whole.millimetres());
        Reckoned half = Given.tape(key.label() + ", right half", rightHalf.millimetres());
        return switch (part) {
            case WHOLE -> all;
            case LEFT -> all.minus(half).times(ratio(2)).named(key.label(), HALVES);
            case RIGHT -> half.times(ratio(2)).named(key.label(), HALVES);
        };
    }

    /** What the rule would give for a key, whether or not it was taken. */
    public Optional<Reckoned> estimate(MeasurementKey key) {
        return switch (key) {
            case UPPER_BUST ->
                both(MeasurementKey.BUST, MeasurementKey.UNDERBUST)
                        .map(p -> named(
                                key, p.first().minus(ratio(0.4).times(p.first().minus(p.second())))));
            case UNDERBUST_FULL -> find(MeasurementKey.UNDERBUST).map(u -> named(key, u.plus(30)));
            case HIGH_HIP ->
                both(MeasurementKey.WAIST, MeasurementKey.HIP)
                        .map(p -> named(
                                key, p.first().plus(ratio(0.6).times(p.second().minus(p.first())))));
            case CHEST_WIDTH ->
                find(MeasurementKey.BUST)
                        .map(b -> named(key, ratio(2).times(b.over(6).plus(25))));
            case BACK_WIDTH ->
                find(MeasurementKey.BUST)
                        .map(b -> named(key, ratio(2).times(b.over(6).plus(38))));
            case APEX_SPAN -> find(MeasurementKey.BUST).map(b -> named(key, b.times(0.2)));
            case SHOULDER_TO_UNDERBUST ->
                takenBoth(MeasurementKey.SHOULDER_TO_APEX, MeasurementKey.APEX_TO_UNDERBUST)
                        .map(p -> named(key, p.first().plus(p.second())));
            case APEX_TO_UNDERBUST ->
                takenBoth(MeasurementKey.SHOULDER_TO_UNDERBUST, MeasurementKey.SHOULDER_TO_APEX)
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
