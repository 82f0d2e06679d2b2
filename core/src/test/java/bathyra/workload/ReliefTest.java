package bathyra.workload;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.Sample;
import bathyra.house.House;
import bathyra.house.Maker;
import bathyra.house.WorkingDays;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.workplan.StepKind;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** What is proposed was tried: done, it leaves what it said. */
class ReliefTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private static final House TWO = Plans.house(List.of(new Maker("Ida", 5), new Maker("Mo", 20)), WorkingDays.USUAL);

    @Test
    void whatIsLate_canBeGivenToAnother_orTakeMoreHours_orALaterDay() {
        // 80 minutes of seams by Friday; Ida has 60 a day, and 300 minutes of another garment before that.
        Plan seams = Plans.only(MONDAY.plusDays(18), StepKind.SEAMS).fixing(DateKind.MADE_UP, Optional.of(MONDAY));
        WorkLoad load = WorkLoad.of(List.of(Plans.job(1, seams, TWO, MONDAY)), TWO, MONDAY, DayOfWeek.MONDAY);
        assertThat(load.late(1)).hasSize(1);
        List<Remedy> remedies = Relief.ofLate(load, 1);
        assertThat(remedies).extracting(Remedy::title).first().isEqualTo("Give it to Mo");
        assertThat(remedies).extracting(Remedy::title).anyMatch(t -> t.endsWith("more a week of Ida"));
        for (Remedy remedy : remedies) {
            assertThat(remedy.before()).isCloseTo(20, within(1e-6));
            WorkLoad then = remedy.on(load);
            assertThat(then.late(1).stream().mapToDouble(Late::minutes).sum()).isCloseTo(remedy.after(), within(1e-6));
        }
    }

    @Test
    void whatIsNotLate_needsNothing() {
        WorkLoad load = WorkLoad.of(
                List.of(Plans.job(1, Plans.only(MONDAY.plusDays(60), StepKind.SEAMS), TWO, MONDAY)),
                TWO,
                MONDAY,
                DayOfWeek.MONDAY);
        assertThat(Relief.ofLate(load, 1)).isEmpty();
        assertThat(Relief.ofWeek(load, 0)).isEmpty();
    }

    @Test
    void aWeekThatIsOver_isRelievedByADayMoved_orByHours() {
        House slow = Plans.house(50, WorkingDays.USUAL);
        Plan plan = Plans.only(MONDAY.plusDays(40), StepKind.SEAMS, StepKind.CHANNELS, StepKind.LINING)
                .fixing(DateKind.MADE_UP, Optional.of(MONDAY.plusDays(4)))
                .fixing(DateKind.SECOND_FITTING, Optional.of(MONDAY.plusDays(18)));
        WorkLoad load = WorkLoad.of(
                List.of(Plans.job(1, plan, slow, MONDAY), Plans.job(2, plan, slow, MONDAY)),
                slow,
                MONDAY,
                DayOfWeek.MONDAY);
        assertThat(load.over(0)).isGreaterThan(0);
        List<Remedy> remedies = Relief.ofWeek(load, 0);
        assertThat(remedies).isNotEmpty();
        assertThat(remedies.get(0).job()).isPresent();
        WorkLoad at = load;
        for (Remedy remedy : remedies) {
            at = remedy.on(begun(remedy, load, at));
            assertThat(at.over(0)).isCloseTo(remedy.after(), within(1e-6));
            assertThat(remedy.after()).isLessThan(remedy.before());
        }
    }

    @Test
    void randomWorkshops_everyRemedyKeepsItsWord_andMakesNothingLater() {
        Random random = new Random(5);
        int tried = 0;
        for (int round = 0; round < Sample.of(300); round++) {
            House house = Plans.random(random, MONDAY);
            List<Job> jobs = new ArrayList<>();
            for (int i = 0; i < 5; i++) {
                jobs.add(Plans.job(i, Plans.random(random, MONDAY, house), house, MONDAY));
            }
            WorkLoad load = WorkLoad.of(jobs, house, MONDAY, DayOfWeek.MONDAY);
            for (Job job : jobs) {
                for (Remedy remedy : Relief.ofLate(load, job.id())) {
                    tried++;
                    WorkLoad then = remedy.on(load);
                    assertThat(then.late(job.id()).stream()
                                    .mapToDouble(Late::minutes)
                                    .sum())
                            .as(remedy.title())
                            .isCloseTo(remedy.after(), within(1e-6));
                    assertThat(then.lateMinutes()).isLessThan(load.lateMinutes());
                }
            }
            WorkLoad at = load;
            for (Remedy remedy : Relief.ofWeek(load, 0)) {
                tried++;
                at = remedy.on(begun(remedy, load, at));
                assertThat(at.over(0)).isCloseTo(remedy.after(), within(1e-6));
            }
        }
        assertThat(tried).isGreaterThan(Sample.of(300));
    }

    /** On what a remedy was tried: on the ones before it, or instead of them. */
    private static WorkLoad begun(Remedy remedy, WorkLoad load, WorkLoad at) {
        boolean onTop = Math.abs(remedy.before() - at.over(0)) < 1e-6;
        assertThat(onTop || Math.abs(remedy.before() - load.over(0)) < 1e-6)
                .as(remedy.title())
                .isTrue();
        return onTop ? at : load;
    }
}
