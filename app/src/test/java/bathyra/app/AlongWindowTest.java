package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The whole draft followed in the real window. */
class AlongWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        beginAt(stage, "The Heron", "along.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    private static void fire(WindowRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static int steps(WindowRobot robot) {
        return Integer.parseInt(text(robot, "#along-count").replaceAll(".* of ", ""));
    }

    @Test
    void theDraft_isFollowed_fromTheBlockToThePieces_andPrinted(WindowRobot robot) throws Exception {
        robot.push(KeyCode.F6);
        WaitForAsyncUtils.waitForFxEvents();
        int steps = steps(robot);
        assertThat(steps).isGreaterThan(30);
        assertThat(text(robot, "#along-count")).startsWith("step 1 of");
        String first = text(robot, "#along-title");
        fire(robot, "#along-forward");
        assertThat(text(robot, "#along-title")).isNotEqualTo(first);
        robot.push(KeyCode.PAGE_UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#along-title")).isEqualTo(first);
        for (int i = 1; i < steps; i++) {
            fire(robot, "#along-forward");
            assertThat(text(robot, "#along-words")).isNotBlank();
            assertThat(text(robot, "#along-mistake")).startsWith("What goes wrong: ");
        }
        assertThat(text(robot, "#along-title")).isEqualTo("Allowances, grain, names");
        fire(robot, "#along-booklet");
        assertThat(text(robot, "#along-said")).startsWith("The booklet is in");
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo((steps + 1) / 2);
            assertThat(new PDFTextStripper().getText(pdf).replaceAll("\\s+", " "))
                    .contains("given back at the side", "Allowances, grain, names");
        }
        robot.push(KeyCode.ESCAPE);
    }
}
