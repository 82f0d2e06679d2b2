package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.practice.Skill;
import java.nio.file.Files;
import java.util.List;
import java.util.Optional;
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

/** Practice in the real window: a session with its slips, hints and boxes. */
class PracticeWindowTest extends RealWindow {

    @Start
    void start(Stage stage) throws Exception {
        beginAt(stage, "The Salt Queen", "practice.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    private static void openPage(WindowRobot robot) {
        robot.push(KeyCode.F4);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void fire(WindowRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Goes on until a skill is asked for. */
    private static void until(WindowRobot robot, Skill skill) {
        for (int i = 0; i < 400 && !text(robot, "#practice-skill").equals(skill.label()); i++) {
            fire(robot, "#practice-next");
        }
        assertThat(text(robot, "#practice-skill")).isEqualTo(skill.label());
    }

    private static Optional<Label> standing(WindowRobot robot, Skill skill) {
        return robot.lookup(n -> n instanceof Label l && l.getText().startsWith(skill.label() + ":"))
                .tryQueryAs(Label.class);
    }

    @Test
    void aWholeDraft_goesFromFigureToFigure_andSaysHowFarItIs(WindowRobot robot) {
        openPage(robot);
        robot.clickOn("#practice-course-whole");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#practice-skill")).matches("Where the apex lies, 1 of \\d\\d");
        int all = Integer.parseInt(text(robot, "#practice-skill").replaceAll(".* of ", ""));
        retype(robot, "#practice-answer", "999");
        robot.push(KeyCode.ENTER);
        fire(robot, "#practice-next");
        assertThat(text(robot, "#practice-skill")).isEqualTo(Skill.QUARTER.label() + ", 2 of " + all);
        retype(robot, "#practice-answer", "26.0");
        robot.push(KeyCode.ENTER);
        robot.push(KeyCode.ENTER);
        assertThat(text(robot, "#practice-skill")).endsWith(", 3 of " + all);
        for (int i = 2; i < all; i++) {
            fire(robot, "#practice-next");
        }
        assertThat(text(robot, "#practice-skill")).isEqualTo("The draft is done");
        assertThat(text(robot, "#practice-question")).startsWith("1 of " + all + " figures were right");
        fire(robot, "#practice-next");
        assertThat(text(robot, "#practice-skill")).endsWith(", 1 of " + all);
    }

    @Test
    void aSlip_isCalledByItsName_andTheRightAnswerMovesTheSkillABoxOn(WindowRobot robot) {
        openPage(robot);
        retype(robot, "#practice-learner", "Idris");
        robot.push(KeyCode.ENTER);
        until(robot, Skill.QUARTER);
        assertThat(text(robot, "#practice-question")).contains("The bust measures 104.0 cm all round");
        retype(robot, "#practice-answer", "52");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#practice-verdict")).isEqualTo("Not this. Bust was halved, not quartered.");
        assertThat(standing(robot, Skill.QUARTER).orElseThrow().getText()).contains("box 1 of 5", "0 right, 1 wrong");
        // In the other unit it is the same length.
        retype(robot, "#practice-answer", "10 1/4 in");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#practice-verdict")).startsWith("Right: 26.0 cm.");
        assertThat(book.practice().of("Idris")).extracting(a -> a.correct()).contains(false);
        fire(robot, "#practice-next");
        until(robot, Skill.QUARTER);
        retype(robot, "#practice-answer", "26");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(standing(robot, Skill.QUARTER).orElseThrow().getText()).contains("box 2 of 5");
        assertThat(book.practice().everybody()).contains("Idris");
    }

    @Test
    void hints_goThreeDeep_andWhatIsNoLength_isSaid(WindowRobot robot) {
        openPage(robot);
        until(robot, Skill.APEX);
        fire(robot, "#practice-hint");
        assertThat(text(robot, "#practice-hint-1")).isEqualTo("Centre front runs midway between the two.");
        fire(robot, "#practice-hint");
        fire(robot, "#practice-hint");
        assertThat(text(robot, "#practice-hint-3")).contains("10.2");
        assertThat(robot.lookup("#practice-hint").query().isVisible()).isFalse();
        retype(robot, "#practice-answer", "half of it");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#practice-verdict")).startsWith("Not understood: half of it");
        retype(robot, "#practice-answer", "10.2");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        // With all three hints it is right, but does not count.
        assertThat(standing(robot, Skill.APEX).orElseThrow().getText()).contains("box 1 of 5");
    }

    @Test
    void aMadeUpBody_givesOtherFigures_aSheetHasItsAnswers_andAClassIsATable(WindowRobot robot) throws Exception {
        openPage(robot);
        until(robot, Skill.QUARTER);
        String before = text(robot, "#practice-question");
        robot.interact(() ->
                robot.lookup("#practice-from-made_up").<ToggleButton>query().fire());
        WaitForAsyncUtils.waitFor(10, java.util.concurrent.TimeUnit.SECONDS, () -> {
            WaitForAsyncUtils.waitForFxEvents();
            return !text(robot, "#practice-question").equals(before);
        });
        until(robot, Skill.QUARTER);
        assertThat(text(robot, "#practice-question")).isNotEqualTo(before);
        fire(robot, "#practice-sheet");
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            List<String> lines = new PDFTextStripper().getText(pdf).lines().toList();
            assertThat(pdf.getNumberOfPages()).isGreaterThanOrEqualTo(2);
            assertThat(lines).anyMatch(l -> l.contains("the teacher's answers"));
        }
        retype(robot, "#practice-answer", "1");
        robot.push(KeyCode.ENTER);
        fire(robot, "#practice-class");
        assertThat(Files.readString(output)).startsWith("learner,skill,box,due,right,wrong");
    }
}
