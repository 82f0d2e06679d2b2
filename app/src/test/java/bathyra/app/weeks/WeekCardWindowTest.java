package bathyra.app.weeks;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.reckoning.Card;
import bathyra.app.workshop.InWorkshop;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Commission;
import bathyra.workplan.Counts;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** The card beside the weeks of a house with many commissions in one week. */
@Tag("window")
class WeekCardWindowTest extends InWorkshop {
    /** A Monday. */
    private static final LocalDate TODAY = LocalDate.of(2026, 11, 30);

    private static final int MANY = 40;

    private Card card;
    private WeekCard week;
    private WeeksModel model;

    @BeforeAll
    static void toolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void fortyInOneWeek() {
        take("The Heron");
        Commission design = workshop.commission();
        Counts counts = Counts.of((Draft) Drafter.draft(design));
        for (int i = 0; i < MANY; i++) {
            Commission one =
                    design.withTitle("Gown " + i).withPlan(design.plan().due(Optional.of(TODAY.plusDays(4))));
            workshop.work().count(book.commissions().add(one), one, counts);
        }
        card = new Card();
        model = new WeeksModel(
                workshop, Clock.fixed(TODAY.atTime(9, 0).toInstant(ZoneOffset.UTC), ZoneOffset.UTC), () -> week.show());
        week = new WeekCard(model, card, id -> {}, paper -> {});
    }

    private static List<Button> buttons(Parent in, String id) {
        List<Button> found = new ArrayList<>();
        for (Node node : in.getChildrenUnmodifiable()) {
            if (node instanceof Button button
                    && button.getId() != null
                    && button.getId().startsWith(id)) {
                found.add(button);
            } else if (node instanceof Parent parent) {
                found.addAll(buttons(parent, id));
            }
        }
        return found;
    }

    @Test
    void longListOfTheDay_showsTheFirst_andTheRestWhenAsked() {
        week.show();
        long due = buttons(card, "day-list-").stream()
                .filter(b -> b.getText().contains("Gown"))
                .count();
        assertThat(due).isBetween(1L, 3 * 12L);
        List<Button> more = buttons(card, "more-");
        assertThat(more).isNotEmpty();
        int before = buttons(card, "day-list-").size();
        String words = more.get(0).getText();
        more.get(0).fire();
        int hidden = Integer.parseInt(words.replaceAll("\\D", ""));
        assertThat(buttons(card, "day-list-")).hasSize(before + hidden);
        assertThat(buttons(card, more.get(0).getId())).isEmpty();
    }

    @Test
    void longWeek_showsWhatTakesMost_andTheRestWhenAsked() {
        model.chooseWeek(0);
        List<Button> rows = buttons(card, "week-job-");
        assertThat(rows).hasSize(12);
        Button more = buttons(card, "more-of-the-week").get(0);
        assertThat(more.getText()).matches("and \\d+ more");
        more.fire();
        long in = model.jobs().stream()
                .filter(j -> model.load().needed(j.id(), 0) > 0)
                .count();
        assertThat(buttons(card, "week-job-")).hasSize((int) in);
        assertThat(buttons(card, "more-of-the-week")).isEmpty();
    }

    @Test
    void chosenFromTheDay_itsOwnCardStands() {
        week.show();
        buttons(card, "day-list-").get(0).fire();
        assertThat(model.chosenJob()).isPresent();
        assertThat(buttons(card, "open-making")).hasSize(1);
        assertThat(buttons(card, "day-list-")).isEmpty();
    }
}
