package bathyra.workplan;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.house.House;
import bathyra.house.WorkingDays;
import bathyra.length.LengthUnit;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** The days of a commission, counted on a calendar of paper (C16.3). */
class DatesTest {
    /** A Friday. */
    private static final LocalDate DUE = LocalDate.of(2026, 12, 18);
    /** Long before. */
    private static final LocalDate EARLY = LocalDate.of(2026, 9, 1);

    private static Dates dates(Plan plan, WorkingDays calendar, LocalDate today) {
        return Dates.of(plan, calendar(calendar), today).orElseThrow();
    }

    private static House calendar(WorkingDays calendar) {
        House usual = House.USUAL;
        return new House(
                usual.makers(),
                calendar,
                usual.buffer(),
                usual.before(),
                usual.order(),
                usual.terms(),
                usual.letter(),
                usual.suppliers(),
                usual.shelf());
    }

    private static Plan due(LocalDate day) {
        return Plan.NONE.due(Optional.of(day));
    }

    @Test
    void aDueDay_givesTheOthers_inWorkingDays() {
        Dates dates = dates(due(DUE), WorkingDays.USUAL, EARLY);
        assertThat(dates.day(DateKind.DELIVERY)).isEqualTo("2026-12-16");
        assertThat(dates.day(DateKind.FINISHED)).isEqualTo("2026-12-14");
        // Nine working days: one week of five with its Saturday and Sunday, and four.
        assertThat(dates.day(DateKind.SECOND_FITTING)).isEqualTo("2026-12-07");
        assertThat(dates.day(DateKind.MADE_UP)).isEqualTo("2026-12-04");
        assertThat(dates.day(DateKind.CUT)).isEqualTo("2026-11-24");
        assertThat(dates.day(DateKind.CLOTH_IN)).isEqualTo("2026-11-20");
        assertThat(dates.day(DateKind.CORRECTED)).isEqualTo("2026-11-19");
        assertThat(dates.day(DateKind.FIRST_FITTING)).isEqualTo("2026-11-17");
        assertThat(dates.day(DateKind.TOILE)).isEqualTo("2026-11-12");
        assertThat(dates.day(DateKind.ORDERED)).isEqualTo("2026-11-06");
        assertThat(dates.day(DateKind.MEASURED)).isEqualTo("2026-11-04");
        assertThat(dates.said()).isEmpty();
    }

    @Test
    void overTheEndOfTheYear_daysOffAreLeftOut() {
        WorkingDays closed = new WorkingDays(
                WorkingDays.USUAL.weekend(),
                Stream.iterate(LocalDate.of(2026, 12, 24), d -> d.plusDays(1))
                        .limit(11)
                        .collect(Collectors.toSet()));
        // 8 January is a Friday; the workshop is shut from 24 December to 3 January.
        Dates dates = dates(due(LocalDate.of(2027, 1, 8)), closed, EARLY);
        assertThat(dates.day(DateKind.FINISHED)).isEqualTo("2027-01-04");
        assertThat(dates.day(DateKind.SECOND_FITTING)).isEqualTo("2026-12-17");
    }

    @Test
    void aDaySetByHand_stays_andTheOthersKeepTheirs() {
        Dates rule = dates(due(DUE), WorkingDays.USUAL, EARLY);
        LocalDate own = LocalDate.of(2026, 12, 9);
        Dates dates = dates(due(DUE).fixing(DateKind.SECOND_FITTING, Optional.of(own)), WorkingDays.USUAL, EARLY);
        assertThat(dates.day(DateKind.SECOND_FITTING)).isEqualTo(own);
        for (DateKind kind : DateKind.values()) {
            if (kind != DateKind.SECOND_FITTING) {
                assertThat(dates.day(kind)).isEqualTo(rule.day(kind));
            }
        }
    }

    @Test
    void whatCannotBe_isSaid() {
        assertThat(words(dates(
                        due(DUE).fixing(DateKind.CUT, Optional.of(LocalDate.of(2026, 11, 2))),
                        WorkingDays.USUAL,
                        EARLY)))
                .contains("Cut on 2 November 2026 lies before cloth in on 20 November 2026");
        assertThat(words(dates(
                        due(DUE).fixing(DateKind.SECOND_FITTING, Optional.of(LocalDate.of(2026, 12, 6))),
                        WorkingDays.USUAL,
                        EARLY)))
                .contains("Second fitting on 6 December 2026 lies on a day off");
        assertThat(words(dates(due(DUE), WorkingDays.USUAL, LocalDate.of(2026, 11, 9))))
                .contains("starts 3 working days too late")
                .contains("leave out the second toile or fitting, take a second maker, or agree on a later day");
        assertThat(words(dates(due(DUE), WorkingDays.USUAL, LocalDate.of(2026, 12, 21))))
                .contains("It was due on 18 December 2026 and is not finished");
    }

    @Test
    void whatHasBegun_doesNotStartTooLate() {
        Plan begun = due(DUE).with(StepKind.CONSULT.id(), Progress.NONE.finished(true));
        assertThat(dates(begun, WorkingDays.USUAL, LocalDate.of(2026, 11, 9)).said())
                .isEmpty();
    }

    private static String words(Dates dates) {
        return dates.said().stream().map(s -> s.in(LengthUnit.MM)).collect(Collectors.joining(" "));
    }

    @Test
    void countedThereAndBack_itIsTheSame() {
        Random random = new Random(16);
        for (int i = 0; i < 2000; i++) {
            LocalDate day = LocalDate.of(2026, 1, 1).plusDays(random.nextInt(1500));
            Set<LocalDate> off = random.ints(random.nextInt(12), 1, 60)
                    .mapToObj(day::minusDays)
                    .collect(Collectors.toSet());
            WorkingDays calendar =
                    new WorkingDays(random.nextBoolean() ? WorkingDays.USUAL.weekend() : Set.of(DayOfWeek.MONDAY), off);
            int days = random.nextInt(40);
            LocalDate before = calendar.before(day, days);
            assertThat(calendar.between(before, day))
                    .as("%d working days before %s", days, day)
                    .isEqualTo(days);
            Dates dates = dates(due(day), calendar, day);
            for (DateKind kind : DateKind.values()) {
                assertThat(calendar.works(dates.day(kind))).isTrue();
            }
        }
    }
}
