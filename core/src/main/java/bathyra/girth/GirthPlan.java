package bathyra.girth;

import bathyra.fitting.Found;
import bathyra.garment.EaseRow;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.Stretch;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;

/**
 * How tight the garment is at each level (C5).
 *
 * @param levels one plan a level, from the top
 */
public record GirthPlan(List<LevelPlan> levels) {
    private static final Rule PLAN = Rule.of("C5", "girth plan");
    private static final Rule FRONT_SHARE = Rule.of("C5", "front share");
    private static final Rule SPREAD = Rule.of("C5", "the reduction spreads to the neighbouring levels");
    private static final Rule FOUND = Rule.of("C15.4", "what becomes of what was seen");
    private static final Rule STARTS = Rule.of("C5.1", "starts that fit the body");
    /** Of what the bust is more than the rib so much lies behind. */
    private static final double OF_BUST_BEHIND = 0.18;
    /** A waist so much under the rib has the share of the table, one as wide as the rib {@link #NO_WAIST}. */
    private static final double HOLLOW = 60;

    private static final double NO_WAIST = 0.55;
    /** A belly that has filled the waist does not end at it: of what the waist has more in front the levels below have so much. */
    private static final Map<Level, Double> OF_BELLY_BELOW = Map.of(Level.HIGH_HIP, 0.5, Level.HIP, 0.25);
    /** Bust less rib, from which on a corset's upper edge is less tight, and where it is no tighter than the body. */
    private static final double FULL = 160;

    private static final double VERY_FULL = 200;

    private static final Rule DROPPED = Rule.of("C3", "dropped styled waist");
    private static final Map<Level, Double> FRONT_SHARES = Map.of(
            Level.UPPER,
            0.52,
            Level.BUST,
            0.54,
            Level.UNDERBUST,
            0.51,
            Level.WAIST,
            0.50,
            Level.HIGH_HIP,
            0.48,
            Level.HIP,
            0.47);

    /** The tape over the front by level, which says the share better than the table (C2). */
    private static final Map<Level, MeasurementKey> FRONT_ARCS = Map.of(
            Level.BUST, MeasurementKey.BUST_FRONT_ARC,
            Level.WAIST, MeasurementKey.WAIST_FRONT_ARC,
            Level.HIP, MeasurementKey.HIP_FRONT_ARC);

    public GirthPlan {
        levels = List.copyOf(levels);
    }

    /** The plan of a garment's levels, from the top; the set must have or estimate the girth of each. */
    public static GirthPlan of(MeasurementSet set, Garment garment) {
        Planning planning = new Planning(set, garment);
        return new GirthPlan(garment.levels().stream().map(planning::level).toList());
    }

    /** The ease that a level has until the cutter sets one: its row's, and what the waist's own reduction draws after it. */
    public static Reckoned standardEase(MeasurementSet set, Garment garment, Level level) {
        return new Planning(set, garment.withoutEase(level)).ease(level);
    }

    /** The measurement that a level is fitted to. */
    public static MeasurementKey girth(Garment garment, Level level) {
        return level == Level.UNDERBUST && garment.isLungsFull() ? MeasurementKey.UNDERBUST_FULL : level.girth();
    }

    /** The planning of one garment on one body. */
    private record Planning(MeasurementSet set, Garment garment) {
        private LevelPlan level(Level level) {
            Reckoned body = body(level);
            Reckoned ease = ease(level);
            Reckoned gap = garment.gap();
            Reckoned share = frontShare(level);
            double by = garment.found().girth(level);
            Reckoned planned = body.plus(ease);
            Reckoned worn = (by == 0 ? planned : planned.plus(found(by))).named("Worn girth", PLAN);
            return new LevelPlan(
                    level,
                    body,
                    ease,
                    worn,
                    gap,
                    share,
                    worn.minus(gap).named("Pattern girth", PLAN),
                    frontHalf(level, worn, share),
                    backHalf(level, worn, share, gap));
        }

        /** The cutter's own, else that of the tape over the front where it was taken, else the table's. */
        private Reckoned frontShare(Level level) {
            Double own = garment.fastening().frontShares().get(level);
            if (own != null) {
                return Given.option("Front share", own, Quantity.RATIO, "yours", FRONT_SHARE);
            }
            Optional<MeasurementKey> arc = Optional.ofNullable(FRONT_ARCS.get(level))
                    .filter(k -> set.isTaken(k) && set.isTaken(level.girth()));
            Reckoned byRule = arc.isPresent()
                    ? tape(arc.get()).over(tape(level.girth())).named("Front share", FRONT_SHARE)
                    : shareByBody(level);
            return garment.kept().map(k -> k.share(level, garment, byRule)).orElse(byRule);
        }

        /** What the toile showed of where the side seam belongs, on top of that. */
        private Reckoned frontHalf(Level level, Reckoned worn, Reckoned share) {
            Reckoned half = worn.times(share).over(2);
            double by = garment.found().share(level);
            return (by == 0 ? half : half.plus(found(by))).named("Front half at the " + low(level), PLAN);
        }

        private Reckoned backHalf(Level level, Reckoned worn, Reckoned share, Reckoned gap) {
            Reckoned half = worn.times(Given.constant(1, Quantity.RATIO).minus(share))
                    .over(2)
                    .minus(gap.over(2));
            double by = garment.found().share(level);
            return (by == 0 ? half : half.minus(found(by))).named("Back half at the " + low(level), PLAN);
        }

        /** At the bust the back is as at the rib and a little more, the rest is the bust's; at the waist the front has the more the less there is of a waist. */
        private Reckoned shareByBody(Level level) {
            Optional<Reckoned> underbust = set.find(MeasurementKey.UNDERBUST);
            if (level == Level.BUST && underbust.isPresent()) {
                Reckoned bust = tape(MeasurementKey.BUST);
                Reckoned one = Given.constant(1, Quantity.RATIO);
                Reckoned rib =
                        underbust.get().times(one.minus(table(Level.UNDERBUST))).named("Back at the rib", STARTS);
                Reckoned back = rib.plus(bust.minus(underbust.get())
                                .times(Given.option(
                                        "Of the bust behind", OF_BUST_BEHIND, Quantity.RATIO, "rule", STARTS)))
                        .named("Back at the bust", STARTS);
                return one.minus(back.over(bust)).named("Front share", STARTS);
            }
            if (level == Level.WAIST && underbust.isPresent()) {
                return ofTheBelly(Level.WAIST, NO_WAIST - FRONT_SHARES.get(Level.WAIST), underbust.get());
            }
            if (OF_BELLY_BELOW.containsKey(level) && underbust.isPresent()) {
                return ofTheBelly(
                        level, (NO_WAIST - FRONT_SHARES.get(Level.WAIST)) * OF_BELLY_BELOW.get(level), underbust.get());
            }
            return table(level);
        }

        /** @param more in front where the waist is as wide as the rib */
        private Reckoned ofTheBelly(Level level, double more, Reckoned underbust) {
            double hollow = Math.min(
                    1,
                    Math.max(0, (underbust.value() - tape(MeasurementKey.WAIST).value()) / HOLLOW));
            return Given.option(
                    "Front share",
                    FRONT_SHARES.get(level) + more * (1 - hollow),
                    Quantity.RATIO,
                    "by rib and waist",
                    STARTS);
        }

        private static Reckoned table(Level level) {
            return Given.option("Front share", FRONT_SHARES.get(level), Quantity.RATIO, "rule", FRONT_SHARE);
        }

        private Reckoned body(Level level) {
            Reckoned tape = tape(girth(garment, level));
            return level == Level.WAIST && !garment.fit().waistGirthDrops() ? atDroppedWaist(tape) : tape;
        }

        /** Where the styled waist is dropped and the girth is not asked to move with it, the body is as wide there as it is. */
        private Reckoned atDroppedWaist(Reckoned waist) {
            Reckoned drop = garment.length(LengthOption.WAIST_DROP);
            Optional<Reckoned> highHip = set.find(MeasurementKey.HIGH_HIP);
            Optional<Reckoned> fall = set.find(MeasurementKey.WAIST_TO_HIGH_HIP);
            if (drop.value() == 0 || highHip.isEmpty() || fall.isEmpty()) {
                return waist;
            }
            return waist.plus(highHip.get().minus(waist).times(drop.over(fall.get())))
                    .named("Body at the dropped waist", DROPPED);
        }

        private Reckoned ease(Level level) {
            Length own = garment.ease().get(level);
            if (own != null) {
                return Given.option("Ease", own.millimetres(), Quantity.LENGTH, "yours", PLAN);
            }
            Reckoned byRule = easeByRule(level);
            return garment.kept().map(k -> k.ease(level, garment, byRule)).orElse(byRule);
        }

        private Reckoned easeByRule(Level level) {
            Reckoned row = byRow(level);
            Length waist = garment.ease().get(Level.WAIST);
            if (waist == null || level == Level.WAIST) {
                return row;
            }
            double felt = felt(level);
            if (felt == 0) {
                return row;
            }
            Reckoned more = Given.option("Waist ease", waist.millimetres(), Quantity.LENGTH, "yours", PLAN)
                    .minus(byRow(Level.WAIST));
            return row.plus(more.times(
                            Given.option("Felt here", felt, Quantity.RATIO, "the curve of the reduction", SPREAD)))
                    .named("Ease", SPREAD);
        }

        private Reckoned byRow(Level level) {
            EaseRow row = garment.row();
            OptionalDouble share =
                    level == Level.WAIST ? row.waistShare(garment.fit().wearer().experience()) : OptionalDouble.empty();
            if (share.isPresent()) {
                return Given.constant(0, Quantity.LENGTH)
                        .minus(body(level)
                                .times(Given.option(
                                        "Drawn in",
                                        share.getAsDouble(),
                                        Quantity.RATIO,
                                        row.label().toLowerCase(Locale.ROOT) + ", "
                                                + garment.fit()
                                                        .wearer()
                                                        .experience()
                                                        .label(),
                                        STARTS)))
                        .named("Ease", STARTS);
            }
            if (level == Level.UPPER && row.easesOverFullBust()) {
                return overFullBust(row);
            }
            if (!row.isStretch()) {
                return Given.option(
                        "Ease",
                        row.ease(level).millimetres(),
                        Quantity.LENGTH,
                        row.label().toLowerCase(Locale.ROOT),
                        PLAN);
            }
            Reckoned off =
                    garment.fit().stretch().orElseGet(Stretch::unmeasured).offGirths();
            return Given.constant(0, Quantity.LENGTH)
                    .minus(body(level).times(off))
                    .named("Ease", Rule.of("C5", "stretch cloth"));
        }

        /** The tightness of a corset's upper edge, evenly less from a full bust to a very full one. */
        private Reckoned overFullBust(EaseRow row) {
            double tight = row.ease(Level.UPPER).millimetres();
            double t = set.find(MeasurementKey.UNDERBUST)
                    .map(under -> tape(MeasurementKey.BUST).value() - under.value())
                    .map(fullness -> Math.min(1, Math.max(0, (fullness - FULL) / (VERY_FULL - FULL))))
                    .orElse(0.0);
            return Given.option(
                    "Ease", tight * (1 - t), Quantity.LENGTH, row.label().toLowerCase(Locale.ROOT), STARTS);
        }

        /** Half a wave of the cosine from the waist, where all is felt, to the reach, where nothing is. */
        private double felt(Level level) {
            if (level == Level.UPPER || level == Level.BUST) {
                return 0;
            }
            double reach = garment.length(level == Level.UNDERBUST ? LengthOption.REACH_UP : LengthOption.REACH_DOWN)
                    .value();
            double away = level == Level.UNDERBUST
                    ? aboveWaist()
                    : set.find(level == Level.HIGH_HIP ? MeasurementKey.WAIST_TO_HIGH_HIP : MeasurementKey.WAIST_TO_HIP)
                            .map(Reckoned::value)
                            .orElse(reach);
            return away >= reach || reach == 0 ? 0 : (1 + Math.cos(Math.PI * Math.max(0, away) / reach)) / 2;
        }

        private double aboveWaist() {
            Optional<Reckoned> waist = set.find(MeasurementKey.FRONT_LENGTH);
            Optional<Reckoned> underbust = set.find(MeasurementKey.SHOULDER_TO_UNDERBUST);
            return waist.isEmpty() || underbust.isEmpty()
                    ? Double.POSITIVE_INFINITY
                    : waist.get().value() - underbust.get().value();
        }

        private Reckoned tape(MeasurementKey key) {
            return set.find(key).orElseThrow(() -> new IllegalArgumentException(key.key() + " is absent"));
        }
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }

    private static Reckoned found(double by) {
        return Given.option("Found on the toile", by, Quantity.LENGTH, "fitting", FOUND);
    }

    /**
     * The plan with what was pinched in seams taken off its girths. The seams are shared out by the plan without it, so that a pinch moves
     * nothing but its own seam.
     */
    public GirthPlan pinched(Found found) {
        return found.isEmpty()
                ? this
                : new GirthPlan(levels.stream().map(l -> pinched(l, found)).toList());
    }

    private static LevelPlan pinched(LevelPlan plan, Found found) {
        double front = found.pinched(plan.level(), true);
        double back = found.pinched(plan.level(), false);
        if (front == 0 && back == 0) {
            return plan;
        }
        Reckoned inFront = Given.option("Pinched in front", front, Quantity.LENGTH, "fitting", FOUND);
        Reckoned behind = Given.option("Pinched behind", back, Quantity.LENGTH, "fitting", FOUND);
        Reckoned both = inFront.plus(behind).times(2).named("Pinched", FOUND);
        return new LevelPlan(
                plan.level(),
                plan.body(),
                plan.ease(),
                plan.worn().minus(both).named(plan.worn().name(), FOUND),
                plan.gap(),
                plan.frontShare(),
                plan.pattern().minus(both).named(plan.pattern().name(), FOUND),
                plan.frontHalf().minus(inFront).named(plan.frontHalf().name(), FOUND),
                plan.backHalf().minus(behind).named(plan.backHalf().name(), FOUND));
    }

    public LevelPlan at(Level level) {
        return levels.stream()
                .filter(l -> l.level() == level)
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the garment has no level " + level.id()));
    }

    public boolean has(Level level) {
        return levels.stream().anyMatch(l -> l.level() == level);
    }

    /** The widest front half of any level: the paper from which the surplus is taken (C4.5, C6). */
    public Reckoned widestFront() {
        Reckoned widest = levels.stream()
                .map(LevelPlan::frontHalf)
                .max(Comparator.comparingDouble(Reckoned::value))
                .orElseThrow();
        return widest.named("Widest front half", Rule.of("C6", "reference width"));
    }

    /** The widest back half of any level. */
    public Reckoned widestBack() {
        Reckoned widest = levels.stream()
                .map(LevelPlan::backHalf)
                .max(Comparator.comparingDouble(Reckoned::value))
                .orElseThrow();
        return widest.named("Widest back half", Rule.of("C6", "reference width"));
    }

    /** How much the waist is drawn in, as a share of the natural waist; negative when it is given room. */
    public double waistReductionShare() {
        LevelPlan waist = at(Level.WAIST);
        return (waist.body().value() - waist.worn().value()) / waist.body().value();
    }
}
