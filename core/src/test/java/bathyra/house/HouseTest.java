package bathyra.house;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import bathyra.plan.DateKind;
import bathyra.plan.Occasion;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** The workshop: its people and its days. */
class HouseTest {
    private static final LocalDate MONDAY = LocalDate.of(2026, 11, 30);

    @Test
    void aDayHasItsShareOfTheWeek_lessWhatIsKeptBack() {
        Maker ida = new Maker("Ida", 30).workingIn(MONDAY, 10);
        House house = House.USUAL.making(List.of(ida)).keepingBack(0.2);
        assertThat(house.minutesADay(ida, MONDAY.plusWeeks(1))).isCloseTo(30 * 60 / 5.0 / 1.2, within(1e-9));
        assertThat(house.minutesADay(ida, MONDAY)).isCloseTo(10 * 60 / 5.0 / 1.2, within(1e-9));
    }

    @Test
    void hoursOfAWeek_areTheSame_onWhicheverDayItBegins() {
        Maker ida = new Maker("Ida", 30).workingIn(MONDAY, 10);
        for (LocalDate first : List.of(MONDAY, MONDAY.minusDays(1), MONDAY.minusDays(2))) {
            assertThat(ida.in(first)).isEqualTo(10);
            assertThat(ida.worksOtherwiseIn(first)).isTrue();
            assertThat(ida.workingAsUsualIn(first).otherwise()).isEmpty();
        }
        assertThat(ida.worksOtherwiseIn(MONDAY.plusDays(1))).isFalse();
    }

    @Test
    void whoIsNotHereAnyMore_isTheFirst() {
        House house = House.USUAL.making(List.of(new Maker("Ida", 30), new Maker("Mo", 20)));
        assertThat(house.maker("Mo").hours()).isEqualTo(20);
        assertThat(house.maker("Tove").name()).isEqualTo("Ida");
        assertThat(house.named("Tove")).isEmpty();
        assertThat(house.with(new Maker("Mo", 25)).maker("Mo").hours()).isEqualTo(25);
    }

    @Test
    void daysOfItsOwn_areGivenBackToTheRule() {
        House own = House.USUAL.planning(Occasion.STAGE, Map.of(DateKind.CUT, 12));
        assertThat(own.before(Occasion.STAGE, DateKind.CUT)).isEqualTo(12);
        assertThat(own.before(Occasion.EVERYDAY, DateKind.CUT)).isEqualTo(DateKind.CUT.before());
        assertThat(own.planning(Occasion.STAGE, Map.of())).isEqualTo(House.USUAL);
    }

    @Test
    void whatNobodyMeans_isRefused() {
        assertThatThrownBy(() -> House.USUAL.making(List.of())).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> House.USUAL.keepingBack(1.5)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Maker("Ida", 101)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> new Supplier("Far", 500)).isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Terms.USUAL.with(Terms.Figure.MARGIN, -0.1))
                .isInstanceOf(IllegalArgumentException.class);
        assertThatThrownBy(() -> Terms.USUAL.with(Terms.Figure.VALID, 0)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void everyFigureOfTheTerms_isSetAlone() {
        for (Terms.Figure figure : Terms.Figure.values()) {
            Terms next = Terms.USUAL.with(figure, 3);
            assertThat(next.of(figure)).isEqualTo(3);
            for (Terms.Figure other : Terms.Figure.values()) {
                if (other != figure) {
                    assertThat(next.of(other)).as("%s", other).isEqualTo(Terms.USUAL.of(other));
                }
            }
        }
    }

    /** Day by day, as one counts on a calendar of paper. */
    private static LocalDate slowly(WorkingDays calendar, LocalDate from, int days, int way) {
        LocalDate at = from;
        for (int left = days; left > 0; ) {
            at = at.plusDays(way);
            left -= calendar.works(at) ? 1 : 0;
        }
        return at;
    }

    @Test
    void wholeWeeksAtATime_areTheSameAsDayByDay() {
        Random random = new Random(30);
        for (int i = 0; i < 2000; i++) {
            LocalDate from = MONDAY.plusDays(random.nextInt(700));
            Set<DayOfWeek> weekend = random.nextInt(4) == 0
                    ? Set.of()
                    : random.nextBoolean()
                            ? WorkingDays.USUAL.weekend()
                            : Set.of(DayOfWeek.MONDAY, DayOfWeek.TUESDAY, DayOfWeek.THURSDAY);
            Set<LocalDate> off = random.ints(random.nextInt(25), -120, 120)
                    .mapToObj(from::plusDays)
                    .collect(Collectors.toSet());
            WorkingDays calendar = new WorkingDays(weekend, off);
            int days = random.nextInt(60);
            assertThat(calendar.before(from, days))
                    .as("%d before %s", days, from)
                    .isEqualTo(slowly(calendar, from, days, -1));
            assertThat(calendar.after(from, days))
                    .as("%d after %s", days, from)
                    .isEqualTo(slowly(calendar, from, days, 1));
        }
    }
}
