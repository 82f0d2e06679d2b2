package bathyra.girth;

import bathyra.garment.Garment;
import bathyra.measure.Length;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
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

    /** The starting ease of the row "bustier, laced or looped". */
    public static final Map<Level, Length> BUSTIER_LACED = Map.of(Level.UPPER, Length.mm(-10), Level.BUST, Length.mm(0),
            Level.UNDERBUST, Length.mm(-20), Level.WAIST, Length.mm(-25), Level.HIGH_HIP, Length.mm(0), Level.HIP, Length.mm(10));

    /** The row of the table by which a garment starts. */
    public static Map<Level, Length> row(Garment garment) {
        return garment.fastening().closure().isLaced() ? BUSTIER_LACED : BUSTIER_WITH_ZIP;
    }

    /** The share of the worn girth that lies in front by the table. */
    public static double frontShare(Level level) {
        return FRONT_SHARES.get(level);
    }

    /** The plan of a garment's levels, from the top; the set must have or estimate the girth of each. */
    public static GirthPlan of(MeasurementSet set, Garment garment) {
        return new GirthPlan(garment.levels().stream().map(level -> plan(set, level, garment)).toList());
    }

    private static LevelPlan plan(MeasurementSet set, Level level, Garment garment) {
        Reckoned body = set.find(level.girth()).orElseThrow(() -> new IllegalArgumentException(level.girth().key() + " is absent"));
        Length own = garment.ease().get(level);
        boolean laced = garment.fastening().closure().isLaced();
        Reckoned ease = Given.option("Ease", (own == null ? row(garment).get(level) : own).millimetres(), Quantity.LENGTH,
                own != null ? "yours" : laced ? "laced bustier" : "bustier with zip", PLAN);
        Reckoned gap = garment.gap();
        Double ownShare = garment.fastening().frontShares().get(level);
        Reckoned share = Given.option("Front share", ownShare == null ? FRONT_SHARES.get(level) : ownShare, Quantity.RATIO, ownShare == null ? "rule" : "yours", FRONT_SHARE);
        Reckoned worn = body.plus(ease).named("Worn girth", PLAN);
        Reckoned one = Given.constant(1, Quantity.RATIO);
        String low = level.label().toLowerCase(Locale.ROOT);
        return new LevelPlan(level, body, ease, worn, gap, share, worn.minus(gap).named("Pattern girth", PLAN), worn.times(share).over(2).named("Front half at the " + low, PLAN),
                worn.times(one.minus(share)).over(2).minus(gap.over(2)).named("Back half at the " + low, PLAN));
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
