package bathyra.workload;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.house.House;
import bathyra.house.WorkingDays;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.workplan.StepKind;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;

/** What a day brings. */
class DayListTest {
    private static final LocalDate DAY = LocalDate.of(2026, 11, 30);
    private static final House HOUSE = Plans.house(300, WorkingDays.USUAL);

    private static DayList list(Optional<Boolean> wanting, Plan... plans) {
        List<Job> jobs = java.util.stream.IntStream.range(0, plans.length)
                .mapToObj(i -> Plans.job(i + 1, plans[i], HOUSE, DAY))
                .toList();
        return DayList.of(WorkLoad.of(jobs, HOUSE, DAY, DayOfWeek.MONDAY), DAY, id -> wanting);
    }

    @Test
    void whoComes_whatIsDue_whatIsCut_whatIsOrdered() {
        Plan fitted = Plans.only(DAY.plusDays(9), StepKind.SECOND_FITTING, StepKind.LINING)
                .fixing(DateKind.SECOND_FITTING, Optional.of(DAY));
        Plan behind =
                Plans.only(DAY.plusDays(20), StepKind.SEAMS).fixing(DateKind.MADE_UP, Optional.of(DAY.minusDays(3)));
        Plan toCut = Plans.only(DAY.plusDays(25), StepKind.CUT, StepKind.SEAMS)
                .fixing(DateKind.CLOTH_IN, Optional.of(DAY))
                .fixing(DateKind.CORRECTED, Optional.of(DAY.minusDays(1)))
                .fixing(DateKind.CUT, Optional.of(DAY.plusDays(2)));
        Plan toOrder = Plans.only(DAY.plusDays(40), StepKind.CUT).fixing(DateKind.ORDERED, Optional.of(DAY));
        Plan undated = Plan.NONE;
        DayList list = list(Optional.of(true), fitted, behind, toCut, toOrder, undated);
        assertThat(list.comes()).extracting(DayList.Line::words).containsExactly("Wearer 1, second fitting: Garment 1");
        assertThat(list.due()).extracting(DayList.Line::words).containsExactly("Seams, clipped and pressed: Garment 2");
        assertThat(list.cut()).extracting(DayList.Line::job).containsExactly(3L);
        assertThat(list.ordered()).extracting(DayList.Line::job).contains(4L).doesNotContain(5L);
        assertThat(list(Optional.of(false), toOrder).ordered())
                .as("all of it is here")
                .isEmpty();
        assertThat(list(Optional.of(false), undated).isEmpty()).isTrue();
    }
}
