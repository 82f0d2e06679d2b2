package bathyra.draft;

import bathyra.block.Block;
import bathyra.block.DraftingMethod;
import bathyra.finding.NotDraftable;
import bathyra.fitting.Found;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.Kept;
import bathyra.garment.LengthOption;
import bathyra.garment.RuleValues;
import bathyra.garment.Ruled;
import bathyra.garment.SplitOption;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.intake.IntakeTable;
import bathyra.intake.SeamAxes;
import bathyra.intake.Spreading;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** What today's rules give a commission, to be kept with it, and what a commission of an earlier edition keeps of them. */
public final class TodaysRules {
    /** Lengths before eases, eases before widths and axes, axes before soundings; locks and caps ask for one more. */
    private static final int ROUNDS = 8;

    private TodaysRules() {}

    /** What today's rules give a commission, whatever it keeps; empty when they cannot be followed on these figures. */
    public static Optional<Ruled> of(Commission commission) {
        MeasurementSet tape = commission.measurements().finding(Map.of());
        Garment bare = commission.garment().keeping(Optional.empty()).finding(Found.NONE);
        if (!Drafter.missing(tape, bare).isEmpty()) {
            return Optional.empty();
        }
        boolean restricted = commission.restricted();
        if (!Drafter.isUneven(tape, bare)) {
            return values(tape, bare, restricted).map(v -> new Ruled(tape, bare, restricted, v, Optional.empty()));
        }
        Optional<RuleValues> right = values(tape.of(MeasurementSet.Part.RIGHT), bare.ofRightHalf(), restricted);
        return right.isEmpty()
                ? Optional.empty()
                : values(tape.of(MeasurementSet.Part.LEFT), bare, restricted)
                        .map(v -> new Ruled(tape, bare, restricted, v, right));
    }

    /** What a commission keeps that was given by an earlier edition. Where today's rules cannot be followed for what it was given for, nothing can be held against them, and it goes by them. */
    public static Kept keeping(int edition, Ruled then) {
        MeasurementSet tape = then.measurements();
        boolean uneven = then.right().isPresent();
        RuleValues left =
                more(edition, then, then.given(), uneven ? tape.of(MeasurementSet.Part.LEFT) : tape, then.choices());
        Optional<RuleValues> right = then.right()
                .map(r -> more(
                        edition,
                        then,
                        r,
                        tape.of(MeasurementSet.Part.RIGHT),
                        then.choices().ofRightHalf()));
        return new Kept(edition, then, left, right);
    }

    /**
     * A commission as a later edition finds it: where today's rules give what it was given, and where it was given nothing because it could not
     * be drafted, it is one of today's.
     *
     * @param then one of an edition that wrote down what it gave
     */
    public static Commission found(Commission then) {
        Optional<Kept> kept = then.garment().kept();
        boolean same = kept.isPresent() ? kept.get().isNothing() : of(then).isEmpty();
        return same ? then.byTodaysRules() : then;
    }

    /** How much more was given than today's rules give. What a rule gives leans on what was given before it, so it is asked again with that kept, until nothing is left. */
    private static RuleValues more(int edition, Ruled then, RuleValues given, MeasurementSet tape, Garment choices) {
        RuleValues more = RuleValues.NONE;
        for (int round = 0; round < ROUNDS; round++) {
            Kept kept = new Kept(edition, then, more, Optional.empty());
            Optional<RuleValues> left = values(tape, choices.keeping(Optional.of(kept)), then.restricted())
                    .map(given::minus);
            if (left.isEmpty()) {
                return RuleValues.NONE;
            }
            if (left.get().isEmpty()) {
                return more;
            }
            more = more.plus(left.get());
        }
        return more;
    }

    /** What is drafted of one half, or of both where they are alike; empty when it cannot be drafted. */
    private static Optional<RuleValues> values(MeasurementSet tape, Garment asked, boolean restricted) {
        try {
            Garment garment = restricted ? LacingRule.obeyed(asked, tape) : asked;
            Block block = DraftingMethod.of(garment).draw(tape, garment);
            GirthPlan girths = GirthPlan.of(tape, garment);
            return Optional.of(values(asked, GirthPlan.of(tape, asked), Spreading.of(tape, block, girths, garment)));
        } catch (NotDraftable | RuntimeException e) {
            // The drafter says what is wrong when it drafts; here there is nothing to keep.
            return Optional.empty();
        }
    }

    private static RuleValues values(Garment garment, GirthPlan girths, IntakeTable intakes) {
        Map<LengthOption, Double> lengths = new EnumMap<>(LengthOption.class);
        for (LengthOption option : LengthOption.values()) {
            if (!garment.isSet(option)) {
                lengths.put(option, garment.chosen(option).value());
            }
        }
        Map<SplitOption, Double> splits = new HashMap<>();
        for (SeamPlace seam : garment.seams()) {
            SplitOption.all(seam).stream()
                    .filter(o -> !garment.splits().containsKey(o))
                    .forEach(o -> splits.put(o, garment.split(o).value()));
        }
        Map<SeamPlace, Double> axes = new HashMap<>();
        for (SeamAxes.Axis axis : intakes.axes().axes()) {
            if (!garment.kind().isPanelled()
                    || garment.panels().axis(axis.seam()).at().isEmpty()) {
                axes.put(axis.seam(), axis.at());
            }
        }
        Map<Cell, Double> soundings = new HashMap<>();
        intakes.cells().forEach((cell, takes) -> {
            if (!cell.seam().equals(SeamPlace.SIDE) && !garment.intakes().containsKey(cell)) {
                soundings.put(cell, takes.value());
            }
        });
        return new RuleValues(
                lengths,
                unlessOwn(girths, garment.ease(), LevelPlan::ease),
                garment.fastening().gap().isPresent()
                        ? Optional.empty()
                        : Optional.of(garment.gap().value()),
                unlessOwn(girths, garment.fastening().frontShares(), LevelPlan::frontShare),
                splits,
                axes,
                soundings,
                numbers(intakes.sideFront()),
                numbers(intakes.sideBack()));
    }

    private static Map<Level, Double> unlessOwn(
            GirthPlan girths, Map<Level, ?> own, Function<LevelPlan, Reckoned> value) {
        return girths.levels().stream()
                .filter(plan -> !own.containsKey(plan.level()))
                .collect(Collectors.toMap(
                        LevelPlan::level, plan -> value.apply(plan).value()));
    }

    private static <K> Map<K, Double> numbers(Map<K, Reckoned> reckoned) {
        return reckoned.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().value()));
    }
}
