package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.files.json.DocumentText;
import bathyra.files.json.PatternJson;
import bathyra.piece.Pattern;
import java.nio.file.Files;
import java.util.List;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** A pattern from elsewhere in the real window: its unit asked, two edges sewn, checked, kept; a block used to start from. */
class ForeignWindowTest extends RealWindow {
    /** Two panels in centimetres, without a unit; the second is 4 mm shorter at the seam. */
    private static final String PANELS =
            "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 60 60'><path id='Front' d='M0 0H12V40H0Z'/><path id='Back' d='M20 0H31V39.6H20Z'/></svg>";
    /** A block in millimetres: front and back, straight lines. */
    private static final String BLOCK =
            "<svg xmlns='http://www.w3.org/2000/svg' width='700mm' height='800mm' viewBox='0 0 700 800'>"
                    + "<path id='Front' d='M0 80 L75 0 L185 28 C165 90 170 200 235 215 C225 300 212 380 212 440 C214 520 235 600 250 680 L0 680 Z'/><path id='Back' d='M400 25 L475 0 L585 28 C575 90 580 190 630 215 C622 300 612 380 612 430 C614 520 640 600 650 680 L400 680 Z'/></svg>";

    /** Half a corset of four straight-sided panels in millimetres; nothing says where its waist lies. */
    private static final String HALF =
            "<svg xmlns='http://www.w3.org/2000/svg' width='700mm' height='400mm' viewBox='0 0 700 400'>"
                    + "<path id='Front' d='M0 0 L100 0 L97 145 L88 250 L105 380 L0 380 Z'/>"
                    + "<path id='Side front' d='M150 0 L275 0 L253 145 L246 250 L265 380 L150 380 L158 250 L153 145 Z'/>"
                    + "<path id='Side back' d='M300 0 L410 0 L406 145 L396 250 L413 380 L300 380 L312 250 L303 145 Z'/>"
                    + "<path id='Back' d='M450 0 L540 0 L540 380 L450 380 L458 250 L453 145 Z'/></svg>";

    /** The edges of either half, clockwise from the corner that lies highest on the left. */
    private static final List<String> EDGES = List.of("shoulder", "armhole", "side", "hem", "centre", "neck");

    @Start
    void start(Stage stage) throws Exception {
        begin(stage, "drawing.svg");
    }

    @Stop
    void stop() {
        end();
    }

    private void takeIn(WindowRobot robot, String drawing) throws Exception {
        Files.writeString(output, drawing);
        go(robot, "pieces");
        robot.clickOn("#foreign");
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static boolean says(WindowRobot robot, String words) {
        return robot.lookup(".reckoning .label").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().replace('\u00a0', ' ').contains(words));
    }

    @Test
    void aDrawingWithoutAUnit_isAsked_thenSewnWhereItAgrees_andItsFaultIsSaid(WindowRobot robot) throws Exception {
        takeIn(robot, PANELS);
        assertThat(text(robot, ".card-title")).isEqualTo("drawing.svg");
        assertThat(says(robot, "The file does not say in what it is drawn.")).isTrue();
        robot.clickOn("#drawn-in-cm");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#foreign-walked"))
                .isEqualTo("Front to Back: 40.0 cm and 39.6 cm; up to 0.5 mm apart is allowed");
        assertThat(says(
                                robot,
                                "Front to Back: the two edges differ by 0.4 cm between two marks; 0.1 cm allowed. Walk the seam again.")
                        || says(robot, "Front to Back: the two edges differ by 0.4 cm"))
                .isTrue();
        robot.clickOn("#drawn-in-in");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#foreign-walked")).startsWith("Front to Back: 101.6 cm and ");
        robot.clickOn("#drawn-in-px");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(says(robot, "There is no closed outline of 9 cm²")).isTrue();
        robot.clickOn("#foreign-back");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#truing-strip").tryQuery()).isPresent();
    }

    @Test
    void edges_areSewnByHand_namedAndKeptAsADocument(WindowRobot robot) throws Exception {
        takeIn(robot, PANELS);
        robot.clickOn("#drawn-in-cm");
        robot.clickOn("#foreign-unsew");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#foreign-walked")).isEqualTo("No two edges are sewn together yet.");
        robot.clickOn("#foreign-next-edge");
        robot.clickOn("#foreign-next-edge");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#foreign-edge")).isEqualTo("1 Front, edge2: 40.0 cm");
        robot.clickOn("#foreign-sew");
        for (int i = 0; i < 6; i++) {
            robot.clickOn("#foreign-next-edge");
            if (i == 0) {
                // The edge that came next was sewn to it at once; sewing it to the right one undoes that.
                assertThat(text(robot, "#foreign-walked")).startsWith("Front to Front");
            }
        }
        WaitForAsyncUtils.waitForFxEvents();
        retype(robot, "#foreign-name", "Side back");
        robot.push(KeyCode.ENTER);
        robot.clickOn("#foreign-front");
        robot.clickOn("#foreign-keep");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#foreign-said")).isEqualTo("Written: drawing.svg");
        Pattern kept = PatternJson.read(DocumentText.read(output, DocumentText.PATTERN_MOST));
        assertThat(kept.pieces()).extracting(p -> p.name() + p.front()).containsExactly("Fronttrue", "Side backfalse");
        assertThat(kept.seams()).hasSize(1);
    }

    @Test
    void aDrawingThatIsNone_isRefusedInASentence_andAnotherCanBeTaken(WindowRobot robot) throws Exception {
        takeIn(robot, "<svg><path id='cup' d='M0 0 X1'/></svg>");
        assertThat(robot.lookup("#foreign-fault").tryQuery()).isPresent();
        assertThat(says(robot, "cup: its line cannot be read")).isTrue();
        Files.writeString(output, PANELS);
        robot.clickOn("#foreign-another");
        robot.clickOn("#drawn-in-cm");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#foreign-fault").tryQuery()).isEmpty();
    }

    @Test
    void aBlock_withItsEdgesNamed_isWhatTheDraftStartsFrom(WindowRobot robot) throws Exception {
        takeIn(robot, BLOCK);
        for (int piece = 0; piece < 2; piece++) {
            for (String role : EDGES) {
                robot.clickOn("#foreign-next-edge");
                WaitForAsyncUtils.waitForFxEvents();
                if (!role.isEmpty()) {
                    robot.clickOn("#foreign-role");
                    robot.clickOn("#role-" + role);
                }
                if (piece == 1 && role.equals("shoulder")) {
                    robot.clickOn("#foreign-front");
                }
            }
        }
        robot.clickOn("#foreign-block");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#foreign-said")).isEqualTo("The draft now starts from this block. Undo takes it back.");
        assertThat(text(robot, "#undo")).isEqualTo("Undo block drawing.svg");
        assertThat(text(robot, "#state")).contains("checks hold");
    }

    @Test
    void aPatternWithoutLevels_isPutOnTheBody_byTwoHeights(WindowRobot robot) throws Exception {
        takeIn(robot, HALF);
        click(robot, "#foreign-next-edge");
        click(robot, "#foreign-front");
        retype(robot, "#option-foreign-try-waist", "25");
        robot.push(KeyCode.ENTER);
        retype(robot, "#option-foreign-try-second", "14.5");
        robot.push(KeyCode.ENTER);
        assertThat(robot.lookup("#option-foreign-try-second").<TextField>query().getText())
                .isEqualTo("14.5");
        click(robot, "#foreign-try");
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> robot.lookup("#foreign-worn")
                .query()
                .isVisible());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#foreign-table").query().isVisible()).isFalse();
        assertThat(says(robot, "Waist: it goes round ")).isTrue();
        assertThat(says(robot, "Underbust: it goes round ")).isTrue();
        robot.interact(() -> robot.lookup("#foreign-worn").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        click(robot, "#foreign-look-at");
        assertThat(robot.lookup("#foreign-table").query().isVisible()).isTrue();
        assertThat(text(robot, "#foreign-look-at")).isEqualTo("show it on the body");
    }
}
