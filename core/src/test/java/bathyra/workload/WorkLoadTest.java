package bathyra.workload;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.house.House;
import bathyra.house.Maker;
import bathyra.house.WorkingDays;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.workplan.StepKind;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** The weeks against sums done by hand, and what must hold whatever is planned. */
class WorkLoadTest {
    /** A Monday. */
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    private static final House HUNDRED = Plans.house(100, WorkingDays.USUAL);

    private static WorkLoad load(House house, LocalDate today, Plan... plans) {
        List<Job> jobs = new ArrayList<>();
        for (Plan plan : plans) {
            jobs.add(Plans.job(jobs.size() + 1, plan, house, today));
        }
        return WorkLoad.of(jobs, house, today, DayOfWeek.MONDAY);
    }

    /** In a workshop that works from Sunday to Thursday the week begins on Sunday: its hours are those of the Monday that lies in it. */
    @Test
    void weeksThatBeginOnSunday_holdTheDaysFromSundayOn() {
        WorkingDays sundayToThursday = new WorkingDays(Set.of(DayOfWeek.FRIDAY, DayOfWeek.SATURDAY), Set.of());
        House house = Plans.house(100, sundayToThursday);
        House shorter = house.with(house.makers().get(0).workingIn(MONDAY.minusDays(1), 2));
        assertThat(shorter.makers().get(0).otherwise()).containsOnlyKeys(MONDAY);
        LocalDate thursday = MONDAY.minusDays(4);
        // Eight working days from Thursday to the Monday after the next, one in this week, five in the next, two after
        // it.
        Plan seams = Plans.only(MONDAY.plusDays(40), StepKind.SEAMS)
                .fixing(DateKind.MADE_UP, Optional.of(MONDAY.plusDays(7)));
        WorkLoad load =
                WorkLoad.of(List.of(Plans.job(1, seams, shorter, thursday)), shorter, thursday, DayOfWeek.SUNDAY);
        assertThat(load.first(0)).isEqualTo(MONDAY.minusDays(8));
        assertThat(load.week(MONDAY.minusDays(1))).isEqualTo(1);
        assertThat(load.needed(0)).isCloseTo(80 / 8.0, within(1e-9));
        assertThat(load.needed(1)).isCloseTo(80 * 5 / 8.0, within(1e-9));
        assertThat(load.needed(2)).isCloseTo(80 * 2 / 8.0, within(1e-9));
        assertThat(load.atHand(2) / load.atHand(1)).as("the short week").isCloseTo(100 * 5 / 60.0 / 2, within(1e-9));
        assertThat(load.in(house).atHand(1)).as("and as usual again").isCloseTo(load.atHand(2), within(1e-9));
        assertThat(load.in(house).first(0)).isEqualTo(load.first(0));
    }

    /** A plan reaches so many weeks: what is due beyond lies on the last of them, on whatever day one looks. */
    @Test
    void whatIsDueInTenYears_isLaidInTheLastWeek_onEveryDayOfTheWeek() {
        for (int day = 0; day < 7; day++) {
            LocalDate today = MONDAY.plusDays(day);
            Plan far = Plans.only(MONDAY.plusYears(10), StepKind.SEAMS)
                    .fixing(DateKind.CUT, Optional.of(MONDAY.plusYears(9)))
                    .fixing(DateKind.MADE_UP, Optional.of(MONDAY.plusYears(10)));
            WorkLoad load = load(HUNDRED, today, far);
            double needed = 0;
            for (int week = 0; week < Horizon.WEEKS; week++) {
                needed += load.needed(week);
            }
            assertThat(needed).as("%s", today.getDayOfWeek()).isCloseTo(80, within(1e-9));
            assertThat(load.needed(Horizon.WEEKS - 1)).isPositive();
        }
    }

    @Test
    void whatIsLeft_liesEvenlyOnTheDaysBeforeItsPin() {
        // Six panels, ten seams, eight minutes each; to be made up by Tuesday of the second week: seven working days.
        Plan seams = Plans.only(MONDAY.plusDays(40), StepKind.SEAMS)
                .fixing(DateKind.MADE_UP, Optional.of(MONDAY.plusDays(8)));
        WorkLoad load = load(HUNDRED, MONDAY, seams);
        assertThat(load.needed(0)).isCloseTo(80 * 5 / 7.0, within(1e-9));
        assertThat(load.needed(1)).isCloseTo(80 * 2 / 7.0, within(1e-9));
        assertThat(load.atHand(0)).isCloseTo(500, within(1e-9));
        assertThat(load.over(0)).isZero();
    }

    @Test
    void ofTheWeekThatHasBegun_onlyTheRestIsAtHand_andDaysOffAreNot() {
        House house = Plans.house(
                100, new WorkingDays(WorkingDays.USUAL.weekend(), Set.of(MONDAY.plusDays(3), MONDAY.plusDays(7))));
        WorkLoad load = load(house, MONDAY.plusDays(2));
        assertThat(load.atHand(0)).as("Wednesday and Friday").isCloseTo(200, within(1e-9));
        assertThat(load.atHand(1)).isCloseTo(400, within(1e-9));
        assertThat(load.atHand(-1)).isZero();
    }

    @Test
    void theBuffer_isKeptBack() {
        House house = House.USUAL.making(List.of(new Maker("Ida", 23)));
        assertThat(load(house, MONDAY).atHand(0)).isCloseTo(23 * 60 / 1.15, within(1e-9));
    }

    @Test
    void over_isNotLate_andLateIsNotOver() {
        // Twelve hours of work, all due on Friday of the second week, and ten hours a week: laid evenly it fits.
        Plan even = Plans.only(MONDAY.plusDays(40), StepKind.SEAMS, StepKind.LINING)
                .fixing(DateKind.MADE_UP, Optional.of(MONDAY.plusDays(11)));
        House slow = Plans.house(30, WorkingDays.USUAL);
        WorkLoad fits = load(slow, MONDAY, even);
        assertThat(fits.late()).isEmpty();
        // The seams are due on Tuesday now: 80 minutes in two days of 30 cannot be done, though the week has 150.
        Plan tight = even.fixing(DateKind.MADE_UP, Optional.of(MONDAY.plusDays(1)));
        WorkLoad late = load(slow, MONDAY, tight);
        assertThat(late.over(0)).isZero();
        assertThat(late.late()).hasSize(1);
        assertThat(late.late().get(0).minutes()).isCloseTo(20, within(1e-9));
        assertThat(late.late().get(0).done()).isEqualTo(MONDAY.plusDays(2));
        // A fitting's work that could be done the week before is over when laid evenly, and yet held.
        Plan both = Plans.only(MONDAY.plusDays(4), StepKind.SEAMS)
                .fixing(DateKind.MADE_UP, Optional.of(MONDAY.plusDays(4)));
        WorkLoad over = load(Plans.house(15, WorkingDays.USUAL), MONDAY, both);
        assertThat(over.over(0)).isCloseTo(80 - 75, within(1e-9));
        assertThat(over.late()).hasSize(1);
    }

    @Test
    void aFitting_isDoneOnItsDay_andWhatFollowsWaitsForIt() {
        LocalDate fitting = MONDAY.plusDays(2);
        Plan plan = Plans.only(MONDAY.plusDays(30), StepKind.FIRST_FITTING, StepKind.CARRIED_BACK)
                .fixing(DateKind.FIRST_FITTING, Optional.of(fitting))
                .fixing(DateKind.CORRECTED, Optional.of(fitting.plusDays(2)));
        List<Portion> portions = Plans.job(1, plan, HUNDRED, MONDAY).portions(HUNDRED, MONDAY);
        assertThat(portions).extracting(p -> p.task().id()).containsExactly("first-fitting", "carried-back");
        assertThat(portions.get(0).release()).isEqualTo(fitting);
        assertThat(portions.get(0).until()).isEqualTo(fitting);
        assertThat(portions.get(1).release()).isEqualTo(fitting);
        assertThat(portions.get(1).until()).isEqualTo(fitting.plusDays(2));
        // What is to be done by a fitting is done the day before it.
        Plan toile = Plans.only(MONDAY.plusDays(30), StepKind.TOILE)
                .fixing(DateKind.FIRST_FITTING, Optional.of(MONDAY.plusDays(7)));
        assertThat(Plans.job(1, toile, HUNDRED, MONDAY)
                        .portions(HUNDRED, MONDAY)
                        .get(0)
                        .until())
                .isEqualTo(MONDAY.plusDays(4));
    }

    @Test
    void aStepGivenToAnother_isTheirs() {
        House two = Plans.house(List.of(new Maker("Ida", 10), new Maker("Mo", 10)), WorkingDays.USUAL);
        Plan plan = Plans.only(MONDAY.plusDays(30), StepKind.SEAMS, StepKind.LINING)
                .with(StepKind.LINING.id(), Progress.NONE.by("Mo"));
        assertThat(Plans.job(1, plan, two, MONDAY).portions(two, MONDAY))
                .extracting(Portion::maker)
                .containsExactly("Ida", "Mo");
        Plan nobody = plan.with(StepKind.LINING.id(), Progress.NONE.by("who was here last year"));
        assertThat(Plans.job(1, nobody, two, MONDAY).portions(two, MONDAY))
                .extracting(Portion::maker)
                .containsExactly("Ida", "Ida");
    }

    @Test
    void overTheEndOfTheYear_andTheChangeOfClocks_aDayIsADay() {
        for (LocalDate day : List.of(LocalDate.of(2026, 12, 28), LocalDate.of(2027, 3, 22))) {
            WorkLoad load = load(HUNDRED, day);
            assertThat(load.first(1)).isEqualTo(day.plusDays(7));
            assertThat(load.atHand(1)).isCloseTo(500, within(1e-9));
            assertThat(load.week(day.plusDays(13))).isEqualTo(1);
            assertThat(load.week(day.minusDays(1))).isEqualTo(-1);
        }
    }

    @Test
    void twoThousandPlans_everyWeeksHoursAddUpToWhatIsLeft() {
        Random random = new Random(1974);
        for (int round = 0; round < 500; round++) {
            LocalDate today = MONDAY.plusDays(random.nextInt(400));
            House house = Plans.random(random, today);
            List<Job> jobs = new ArrayList<>();
            for (int i = 0; i < 4; i++) {
                jobs.add(Plans.job(i, Plans.random(random, today, house), house, today));
            }
            WorkLoad load = WorkLoad.of(jobs, house, today, DayOfWeek.MONDAY);
            double weeks = load.undated();
            for (int week = 0; week <= load.last(); week++) {
                weeks += load.needed(week);
                double shares = 0;
                for (Job job : jobs) {
                    shares += load.needed(job.id(), week);
                }
                assertThat(shares).isCloseTo(load.needed(week), within(1e-6));
            }
            assertThat(weeks).isCloseTo(jobs.stream().mapToDouble(Job::left).sum(), within(1e-6));
            for (Job job : jobs) {
                LocalDate before = LocalDate.MIN;
                for (Portion portion : job.portions(house, today)) {
                    assertThat(portion.until()).isAfterOrEqualTo(before);
                    assertThat(portion.from()).isAfterOrEqualTo(today);
                    before = portion.until();
                }
            }
            // One commission otherwise: counted again it is the same as counted anew.
            Job other = Plans.job(2, Plans.random(random, today, house), house, today);
            jobs.set(2, other);
            WorkLoad with = load.with(other);
            WorkLoad anew = WorkLoad.of(jobs, house, today, DayOfWeek.MONDAY);
            for (int week = 0; week <= anew.last(); week++) {
                assertThat(with.needed(week)).isCloseTo(anew.needed(week), within(1e-6));
            }
            assertThat(with.late()).hasSameSizeAs(anew.late());
        }
    }
}
