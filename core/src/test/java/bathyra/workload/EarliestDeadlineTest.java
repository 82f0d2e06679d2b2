package bathyra.workload;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.house.House;
import bathyra.house.WorkingDays;
import bathyra.workplan.StepKind;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;

/** Earliest deadline first says late only where no order of working could hold the days: against counting what every stretch of days must hold. */
class EarliestDeadlineTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);
    private static final double DAY = 100;
    private static final House HOUSE = Plans.house(DAY, WorkingDays.USUAL);

    private static Portion portion(long job, double minutes, int release, int until) {
        return new Portion(
                job,
                StepKind.SEAMS,
                "Ida",
                minutes,
                MONDAY.plusDays(release),
                MONDAY.plusDays(release),
                MONDAY.plusDays(until));
    }

    private static List<Late> late(List<Portion> portions) {
        return EarliestDeadline.late(portions, HOUSE.makers().get(0), new Horizon(HOUSE, MONDAY, DayOfWeek.MONDAY));
    }

    /** Some stretch of days has more work that lies wholly in it than it has hours: no order can hold it. */
    private static boolean isImpossible(List<Portion> portions) {
        for (int from = 0; from < 20; from++) {
            for (int until = from; until < 20; until++) {
                LocalDate first = MONDAY.plusDays(from);
                LocalDate last = MONDAY.plusDays(until);
                double work = portions.stream()
                        .filter(p -> !p.release().isBefore(first) && !p.until().isAfter(last))
                        .mapToDouble(Portion::minutes)
                        .sum();
                int days = 0;
                for (LocalDate d = first; !d.isAfter(last); d = d.plusDays(1)) {
                    days += WorkingDays.USUAL.works(d) ? 1 : 0;
                }
                if (work > days * DAY + 1e-6) {
                    return true;
                }
            }
        }
        return false;
    }

    @Test
    void whatIsUrgent_interruptsWhatIsNot() {
        assertThat(late(List.of(portion(1, 300, 0, 4), portion(2, 100, 1, 1)))).isEmpty();
        List<Late> late = late(List.of(portion(1, 450, 0, 4), portion(2, 100, 1, 1)));
        assertThat(late).hasSize(1);
        assertThat(late.get(0).portion().job()).isEqualTo(1);
        assertThat(late.get(0).minutes()).isCloseTo(50, within(1e-9));
        assertThat(late.get(0).done()).as("the Monday after").isEqualTo(MONDAY.plusDays(7));
    }

    @Test
    void twoThousandHeapsOfWork_lateExactlyWhereNoOrderHoldsThem() {
        Random random = new Random(21);
        int impossible = 0;
        for (int i = 0; i < 2000; i++) {
            List<Portion> portions = new ArrayList<>();
            int count = 1 + random.nextInt(7);
            for (int k = 0; k < count; k++) {
                int release = random.nextInt(12);
                portions.add(portion(k, 20 + random.nextInt(200), release, release + random.nextInt(6)));
            }
            boolean expected = isImpossible(portions);
            impossible += expected ? 1 : 0;
            assertThat(late(portions).isEmpty()).as("%s", portions).isEqualTo(!expected);
        }
        assertThat(impossible).as("both kinds are met").isBetween(200, 1800);
    }

    @Test
    void whereNobodyWorks_allIsLate() {
        House idle = Plans.house(0, WorkingDays.USUAL);
        assertThat(EarliestDeadline.late(
                        List.of(portion(1, 10, 0, 4)),
                        idle.makers().get(0),
                        new Horizon(idle, MONDAY, DayOfWeek.MONDAY)))
                .hasSize(1);
    }
}
