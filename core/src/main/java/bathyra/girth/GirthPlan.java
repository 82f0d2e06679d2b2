package bathyra.girth;

import bathyra.measure.Length;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Comparator;
import java.util.List;
import java.util.Map;

/**
 * How tight the garment is at each level (C5).
 *
 * @param levels one plan a level, from the top
 */
public record GirthPlan(List<LevelPlan> levels) {
    private static final Rule PLAN = Rule.of("C5", "girth plan");
    private static final Rule FRONT_SHARE = Rule.of("C5", "front share");
    private static final Map<Level, Double> FRONT_SHARES = Map.of(Level.UPPER, 0.52, Level.BUST, 0.54,
            Level.UNDERBUST, 0.51, Level.WAIST, 0.50, Level.HIGH_HIP, 0.48, Level.HIP, 0.47);

    /** The starting ease of the row "bustier, zip or hooks", mm on the full girth. */
    public static final Map<Level, Length> BUSTIER_WITH_ZIP = Map.of(Level.UPPER, Length.mm(-10), Level.BUST, Length.mm(0),
            Level.UNDERBUST, Length.mm(-15), Level.WAIST, Length.mm(-10), Level.HIGH_HIP, Length.mm(0), Level.HIP, Length.mm(10));

    public GirthPlan {
        levels = List.copyOf(levels);
    }

    /**
     * @param levels the levels that the garment has, from the top; the set must have or estimate the girth of each
     * @param ease eases that the cutter set; the row of the table stands for the others
     * @param lacingGap the gap at every level
     */
    public static GirthPlan of(MeasurementSet set, List<Level> levels, Map<Level, Length> ease, Length lacingGap) {
        return new GirthPlan(levels.stream().map(level -> plan(set, level, ease, lacingGap)).toList());
    }

    private static LevelPlan plan(MeasurementSet set, Level level, Map<Level, Length> eases, Length lacingGap) {
        Reckoned body = set.find(level.girth()).orElseThrow(() -> new IllegalArgumentException(level.girth().key() + " is absent"));
        boolean own = eases.containsKey(level);
        Reckoned ease = Given.option("Ease", (own ? eases : BUSTIER_WITH_ZIP).get(level).millimetres(), Quantity.LENGTH,
                own ? "yours" : "bustier with zip", PLAN);
        Reckoned gap = Given.option("Lacing gap", lacingGap.millimetres(), Quantity.LENGTH, "closure", PLAN);
        Reckoned share = Given.option("Front share", FRONT_SHARES.get(level), Quantity.RATIO, "rule", FRONT_SHARE);
        Reckoned worn = body.plus(ease).named("Worn girth", PLAN);
        Reckoned one = Given.constant(1, Quantity.RATIO);
        return new LevelPlan(level, body, ease, worn, gap,
                worn.minus(gap).named("Pattern girth", PLAN),
                worn.times(share).over(2).named("Front half at the " + level.label().toLowerCase(java.util.Locale.ROOT), PLAN),
                worn.times(one.minus(share)).over(2).minus(gap.over(2))
                        .named("Back half at the " + level.label().toLowerCase(java.util.Locale.ROOT), PLAN));
    }

    public LevelPlan at(Level level) {
        return levels.stream().filter(l -> l.level() == level).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the garment has no level " + level.id()));
    }

    public boolean has(Level level) {
        return levels.stream().anyMatch(l -> l.level() == level);
    }

    /** The widest front half of any level: the paper from which the surplus is taken (C4.5, C6). */
    public Reckoned widestFront() {
        Reckoned widest = levels.stream().map(LevelPlan::frontHalf).max(Comparator.comparingDouble(Reckoned::value)).orElseThrow();
        return widest.named("Widest front half", Rule.of("C6", "reference width"));
    }

    /** The widest back half of any level. */
    public Reckoned widestBack() {
        Reckoned widest = levels.stream().map(LevelPlan::backHalf).max(Comparator.comparingDouble(Reckoned::value)).orElseThrow();
        return widest.named("Widest back half", Rule.of("C6", "reference width"));
    }

    /** How much the waist is drawn in, as a share of the natural waist; negative when it is given room. */
    public double waistReductionShare() {
        LevelPlan waist = at(Level.WAIST);
        return (waist.body().value() - waist.worn().value()) / waist.body().value();
    }
}
