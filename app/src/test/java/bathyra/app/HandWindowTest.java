package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Files;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** Pieces drawn by hand, in the real window. */
class HandWindowTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        beginAt(stage, "The Salt Queen", "figures.csv");
    }

    @Stop
    void stop() {
        end();
    }

    private static void openPage(WindowRobot robot) {
        go(robot, "pieces");
        fire(robot, "#by-hand");
    }

    private static void fire(WindowRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static boolean says(WindowRobot robot, String words) {
        return robot.lookup(n -> n instanceof Label l
                        && l.getText().replace('\u00a0', ' ').equals(words))
                .tryQuery()
                .isPresent();
    }

    @Test
    void aWholePiece_isDrawn_byTheKeyboardAlone(WindowRobot robot) {
        openPage(robot);
        robot.push(KeyCode.DIGIT3);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(says(robot, "Side front, by hand")).isTrue();
        assertThat(says(robot, "Step 1 of 29")).isTrue();
        for (int i = 0; i < 5; i++) {
            robot.push(KeyCode.ENTER);
        }
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(says(robot, "Step 6 of 29")).isTrue();
        assertThat(says(robot, "3.0  left")).isTrue();
        assertThat(says(robot, "7.0  right")).isTrue();
        assertThat(says(robot, "10.0 cm across")).isTrue();
        robot.push(KeyCode.BACK_SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(says(robot, "Step 5 of 29")).isTrue();
        for (int i = 0; i < 25; i++) {
            robot.push(KeyCode.ENTER);
        }
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(says(robot, "Drawn")).isTrue();
        assertThat(robot.lookup("#hand-piece-3").<Button>query().getText()).isEqualTo("3 ✓");
        robot.push(KeyCode.DIGIT1);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(says(robot, "Centre front, by hand")).isTrue();
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#pieces-table").tryQuery()).isPresent();
    }

    @Test
    void atHalfSize_andWithAllowances_theFiguresFollow(WindowRobot robot) {
        openPage(robot);
        robot.push(KeyCode.DIGIT3);
        robot.push(KeyCode.HOME);
        robot.push(KeyCode.ENTER);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(
                () -> robot.lookup("#hand-size-half").<ToggleButton>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#hand-step-5").<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(says(robot, "1.5  left")).isTrue();
        assertThat(says(robot, "Go 6.0 cm up the grain from the waist. Lay the square on it and prick both marks."))
                .isTrue();
        robot.interact(() -> {
            robot.lookup("#hand-size-full").<ToggleButton>query().fire();
            robot.lookup("#hand-line-cut").<ToggleButton>query().fire();
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(n -> n instanceof Label l && l.getText().contains("with its allowances"))
                        .tryQuery())
                .isPresent();
    }

    @Test
    void sheetsToCopyFrom_haveAPageAPiece_andTheFiguresComeBack(WindowRobot robot) throws Exception {
        openPage(robot);
        fire(robot, "#hand-sheets");
        assertThat(text(robot, "#hand-said")).startsWith("The sheets are in");
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(6);
            assertThat(new PDFTextStripper().getText(pdf))
                    .contains("Second front", "Measure after joining", "Rounded to 1 mm");
        }
        fire(robot, "#hand-figures");
        String table = Files.readString(output);
        assertThat(table)
                .startsWith("piece,what,name,a,b")
                .contains("F2,height,left", "F2,corner", "F2,diagonal,falling");
        fire(robot, "#hand-bring");
        assertThat(robot.lookup(n -> n instanceof Label l
                                && l.getText().startsWith("Every check holds with it in its place"))
                        .tryQuery())
                .isPresent();
        // One height of a centimetre too much, as a slip of the tape gives it.
        String slipped = table.lines()
                .map(l -> l.startsWith("F1,height,right,80,") || l.startsWith("F1,height,right,40,")
                        ? l.substring(0, l.lastIndexOf(',') + 1)
                                + (Double.parseDouble(l.substring(l.lastIndexOf(',') + 1)) + 10)
                        : l)
                .reduce("", (a, b) -> a + b + "\n");
        Files.writeString(output, slipped);
        fire(robot, "#hand-bring");
        assertThat(robot.lookup(n -> n instanceof Label l
                                && l.getText().matches("Front 1: 1\\d\\.\\d.mm off at its worst place"))
                        .tryQuery())
                .isPresent();
        Files.writeString(output, "piece,what,name,a,b\nF1,corner,upper-edge,here,3\n");
        fire(robot, "#hand-bring");
        assertThat(text(robot, "#hand-said")).contains("Row 2, column 4: “here” is no length in mm.");
    }
}
