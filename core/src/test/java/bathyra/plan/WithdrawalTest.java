package bathyra.plan;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.house.House;
import bathyra.house.Maker;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.Test;

class WithdrawalTest {
    private static final LocalDate DAY = LocalDate.of(2026, 12, 1);

    @Test
    void whatAChangeLeft_andStillStands_isAsItWas() {
        assertThat(Withdrawal.of("left", "before", "left")).isEqualTo("before");
        assertThat(Withdrawal.of("later", "before", "left")).isEqualTo("later");
    }

    @Test
    void entriesAreTakenBackEachByItself() {
        Map<String, Integer> before = Map.of("kept", 1, "moved", 2, "left out", 3);
        Map<String, Integer> after = Map.of("kept", 1, "moved", 20, "new", 4);
        assertThat(Withdrawal.each(after, before, after)).isEqualTo(before);
        Map<String, Integer> since = Map.of("kept", 10, "moved", 20, "new", 40, "newest", 5);
        assertThat(Withdrawal.each(since, before, after))
                .isEqualTo(Map.of("kept", 10, "moved", 2, "new", 40, "newest", 5, "left out", 3));
    }

    @Test
    void aPlanLosesOneDay_andKeepsWhatCameSince() {
        Plan before = Plan.NONE.due(Optional.of(DAY)).fixing(DateKind.TOILE, Optional.of(DAY.minusDays(30)));
        Plan after =
                before.fixing(DateKind.TOILE, Optional.of(DAY.minusDays(20))).by(new Hands("Ada", false));
        Plan since = after.due(Optional.of(DAY.plusDays(7)))
                .fixing(DateKind.CUT, Optional.of(DAY.minusDays(9)))
                .with("cut", Progress.NONE.lasting(40))
                .supplied("coutil", Supply.READY);
        Plan back = since.withdrawing(before, after);
        assertThat(back.fixed()).isEqualTo(Map.of(DateKind.TOILE, DAY.minusDays(30), DateKind.CUT, DAY.minusDays(9)));
        assertThat(back.hands()).isEqualTo(Hands.FIRST);
        assertThat(back.due()).contains(DAY.plusDays(7));
        assertThat(back.progress()).isEqualTo(since.progress());
        assertThat(back.shelf()).isEqualTo(since.shelf());
        assertThat(since.withdrawing(since, since)).isEqualTo(since);
    }

    @Test
    void aWorkshopLosesOneChangeOfItsPeople_andKeepsItsShelfAndItsDaysOff() {
        House before = House.USUAL;
        House after = before.making(List.of(new Maker("Ada", 20), new Maker("Bo", 10)));
        House since = after.off(DAY, true).keepingBack(0.3);
        House back = since.withdrawing(before, after);
        assertThat(back.makers()).isEqualTo(before.makers());
        assertThat(back.calendar().off()).containsExactly(DAY);
        assertThat(back.buffer()).isEqualTo(0.3);
        House others = since.making(List.of(new Maker("Cy", 30)));
        assertThat(others.withdrawing(before, after)).as("changed again since").isEqualTo(others);
    }
}
