package bathyra.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Side;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.garment.LengthOption;
import bathyra.garment.Panels;
import bathyra.garment.RuleValues;
import bathyra.garment.Ruled;
import bathyra.garment.SplitOption;
import bathyra.garment.UpperShape;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Overridden;
import bathyra.reckon.Reckoned;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/**
 * A commission keeps what an earlier edition of the rules gave it (F5). The earlier edition is made up: its rules are today's with other
 * eases, lengths, shares and soundings, so that today's are to it what a third edition will be to the second.
 */
class KeptRulesTest {
    private static final int EDITION = 1;
    private static final double GIVEN_AT_RIB = 4;

    private static List<Garment> garments() {
        Garment corset = Garment.of(GarmentKind.CORSET);
        return List.of(
                Garment.bustier(),
                Garment.bustier().withUpperEdge(UpperShape.SWEETHEART),
                corset,
                corset.withPanels(Panels.of(5, corset.panels().placing())),
                Garment.of(GarmentKind.UNDERBUST));
    }

    /** What the made-up edition gives by rule stands here as if the cutter had set it. */
    private static Garment byTheMadeUpEdition(Garment garment) {
        SeamPlace first = garment.seams().get(0);
        SplitOption split = SplitOption.of(first).orElseThrow();
        return garment.withEase(Level.WAIST, Length.mm(-44))
                .withEase(Level.UNDERBUST, Length.mm(-12))
                .withLength(LengthOption.UNDERARM_LOWERING, Length.mm(17))
                .withLength(LengthOption.SWEETHEART_DIP, Length.mm(35))
                .withFastening(garment.fastening().withShare(Level.WAIST, Optional.of(0.512)))
                .withSplit(split, 0.42)
                .withIntake(new Cell(Level.WAIST, first), Length.mm(18));
    }

    /** What a draft was given, all of it as if by rule. */
    private static RuleValues given(Draft draft) {
        Garment garment = draft.commission().garment();
        Map<LengthOption, Double> lengths = new EnumMap<>(LengthOption.class);
        for (LengthOption option : LengthOption.values()) {
            lengths.put(option, garment.length(option).value());
        }
        Map<SplitOption, Double> splits = new HashMap<>();
        garment.seams().forEach(seam -> SplitOption.of(seam)
                .ifPresent(o -> splits.put(o, garment.split(o).value())));
        Map<SeamPlace, Double> axes = new HashMap<>();
        draft.intakes().axes().axes().forEach(axis -> axes.put(axis.seam(), axis.at()));
        Map<Cell, Double> soundings = new HashMap<>();
        draft.intakes().cells().forEach((cell, takes) -> {
            if (!cell.seam().equals(SeamPlace.SIDE)) {
                soundings.put(cell, takes.value());
            }
        });
        return new RuleValues(
                lengths,
                draft.girths().levels().stream().collect(Collectors.toMap(LevelPlan::level, p -> p.ease()
                        .value())),
                Optional.of(garment.gap().value()),
                draft.girths().levels().stream().collect(Collectors.toMap(LevelPlan::level, p -> p.frontShare()
                        .value())),
                splits,
                axes,
                soundings,
                numbers(draft.intakes().sideFront()),
                numbers(draft.intakes().sideBack()));
    }

    private static Map<Level, Double> numbers(Map<Level, Reckoned> reckoned) {
        return reckoned.entrySet().stream()
                .collect(Collectors.toMap(Map.Entry::getKey, e -> e.getValue().value()));
    }

    private record Case(Commission kept, Draft before) {}

    private static Optional<Case> made(MeasurementSet body, Garment garment) {
        if (!(Drafter.draft(Bodies.commission(body, byTheMadeUpEdition(garment))) instanceof Draft before)) {
            return Optional.empty();
        }
        Garment choices = Bodies.commission(body, garment).garment();
        Ruled ruled = new Ruled(body, choices, false, given(before), Optional.empty());
        return Optional.of(new Case(
                Bodies.commission(body, garment).keeping(EDITION, Optional.of(TodaysRules.keeping(EDITION, ruled))),
                before));
    }

    @Test
    void figuresThatStay_giveTheOutlineThatWas() {
        Random random = new Random(19);
        int drafted = 0;
        for (int i = 0; i < Sample.of(60); i++) {
            MeasurementSet body = Bodies.ordinary(random);
            for (Garment garment : garments()) {
                Optional<Case> made = made(body, garment);
                if (made.isEmpty()) {
                    continue;
                }
                drafted++;
                Draft after = (Draft) Drafter.draft(made.get().kept());
                assertThat(NoJumpsTest.moved(made.get().before(), after))
                        .as("%s on %s", garment.kind(), body)
                        .isLessThan(0.01);
                assertThat(after.intakes().locked()).isEmpty();
                if (Drafter.draft(Bodies.commission(body, garment)) instanceof Draft today) {
                    assertThat(NoJumpsTest.moved(made.get().before(), today))
                            .as("today's rules alone give another outline")
                            .isGreaterThan(1);
                }
            }
        }
        assertThat(drafted).isGreaterThan(5);
    }

    @Test
    void waistWiderByTen_movesByTodaysRule_sumsHoldAndNothingIsLocked() {
        Random random = new Random(20);
        int compared = 0;
        for (int i = 0; i < Sample.of(60); i++) {
            MeasurementSet body = Bodies.ordinary(random);
            MeasurementSet wider = body.with(
                    MeasurementKey.WAIST,
                    Length.mm(body.taken().get(MeasurementKey.WAIST).millimetres() + 10));
            for (Garment garment : garments()) {
                Optional<Case> made = made(body, garment);
                if (made.isEmpty()
                        || !(Drafter.draft(made.get().kept().withMeasurements(wider)) instanceof Draft after)
                        || !(Drafter.draft(Bodies.commission(body, garment)) instanceof Draft today)
                        || !(Drafter.draft(Bodies.commission(wider, garment)) instanceof Draft todayWider)) {
                    continue;
                }
                compared++;
                for (Level level : garment.levels()) {
                    assertThat(after.intakes().sum(level))
                            .as("%s, %s", garment.kind(), level)
                            .isCloseTo(after.intakes().toTake().get(level).value(), within(1e-6));
                    assertThat(after.girths().at(level).ease().value()
                                    - made.get()
                                            .before()
                                            .girths()
                                            .at(level)
                                            .ease()
                                            .value())
                            .isCloseTo(
                                    todayWider.girths().at(level).ease().value()
                                            - today.girths().at(level).ease().value(),
                                    within(1e-6));
                }
                assertThat(after.intakes().locked()).isEmpty();
                assertThat(after.commission().garment().ease()).isEmpty();
                assertThat(after.commission().garment().lengths()).isEmpty();
            }
        }
        assertThat(compared).isGreaterThan(5);
    }

    /** What fittings found is added to what is kept, as it is to what today's rules give. */
    @Test
    void whatFittingsFound_isFollowedByWhatIsKept() {
        Random random = new Random(23);
        int drafted = 0;
        for (int i = 0; i < Sample.of(60); i++) {
            MeasurementSet body = Bodies.ordinary(random);
            for (Garment garment : garments()) {
                List<Adjustment> found = List.of(
                        found(new Change.Pinch(new Cell(Level.WAIST, SeamPlace.SIDE), Length.mm(6))),
                        found(new Change.Girth(Level.UNDERBUST, Length.mm(GIVEN_AT_RIB))),
                        found(new Change.Edge(false, 0, Length.mm(80), Length.mm(10))));
                Optional<Case> made = made(body, garment);
                if (made.isEmpty()
                        || !(Drafter.draft(made.get().before().commission().withAdjustments(found))
                                instanceof Draft before)) {
                    continue;
                }
                drafted++;
                Draft after = (Draft) Drafter.draft(made.get().kept().withAdjustments(found));
                for (Level level : garment.levels()) {
                    assertThat(after.girths().at(level).worn().value())
                            .isCloseTo(before.girths().at(level).worn().value(), within(0.01));
                }
                assertThat(after.intakes().sum(Level.WAIST))
                        .isCloseTo(before.intakes().sum(Level.WAIST), within(0.01));
                // The seam over the apex goes with what the front was given at the rib, and the side gives way to it.
                assertThat(sideAtWaist(after)).isCloseTo(sideAtWaist(before), within(GIVEN_AT_RIB / 2));
                assertThat(TodaysRules.of(made.get().kept().withAdjustments(found)))
                        .as("what a later edition is told")
                        .isEqualTo(TodaysRules.of(made.get().kept()));
            }
        }
        assertThat(drafted).isGreaterThan(5);
    }

    private static double sideAtWaist(Draft draft) {
        return draft.intakes().at(Level.WAIST, SeamPlace.SIDE).value();
    }

    private static Adjustment found(Change change) {
        return new Adjustment(1, 1, Side.BOTH, change, Optional.empty(), true);
    }

    /** Where the plan is the same, a seam goes with a changed figure exactly as far as today's rule has it go. */
    @Test
    void waistWiderByTen_movesEachSeamAsTodaysRuleMovesIt() {
        Random random = new Random(22);
        int compared = 0;
        for (int i = 0; i < Sample.of(40); i++) {
            MeasurementSet body = Bodies.ordinary(random);
            MeasurementSet wider = body.with(
                    MeasurementKey.WAIST,
                    Length.mm(body.taken().get(MeasurementKey.WAIST).millimetres() + 10));
            Garment garment = Garment.of(GarmentKind.UNDERBUST);
            Cell first = new Cell(Level.WAIST, garment.seams().get(0));
            Garment other = garment.withIntake(first, Length.mm(21));
            Draft before = (Draft) Drafter.draft(Bodies.commission(body, other));
            Ruled ruled =
                    new Ruled(body, Bodies.commission(body, garment).garment(), false, given(before), Optional.empty());
            Commission kept = Bodies.commission(wider, garment)
                    .keeping(EDITION, Optional.of(TodaysRules.keeping(EDITION, ruled)));
            Draft after = (Draft) Drafter.draft(kept);
            Draft today = (Draft) Drafter.draft(Bodies.commission(body, garment));
            Draft todayWider = (Draft) Drafter.draft(Bodies.commission(wider, garment));
            for (SeamPlace seam : garment.seams()) {
                compared++;
                assertThat(after.intakes().at(Level.WAIST, seam).value()
                                - before.intakes().at(Level.WAIST, seam).value())
                        .as("%s on %s", seam, body)
                        .isCloseTo(
                                todayWider.intakes().at(Level.WAIST, seam).value()
                                        - today.intakes().at(Level.WAIST, seam).value(),
                                within(0.01));
            }
        }
        assertThat(compared).isGreaterThan(10);
    }

    @Test
    void keptValue_saysSo_withTodaysBesideIt() {
        Case made = made(Bodies.ordinary(new Random(21)), Garment.of(GarmentKind.UNDERBUST))
                .orElseThrow();
        Draft draft = (Draft) Drafter.draft(made.kept());
        assertThat(draft.girths().at(Level.WAIST).ease()).isInstanceOfSatisfying(Overridden.class, e -> {
            assertThat(e.value()).isCloseTo(-44, within(1e-9));
            assertThat(e.source()).isEqualTo("kept as edition 1 of the rules gave it");
            assertThat(e.computed().value()).isNotCloseTo(-44, within(1.0));
        });
    }

    @Test
    void choiceMadeAnew_goesByTodaysRule() {
        MeasurementSet body = Bodies.ordinary(new Random(21));
        Garment underbust = Garment.of(GarmentKind.UNDERBUST);
        Commission kept = made(body, underbust).orElseThrow().kept();
        Panels six = Panels.of(6, underbust.panels().placing());
        Draft today = (Draft) Drafter.draft(Bodies.commission(body, underbust.withPanels(six)));
        Draft after = (Draft) Drafter.draft(kept.withGarment(kept.garment().withPanels(six)));
        assertThat(after.girths().at(Level.WAIST).ease().value())
                .as("what has nothing to do with it is kept")
                .isCloseTo(-44, within(1e-9));
        assertThat(after.intakes().at(Level.HIGH_HIP, SeamPlace.front(1)).value()
                        / after.intakes().toTake().get(Level.HIGH_HIP).value())
                .isCloseTo(
                        today.intakes().at(Level.HIGH_HIP, SeamPlace.front(1)).value()
                                / today.intakes().toTake().get(Level.HIGH_HIP).value(),
                        within(0.05));
    }

    @Test
    void takingTodaysRules_leavesNothingOfTheEarlierEdition() {
        MeasurementSet body = Bodies.ordinary(new Random(21));
        Garment garment = Garment.bustier();
        Commission kept = made(body, garment).orElseThrow().kept();
        assertThat(kept.isDraftedAnew()).isFalse();
        Commission taken = kept.byTodaysRules();
        assertThat(taken.rules()).isEqualTo(Commission.RULES);
        assertThat(NoJumpsTest.moved(
                        (Draft) Drafter.draft(taken), (Draft) Drafter.draft(Bodies.commission(body, garment))))
                .isZero();
    }
}
