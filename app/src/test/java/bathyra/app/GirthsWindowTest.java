package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.place.Level;
import java.nio.file.Files;
import javafx.scene.Node;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Girths stage in the real window: dragging the waist, the closure, the caution and its record. */
class GirthsWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void theWaist_isDraggedIn_andTheRowsAddUp(WindowRobot robot) {
        go(robot, "girths");
        assertThat(text(robot, "#plan-waist-worn")).isEqualTo("71.0");
        robot.drag("#handle-girth-waist").moveBy(12, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        double worn = Double.parseDouble(text(robot, "#plan-waist-worn"));
        assertThat(worn).isBetween(60.0, 70.0);
        assertThat(text(robot, ".card-title")).isEqualTo("Waist, as worn");
        assertThat(text(robot, "#undo")).startsWith("Undo ease at the waist −1.0 → ");
        for (Level level : Level.values()) {
            assertThat(robot.lookup("#plan-" + level.id() + "-adds-up")
                            .<Node>query()
                            .getAccessibleText())
                    .isEqualTo("adds up");
        }
    }

    @Test
    void theHandles_areMovedWithTheKeys(WindowRobot robot) {
        go(robot, "girths");
        robot.interact(() -> robot.lookup("#handle-girth-waist").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#plan-waist-ease")).isEqualTo("−1.2");
        robot.interact(() -> robot.lookup("#handle-side-waist").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#plan-waist-front-share")).isEqualTo("50.5 %, yours");
    }

    @Test
    void roomIsGivenBetweenTwoLevels_typedPulledInOneSeamAndTakenAway(WindowRobot robot) {
        go(robot, "girths");
        press(robot, "#ease-here");
        assertThat(text(robot, "#option-ease-here-0")).isEqualTo("0.0");
        retype(robot, "#option-ease-here-0", "1.5");
        assertThat(text(robot, "#undo")).isEqualTo("Undo room there 0.0 → 1.5 cm");
        retype(robot, "#option-ease-here-height-0", "-0.5");
        assertThat(text(robot, "#fault-ease-here-height-0")).contains("set the ease of that level instead");
        retype(robot, "#option-ease-here-height-0", "-5");
        robot.interact(() -> robot.lookup("#handle-ease-here-0").query().requestFocus());
        robot.push(KeyCode.LEFT).push(KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#option-ease-here-0")).isEqualTo("1.6");
        assertThat(text(robot, "#option-ease-here-height-0")).isEqualTo("−5.1");
        robot.drag("#handle-ease-here-0").moveBy(-20, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Double.parseDouble(text(robot, "#option-ease-here-0"))).isGreaterThan(3);
        robot.interact(() -> ((MenuButton) robot.lookup("#ease-here-seam-0").query())
                .getItems()
                .get(2)
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#ease-here-seam-0")).isEqualTo("Side");
        press(robot, "#ease-here-away-0");
        assertThat(robot.lookup("#option-ease-here-0").tryQuery()).isEmpty();
        assertThat(text(robot, "#undo")).isEqualTo("Undo the line between the levels taken away");
    }

    private static void press(WindowRobot robot, String query) {
        robot.interact(() -> robot.lookup(query).queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void aLacedBack_showsItsGap_andAFieldForIt(WindowRobot robot) {
        go(robot, "girths");
        robot.clickOn("#closure");
        robot.clickOn("Lacing at the back");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#plan-waist-gap")).isEqualTo("3.0");
        retype(robot, "#option-lacing-gap", "5");
        assertThat(text(robot, "#plan-waist-pattern")).isEqualTo("64.8");
    }

    @Test
    void pastTheTopLevel_nothingIsPrinted_untilItIsOnRecord(WindowRobot robot) throws Exception {
        go(robot, "girths");
        robot.clickOn("#ease-percent").write("-21").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".caution").queryAll()).isNotEmpty();
        putOut(robot, "Pattern on paper");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#written")).startsWith("The waist is drawn in past the top level.");
        assertThat(Files.exists(output)).isFalse();
        robot.interact(() -> robot.lookup("#spoken").queryButton().fire());
        putOut(robot, "Pattern on paper");
        untilWritten(robot);
        assertThat(Files.size(output)).isPositive();
    }
}
