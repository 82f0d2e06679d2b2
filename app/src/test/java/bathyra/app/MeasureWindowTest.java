package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.tape.TapeSimulator;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.nio.file.Files;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Measure stage in the real window. */
class MeasureWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void measuring_byKeyboardAlone_changesTheSoundings_andUndoTakesItBack(WindowRobot robot) {
        go(robot, "seams");
        String before = text(robot, "#sounding-underbust-princess-back");
        go(robot, "measure");
        retype(robot, "#measure-bustGirth", "95");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(((TextField) robot.lookup("#measure-underbustGirth").query()).isFocused())
                .isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("76,5");
        go(robot, "seams");
        assertThat(text(robot, "#sounding-underbust-princess-back")).isNotEqualTo(before);
        assertThat(text(robot, "#undo")).isEqualTo("Undo underbust 78.5 → 76.5 cm");
        robot.clickOn("#undo");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-underbust-princess-back")).isEqualTo(before);
        assertThat(text(robot, "#undo")).isEqualTo("Undo");
    }

    @Test
    void aSlipOfTheUnit_isSaidBesideTheField_andTheLastDraftStays(WindowRobot robot) {
        retype(robot, "#measure-bustGirth", "36");
        assertThat(text(robot, "#fault-bustGirth"))
                .isEqualTo(
                        "Bust is 36.0 cm; plausible is from 65.0 cm to 160.0 cm. It looks like a figure in inches: type in behind it.");
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        go(robot, "seams");
        assertThat(robot.lookup(".kept-draft").<Node>queryAll())
                .anyMatch(n -> n.isVisible() && ((Label) n).getText().startsWith("The last good draft is shown"));
        assertThat(text(robot, "#sounding-underbust-princess-front")).isEqualTo("4.5");
    }

    @Test
    void textThatIsNoLength_staysAndIsExplained(WindowRobot robot) {
        retype(robot, "#measure-waistGirth", "7o");
        assertThat(text(robot, "#fault-waistGirth")).isEqualTo("Not understood: 7o. Type 78.5, 30 7/8 or 30⅞ in.");
        assertThat(text(robot, "#measure-waistGirth")).isEqualTo("7o");
    }

    @Test
    void aSideDartThatCannotBeClosed_isSaidBesideTheLengthThatWasTyped(WindowRobot robot) {
        retype(robot, "#measure-backLength", "38");
        assertThat(text(robot, "#fault-backLength"))
                .isEqualTo(
                        "The front is 8.8 cm longer than the back. A side bust dart over 7.0 cm cannot be closed: take both lengths again.");
        retype(robot, "#measure-backLength", "43");
        assertThat(robot.lookup("#fault-backLength").tryQuery()).isEmpty();
        assertThat(text(robot, "#state")).contains("checks hold");
    }

    @Test
    void aTable_isShownRowByRow_beforeItsFiguresAreTaken(WindowRobot robot) throws Exception {
        Files.writeString(output, "key;value;unit\nhipGirth;104,5;cm\nwaistGirth;7o;cm\n");
        robot.interact(() -> robot.lookup("#take-in-table").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#taking-in .words").<Label>queryAll())
                .extracting(l -> l.getText().replace('\u00a0', ' '))
                .containsExactly("Hip will be 104.5 cm.", "Row 3, column 2: “7o cm” is no length.");
        assertThat(text(robot, "#measure-hipGirth")).as("nothing is taken yet").isEqualTo("101.0");
        assertThat(text(robot, "#take-in")).isEqualTo("Take one figure");
        robot.clickOn("#take-in");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-hipGirth")).isEqualTo("104.5");
        assertThat(text(robot, "#undo")).isEqualTo("Undo figures from heron.pdf");
    }

    @Test
    void theRightSide_isOpenedByL_andTheLargerIsDrafted(WindowRobot robot) {
        robot.clickOn("#measure-shoulderToApex");
        robot.write("l");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#measure-shoulderToApex-right").query().isFocused())
                .isTrue();
        robot.write("29.4");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#big-figure")).isEqualTo("29.4");
        assertThat(text(robot, "#undo")).isEqualTo("Undo to the apex, right → 29.4 cm");
        assertThat(robot.lookup(".words").<Label>queryAll())
                .anyMatch(
                        l -> l.getText()
                                .replace('\u00a0', ' ')
                                .equals(
                                        "To the apex: left 28.1 cm, right 29.4 cm. The larger is drafted; pad the other side by 1.3 cm, or cut the two sides apart."));
    }

    @Test
    void anOddFigure_isConfirmed_andStaysQuiet(WindowRobot robot) {
        retype(robot, "#measure-waistGirth", "47");
        assertThat(text(robot, "#fault-waistGirth")).startsWith("Waist is 47.0 cm; plausible is from 48.0 cm");
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        robot.clickOn("#confirm-waistGirth");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#fault-waistGirth").tryQuery()).isEmpty();
        assertThat(text(robot, "#undo")).isEqualTo("Undo waist confirmed");
        assertThat(book.commissions().find(1).orElseThrow().measurements().confirmed())
                .containsExactly(MeasurementKey.WAIST);
    }

    @Test
    void whatTheDraftLeansOn_isListedWithWhatEachMoves(WindowRobot robot) {
        robot.interact(() -> robot.lookup("#leanings").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("What the draft leans on");
        assertThat(robot.lookup(".words").<Label>queryAll())
                .extracting(l -> l.getText().replace('\u00a0', ' '))
                .contains("Upper edge girth by 1.0 cm");
        robot.interact(() -> robot.lookup("#take-upperBustGirth").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#measure-upperBustGirth").query().isFocused()).isTrue();
    }

    @Test
    void whenItWasTaken_isNotedOnThePage(WindowRobot robot) {
        robot.clickOn("#occasion");
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("2026-11-05");
        robot.push(KeyCode.ENTER);
        retype(robot, "#taken-by", "Marit Sollers");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#occasion"))
                .isEqualTo("Taken 5 November 2026 by Marit Sollers, over a leotard, breath at rest");
    }

    @Test
    void aDigitalTape_writesIntoTheFieldInHand(WindowRobot robot) throws Exception {
        try (TapeSimulator tape = new TapeSimulator(0)) {
            retype(robot, "#tape-port", Integer.toString(tape.port()));
            robot.clickOn("#listen");
            WaitForAsyncUtils.waitFor(
                    60, TimeUnit.SECONDS, () -> text(robot, "#tape-said").startsWith("Listening."));
            robot.clickOn("#measure-hipGirth");
            WaitForAsyncUtils.waitForFxEvents();
            tape.read(Length.mm(1043));
            WaitForAsyncUtils.waitFor(
                    60, TimeUnit.SECONDS, () -> text(robot, "#measure-hipGirth").equals("104.3"));
            assertThat(robot.lookup("#measure-armholeGirth").query().isFocused())
                    .as("the next field is taken up")
                    .isTrue();
            assertThat(text(robot, "#undo")).isEqualTo("Undo hip 101.0 → 104.3 cm");
        }
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#tape-said").startsWith("The tape no longer answers."));
    }

    @Test
    void aSetOfFigures_isKept_andTakenOverWithItsChangeShownFirst(WindowRobot robot) {
        robot.interact(() -> robot.lookup("#show-sets").queryButton().fire());
        robot.clickOn("#keep-set");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#close-sets");
        retype(robot, "#measure-waistGirth", "74");
        robot.interact(() -> robot.lookup("#show-sets").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#sets .set-change").<Label>queryAll())
                .extracting(l -> l.getText().replace('\u00a0', ' '))
                .containsExactly("Waist: 74.0 cm → 72.0 cm (−2.0 cm)");
        assertThat(robot.lookup("#sets .quiet").<Label>queryAll())
                .extracting(l -> l.getText().replace('\u00a0', ' '))
                .contains("With it the draft's girths move: waist −2.0 cm, high hip −0.8 cm.");
        robot.clickOn("#take-set-0");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-waistGirth")).isEqualTo("72.0");
        assertThat(text(robot, "#undo")).isEqualTo("Undo set of 3 November 2026");
    }

    @Test
    void aTapeThatIsNotThere_isSaid(WindowRobot robot) {
        retype(robot, "#tape-port", "tape");
        robot.clickOn("#listen");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#tape-said"))
                .isEqualTo("Not understood: tape. A port is a whole number from 1 to 65535.");
        retype(robot, "#tape-port", "1");
        robot.clickOn("#listen");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#tape-said"))
                .isIn(
                        "Calling the tape …",
                        "No tape answers at port 1. Start its bridge, or ./bathyra tape-simulator, and listen again.");
    }
}
