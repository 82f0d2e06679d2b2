package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.glossary.DrawnWords;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.Slider;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Edges stage in the real window: a neckline pulled over a seam, shapes, covers and hems, and what is said when one cannot be. */
class EdgesWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    private static void choose(WindowRobot robot, String menu, String item) {
        robot.clickOn(menu);
        robot.clickOn(item);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void aBackNeckline_isPulledDeep_andAYokeStaysInFront(WindowRobot robot) {
        go(robot, "edges");
        choose(robot, "#cover", "With shoulders");
        robot.interact(() -> robot.lookup("#handle-back-neckline-depth").query().requestFocus());
        robot.push(KeyCode.SHIFT, KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#option-back-neckline-depth")).isEqualTo("5.5");
        retype(robot, "#option-back-neckline-depth", "30");
        assertThat(text(robot, "#edges-fault")).isEmpty();
        assertThat(text(robot, "#undo")).contains("30.0 cm");
        robot.clickOn("#yoke");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#yoke-in-front-only");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo yoke in front only");
        assertThat(text(robot, "#edges-fault")).isEmpty();
    }

    @Test
    void aNamePointedAt_drawsWhatItsFigureDoes(WindowRobot robot) throws Exception {
        go(robot, "edges");
        Node name = robot.lookup(".option .label").queryAllAs(Label.class).stream()
                .filter(l -> l.getLabelFor() == robot.lookup("#option-coverage").query())
                .findFirst()
                .orElseThrow();
        robot.moveTo(name);
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> shown().filter(DrawnWords::isDrawn).isPresent());
        assertThat(shown().orElseThrow().getGraphic().getAccessibleText().replace('\u00a0', ' '))
                .isEqualTo("The pieces as they are; dashed: 1.0 cm more");
        robot.moveTo("#lower-edge");
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> shown().filter(
                        w -> w.isDrawn() && w.getText().startsWith("How the lower edge"))
                .isPresent());
        assertThat(shown().orElseThrow().getGraphic().getAccessibleText())
                .isEqualTo("The pieces as they are; dashed: at the waist");
        assertThat(text(robot, "#undo")).as("nothing is changed").isEqualTo("Undo");
    }

    private static Optional<DrawnWords> shown() {
        return Window.getWindows().stream()
                .filter(w -> w instanceof DrawnWords && w.isShowing())
                .map(DrawnWords.class::cast)
                .findFirst();
    }

    /** Unrolled, the edges are looked at; pulled they are on the joined pattern. */
    @Test
    void theEdgesAsWorn_areUnrolled_withoutHandles(WindowRobot robot) {
        go(robot, "edges");
        assertThat(robot.lookup("#handle-coverage").query().isVisible()).isTrue();
        robot.clickOn("#edges-worn");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#handle-coverage").query().isVisible()).isFalse();
        robot.clickOn("#edges-above");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#handle-coverage").query().isVisible()).isTrue();
    }

    @Test
    void aHipGore_isSetIn_widenedMovedAndTakenAway(WindowRobot robot) {
        go(robot, "edges");
        robot.interact(() -> robot.lookup("#gore").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo hip gore in side back");
        retype(robot, "#option-gore-width-0", "3.2");
        assertThat(text(robot, "#undo")).isEqualTo("Undo wide at the edge 2.0 → 3.2 cm");
        retype(robot, "#option-gore-height-0", "25");
        assertThat(text(robot, "#edges-fault")).contains("from the waist");
        retype(robot, "#option-gore-height-0", "7");
        assertThat(text(robot, "#edges-fault")).isEmpty();
        robot.interact(() -> ((MenuButton) robot.lookup("#gore-panel-0").query())
                .getItems()
                .get(1)
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#gore-panel-0")).isEqualTo("Side front");
        robot.interact(() -> robot.lookup("#gore-place-0").<Slider>query().setValue(0.4));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo hip gore moved along its edge");
        robot.interact(() -> robot.lookup("#gore-away-0").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#option-gore-width-0").tryQuery()).isEmpty();
    }

    @Test
    void aHipGore_isPulledAtItsPoint_andMovedAtItsMouth(WindowRobot robot) {
        go(robot, "edges");
        robot.interact(() -> robot.lookup("#gore").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#gore-point-0").query().isVisible()).isFalse();
        robot.clickOn("#edges-below");
        WaitForAsyncUtils.waitForFxEvents();
        robot.drag("#gore-point-0").moveBy(0, -12).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo hip gore high");
        double pulled = Double.parseDouble(
                robot.lookup("#option-gore-height-0").queryTextInputControl().getText());
        assertThat(pulled).isGreaterThan(5.7);
        robot.interact(() -> robot.lookup("#gore-point-0").query().requestFocus());
        robot.push(KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#option-gore-height-0").queryTextInputControl().getText())
                .isEqualTo(String.format(Locale.ROOT, "%.1f", pulled + 0.1));
        robot.interact(() -> robot.lookup("#gore-mouth-0").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo hip gore moved along its edge");
        assertThat(robot.lookup("#gore-place-0").<Slider>query().getValue()).isCloseTo(0.55, within(1e-9));
    }

    @Test
    void aNeckline_isPulledOverTheSeam_andTracedOffOntoTheNextPanel(WindowRobot robot) {
        go(robot, "edges");
        choose(robot, "#cover", "With shoulders");
        assertThat(text(robot, "#undo")).isEqualTo("Undo edge with shoulders");
        robot.clickOn("#shape-round");
        WaitForAsyncUtils.waitForFxEvents();
        Node handle = robot.lookup("#handle-neckline-width").query();
        assertThat(handle.isVisible()).isTrue();
        robot.clickOn("#edges-apart");
        robot.clickOn("#edges-above");
        WaitForAsyncUtils.waitForFxEvents();
        robot.drag("#handle-neckline-width").moveBy(80, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).startsWith("Undo neckline on the shoulder, from the neck end");
        // Past the seam centre front has lost its shoulder to the side front.
        assertThat(text(robot, "#edges-fault")).isEmpty();
        assertThat(Double.parseDouble(text(robot, "#option-neckline-width"))).isGreaterThan(7);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#option-neckline-width")).isEqualTo("1.2");
    }

    @Test
    void theDip_isPulledDown_andNudgedWithTheKeys(WindowRobot robot) {
        go(robot, "edges");
        robot.clickOn("#shape-v");
        WaitForAsyncUtils.waitForFxEvents();
        String before = text(robot, "#option-edge-dip");
        robot.interact(() -> robot.lookup("#handle-edge-dip").query().requestFocus());
        robot.push(KeyCode.DOWN);
        robot.push(KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Double.parseDouble(text(robot, "#option-edge-dip"))).isEqualTo(Double.parseDouble(before) + 0.2);
        assertThat(robot.lookup("#shape-round").queryAll())
                .as("a round neckline needs a shoulder")
                .isEmpty();
    }

    @Test
    void aYokeAndItsKeyhole_areCut_andAKeyholeThatIsTooLongIsSaid(WindowRobot robot) {
        go(robot, "edges");
        choose(robot, "#cover", "With shoulders");
        robot.clickOn("#shape-round");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#yoke");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#keyhole");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#keyhole").<CheckBox>query().isSelected()).isTrue();
        assertThat(text(robot, "#edges-fault")).isEmpty();
        robot.interact(() -> robot.lookup("#option-keyhole-length").query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("16");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#edges-fault")).contains("stay inside it");
    }

    @Test
    void aSleeveIsSetInUnderAShoulder_whereTheArmWasTaped(WindowRobot robot) {
        go(robot, "edges");
        choose(robot, "#cover", "With shoulders");
        assertThat(text(robot, "#sleeve")).isEqualTo("No sleeve");
        choose(robot, "#sleeve", "Set-in sleeve");
        assertThat(text(robot, "#sleeve")).isEqualTo("Set-in sleeve");
        assertThat(text(robot, "#edges-fault")).contains("Missing for this edge: upper arm");
        choose(robot, "#sleeve", "No sleeve");
        assertThat(text(robot, "#edges-fault")).isEmpty();
    }

    @Test
    void offTheShoulder_saysWhichTapesAreMissing(WindowRobot robot) {
        go(robot, "edges");
        choose(robot, "#cover", "Off the shoulder");
        assertThat(text(robot, "#edges-fault")).contains("round both shoulders").contains("Measure stage");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#edges-fault")).isEmpty();
    }

    @Test
    void aLowerEdge_isChosen_andItsLengthPulled(WindowRobot robot) {
        go(robot, "edges");
        choose(robot, "#lower-edge", "Pointed front");
        robot.clickOn("#edges-below");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#handle-front-below-waist").query().isVisible())
                .isTrue();
        robot.interact(() -> robot.lookup("#handle-front-below-waist").query().requestFocus());
        robot.push(KeyCode.SHIFT, KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#option-front-below-waist")).isEqualTo("16.6");
        choose(robot, "#lower-edge", "At the waist, with a peplum");
        assertThat(robot.lookup(".words").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.contains("joined edge runs straight on"));
    }
}
