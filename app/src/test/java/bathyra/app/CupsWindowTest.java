package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.garment.ContourSet;
import bathyra.place.ContourWedge;
import java.nio.file.Files;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.image.ImageView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Cups stage in the real window: another kind of cup and back, the circle and its limits dragged, a wedge closed. */
class CupsWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void anotherKindOfCup_isCutAtOnce_andUndone(WindowRobot robot) {
        go(robot, "cups");
        assertThat(text(robot, ".card-title")).isEqualTo("Depth of the cup");
        robot.clickOn("#cups-three-part");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo cups: three-part");
        assertThat(robot.lookup(".words").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.startsWith("Cups: their arc is"));
        assertThat(robot.lookup("#handle-band").query().isVisible()).isTrue();
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#handle-band").query().isVisible()).isFalse();
        assertThat(text(robot, "#undo")).isEqualTo("Undo");
    }

    @Test
    void aWireIsLaidUnderEachCup_andStandsWithTheHardware(WindowRobot robot) {
        go(robot, "cups");
        robot.clickOn("#cups-two-part");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#cup-wires").<CheckBox>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo cups with wires");
        assertThat(robot.lookup(".words").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.startsWith("Cut ") && t.contains("along the lower arc"));
    }

    @Test
    void theRim_isDragged_andBecomesAMeasurement(WindowRobot robot) {
        go(robot, "cups");
        assertThat(text(robot, "#big-figure")).startsWith("≈");
        robot.drag("#handle-rim").moveBy(12, 12).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).startsWith("Undo bust radius 9.");
        assertThat(text(robot, "#big-figure")).doesNotStartWith("≈");
        robot.interact(() -> robot.lookup("#handle-rim").query().requestFocus());
        robot.push(KeyCode.LEFT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).startsWith("Undo bust radius ");
    }

    @Test
    void aWedgeUnderTheBust_isDragged_andTheDepthFollows(WindowRobot robot) {
        go(robot, "cups");
        String before = text(robot, "#big-figure");
        robot.drag("#handle-lower").moveBy(40, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).startsWith("Undo princess front at the underbust");
        assertThat(depth(text(robot, "#big-figure"))).isGreaterThan(depth(before));
    }

    private static double depth(String figure) {
        return Double.parseDouble(figure.replace("≈", "").strip());
    }

    @Test
    void aWedge_isClosed_saysWhereItGoes_andIsOpenedAgain(WindowRobot robot) throws Exception {
        go(robot, "cups");
        robot.clickOn("#cups-mode-contour");
        robot.clickOn("#wedge-neckline");
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> robot.lookup(".words").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().startsWith("Neckline, centre front:")));
        assertThat(text(robot, "#undo")).isEqualTo("Undo contour, neckline closed");
        robot.clickOn("#width-neckline");
        robot.push(KeyCode.CONTROL, KeyCode.A).write("9").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#width-neckline").<TextField>query().getText()).isEqualTo("9");
        assertThat(robot.lookup(".row-fault").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.contains("can be closed"));
        robot.push(KeyCode.CONTROL, KeyCode.A).write("0.9").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).startsWith("Undo contour, neckline 0.9");
        robot.clickOn("#wedge-neckline");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#wedge-neckline").<CheckBox>query().isSelected())
                .isFalse();
    }

    @Test
    void aUsualSet_closesItsWedges_andAWedgeWithoutAPlaceIsSaid(WindowRobot robot) {
        go(robot, "cups");
        robot.clickOn("#cups-mode-contour");
        robot.clickOn("#set-strapless-sweetheart");
        WaitForAsyncUtils.waitForFxEvents();
        for (ContourWedge wedge : ContourSet.SWEETHEART.wedges()) {
            assertThat(robot.lookup("#wedge-" + wedge.id()).<CheckBox>query().isSelected())
                    .as(wedge.label())
                    .isTrue();
        }
        robot.clickOn("#wedge-cut-away-armhole");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".caution").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.contains("strap of a halter"));
    }

    @Test
    void cupIsSeenOnTheBody(WindowRobot robot) throws Exception {
        go(robot, "cups");
        robot.clickOn("#cups-mode-worn");
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> robot.lookup("#cups-worn").query().isVisible()
                        && ((ImageView) robot.lookup("#cups-worn .image-view").query()).getImage() != null);
        robot.clickOn("#cups-mode-cup");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#cups-worn").query().isVisible()).isFalse();
    }

    @Test
    void thePaperModel_isWritten(WindowRobot robot) throws Exception {
        go(robot, "cups");
        robot.clickOn("#cups-mode-worn");
        WaitForAsyncUtils.waitForFxEvents();
        putOut(robot, "Paper model of the cup, half size");
        untilWritten(robot);
        assertThat(new String(Files.readAllBytes(output), 0, 5, java.nio.charset.StandardCharsets.US_ASCII))
                .isEqualTo("%PDF-");
    }
}
