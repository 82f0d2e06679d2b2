package bathyra.garment;

import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.SeamPlace;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * The seams, and what is taken out at them.
 *
 * @param school how the intake under the bust of a princess seam is found
 * @param panels the panels of a corset; a bustier has its four
 * @param sharing how a corset's surplus is shared out over its seams
 * @param intakes soundings set by hand and therefore locked
 * @param rightIntakes soundings of the right half of an uneven body that are locked apart from the left's
 * @param splits shares towards the centre set by hand
 * @param between room given or taken between the levels
 */
public record Seaming(
        UnderbustSchool school,
        Panels panels,
        Sharing sharing,
        Map<Cell, Length> intakes,
        Map<Cell, Length> rightIntakes,
        Map<SplitOption, Double> splits,
        List<EaseHere> between) {
    public Seaming {
        intakes = Map.copyOf(intakes);
        rightIntakes = Map.copyOf(rightIntakes);
        splits = Map.copyOf(splits);
        between = List.copyOf(between);
    }

    /** Nothing set by hand. */
    public static Seaming of(Panels panels) {
        return new Seaming(UnderbustSchool.BODY, panels, Sharing.BY_RULE, Map.of(), Map.of(), Map.of(), List.of());
    }

    public Seaming with(UnderbustSchool next) {
        return new Seaming(next, panels, sharing, intakes, rightIntakes, splits, between);
    }

    public Seaming with(Sharing next) {
        return new Seaming(school, panels, next, intakes, rightIntakes, splits, between);
    }

    /** Other panels: locks, weights and splits of the seams before are gone. */
    public Seaming with(Panels next) {
        if (next.front() == panels.front() && next.back() == panels.back()) {
            return new Seaming(school, next, sharing, intakes, rightIntakes, splits, between);
        }
        Map<Cell, Length> kept = new HashMap<>(intakes);
        kept.keySet().removeIf(cell -> !stays(cell.seam()));
        Map<Cell, Length> right = new HashMap<>(rightIntakes);
        right.keySet().retainAll(kept.keySet());
        return new Seaming(
                school,
                next,
                new Sharing(sharing.preset(), Map.of(), sharing.apexShare(), Map.of()),
                kept,
                right,
                Map.of(),
                between.stream()
                        .filter(e -> e.seam().filter(seam -> !stays(seam)).isEmpty())
                        .toList());
    }

    /** Whether a seam is there whatever the panels. */
    private static boolean stays(SeamPlace seam) {
        return seam.part() == SeamPlace.Part.SIDE || seam.part() == SeamPlace.Part.CENTRE_BACK;
    }

    /** The same, whatever was set for a seam taken back, in the panels of another kind of garment. */
    public Seaming ofOtherKind(Panels next) {
        return new Seaming(school, next, Sharing.BY_RULE, Map.of(), Map.of(), Map.of(), List.of());
    }

    /** @param length locks it; empty for the rule */
    public Seaming withIntake(Cell cell, Optional<Length> length) {
        return new Seaming(school, panels, sharing, set(intakes, cell, length), rightIntakes, splits, between);
    }

    /** @param length locks it on the right half; empty for what the left half has */
    public Seaming withRightIntake(Cell cell, Optional<Length> length) {
        return new Seaming(school, panels, sharing, intakes, set(rightIntakes, cell, length), splits, between);
    }

    /** @param share towards the centre; empty for the rule */
    public Seaming withSplit(SplitOption option, Optional<Double> share) {
        return new Seaming(school, panels, sharing, intakes, rightIntakes, set(splits, option, share), between);
    }

    /** Other room between the levels. */
    public Seaming withBetween(List<EaseHere> next) {
        return new Seaming(school, panels, sharing, intakes, rightIntakes, splits, next);
    }

    private static <K, V> Map<K, V> set(Map<K, V> map, K key, Optional<V> value) {
        Map<K, V> next = new HashMap<>(map);
        value.ifPresentOrElse(v -> next.put(key, v), () -> next.remove(key));
        return next;
    }

    /** What the right half of an uneven body is drafted by: its own locks where it has them. */
    public Seaming ofRightHalf() {
        Map<Cell, Length> all = new HashMap<>(intakes);
        all.putAll(rightIntakes);
        return new Seaming(school, panels, sharing, all, rightIntakes, splits, between);
    }

    /** One seam more. The seams behind it in its part take the next number, with everything that was set for them. */
    public Seaming withSeam(SeamPlace.Part part, int number, double at) {
        return renumbered(
                panels.with(part, number, Optional.of(at)), Optional.empty(), s -> s.shifted(part, number, 1));
    }

    /** One seam less; the others keep what was set for them. */
    public Seaming withoutSeam(SeamPlace seam) {
        return renumbered(panels.without(seam), Optional.of(seam), s -> s.shifted(seam.part(), seam.number() + 1, -1));
    }

    private Seaming renumbered(Panels next, Optional<SeamPlace> gone, UnaryOperator<SeamPlace> number) {
        Map<SplitOption, Double> shares = new HashMap<>();
        splits.forEach((option, share) -> {
            if (!gone.equals(Optional.of(option.seam()))) {
                shares.put(SplitOption.of(number.apply(option.seam())).orElseThrow(), share);
            }
        });
        Map<String, Double> weights = new HashMap<>(sharing.weights());
        gone.ifPresent(g -> weights.remove(g.id()));
        return new Seaming(
                school,
                next,
                new Sharing(
                        sharing.preset(),
                        Panels.renamed(weights, number),
                        sharing.apexShare(),
                        renumbered(sharing.caps(), gone, number)),
                renumbered(intakes, gone, number),
                renumbered(rightIntakes, gone, number),
                shares,
                between.stream()
                        .filter(e -> e.seam().isEmpty() || !e.seam().equals(gone))
                        .map(e -> new EaseHere(e.above(), e.seam().map(number), e.ease()))
                        .toList());
    }

    private static Map<Cell, Length> renumbered(
            Map<Cell, Length> cells, Optional<SeamPlace> gone, UnaryOperator<SeamPlace> number) {
        Map<Cell, Length> next = new HashMap<>();
        cells.forEach((cell, length) -> {
            if (!gone.equals(Optional.of(cell.seam()))) {
                next.put(new Cell(cell.level(), number.apply(cell.seam())), length);
            }
        });
        return next;
    }
}
