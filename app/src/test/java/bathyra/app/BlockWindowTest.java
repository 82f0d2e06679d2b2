package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.table.Table;
import bathyra.app.table.View;
import java.nio.file.Files;
import javafx.scene.Node;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Block stage in the real window: schools, comparing, drafting along, practising, printing. */
class BlockWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void anotherSchool_redrawsTheTable_andTheViewStaysPut(WindowRobot robot) {
        go(robot, "block");
        Table table = robot.lookup("#block-table").query();
        View before = table.viewProperty().get();
        assertThat(text(robot, ".card-title")).isEqualTo("Quarter block");
        robot.clickOn("#school-shoulder-dart");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Shoulder-dart block");
        assertThat(table.viewProperty().get()).isEqualTo(before);
        assertThat(text(robot, "#undo")).isEqualTo("Undo block: Quarter block → Shoulder-dart block");
    }

    @Test
    void aSchoolWithoutItsMeasurement_saysWhatToTake_andLeavesTheOthersToChoose(WindowRobot robot) {
        go(robot, "block");
        robot.clickOn("#school-proportion");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("No block yet");
        assertThat(robot.lookup(".words").queryAll())
                .extracting(n -> ((javafx.scene.control.Labeled) n).getText())
                .contains("Height. Standing without shoes.");
        robot.clickOn("#school-quarter");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Quarter block");
    }

    @Test
    void aWholeDraft_isSteppedThrough_fromTheFirstLineToTheArmholes(WindowRobot robot) {
        go(robot, "block");
        robot.clickOn("#mode-along");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#step-title")).isEqualTo("Front: bust line");
        assertThat(text(robot, "#step-words"))
                .isEqualTo("From O go down 28.1 cm along the centre and square across: the bust line.");
        robot.clickOn("#step-forward");
        int steps = 2;
        while (!text(robot, "#step-count").equals("Step " + steps + " of " + steps) && steps < 60) {
            robot.push(KeyCode.ENTER);
            WaitForAsyncUtils.waitForFxEvents();
            steps++;
        }
        assertThat(text(robot, "#step-title")).isEqualTo("Back: neck and armhole, back");
        robot.clickOn("#step-first");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#step-count")).startsWith("Step 1 of ");
    }

    @Test
    void aLearnersSlip_isRecognised_andTheRightFigureShowsTheReckoning(WindowRobot robot) {
        go(robot, "block");
        robot.clickOn("#mode-practice");
        robot.clickOn("#learner").write("Wilmot").push(KeyCode.ENTER);
        for (int i = 0; i < 9; i++) {
            robot.interact(() -> robot.lookup("#answer-show").queryButton().fire());
        }
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#step-title")).isEqualTo("Front: waist");
        robot.clickOn("#answer").write("38.5").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#verdict")).isEqualTo("Waist was halved, not quartered.");
        retype(robot, "#answer", "20.5");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#verdict")).isEqualTo("Right: 20.5 cm.");
        assertThat(book.practice().of("Wilmot")).hasSize(2);
    }

    @Test
    void aPoint_tellsWhereItComesFrom_andLeadsBackToTheTape(WindowRobot robot) {
        go(robot, "block");
        Table table = robot.lookup("#block-table").query();
        View view = table.viewProperty().get();
        // The waist at the side: 72 ÷ 4 + 2.5 across, 46.8 down.
        robot.clickOn(table.localToScreen(view.x(205), view.y(468)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Waist line at the side, front");
        robot.interact(() -> deed(robot, "Where Waist comes from").fire());
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#to-the-tape").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Waist");
        assertThat(robot.lookup("#measure-waistGirth").<Node>query()).isNotNull();
    }

    @Test
    void fromAMeasurement_everythingThatRestsOnItLightsUp(WindowRobot robot) {
        robot.clickOn("#measure-waistGirth");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#light-up").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Quarter block");
        assertThat(robot.lookup(".words").queryAll())
                .extracting(n -> ((javafx.scene.control.Labeled) n).getText())
                .contains("Every point that rests on: Waist.");
    }

    @Test
    void aDart_andAnEdge_tellWidthAngleAndLength(WindowRobot robot) {
        go(robot, "block");
        Table table = robot.lookup("#block-table").query();
        View view = table.viewProperty().get();
        // The waist dart of the front lies under the apex, 9.3 from the centre; it takes 2.5.
        robot.clickOn(table.localToScreen(view.x(93), view.y(440)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Waist dart, front");
        assertThat(text(robot, "#big-figure")).isEqualTo("2.5");
        robot.clickOn(table.localToScreen(view.x(126), view.y(699)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Hem, front");
        assertThat(text(robot, "#big-figure")).as("a quarter of the hip").isEqualTo("25.3");
    }

    private static javafx.scene.control.Button deed(WindowRobot robot, String name) {
        return robot.lookup(n -> n instanceof javafx.scene.control.Button && name.equals(n.getAccessibleText()))
                .queryButton();
    }

    @Test
    void theReduction_startsFromABlockInADocument_andASpoiltOneIsExplained(WindowRobot robot) throws Exception {
        putOut(robot, "Block, pattern document");
        untilWritten(robot);
        go(robot, "block");
        robot.clickOn("#reduction-base");
        robot.clickOn("A block from a pattern document");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Doubled-dart reduction");
        assertThat(text(robot, "#reduction-base")).isEqualTo("starts from: The Heron, sweetheart bustier");
        Files.writeString(output, Files.readString(output).replace("\"armhole\"", "\"sleeve\""));
        robot.clickOn("#reduction-base");
        robot.clickOn("A block from a pattern document");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#base-fault")).contains("Piece FB has no edge armhole.");
    }

    @Test
    void theBlock_isPrintedWithAllItsSteps(WindowRobot robot) throws Exception {
        putOut(robot, "Block with its steps, quarter size");
        untilWritten(robot);
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            String words = new PDFTextStripper().getText(pdf);
            assertThat(words)
                    .contains("Quarter block, step by step")
                    .contains("N. H.")
                    .contains("At quarter size: 7.0 cm.");
        }
    }
}
