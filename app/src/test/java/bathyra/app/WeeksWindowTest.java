package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** Workshop weeks in the real window, on the demo as it is on the coming Sunday. */
class WeeksWindowTest extends RealWindow {
    /** The demo's days lie from here on, so that none of them is past. */
    private static final LocalDate SUNDAY = LocalDate.now().with(TemporalAdjusters.nextOrSame(DayOfWeek.SUNDAY));

    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
        stage.hide();
        book.close();
        workshop = openAt(DemoBook.fresh(folder.resolve("today.sqlite"), SUNDAY), "The Harbour Master");
    }

    @Stop
    void stop() {
        end();
    }

    private void weeks(WindowRobot robot) throws Exception {
        robot.interact(() -> {
            for (var entry : book.commissions().entries()) {
                var commission = book.commissions().find(entry.id()).orElseThrow();
                if (!commission.plan().equals(Plan.NONE) && Drafter.draft(commission) instanceof Draft draft) {
                    workshop.work().count(entry.id(), draft);
                }
            }
            workshop.whereabouts().open(Over.BOOK);
        });
        click(robot, "#book-weeks");
        WaitForAsyncUtils.waitFor(
                20,
                TimeUnit.SECONDS,
                () -> !robot.lookup("#weeks").<ListView<?>>query().getItems().isEmpty());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private Plan plan(long id) {
        return WaitForAsyncUtils.waitForAsyncFx(
                WindowRobot.PATIENCE_MS,
                () -> book.commissions().find(id).orElseThrow().plan());
    }

    @Test
    void aPinIsDragged_movedByKeys_andTakenBack(WindowRobot robot) throws Exception {
        weeks(robot);
        long id = workshop.id();
        Plan before = plan(id);
        String pin = "#pin-" + id + "-second-fitting";
        robot.moveTo(pin).press(MouseButton.PRIMARY).moveBy(15, 0).moveBy(15, 0).release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
        LocalDate dragged = plan(id).fixed().get(DateKind.SECOND_FITTING);
        assertThat(dragged).isAfter(before.fixed().get(DateKind.SECOND_FITTING));
        robot.interact(() -> robot.lookup(pin).<Node>query().requestFocus());
        robot.push(KeyCode.LEFT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(plan(id).fixed().get(DateKind.SECOND_FITTING)).isEqualTo(dragged.minusDays(1));
        click(robot, "#weeks-take-back");
        assertThat(plan(id).fixed().get(DateKind.SECOND_FITTING)).isEqualTo(dragged);
        click(robot, "#undo");
        assertThat(plan(id)).isEqualTo(before);
    }

    @Test
    void aRemedyIsDone_andUndone_andTheMakingOpensFromHere(WindowRobot robot) throws Exception {
        weeks(robot);
        // Nobody has an hour: whatever is to be done is late.
        click(robot, "#hours-1");
        robot.push(KeyCode.CONTROL, KeyCode.A).write("1").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.kept().house().makers().get(1).hours()).isEqualTo(1);
        robot.interact(() -> {
            ListView<?> list = robot.lookup("#weeks").query();
            for (int i = 0; i < list.getItems().size(); i++) {
                if (list.getItems().get(i).toString().contains("Harbour")) {
                    list.getSelectionModel().select(i);
                }
            }
        });
        WaitForAsyncUtils.waitForFxEvents();
        Plan before = plan(workshop.id());
        var house = workshop.kept().house();
        // What would help is looked for beside the window.
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> !robot.lookup(".deed-slip")
                .queryAll()
                .isEmpty());
        assertThat(robot.lookup(".deed-slip").queryAll()).hasSizeGreaterThanOrEqualTo(2);
        click(robot, "#remedy-0");
        boolean moved =
                !plan(workshop.id()).equals(before) || !workshop.kept().house().equals(house);
        assertThat(moved).isTrue();
        click(robot, "#weeks-take-back");
        assertThat(plan(workshop.id())).isEqualTo(before);
        assertThat(workshop.kept().house()).isEqualTo(house);
        click(robot, "#open-making");
        assertThat(workshop.whereabouts().stageProperty().get()).isEqualTo(bathyra.app.workshop.Stage.MAKING);
        assertThat(robot.lookup("#making-sum").tryQuery()).isPresent();
    }

    @Test
    void aWeekIsChosen_andADayTakenOff(WindowRobot robot) throws Exception {
        weeks(robot);
        LocalDate monday = LocalDate.now().plusWeeks(2).with(DayOfWeek.MONDAY);
        click(robot, "#week-" + monday);
        String before = robot.lookup("#week-" + monday).<Button>query().getAccessibleText();
        click(robot, "#day-" + monday.plusDays(1));
        assertThat(workshop.kept().house().calendar().works(monday.plusDays(1))).isFalse();
        assertThat(robot.lookup("#week-" + monday).<Button>query().getAccessibleText())
                .isNotEqualTo(before);
        robot.interact(() -> robot.lookup("#week-of-0").<TextField>query().requestFocus());
        robot.write("12").push(KeyCode.ENTER);
        assertThat(workshop.kept().house().makers().get(0).in(monday)).isEqualTo(12);
        assertThat(workshop.kept().house().makers().get(0).in(monday.plusWeeks(1)))
                .isNotEqualTo(12);
        click(robot, "#book-list");
        assertThat(robot.lookup("#shelf").tryQuery()).isPresent();
    }

    @Test
    void weeksThatBeginOnSunday_standOnTheTapeAndOnTheCard(WindowRobot robot) throws Exception {
        robot.interact(() -> workshop.whereabouts().open(Over.SETTINGS));
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#week-sunday").<ToggleButton>query().fire());
        robot.interact(() -> workshop.whereabouts().close());
        weeks(robot);
        LocalDate sunday = LocalDate.now().plusWeeks(2).with(TemporalAdjusters.previousOrSame(DayOfWeek.SUNDAY));
        click(robot, "#week-" + sunday);
        List<String> days = robot.lookup(".day-toggle").queryAllAs(ToggleButton.class).stream()
                .map(ToggleButton::getId)
                .toList();
        assertThat(days).hasSize(7).startsWith("day-" + sunday).endsWith("day-" + sunday.plusDays(6));
        robot.interact(() -> robot.lookup("#week-of-0").<TextField>query().requestFocus());
        robot.write("12").push(KeyCode.ENTER);
        assertThat(workshop.kept().house().makers().get(0).otherwise()).containsEntry(sunday.plusDays(1), 12.0);
    }
}
