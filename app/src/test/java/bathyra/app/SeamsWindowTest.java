package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.table.Table;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Seams stage in the real window. */
class SeamsWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void aPrincessSeam_isSplayedAtTheShoulder(WindowRobot robot) {
        go(robot, "edges");
        robot.clickOn("#cover");
        robot.clickOn("With shoulders");
        WaitForAsyncUtils.waitForFxEvents();
        go(robot, "seams");
        robot.clickOn("#sounding-upper-princess-front");
        WaitForAsyncUtils.waitForFxEvents();
        retype(robot, "#option-upper-splay", "2.5");
        assertThat(text(robot, "#undo")).isEqualTo("Undo seam splayed at its upper end 0.0 → 2.5 cm");
        retype(robot, "#option-upper-less", "4");
        double taken = Double.parseDouble(text(robot, "#sounding-upper-princess-front"));
        retype(robot, "#option-upper-less", "0");
        assertThat(Double.parseDouble(text(robot, "#sounding-upper-princess-front")))
                .isGreaterThan(taken);
    }

    @Test
    void aSounding_editedInPlace_makesTheSideGiveWay_andIsLocked(WindowRobot robot) {
        go(robot, "seams");
        assertThat(text(robot, "#sounding-underbust-side")).isEqualTo("4.4");
        retype(robot, "#sounding-underbust-princess-front", "3.1");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-underbust-side")).isEqualTo("5.8");
        assertThat(text(robot, "#big-figure")).isEqualTo("3.1");
        assertThat(text(robot, "#lock")).isEqualTo("Back to the rule");
        robot.clickOn("#lock");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-underbust-side")).isEqualTo("4.4");
    }

    /** In the window from the switch to the piece, and back with one undo. */
    @Test
    void theBack_isGivenADart_andLiesAsOnePieceOnPieces_withTheBlockBesideIt(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-back");
        WaitForAsyncUtils.waitForFxEvents();
        String taken = text(robot, "#sounding-waist-princess-back");
        robot.clickOn("#back-shaping-dart");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo back with a waist dart");
        assertThat(text(robot, "#sounding-upper-princess-back")).isEqualTo("0.0");
        assertThat(text(robot, "#sounding-waist-princess-back"))
                .as("the dart takes what the seam did")
                .isEqualTo(taken);
        go(robot, "pieces");
        robot.clickOn("#card-order");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".check-name").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.startsWith("First  3 Back: back waist dart"));
        robot.clickOn("#layer");
        robot.push(KeyCode.DOWN).push(KeyCode.DOWN).push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#layer")).isEqualTo("The block, darted");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        go(robot, "seams");
        assertThat(text(robot, "#sounding-upper-princess-back")).isNotEqualTo("0.0");
    }

    @Test
    void ruleOnTheCard_opensThePageAtThatRule_andLeadsBack(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-underbust-princess-front");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#rule")).isEqualTo("Rule: the apex seam comes first");
        robot.clickOn("#rule");
        WaitForAsyncUtils.waitForFxEvents();
        Node found = robot.lookup(".craft-found").query();
        assertThat(found.getAccessibleText()).contains("the apex seam comes first");
        Node view = robot.lookup("#craft-scroll").query();
        assertThat(view.localToScene(view.getBoundsInLocal()).contains(found.localToScene(found.getBoundsInLocal())))
                .isTrue();
        robot.clickOn("#craft-search").write("busk").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".craft-found").query().getAccessibleText()).containsIgnoringCase("busk");
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#soundings").tryQuery()).isPresent();
        assertThat(robot.lookup("#craft").tryQuery()).isEmpty();
    }

    @Test
    void draggingAHandle_changesTheIntake_asOneChange(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-front");
        WaitForAsyncUtils.waitForFxEvents();
        String before = text(robot, "#sounding-waist-princess-front");
        robot.drag("#handle-right").moveBy(6, 0).moveBy(6, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#sounding-hip-side");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Double.parseDouble(text(robot, "#sounding-waist-princess-front")))
                .isGreaterThan(Double.parseDouble(before) + 0.5);
        assertThat(text(robot, "#undo")).startsWith("Undo princess front intake at waist 4.9 → ");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-front")).isEqualTo(before);
    }

    @Test
    void aLevelsEase_isSetBesideItsReckoning_andGoesBackToTheRule(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#level-waist");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Waist, girth plan");
        retype(robot, "#option-ease-waist", "-3.5");
        assertThat(text(robot, "#big-figure")).isEqualTo("68.5");
        assertThat(text(robot, "#undo")).isEqualTo("Undo ease at the waist −1.0 → −3.5 cm");
        robot.push(KeyCode.ENTER);
        retype(robot, "#option-ease-waist", "-55");
        assertThat(text(robot, "#fault-ease-waist"))
                .isEqualTo("Ease at the waist is −55.0 cm; from −40.0 to 40.0 cm can be used.");
        // The −5 on the way to −55 leaves nothing behind.
        assertThat(text(robot, "#big-figure")).isEqualTo("68.5");
        robot.clickOn("#reset-ease-waist");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#big-figure")).isEqualTo("71.0");
    }

    @Test
    void theSplit_isMovedByKeys_andSaidAsARatio(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-underbust-princess-front");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#split-ratio")).isEqualTo("1 : 2");
        robot.interact(() -> robot.lookup("#split-princess-split").query().requestFocus());
        for (int i = 0; i < 17; i++) {
            robot.push(KeyCode.RIGHT);
        }
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#split-ratio")).isEqualTo("1 : 1");
        assertThat(text(robot, "#undo")).startsWith("Undo split of the princess front to 1 : ");
    }

    @Test
    void aLock_showsItsPin(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-back");
        robot.push(KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".pin-head").<Node>queryAll())
                .filteredOn(n -> n.getParent().isVisible())
                .hasSize(1);
        robot.push(KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".pin-head").<Node>queryAll())
                .noneMatch(n -> n.getParent().isVisible());
    }

    @Test
    void twoVersions_areComparedOnTheTable_withWhatDiffers(WindowRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#version-name", "Before the fitting");
        robot.clickOn("#keep-version");
        robot.clickOn("#stage-measure");
        retype(robot, "#measure-waistGirth", "74");
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#compare-0").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Beside “Before the fitting”");
        assertThat(robot.lookup(".difference").<Label>queryAll())
                .extracting(l -> l.getText().replace('\u00a0', ' '))
                .startsWith("Waist: 72.0 cm → 74.0 cm");
        robot.interact(() -> robot.lookup("#stop-comparing").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Princess front, underbust");
    }

    @Test
    void draggingWithCtrl_movesTheSplitAndKeepsTheIntake(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-back");
        WaitForAsyncUtils.waitForFxEvents();
        String intake = text(robot, "#sounding-waist-princess-back");
        robot.moveTo("#handle-left")
                .press(KeyCode.CONTROL)
                .press(MouseButton.PRIMARY)
                .moveBy(-4, 0)
                .moveBy(-4, 0)
                .release(MouseButton.PRIMARY)
                .release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo(intake);
        assertThat(text(robot, "#undo")).startsWith("Undo split of the princess back to ");
    }

    @Test
    void arrowKeys_stepASounding_andShiftAWholeCentimetre(WindowRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-back");
        robot.push(KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("4.5");
        robot.push(KeyCode.SHIFT, KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("5.5");
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void theView_staysWhenValuesChange_andFitsOnAsking(WindowRobot robot) {
        go(robot, "seams");
        Table table = robot.lookup("#table").query();
        robot.interact(table::requestFocus);
        robot.push(KeyCode.PLUS);
        robot.push(KeyCode.EQUALS);
        WaitForAsyncUtils.waitForFxEvents();
        var zoomed = table.viewProperty().get();
        retype(robot, "#sounding-waist-princess-back", "3.3");
        assertThat(table.viewProperty().get())
                .as("a drawing never jumps when a value changes")
                .isEqualTo(zoomed);
        robot.interact(table::fit);
        assertThat(table.viewProperty().get()).isNotEqualTo(zoomed);
    }
}
