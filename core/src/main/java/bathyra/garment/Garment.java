package bathyra.garment;

import bathyra.girth.Level;
import bathyra.intake.Cell;
import bathyra.measure.Length;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/**
 * What is to be made: a strapless four-panel bustier, with every choice that has been made for it.
 *
 * @param school how the intake under the bust is found
 * @param ease eases set by hand, the others come from the table
 * @param lengths rule lengths set by hand, the others stand at their default
 * @param intakes soundings set by hand and therefore locked
 * @param allowances allowances set by hand
 * @param splits shares towards the centre set by hand
 * @param block the school by which the block is drafted
 * @param fastening how it is closed, and how much of each level lies in front
 */
public record Garment(UpperShape upperEdge, LowerShape lowerEdge, UnderbustSchool school, Map<Level, Length> ease,
        Map<LengthOption, Length> lengths, Map<Cell, Length> intakes, Map<EdgeUse, Length> allowances, Map<SplitOption, Double> splits,
        BlockChoice block, Fastening fastening) {

    private static final Length LACING_FACING = Length.mm(40);

    public Garment {
        ease = Map.copyOf(ease);
        lengths = Map.copyOf(lengths);
        intakes = Map.copyOf(intakes);
        allowances = Map.copyOf(allowances);
        splits = Map.copyOf(splits);
    }

    /** The bustier that stands before anything has been chosen. */
    public static Garment bustier() {
        return new Garment(UpperShape.STRAIGHT, LowerShape.HIP, UnderbustSchool.EXCESS, Map.of(), Map.of(), Map.of(), Map.of(), Map.of(), BlockChoice.QUARTER, Fastening.ZIP);
    }

    /** The levels from the top down to the lower edge. */
    public List<Level> levels() {
        return switch (lowerEdge) {
            case WAIST -> List.of(Level.UPPER, Level.BUST, Level.UNDERBUST, Level.WAIST);
            case HIGH_HIP -> List.of(Level.UPPER, Level.BUST, Level.UNDERBUST, Level.WAIST, Level.HIGH_HIP);
            case HIP -> List.of(Level.values());
        };
    }

    /** A rule length: the cutter's own, or what the school and the closure start with. */
    public Reckoned length(LengthOption option) {
        Length own = lengths.get(option);
        if (own == null && option == LengthOption.CENTRE_BACK_IN && fastening.closure().isLaced()) {
            return Given.option(option.label(), 0, Quantity.LENGTH, "bones lie straight at the lacing", Rule.of("C6", "the lacing edge takes none"));
        }
        return own == null ? option.byRule(block.figures()) : option.byHand(own);
    }

    /** What a rule length stands at until it is set by hand. */
    public Length standard(LengthOption option) {
        return withoutLength(option).length(option).length();
    }

    /** A seam allowance: the cutter's own, or what the edge starts with. A laced edge needs the width of its facing. */
    public Length allowance(EdgeUse use) {
        Length start = use == EdgeUse.CENTRE_BACK && fastening.closure().isLaced() ? LACING_FACING : use.allowance();
        return allowances.getOrDefault(use, start);
    }

    /** The lacing gap at every level. */
    public Reckoned gap() {
        return fastening.gap().map(own -> Given.option("Lacing gap", own.millimetres(), Quantity.LENGTH, "yours", Rule.of("C5", "lacing gap")))
                .orElseGet(() -> Given.option("Lacing gap", fastening.closure().gap().millimetres(), Quantity.LENGTH, fastening.closure().label().toLowerCase(Locale.ROOT), Rule.of("C5", "lacing gap")));
    }

    public Garment withFastening(Fastening next) {
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, intakes, allowances, splits, block, next);
    }

    public Garment withUpperEdge(UpperShape shape) {
        return new Garment(shape, lowerEdge, school, ease, lengths, intakes, allowances, splits, block, fastening);
    }

    public Garment withLowerEdge(LowerShape shape) {
        return new Garment(upperEdge, shape, school, ease, lengths, intakes, allowances, splits, block, fastening);
    }

    public Garment withSchool(UnderbustSchool next) {
        return new Garment(upperEdge, lowerEdge, next, ease, lengths, intakes, allowances, splits, block, fastening);
    }

    /** The same garment drafted by another school. */
    public Garment withBlock(BlockChoice next) {
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, intakes, allowances, splits, next, fastening);
    }

    /** The share of a seam's intake that lies towards the centre. */
    public Reckoned split(SplitOption option) {
        return option.reckoned(splits.get(option));
    }

    public Garment withSplit(SplitOption option, double share) {
        Map<SplitOption, Double> next = new HashMap<>(splits);
        next.put(option, share);
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, intakes, allowances, next, block, fastening);
    }

    /** The same garment with a split back at the rule. */
    public Garment withoutSplit(SplitOption option) {
        Map<SplitOption, Double> next = new HashMap<>(splits);
        next.remove(option);
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, intakes, allowances, next, block, fastening);
    }

    /** The same garment with a rule length back at its default. */
    public Garment withoutLength(LengthOption option) {
        Map<LengthOption, Length> next = new HashMap<>(lengths);
        next.remove(option);
        return new Garment(upperEdge, lowerEdge, school, ease, next, intakes, allowances, splits, block, fastening);
    }

    /** The same garment with a level's ease back at the table. */
    public Garment withoutEase(Level level) {
        Map<Level, Length> next = new HashMap<>(ease);
        next.remove(level);
        return new Garment(upperEdge, lowerEdge, school, next, lengths, intakes, allowances, splits, block, fastening);
    }

    public Garment withLength(LengthOption option, Length length) {
        Map<LengthOption, Length> next = new EnumMap<>(LengthOption.class);
        next.putAll(lengths);
        next.put(option, length);
        return new Garment(upperEdge, lowerEdge, school, ease, next, intakes, allowances, splits, block, fastening);
    }

    /** The same garment with a sounding locked at a value. */
    public Garment withIntake(Cell cell, Length length) {
        Map<Cell, Length> next = new HashMap<>(intakes);
        next.put(cell, length);
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, next, allowances, splits, block, fastening);
    }

    /** The same garment with a sounding back at the rule. */
    public Garment withoutIntake(Cell cell) {
        Map<Cell, Length> next = new HashMap<>(intakes);
        next.remove(cell);
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, next, allowances, splits, block, fastening);
    }

    public Garment withEase(Level level, Length length) {
        Map<Level, Length> next = new HashMap<>(ease);
        next.put(level, length);
        return new Garment(upperEdge, lowerEdge, school, next, lengths, intakes, allowances, splits, block, fastening);
    }

    public Garment withAllowance(EdgeUse use, Length length) {
        Map<EdgeUse, Length> next = new HashMap<>(allowances);
        next.put(use, length);
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, intakes, next, splits, block, fastening);
    }

    /** The same garment with an allowance back at its start. */
    public Garment withoutAllowance(EdgeUse use) {
        Map<EdgeUse, Length> next = new HashMap<>(allowances);
        next.remove(use);
        return new Garment(upperEdge, lowerEdge, school, ease, lengths, intakes, next, splits, block, fastening);
    }
}
