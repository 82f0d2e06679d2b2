package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Pieces stage in the real window. */
class PiecesWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void pieces_endAtTheHighHip_whenTheNoteIsFollowed(FxRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#shorten");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#lower-edge")).isEqualTo("Lower edge: at the high hip");
        assertThat(robot.lookup("#shorten").tryQuery()).isEmpty();
    }

    @Test
    void theNeedle_walksTheSeamByKeys(FxRobot robot) {
        go(robot, "pieces");
        assertThat(text(robot, "#walked")).doesNotContain("needle");
        robot.clickOn("#truing-strip");
        WaitForAsyncUtils.waitForFxEvents();
        String there = text(robot, "#walked");
        assertThat(there).contains("; needle at ");
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        double before = Double.parseDouble(there.replaceAll(".*needle at ([0-9.]+) cm", "$1"));
        double after = Double.parseDouble(text(robot, "#walked").replaceAll(".*needle at ([0-9.]+) cm", "$1"));
        assertThat(after - before).isBetween(0.39, 0.61);
        robot.clickOn("#next-seam");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#walked")).startsWith("side: both edges ");
    }

    @Test
    void anAllowance_isTakenWhileItIsTyped_andAWrongOneIsExplained(FxRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#joining-above");
        robot.clickOn("#joining-apart");
        robot.interact(() -> robot.lookup("#option-allowance-side").query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("3.2");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo side allowance 2.5 → 3.2 cm");
        robot.push(KeyCode.ENTER);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("12");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#fault-allowance-side")).isEqualTo("Side allowance is 12.0 cm; from 0.0 to 8.0 cm can be used.");
        assertThat(text(robot, "#undo")).isEqualTo("Undo side allowance 2.5 → 3.2 cm");
    }
}
