package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.plotter.PlotterSimulator;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
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
    void pieces_endAtTheHighHip_whenTheNoteIsFollowed(WindowRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#shorten");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo lower edge at the high hip");
        assertThat(robot.lookup("#shorten").tryQuery()).isEmpty();
    }

    @Test
    void aPieceThatCouldBeSewnUpsideDown_hasItsTopMarked_andItsCardSaysWhy(WindowRobot robot) {
        // By the excess centre back is taken in so little that it looks nearly the same either way up.
        go(robot, "seams");
        click(robot, "#sounding-underbust-princess-front");
        click(robot, "#school-excess");
        go(robot, "pieces");
        robot.clickOn("#card-edge");
        robot.clickOn("#next-edge");
        CheckBox top = robot.lookup("#top-mark").queryAs(CheckBox.class);
        assertThat(top.isSelected()).isFalse();
        assertThat(top.isDisabled()).isFalse();
        for (int i = 0; i < 3; i++) {
            robot.clickOn("#next-piece");
            WaitForAsyncUtils.waitForFxEvents();
        }
        assertThat(text(robot, ".card-title")).startsWith("4 Centre back");
        assertThat(top.isSelected()).isTrue();
        assertThat(top.isDisabled()).isTrue();
        assertThat(top.getText()).isEqualTo("Top marked: its ends look alike");
    }

    @Test
    void anAllowance_isPulledOnTheDrawing_ofOneEdgeAlone(WindowRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#card-edge");
        robot.clickOn("#next-edge");
        for (int i = 0; i < 2; i++) {
            robot.clickOn("#next-piece");
        }
        while (!text(robot, ".card-title").equals("3 Side back, side")) {
            robot.clickOn("#next-edge");
            WaitForAsyncUtils.waitForFxEvents();
        }
        Node handle = robot.lookup("#allowance-handle").query();
        double scale = 96
                / 25.4
                * Integer.parseInt(robot.lookup(".slip .button").queryAllAs(Button.class).stream()
                        .map(Button::getText)
                        .filter(t -> t.endsWith("%"))
                        .findFirst()
                        .orElseThrow()
                        .replaceAll("\\D", ""))
                / 100;
        robot.drag(handle).moveBy(-14, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        // 14 pixels outwards, at this zoom so many millimetres more than the 25 it had.
        double pulled = Double.parseDouble(text(robot, "#option-allowance-edge")) * 10;
        assertThat(text(robot, "#undo")).startsWith("Undo allowance of side back, side 2.5 → ");
        assertThat(pulled).isCloseTo(25 + 14 / scale, within(2.0));
        robot.interact(handle::requestFocus);
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Double.parseDouble(text(robot, "#option-allowance-edge")) * 10)
                .as("the edge lies left: an arrow to the right narrows it")
                .isCloseTo(pulled - 1, within(0.11));
        robot.clickOn("#reset-allowance-edge");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#option-allowance-edge")).isEqualTo("2.5");
        assertThat(text(robot, "#option-allowance-side")).isEqualTo("2.5");
    }

    @Test
    void aLayer_isLaidOnTheTable_growsAndLeavesAPieceOut(WindowRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#card-layers");
        robot.clickOn("#look-fashion");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#layer")).isEqualTo("Fashion");
        retype(robot, "#option-turn-fashion", "2 mm");
        assertThat(text(robot, "#undo")).isEqualTo("Undo turn of cloth of the fashion 0.0 → 0.2 cm");
        robot.clickOn("#in-fashion-F1");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo centre front not in the fashion");
        robot.clickOn("#made-lining");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo lining not made");
        assertThat(robot.lookup("#look-lining").query().isVisible()).isFalse();
    }

    @Test
    void thePrinterIsCorrected_byWhatItsSquareMeasured(WindowRobot robot) throws Exception {
        go(robot, "pieces");
        robot.clickOn("#card-print");
        retype(robot, "#option-square-across", "49");
        assertThat(robot.lookup(".words").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.startsWith("Drawn 102.04 % across (50 ÷ 49.0 mm) and 100.00 % down"));
        putOut(robot, "Pattern on paper");
        untilWritten(robot);
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains(
                            "Corrected for one printer: drawn 102.04 % across and 100.00 % down. Print it on no other.");
        }
        retype(robot, "#option-square-across", "46");
        assertThat(text(robot, "#fault-square-across"))
                .isEqualTo("Square across is 46.0 mm; from 47.5 to 52.5 mm can be used.");
    }

    @Test
    void thePlot_goesToTheStandIn_andAPortNobodyListensOnIsSaid(WindowRobot robot) throws Exception {
        go(robot, "pieces");
        robot.clickOn("#card-print");
        BlockingQueue<PlotterSimulator.Report> reports = new LinkedBlockingQueue<>();
        int port;
        try (PlotterSimulator plotter = new PlotterSimulator(0, folder, reports::add)) {
            port = plotter.port();
            retype(robot, "#plotter-port", Integer.toString(port));
            robot.clickOn("#send-plot");
            PlotterSimulator.Report report = reports.poll(30, TimeUnit.SECONDS);
            assertThat(report.plot().strokes()).isNotEmpty();
            assertThat(report.picture()).exists();
            WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> text(robot, "#written")
                    .equals("Sent to the plotter at port " + port + "."));
        }
        robot.clickOn("#send-plot");
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> text(robot, "#written")
                .startsWith("Nobody listens at port " + port + " of this machine."));
        retype(robot, "#plotter-port", "99999");
        assertThat(text(robot, "#plotter-port-fault"))
                .isEqualTo("A port is a whole number from 1 to 65535; most plotters listen at 9100.");
    }

    @Test
    void theSewingOrder_numbersEverySeam(WindowRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#card-order");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".reckoning .check-name").queryAllAs(Label.class))
                .extracting(Label::getText)
                .containsExactly("1  Princess front", "2  Princess back", "3  Side");
    }

    @Test
    void theNeedle_walksTheSeamByKeys(WindowRobot robot) {
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
    void anAllowance_isTakenWhileItIsTyped_andAWrongOneIsExplained(WindowRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#joining-above");
        robot.clickOn("#joining-apart");
        robot.clickOn("#card-edge");
        robot.interact(() -> robot.lookup("#option-allowance-side").query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("3.2");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo side allowance 2.5 → 3.2 cm");
        robot.push(KeyCode.ENTER);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("12");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#fault-allowance-side"))
                .isEqualTo("Side allowance is 12.0 cm; from 0.0 to 8.0 cm can be used.");
        assertThat(text(robot, "#undo")).isEqualTo("Undo side allowance 2.5 → 3.2 cm");
    }
}
