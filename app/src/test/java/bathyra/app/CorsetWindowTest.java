package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.shell.BathyraWindow;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.garment.EaseRow;
import bathyra.garment.Garment;
import bathyra.garment.GarmentKind;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** A corset in the real window: its panels, its seams, its weights, its cures. */
class CorsetWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Override
    void open(Path file) throws Exception {
        book = WorkshopBook.open(file);
        workshop = new Workshop(book);
        workshop.deeds()
                .switchTo(workshop.entries().stream()
                        .filter(e -> e.wearer().equals("Maren Achterberg"))
                        .findFirst()
                        .orElseThrow()
                        .id());
        BathyraWindow.show(window, workshop, bathyra.app.stage.Files.always(output));
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    private static double sounding(WindowRobot robot, String cell) {
        return Double.parseDouble(text(robot, "#sounding-" + cell));
    }

    private double waistSum() {
        return workshop.draft().orElseThrow().intakes().sum(Level.WAIST);
    }

    private static void select(WindowRobot robot, String cell) {
        robot.clickOn("#sounding-" + cell);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void draggingAnEdge_theOthersReBalance_andTheSumStands(WindowRobot robot) {
        go(robot, "seams");
        select(robot, "waist-back-1");
        double sum = waistSum();
        double before = sounding(robot, "waist-back-1");
        double other = sounding(robot, "waist-back-2");
        robot.drag("#handle-right").moveBy(8, 0).moveBy(8, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        select(robot, "waist-side");
        assertThat(sounding(robot, "waist-back-1")).isGreaterThan(before + 0.8);
        assertThat(sounding(robot, "waist-back-2")).isLessThan(other);
        assertThat(waistSum()).isEqualTo(sum, within(1e-6));
    }

    @Test
    void whatIsInHand_isASeamOfThisGarment_whateverWasInHandBefore(WindowRobot robot) {
        workshop.selection().cellProperty().set(new Cell(Level.UNDERBUST, SeamPlace.PRINCESS_FRONT));
        go(robot, "seams");
        assertThat(workshop.selection().cellProperty().get()).isEqualTo(new Cell(Level.UNDERBUST, SeamPlace.SIDE));
        robot.drag("#handle-right").moveBy(6, 0).moveBy(6, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().intakes()).containsOnlyKeys(new Cell(Level.UNDERBUST, SeamPlace.SIDE));
    }

    @Test
    void aLockedSeam_keepsItsValueWhenAnotherIsTyped(WindowRobot robot) {
        go(robot, "seams");
        select(robot, "waist-front-2");
        robot.push(KeyCode.P);
        double locked = sounding(robot, "waist-front-2");
        retype(robot, "#sounding-waist-front-1", "3");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(sounding(robot, "waist-front-2")).isEqualTo(locked);
        assertThat(sounding(robot, "waist-front-1")).isEqualTo(3.0);
    }

    @Test
    void aBar_isNudgedWithTheArrowKeys_andIsTheSameSounding(WindowRobot robot) {
        go(robot, "seams");
        select(robot, "waist-back-1");
        double before = sounding(robot, "waist-back-1");
        robot.interact(() -> robot.lookup("#bar-back-1").<Node>query().requestFocus());
        robot.push(KeyCode.UP).push(KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(sounding(robot, "waist-back-1")).isEqualTo(before + 0.2, within(0.11));
        assertThat(garment().intakes()).hasSize(1);
    }

    @Test
    void aWeight_drawnWithTheArrowKeys_takesMoreForItsSeam(WindowRobot robot) {
        go(robot, "seams");
        select(robot, "waist-back-2");
        double before = sounding(robot, "waist-back-2");
        robot.interact(() -> ((ToggleButton) robot.lookup("#weigh").query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#bar-back-2").<Node>query().requestFocus());
        for (int i = 0; i < 6; i++) {
            robot.push(KeyCode.UP);
        }
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().sharing().weights()).containsOnlyKeys("back-2");
        assertThat(sounding(robot, "waist-back-2")).isGreaterThan(before);
        robot.clickOn("#preset-even");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().sharing().weights()).isEmpty();
    }

    @Test
    void aSeam_isMovedAddedAndLeftOutByDragging(WindowRobot robot) {
        go(robot, "seams");
        double at = workshop.draft()
                .orElseThrow()
                .intakes()
                .axes()
                .of(SeamPlace.back(1))
                .at();
        robot.drag("#axis-back-1").moveBy(6, 0).moveBy(6, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.draft()
                        .orElseThrow()
                        .intakes()
                        .axes()
                        .of(SeamPlace.back(1))
                        .at())
                .isGreaterThan(at + 5);
        Node side = robot.lookup("#axis-front-2").query();
        double x = side.localToScreen(0, 0).getX() + 34;
        robot.drag("#spool")
                .dropTo(x, robot.lookup("#spool").query().localToScreen(0, 0).getY());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().panels().perSide()).isEqualTo(7);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().panels().perSide()).isEqualTo(6);
        robot.moveTo("#axis-back-2")
                .press(MouseButton.PRIMARY)
                .moveBy(0, -40)
                .moveBy(0, -40)
                .release(MouseButton.PRIMARY);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().panels().perSide()).isEqualTo(5);
    }

    @Test
    void aCure_isAppliedWithOneClick_andTakenBack(WindowRobot robot) throws Exception {
        go(robot, "seams");
        robot.clickOn("#fewer-panels").clickOn("#fewer-panels").clickOn("#fewer-panels");
        WaitForAsyncUtils.waitForFxEvents();
        Garment before = garment();
        assertThat(before.panels().perSide()).isEqualTo(3);
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> robot.lookup("#cure").tryQuery().isPresent());
        // The note makes room for its cure: the click comes when that has been laid.
        WaitForAsyncUtils.waitForFxEvents();
        String note = text(robot, "#seams-note");
        robot.clickOn("#cure");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment()).isNotEqualTo(before);
        assertThat(text(robot, "#seams-note")).isNotEqualTo(note);
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment()).isEqualTo(before);
    }

    @Test
    void thePreset_isComparedWithMine_andThePanelsArePushedTogether(WindowRobot robot) {
        go(robot, "seams");
        select(robot, "waist-front-1");
        robot.push(KeyCode.UP).push(KeyCode.UP).push(KeyCode.UP).push(KeyCode.UP);
        robot.clickOn("#compare-preset");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Beside “the preset, as cutters share”");
        robot.clickOn("#lie").clickOn("Together at the waist");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#lie")).isEqualTo("Together at the waist");
        assertThat(robot.lookup("#spool").<Node>query().isVisible()).isFalse();
    }

    @Test
    void kindRowAndReach_areChosenWhereTheGirthsAre(WindowRobot robot) {
        go(robot, "girths");
        robot.clickOn("#ease-row").clickOn("Corset, strong");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().row()).isEqualTo(EaseRow.CORSET_STRONG);
        assertThat(text(robot, "#plan-waist-ease").replace('−', '-'))
                .as("the row's, and what her fitting found")
                .isEqualTo("-10.5 + 1.2");
        robot.interact(() -> robot.lookup("#handle-reach-up").<Node>query().requestFocus());
        robot.push(KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo reduction felt above the waist 12.5 cm");
        robot.clickOn("#kind").clickOn("Underbust corset");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(garment().kind()).isEqualTo(GarmentKind.UNDERBUST);
        assertThat(workshop.draft().orElseThrow().pattern().levels())
                .as("her fitting lowered the upper edge, which here lies at the underbust, at the side")
                .extracting(l -> l.id())
                .containsExactly("waist");
    }
}
