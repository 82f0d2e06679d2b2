package bathyra.app.home;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import bathyra.plan.DateKind;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.junit.jupiter.api.Test;

/** The demo's days move with today, by whole weeks. */
class DemoDaysTest {
    private static Commission salt(LocalDate today) throws Exception {
        return new DemoDays(today).moved(CommissionJson.read(DemoBook.document("the-salt-queen")));
    }

    @Test
    void onTheDayItWasWritten_itStandsAsItIs() throws Exception {
        Commission written = CommissionJson.read(DemoBook.document("the-salt-queen"));
        for (int day = 0; day < 7; day++) {
            assertThat(salt(DemoDays.WRITTEN.plusDays(day))).isEqualTo(written);
        }
    }

    @Test
    void laterAndEarlier_itMovesByWholeWeeks_withItsFittingsAndItsDeal() throws Exception {
        Commission written = CommissionJson.read(DemoBook.document("the-salt-queen"));
        for (LocalDate today : new LocalDate[] {LocalDate.of(2029, 3, 1), LocalDate.of(2026, 1, 5)}) {
            Commission moved = salt(today);
            LocalDate due = moved.plan().due().orElseThrow();
            long days = ChronoUnit.DAYS.between(written.plan().due().orElseThrow(), due);
            assertThat(days % 7).isZero();
            assertThat(ChronoUnit.DAYS.between(today, due)).isBetween(0L, 20L);
            assertThat(moved.plan().fixed().get(DateKind.CUT))
                    .isEqualTo(written.plan().fixed().get(DateKind.CUT).plusDays(days));
            assertThat(moved.fittings().get(0).day().orElseThrow())
                    .isEqualTo(written.fittings().get(0).day().orElseThrow().plusDays(days));
            assertThat(moved.plan().deal().quoted().orElseThrow())
                    .isEqualTo(written.plan().deal().quoted().orElseThrow().plusDays(days));
            assertThat(moved.garment()).isEqualTo(written.garment());
        }
    }
}
