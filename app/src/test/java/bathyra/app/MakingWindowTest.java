package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Workshop;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.workplan.StepKind;
import java.time.LocalDate;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Making stage in the real window, on a corset that is nearly made. */
class MakingWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "heron.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    private Plan plan() {
        return WaitForAsyncUtils.waitForAsyncFx(
                WindowRobot.PATIENCE_MS, () -> workshop.commission().plan());
    }

    private static void type(WindowRobot robot, String field, String words) {
        robot.interact(() -> {
            robot.lookup(field).<TextField>query().requestFocus();
            robot.lookup(field).<TextField>query().selectAll();
        });
        robot.push(KeyCode.DELETE).write(words).push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** A step far down the list: as the keys reach it, which bring it into view. */
    private static void choose(WindowRobot robot, String step) {
        robot.interact(() -> robot.lookup(step).<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void aStepIsTimed_typed_done_andTakenBack(WindowRobot robot) throws Exception {
        go(robot, "making");
        choose(robot, "#step-finishing");
        robot.clickOn("#making-start");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#making-start").<Button>query().getText()).isEqualTo("Stop the clock");
        go(robot, "lay");
        go(robot, "making");
        WaitForAsyncUtils.waitFor(
                10,
                TimeUnit.SECONDS,
                () -> !robot.lookup("#making-clock").<Label>query().getText().equals("0:00:00"));
        robot.clickOn("#making-start");
        type(robot, "#making-minutes", "42");
        assertThat(plan().of(StepKind.FINISHING.id()).minutes()).isEqualTo(42);
        type(robot, "#making-minutes", "9999");
        assertThat(robot.lookup("#making-wrong").<Label>query().getText()).contains("From 0 to 6000");
        assertThat(plan().of(StepKind.FINISHING.id()).minutes()).isEqualTo(42);
        type(robot, "#making-minutes", "42");
        robot.clickOn("#making-done");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(plan().of(StepKind.FINISHING.id()).done()).isTrue();
        assertThat(robot.lookup("#step-finishing").<Node>query().getAccessibleText())
                .contains("42 of", "done");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(plan().of(StepKind.FINISHING.id()).done()).isFalse();
    }

    private static String clock(WindowRobot robot) {
        return text(robot, "#making-clock");
    }

    private static void untilItRuns(WindowRobot robot) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> !clock(robot).equals("0:00:00"));
    }

    @Test
    void aRunningClock_isOfferedAgain_whenTheProgramIsClosedAndOpened(WindowRobot robot) throws Exception {
        go(robot, "making");
        choose(robot, "#step-finishing");
        robot.clickOn("#making-start");
        untilItRuns(robot);
        workshop = WaitForAsyncUtils.waitForAsyncFx(WindowRobot.PATIENCE_MS, () -> {
            window.hide();
            book.close();
            return openAt(folder.resolve("demo.sqlite"), "The Salt Queen");
        });
        WaitForAsyncUtils.waitForFxEvents();
        go(robot, "making");
        assertThat(text(robot, "#making-start")).isEqualTo("Start the clock");
        click(robot, "#clock-go-on");
        assertThat(text(robot, "#making-start")).isEqualTo("Stop the clock");
        assertThat(robot.lookup("#clock-go-on").tryQuery()).isEmpty();
        untilItRuns(robot);
        robot.clickOn("#making-start");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#making-start")).isEqualTo("Start the clock");
    }

    @Test
    void aFigureThatIsOnlyPassedThrough_staysAsItIsOnRecord(WindowRobot robot) {
        go(robot, "making");
        choose(robot, "#step-finishing");
        type(robot, "#making-minutes", "2.5");
        robot.interact(() -> robot.lookup("#making-who").<Node>query().requestFocus());
        robot.interact(() -> robot.lookup("#making-minutes").<Node>query().requestFocus());
        robot.push(KeyCode.TAB);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(plan().of(StepKind.FINISHING.id()).minutes()).isEqualTo(2.5);
        type(robot, "#making-minutes", "");
        assertThat(plan().of(StepKind.FINISHING.id()).minutes()).isZero();
        assertThat(robot.lookup("#making-wrong").<Node>query().isVisible()).isFalse();
    }

    @Test
    void aPin_isDragged_movedByKeys_andGivenBackToTheRule(WindowRobot robot) {
        go(robot, "making");
        LocalDate rule = LocalDate.of(2026, 12, 4);
        robot.moveTo("#pin-finished")
                .press(MouseButton.PRIMARY)
                .moveBy(20, 0)
                .moveBy(20, 0)
                .release(MouseButton.PRIMARY)
                // The last move may still be on its way.
                .sleep(150);
        WaitForAsyncUtils.waitForFxEvents();
        LocalDate dragged = plan().fixed().get(DateKind.FINISHED);
        assertThat(dragged).isAfter(rule).isBefore(rule.plusDays(7));
        robot.interact(() -> robot.lookup("#pin-finished").<Node>query().requestFocus());
        robot.push(KeyCode.LEFT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(plan().fixed()).containsEntry(DateKind.FINISHED, dragged.minusDays(1));
        robot.push(KeyCode.DELETE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(plan().fixed()).doesNotContainKey(DateKind.FINISHED);
        type(robot, "#making-due", "2026-12-15");
        assertThat(plan().due()).contains(LocalDate.of(2026, 12, 15));
    }
}
