package bathyra.workplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.draft.Bodies;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Closure;
import bathyra.garment.CupKind;
import bathyra.garment.Fastening;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.length.LengthUnit;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.reckon.Formula;
import bathyra.reckon.Reckoned;
import bathyra.workplan.Counts.Boned;
import bathyra.workplan.Counts.Build;
import bathyra.workplan.Counts.Cutting;
import bathyra.workplan.Counts.Sewing;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

/** The minutes of three garments as makers know them from the clock, against what is counted on such garments by hand (C16.2). */
class WorkedMinutesTest {
    private static final Set<StepKind> FIXED = EnumSet.of(
            StepKind.CONSULT,
            StepKind.FIRST_FITTING,
            StepKind.CARRIED_BACK,
            StepKind.SECOND_TOILE,
            StepKind.WAIST_TAPE,
            StepKind.SECOND_FITTING);

    /** Six panels a half: ten seams; two layers and four facings; one bone on each seam, four at the back, four in front and at the sides. */
    private static final Counts UNDERBUST = new Counts(
            new Cutting(6, 28, 12),
            new Sewing(10, 0, 12, 1.5),
            new Boned(10, 8, 20),
            new Build(false, false, false, true, Closure.FRONT_BUSK, false));

    /** Seven panels a half: twelve seams; fourteen panels of strength cloth and four of interlining; two bones a seam. */
    private static final Counts OVERBUST = new Counts(
            new Cutting(7, 36, 18),
            new Sewing(12, 0, 14, 1.65),
            new Boned(12, 12, 28),
            new Build(false, false, true, true, Closure.FRONT_BUSK, true));

    /** Four panels and three parts of a cup a half: six seams of panels and eight by which the cups are set in, six within the cups. */
    private static final Counts CUPS = new Counts(
            new Cutting(7, 43, 18),
            new Sewing(14, 6, 8, 1.65),
            new Boned(10, 12, 28),
            new Build(true, true, true, true, Closure.FRONT_BUSK, true));

    private static double minutes(Counts counts, StepKind step) {
        Minutes all = new Minutes(counts, Pace.UNKNOWN);
        return all.has(step) ? all.of(step, false).value() : 0;
    }

    @ParameterizedTest
    @CsvSource({
        "CONSULT, 45, 60, 60",
        "DRAFT, 60, 75, 100",
        "TOILE, 90, 130, 170",
        "FIRST_FITTING, 30, 45, 60",
        "CARRIED_BACK, 45, 60, 90",
        "SECOND_TOILE, 0, 60, 90",
        "CUT, 80, 110, 140",
        "MOUNT, 50, 75, 90",
        "FASTENING, 45, 50, 50",
        "SEAMS, 80, 120, 120",
        "CUPS, 0, 0, 150",
        "WAIST_TAPE, 15, 15, 20",
        "CHANNELS, 75, 110, 90",
        "EYELETS, 50, 65, 60",
        "BONES, 55, 75, 60",
        "SECOND_FITTING, 30, 40, 45",
        "LINING, 90, 120, 120",
        "FINISHING, 60, 70, 75"
    })
    void aStep_takesWhatItTakes(StepKind step, double underbust, double overbust, double cups) {
        double part = FIXED.contains(step) ? 0 : 0.25;
        assertThat(minutes(UNDERBUST, step)).isCloseTo(underbust, within(part * underbust));
        assertThat(minutes(OVERBUST, step)).isCloseTo(overbust, within(part * overbust));
        assertThat(minutes(CUPS, step)).isCloseTo(cups, within(part * cups));
    }

    @Test
    void allOfIt_comesOutWithinATenth() {
        assertThat(all(UNDERBUST)).isCloseTo(900, within(90.0));
        assertThat(all(OVERBUST)).isCloseTo(1280, within(128.0));
        assertThat(all(CUPS)).isCloseTo(1590, within(159.0));
    }

    private static double all(Counts counts) {
        return Arrays.stream(StepKind.values())
                .mapToDouble(s -> minutes(counts, s))
                .sum();
    }

    @Test
    void whatIsCounted_isOnTheFinishedDraft() {
        Counts corset = Counts.of(draft(Garment.of(GarmentKind.CORSET)));
        assertThat(corset.cutting().paper()).isEqualTo(6);
        assertThat(corset.sewing().panels()).isEqualTo(10);
        assertThat(corset.sewing().lined()).isEqualTo(12);
        assertThat(corset.boned().seamChannels()).isEqualTo(10);
        assertThat(corset.build().busk()).isTrue();

        Garment cups = Garment.bustier()
                .withBust(Garment.bustier().bust().withCups(CupKind.THREE_PART))
                .withFastening(Fastening.ZIP.with(Closure.BACK_LACING));
        Counts bustier = Counts.of(draft(cups));
        assertThat(bustier.cutting().paper()).isEqualTo(7);
        assertThat(bustier.sewing().cups())
                .as("inner to outer and upper to both, twice")
                .isEqualTo(6);
        assertThat(bustier.build().cups()).isTrue();
    }

    @ParameterizedTest
    @EnumSource(GarmentKind.class)
    void aPlan_hasEachStepOnce_afterTheOneItWaitsFor_andItsSumsAgree(GarmentKind kind) {
        Plan plan = Plan.NONE
                .with(StepKind.CONSULT.id(), Progress.NONE.lasting(70).finished(true))
                .with(StepKind.DRAFT.id(), Progress.NONE.lasting(20));
        WorkPlan all = WorkPlan.of(draft(Garment.of(kind)), plan, Pace.UNKNOWN);
        assertThat(all.steps()).extracting(WorkPlan.Step::task).doesNotHaveDuplicates();
        for (int i = 1; i < all.steps().size(); i++) {
            assertThat(all.steps().get(i).waitsFor())
                    .contains(all.steps().get(i - 1).task());
        }
        double draft = all.step(StepKind.DRAFT).orElseThrow().planned().value();
        double consult = all.step(StepKind.CONSULT).orElseThrow().planned().value();
        assertThat(all.taken()).isEqualTo(90);
        assertThat(all.left()).isCloseTo(all.planned() - consult - 20, within(1e-9));
        assertThat(draft).isGreaterThan(20);
        assertThat(all.next().orElseThrow().task()).isEqualTo(StepKind.DRAFT);
    }

    @Test
    void aLearner_takes17TimesAsLong() {
        Draft draft = draft(Garment.of(GarmentKind.UNDERBUST));
        assertThat(WorkPlan.of(draft, Plan.NONE.byLearner(true), Pace.UNKNOWN).planned())
                .isCloseTo(1.7 * WorkPlan.of(draft, Plan.NONE, Pace.UNKNOWN).planned(), within(1e-6));
    }

    @Test
    void theMinutesSayHowTheyCameAbout() {
        Reckoned lining = new Minutes(OVERBUST, Pace.UNKNOWN).of(StepKind.LINING, false);
        assertThat(Formula.figureWithUnit(lining, LengthUnit.CM)).isEqualTo("122 min");
        assertThat(Formula.inFigures(lining, LengthUnit.CM)).contains("4 × 14 + 40 × 1.65");
    }

    @Test
    void ofAnyGarment_noStepComesBeforeWhatItWaitsFor_andWhatIsLeftIsWhatIsNotDone() {
        Random random = new Random(21);
        for (int i = 0; i < 2000; i++) {
            Counts counts = new Counts(
                    new Cutting(random.nextInt(20), random.nextInt(80), random.nextInt(40)),
                    new Sewing(random.nextInt(20), random.nextInt(10), random.nextInt(16), 3 * random.nextDouble()),
                    new Boned(random.nextInt(20), random.nextInt(20), random.nextInt(40)),
                    new Build(
                            random.nextBoolean(),
                            random.nextBoolean(),
                            random.nextBoolean(),
                            random.nextBoolean(),
                            Closure.values()[random.nextInt(Closure.values().length)],
                            random.nextBoolean()));
            Plan plan = Plan.NONE.byLearner(random.nextBoolean());
            double open = 0;
            for (StepKind kind : StepKind.values()) {
                if (random.nextBoolean()) {
                    plan = plan.with(
                            kind.id(),
                            Progress.NONE.lasting(random.nextInt(200)).finished(random.nextBoolean()));
                }
            }
            WorkPlan all = WorkPlan.of(counts, plan, Pace.UNKNOWN);
            Set<Task> before = new HashSet<>();
            for (WorkPlan.Step step : all.steps()) {
                assertThat(before).containsAll(step.waitsFor().stream().toList());
                before.add(step.task());
                assertThat(step.planned().value()).isNotNegative();
                double taken = plan.of(step.task().id()).minutes();
                open += plan.of(step.task().id()).done()
                        ? 0
                        : Math.max(0, step.planned().value() - taken);
            }
            assertThat(all.left()).isCloseTo(open, within(1e-6));
        }
    }

    private static Draft draft(Garment garment) {
        return (Draft) Drafter.draft(Bodies.commission(Bodies.nerea(), garment));
    }
}
