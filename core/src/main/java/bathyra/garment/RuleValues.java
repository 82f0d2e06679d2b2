package bathyra.garment;

import bathyra.geometry.Tolerance;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * What the rules give one half of a garment where the cutter has set nothing: numbers without their derivations, to be kept beside a
 * commission, or the difference of two such sets.
 *
 * @param lengths the rules' lengths, mm
 * @param ease what each level is wider than the body, mm of the whole girth
 * @param gap the lacing gap, mm
 * @param shares of each level's girth, what lies in front, 0 to 1
 * @param splits of each seam's intake, what lies towards the centre, 0 to 1
 * @param axes where the seams stand, mm from centre front
 * @param soundings what each seam takes at each level, both edges together, mm; the side apart
 * @param sideFront the front half's part of the side seam, mm
 * @param sideBack the back half's part of the side seam, mm
 */
public record RuleValues(
        Map<LengthOption, Double> lengths,
        Map<Level, Double> ease,
        Optional<Double> gap,
        Map<Level, Double> shares,
        Map<SplitOption, Double> splits,
        Map<SeamPlace, Double> axes,
        Map<Cell, Double> soundings,
        Map<Level, Double> sideFront,
        Map<Level, Double> sideBack) {
    public RuleValues {
        lengths = Map.copyOf(lengths);
        ease = Map.copyOf(ease);
        shares = Map.copyOf(shares);
        splits = Map.copyOf(splits);
        axes = Map.copyOf(axes);
        soundings = Map.copyOf(soundings);
        sideFront = Map.copyOf(sideFront);
        sideBack = Map.copyOf(sideBack);
    }

    /** No values at all. */
    public static final RuleValues NONE = new RuleValues(
            Map.of(), Map.of(), Optional.empty(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), Map.of());

    /** These and a difference. */
    public RuleValues plus(RuleValues difference) {
        return new RuleValues(
                plus(lengths, difference.lengths),
                plus(ease, difference.ease),
                gap.map(g -> g + difference.gap.orElse(0.0)).or(() -> difference.gap),
                plus(shares, difference.shares),
                plus(splits, difference.splits),
                plus(axes, difference.axes),
                plus(soundings, difference.soundings),
                plus(sideFront, difference.sideFront),
                plus(sideBack, difference.sideBack));
    }

    private static <K> Map<K, Double> plus(Map<K, Double> these, Map<K, Double> difference) {
        Map<K, Double> sums = new HashMap<>(these);
        difference.forEach((key, value) -> sums.merge(key, value, Double::sum));
        return sums;
    }

    /** By how much these differ from others, where both have a value; what is written out and read back is no difference. */
    public RuleValues minus(RuleValues others) {
        return new RuleValues(
                minus(lengths, others.lengths, Tolerance.KEPT_LENGTH),
                minus(ease, others.ease, Tolerance.KEPT_LENGTH),
                gap.flatMap(g -> others.gap.map(o -> g - o)).filter(d -> Math.abs(d) > Tolerance.KEPT_LENGTH),
                minus(shares, others.shares, Tolerance.KEPT_SHARE),
                minus(splits, others.splits, Tolerance.KEPT_SHARE),
                minus(axes, others.axes, Tolerance.KEPT_LENGTH),
                minus(soundings, others.soundings, Tolerance.KEPT_LENGTH),
                minus(sideFront, others.sideFront, Tolerance.KEPT_LENGTH),
                minus(sideBack, others.sideBack, Tolerance.KEPT_LENGTH));
    }

    private static <K> Map<K, Double> minus(Map<K, Double> these, Map<K, Double> others, double same) {
        Map<K, Double> differences = new HashMap<>();
        these.forEach((key, value) -> {
            Double other = others.get(key);
            if (other != null && Math.abs(value - other) > same) {
                differences.put(key, value - other);
            }
        });
        return differences;
    }

    /** Whether nothing is in it: of a difference, that the rules still give the same. */
    public RuleValues withSplit(SplitOption option, double share) {
        Map<SplitOption, Double> more = new HashMap<>(splits);
        more.put(option, share);
        return new RuleValues(lengths, ease, gap, shares, more, axes, soundings, sideFront, sideBack);
    }

    public boolean isEmpty() {
        return lengths.isEmpty()
                && ease.isEmpty()
                && gap.isEmpty()
                && shares.isEmpty()
                && splits.isEmpty()
                && axes.isEmpty()
                && soundings.isEmpty()
                && sideFront.isEmpty()
                && sideBack.isEmpty();
    }
}
