package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.files.SquareFinder;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.text.Text;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The frame round the stages in the real window: rail, slip, units, theme, output. */
class FrameWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void theUnitSwitch_showsEveryFigureInEighths(WindowRobot robot) {
        robot.clickOn("#unit-in");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-underbustGirth")).isEqualTo("30⅞");
        go(robot, "seams");
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("1¾");
        robot.clickOn("#unit-cm");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("4.4");
    }

    @Test
    void exportingAPdf_givesATestSquareOfFiftyMillimetres(WindowRobot robot) throws Exception {
        putOut(robot, "Pattern on paper");
        untilWritten(robot);
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf))
                    .as("a name leaves the workshop only when asked")
                    .contains("N. H.")
                    .doesNotContain("Nerea");
            assertThat(SquareFinder.in(pdf.getPage(0))).anySatisfy(s -> {
                assertThat(s.width()).isBetween(49.99, 50.01);
                assertThat(s.height()).isBetween(49.99, 50.01);
            });
        }
    }

    @Test
    void aPdf_carriesTheNameWhenItIsAskedFor(WindowRobot robot) throws Exception {
        robot.clickOn("#output");
        robot.clickOn("#output-named");
        putOut(robot, "Pattern on paper");
        untilWritten(robot);
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).contains("Nerea Holloway");
        }
    }

    @Test
    void everyControl_hasAnAccessibleName(WindowRobot robot) {
        for (String stage : new String[] {"measure", "block", "girths", "seams", "pieces"}) {
            go(robot, stage);
            assertThat(robot.lookup(n -> n.isFocusTraversable() && n.isVisible())
                            .<Node>queryAll())
                    .allSatisfy(n -> assertThat(n.getAccessibleText() != null
                                    || n instanceof Labeled labeled
                                            && !labeled.getText().isBlank()
                                    || n.getClass().getName().contains("ScrollPane"))
                            .as(n.toString())
                            .isTrue());
        }
    }

    @Test
    void theDarkTheme_isChosenAndKept(WindowRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write("Dark workroom").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.getScene().getRoot().getStyleClass()).contains("dark");
        assertThat(book.place("theme")).contains("dark");
    }

    @Test
    void theLacingRail_saysWhatWantsALook(WindowRobot robot) {
        assertThat(robot.lookup("#stage-seams").query().getAccessibleText()).isEqualTo("Seams");
        assertThat(robot.lookup("#stage-edges").query().getAccessibleText()).isEqualTo("Edges, 1 note");
        retype(robot, "#measure-bustGirth", "36");
        assertThat(robot.lookup("#stage-measure").query().getAccessibleText()).matches("Measure, \\d+ notes");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#stage-measure").query().getAccessibleText()).isEqualTo("Measure");
    }

    @Test
    void theGuideOpensAtTheStageInHand_andFollowsIt(WindowRobot robot) {
        go(robot, "cups");
        robot.push(KeyCode.F1);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#guide .craft-found .craft-text").<Text>query().getText())
                .isEqualTo("Cups");
        go(robot, "bones");
        assertThat(robot.lookup("#guide .craft-found .craft-text").<Text>query().getText())
                .isEqualTo("Bones");
        robot.push(KeyCode.F1);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#guide").tryQuery()).isEmpty();
    }

    @Test
    void anythingIsFound_andDoneOrGoneToThere(WindowRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.K).write("bon").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#bones-table").tryQuery()).isPresent();
        robot.push(KeyCode.CONTROL, KeyCode.K).write("lampl");
        WaitForAsyncUtils.waitForFxEvents();
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#commission")).startsWith("The Lamplighter");
        robot.push(KeyCode.CONTROL, KeyCode.K).write("inch").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#unit-in").<ToggleButton>query().isSelected()).isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.K).write("rounded basque").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo lower edge: rounded basque and skirt");
        robot.push(KeyCode.CONTROL, KeyCode.K).write("waist ease").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#option-ease-waist").<Node>query().isFocused()).isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.K).write("basque side").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#option-basque-side").<Node>query().isFocused())
                .isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.K).write("mark top centre back").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo top marked on centre back");
        robot.push(KeyCode.CONTROL, KeyCode.K).write("text size").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#setting-words").<Parent>query().lookupAll("*"))
                .anyMatch(Node::isFocused);
        robot.push(KeyCode.CONTROL, KeyCode.K).write("nothing so called").push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#find").<Node>query().getParent().isVisible()).isFalse();
    }
}
