package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Fit stage in the real window. */
class FitWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    private void awaitRest(WindowRobot robot) throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> {
            Node state = robot.lookup("#fit-state").query();
            return !state.isVisible()
                    && robot.lookup("#fit-level-waist").tryQuery().isPresent();
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void garment_isPutOnTheBody_turnedByKeys_andReadAtALevel(WindowRobot robot) throws Exception {
        go(robot, "fit");
        awaitRest(robot);
        assertThat(Double.parseDouble(text(robot, "#fit-waist-garment"))).isBetween(70.0, 72.0);
        robot.clickOn("#fit-large").push(KeyCode.RIGHT).push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#fit-turned").queryAs(Label.class).getText()).isEqualTo("turned 30°");
        robot.push(KeyCode.DIGIT3);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#fit-turned").queryAs(Label.class).getText()).isEqualTo("turned 180°");
        robot.clickOn("#fit-map-pull");
        assertThat(robot.lookup(".fit-legend .label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .contains("slack", "over 600 N/m");
        robot.clickOn("#fit-map-pressure");
        assertThat(robot.lookup(".fit-legend .label").queryAllAs(Label.class))
                .extracting(Label::getText)
                .contains("hard, over 3 kPa", "body at rest");
        robot.clickOn("#fit-map-near");
        robot.clickOn("#fit-level-bust");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".card-title").queryAs(Label.class).getText()).isEqualTo("Bust, as it sits");
        robot.clickOn("#body-firm");
        awaitRest(robot);
        assertThat(robot.lookup("#fit-waist-garment").tryQuery()).isPresent();
    }

    @Test
    void cureThatWasTriedOnTheForm_isTaken_andUndone(WindowRobot robot) throws Exception {
        go(robot, "fit");
        awaitRest(robot);
        // Not every sight has a cure: the first that has one.
        for (int i = 1; robot.lookup("#fit-cure-1").tryQuery().isEmpty(); i++) {
            click(robot, "#sight-" + i);
            WaitForAsyncUtils.waitFor(
                    60,
                    TimeUnit.SECONDS,
                    () -> robot.lookup("#fit-cure-1").tryQuery().isPresent()
                            || robot.lookup("Nothing that was tried on the form helps by itself.")
                                    .tryQuery()
                                    .isPresent());
            WaitForAsyncUtils.waitForFxEvents();
        }
        click(robot, "#fit-cure-1");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isNotEqualTo("Undo");
        awaitRest(robot);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo");
    }
}
