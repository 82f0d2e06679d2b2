package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Workshop;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicBoolean;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** What the window does with what cannot be drafted, and with a stage that cannot be shown. */
class RefusedWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
        workshop = openAgain();
    }

    @Stop
    void stop() {
        end();
    }

    private Workshop openAgain() throws Exception {
        book.close();
        return openAt(folder.resolve("demo.sqlite"), "The Heron");
    }

    private void lock(WindowRobot robot, String sounding, String value) {
        retype(robot, sounding, value);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static boolean shown(WindowRobot robot, String query) {
        return WaitForAsyncUtils.waitForAsyncFx(
                WindowRobot.PATIENCE_MS,
                () -> robot.lookup(query).tryQuery().filter(Node::isVisible).isPresent());
    }

    @Test
    void aRefusal_offersTheNearestThatDrafts_andTakesIt(WindowRobot robot) throws Exception {
        go(robot, "seams");
        assertThat(shown(robot, "#refusal")).isFalse();
        lock(robot, "#sounding-waist-princess-front", "15");
        lock(robot, "#sounding-waist-princess-back", "15");
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        assertThat(text(robot, "#refusal-words")).contains("wide at the waist");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> shown(robot, "#refusal-take"));
        robot.clickOn("#refusal-take");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#state")).doesNotContain("No draft");
        assertThat(shown(robot, "#refusal")).isFalse();
    }

    @Test
    void aFigureThatNoSeamTakes_isKept_saidAndThereAfterTheNextStart(WindowRobot robot) throws Exception {
        go(robot, "seams");
        lock(robot, "#sounding-waist-side", "104");
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        robot.interact(() -> {
            try {
                workshop = openAgain();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.commission().garment().intakes().values()).anyMatch(l -> l.millimetres() == 1040);
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#state")).doesNotContain("No draft");
    }

    @Test
    void aStageThatCannotBeShown_saysSoInItsPlace_andTheOthersGoOn(WindowRobot robot) {
        go(robot, "cups");
        AtomicBoolean broken = new AtomicBoolean(true);
        robot.interact(() -> {
            Region faulty = new Region();
            workshop.showing().whileShown(faulty, () -> {
                if (broken.get()) {
                    throw new IllegalStateException("made to fail");
                }
            });
            ((Pane) window.getScene().getRoot()).getChildren().add(faulty);
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(shown(robot, "#stage-failed")).isTrue();
        broken.set(false);
        go(robot, "pieces");
        assertThat(shown(robot, "#truing-strip")).isTrue();
        go(robot, "cups");
        assertThat(shown(robot, "#stage-failed")).isFalse();
    }
}
