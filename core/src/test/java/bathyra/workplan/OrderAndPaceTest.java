package bathyra.workplan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.garment.Closure;
import bathyra.house.House;
import bathyra.house.Supplier;
import bathyra.length.LengthUnit;
import bathyra.plan.DateKind;
import bathyra.plan.Occasion;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.plan.StepOrder;
import bathyra.reckon.Formula;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Steps of the cutter's own, orders of their own, and what their own garments took. */
class OrderAndPaceTest {
    private static final Counts COUNTS = new Counts(
            new Counts.Cutting(8, 36, 12),
            new Counts.Sewing(10, 0, 12, 1.9),
            new Counts.Boned(10, 4, 24),
            new Counts.Build(false, false, true, true, Closure.BACK_LACING, true));

    private static WorkPlan plan(StepOrder order) {
        return WorkPlan.of(COUNTS, Plan.NONE.ordered(order), Pace.UNKNOWN);
    }

    @Test
    void anOwnStep_standsWhereItWasPut_andWaitsForTheOneBefore() {
        StepOrder order = StepOrder.RULE.adding("Quilt the front", 90, DateKind.MADE_UP);
        assertThat(plan(order).order()).last().isEqualTo("own-1");
        List<String> ids = new ArrayList<>(plan(order).order());
        ids.remove("own-1");
        ids.add(ids.indexOf("seams"), "own-1");
        WorkPlan put = plan(order.ordered(ids));
        assertThat(put.order()).isEqualTo(ids);
        WorkPlan.Step own = put.step("own-1").orElseThrow();
        assertThat(own.planned().value()).isEqualTo(90);
        assertThat(own.waitsFor()).contains(StepKind.FASTENING);
        assertThat(put.step(StepKind.SEAMS)
                        .orElseThrow()
                        .waitsFor()
                        .orElseThrow()
                        .id())
                .isEqualTo("own-1");
        assertThat(put.planned()).isCloseTo(plan(StepOrder.RULE).planned() + 90, within(1e-9));
        assertThat(order.without("own-1")).isEqualTo(StepOrder.RULE);
    }

    @Test
    void aStepThatAnOrderDoesNotName_staysBehindWhatTheRuleHasBeforeIt() {
        List<String> known = new ArrayList<>(plan(StepOrder.RULE).order());
        known.remove("waist-tape");
        Collections.swap(known, known.indexOf("cut"), known.indexOf("mount"));
        List<String> order = plan(StepOrder.RULE.ordered(known)).order();
        assertThat(order.indexOf("waist-tape")).isEqualTo(order.indexOf("seams") + 1);
        assertThat(order.indexOf("mount")).isLessThan(order.indexOf("cut"));
    }

    @Test
    void whateverOrder_everyStepIsThereOnce() {
        Random random = new Random(3);
        List<String> all = plan(StepOrder.RULE).order();
        for (int i = 0; i < 500; i++) {
            List<String> order = new ArrayList<>(all);
            Collections.shuffle(order, random);
            List<String> some = order.subList(0, random.nextInt(order.size() + 1));
            String out = all.get(random.nextInt(all.size()));
            WorkPlan plan = plan(StepOrder.RULE.ordered(some).without(out));
            assertThat(plan.order()).doesNotHaveDuplicates().doesNotContain(out).hasSize(all.size() - 1);
        }
    }

    private static WorkPlan made(double factor) {
        Plan plan = Plan.NONE;
        for (WorkPlan.Step step : plan(StepOrder.RULE).steps()) {
            plan = plan.with(
                    step.task().id(),
                    Progress.NONE.lasting(factor * step.planned().value()).finished(true));
        }
        return WorkPlan.of(COUNTS, plan, Pace.UNKNOWN);
    }

    @Test
    void afterFiveGarments_theirOwnMinutesPropose_withTheSpread() {
        List<WorkPlan> four = List.of(made(0.7), made(0.8), made(0.8), made(0.9));
        assertThat(Pace.of(four).of(StepKind.SEAMS)).isEmpty();
        List<WorkPlan> five = new ArrayList<>(four);
        five.add(made(0.8));
        Pace pace = Pace.of(five);
        Pace.OfStep seams = pace.of(StepKind.SEAMS).orElseThrow();
        assertThat(seams.ratio()).isCloseTo(0.8, within(1e-9));
        // Deviations 0.1, 0, 0, 0.1, 0 over four.
        assertThat(seams.spread()).isCloseTo(Math.sqrt(0.02 / 4), within(1e-9));
        WorkPlan proposed = WorkPlan.of(COUNTS, Plan.NONE, pace);
        assertThat(proposed.planned()).isCloseTo(0.8 * plan(StepOrder.RULE).planned(), within(1e-6));
        assertThat(Formula.inWords(proposed.step(StepKind.SEAMS).orElseThrow().planned(), LengthUnit.CM))
                .contains("as your own took, 5 garments, ± 7 %");
    }

    @Test
    void aHousesDays_areKeptByOccasion_andABridesStandCloseToTheWedding() {
        LocalDate due = LocalDate.of(2026, 12, 18);
        House house = House.USUAL.planning(Occasion.STAGE, Map.of(DateKind.SECOND_FITTING, 4));
        Plan plan = Plan.NONE.due(Optional.of(due));
        assertThat(day(plan.on(Occasion.STAGE), house)).isEqualTo("2026-12-14");
        assertThat(day(plan, house)).isEqualTo("2026-12-07");
        Plan bridal = plan.on(Occasion.BRIDAL).fixing(DateKind.SECOND_FITTING, Optional.of(due.minusWeeks(4)));
        assertThat(Dates.of(bridal, House.USUAL, due.minusMonths(4))
                        .orElseThrow()
                        .said())
                .anySatisfy(s -> assertThat(s.in(LengthUnit.CM)).contains("more than 3 weeks before the wedding"));
        assertThat(Dates.of(bridal.on(Occasion.EVERYDAY), House.USUAL, due.minusMonths(4))
                        .orElseThrow()
                        .said())
                .noneSatisfy(s -> assertThat(s.in(LengthUnit.CM)).contains("wedding"));
    }

    @Test
    void whatTakesLongToCome_isOrderedAndMeasuredForEarlier() {
        Plan plan = Plan.NONE.due(Optional.of(LocalDate.of(2026, 12, 18)));
        House slow = House.USUAL.suppliedBy(List.of(new Supplier("Near", 3), new Supplier("Far", 15)));
        Dates usual = Dates.of(plan, House.USUAL, LocalDate.of(2026, 9, 1)).orElseThrow();
        Dates dates = Dates.of(plan, slow, LocalDate.of(2026, 9, 1)).orElseThrow();
        assertThat(House.USUAL.calendar().between(dates.day(DateKind.ORDERED), dates.day(DateKind.CLOTH_IN)))
                .isEqualTo(15);
        assertThat(dates.day(DateKind.MEASURED)).isBefore(dates.day(DateKind.ORDERED));
        assertThat(dates.day(DateKind.CLOTH_IN)).isEqualTo(usual.day(DateKind.CLOTH_IN));
        assertThat(Dates.of(
                                plan.fixing(DateKind.MEASURED, Optional.of(LocalDate.of(2027, 1, 4))),
                                House.USUAL,
                                LocalDate.of(2026, 9, 1))
                        .orElseThrow()
                        .said())
                .anySatisfy(s -> assertThat(s.in(LengthUnit.CM)).contains("before it is measured on 4 January 2027"));
    }

    private static LocalDate day(Plan plan, House house) {
        return Dates.of(plan, house, LocalDate.of(2026, 9, 1)).orElseThrow().day(DateKind.SECOND_FITTING);
    }
}
