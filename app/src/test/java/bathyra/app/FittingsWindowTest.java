package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Workshop;
import bathyra.correction.Elsewhere;
import bathyra.draft.Draft;
import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.garment.Commission;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.awt.image.BufferedImage;
import java.nio.file.Files;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Fittings stage in the real window. */
class FittingsWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "heron.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    private Commission commission() {
        return WaitForAsyncUtils.waitForAsyncFx(WindowRobot.PATIENCE_MS, () -> workshop.commission());
    }

    private Draft draft() {
        return WaitForAsyncUtils.waitForAsyncFx(
                WindowRobot.PATIENCE_MS, () -> workshop.draft().orElseThrow());
    }

    private Fitting fitting(int number) {
        return commission().fittings().stream()
                .filter(f -> f.number() == number)
                .findFirst()
                .orElseThrow();
    }

    private static boolean isSaid(WindowRobot robot, String words) {
        return WaitForAsyncUtils.waitForAsyncFx(
                WindowRobot.PATIENCE_MS, () -> robot.lookup(".label").queryAllAs(Label.class).stream()
                        .filter(Node::isVisible)
                        .anyMatch(l -> l.getText().replace('\u00a0', ' ').contains(words)));
    }

    /** What becomes of the marks is worked out beside the window. */
    private static void until(WindowRobot robot, String words) throws Exception {
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> isSaid(robot, words));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void press(WindowRobot robot, String query) {
        robot.interact(() -> ((Button) robot.lookup(query).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void thePinsOfAFitting_becomeADraft_andOneUndoTakesItBack(WindowRobot robot) throws Exception {
        go(robot, "fittings");
        robot.interact(() -> ((javafx.scene.control.MenuButton)
                        robot.lookup("#begin-fitting").query())
                .getItems()
                .get(1)
                .fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(commission().fittings()).hasSize(3);
        double before = draft().intakes().at(Level.WAIST, SeamPlace.SIDE).value();
        Node table = robot.lookup("#fittings-table").query();
        // Drawn out from the middle of the table, where a panel lies at the waist.
        robot.drag(table).moveBy(14, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        Mark put = fitting(3).marks().get(0);
        assertThat(put.kind()).isEqualTo(MarkKind.PINCH);
        assertThat(put.spot().seam()).isPresent();
        assertThat(put.amount().millimetres()).isGreaterThan(3);
        assertThat(text(robot, "#undo")).startsWith("Undo mark 1: pinched");
        retype(robot, "#option-mark-amount", "0.6");
        until(robot, "Elsewhere");
        assertThat(fitting(3).marks().get(0).amount().millimetres()).isEqualTo(6);
        click(robot, "#decide-agreed");
        until(robot, "1 mark followed.");
        int drafts = book.versions().of(workshop.id()).size();
        press(robot, "#make-draft");
        until(robot, "The draft follows this fitting");
        assertThat(book.versions().of(workshop.id())).hasSize(drafts + 1);
        assertThat(text(robot, "#undo")).isEqualTo("Undo draft 3 from fitting 3");
        assertThat(commission().adjustments()).anyMatch(a -> a.fitting() == 3);
        Draft made = draft();
        click(robot, "#undo");
        assertThat(commission().adjustments()).noneMatch(a -> a.fitting() == 3);
        assertThat(Elsewhere.between(draft(), made)).isNotEmpty();
        assertThat(draft().intakes().at(Level.WAIST, SeamPlace.SIDE).value()).isEqualTo(before);
    }

    @Test
    void aGap_isTyped_becomesGirth_andLettersAreRefused(WindowRobot robot) throws Exception {
        go(robot, "fittings");
        press(robot, "#leaf-2");
        retype(robot, "#gap-hem", "wide");
        assertThat(isSaid(robot, "wide")).isTrue();
        assertThat(fitting(2).marks()).hasSize(5);
        retype(robot, "#gap-hem", "5.4");
        assertThat(fitting(2).marks()).hasSize(6);
        assertThat(fitting(2).marks().get(5).amount().millimetres()).isEqualTo(54);
        retype(robot, "#gap-waist", "7.5");
        assertThat(fitting(2).marks().get(2).amount().millimetres()).isEqualTo(75);
        until(robot, "in the middle than at its ends");
    }

    @Test
    void theSecondFitting_showsWhatIsLeftOfTheFirst(WindowRobot robot) throws Exception {
        go(robot, "fittings");
        press(robot, "#leaf-2");
        until(robot, "From the fitting before");
        assertThat(isSaid(robot, "asked")).isTrue();
        assertThat(isSaid(robot, "4 Gap at the waist")).isTrue();
    }

    @Test
    void aMarkIsRefused_byItsKey_withTheReasonKept(WindowRobot robot) throws Exception {
        go(robot, "fittings");
        press(robot, "#leaf-1");
        click(robot, "#mark-row-6");
        robot.push(KeyCode.X);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(fitting(1).mark(6).orElseThrow().decision().id()).isEqualTo("refused");
        retype(robot, "#mark-reason", "It goes when she stands.");
        assertThat(fitting(1).mark(6).orElseThrow().reason()).isEqualTo("It goes when she stands.");
        assertThat(text(robot, "#stage-fittings .why")).isEqualTo("2 open");
    }

    @Test
    void aFittingBegunAndTakenBack_isBegunAgainFromTheCard(WindowRobot robot) throws Exception {
        robot.interact(() -> workshop.deeds()
                .switchTo(book.commissions().entries().stream()
                        .filter(e -> e.title().startsWith("The Heron"))
                        .findFirst()
                        .orElseThrow()
                        .id()));
        go(robot, "fittings");
        click(robot, "#begin-with-the-toile");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        assertThat(commission().fittings()).isEmpty();
        // The fields that lay there a moment ago must not catch the press.
        robot.interact(() -> assertThat(
                        Pressing.over(robot.lookup("#begin-with-the-toile").query()))
                .isEmpty());
        click(robot, "#begin-with-the-toile");
        assertThat(commission().fittings()).hasSize(1);
    }

    @Test
    void aRowTakenWithTheKeyboard_keepsIt_whileTheListIsMadeAnew(WindowRobot robot) throws Exception {
        go(robot, "fittings");
        press(robot, "#leaf-1");
        robot.interact(() -> robot.lookup("#mark-row-2").query().requestFocus());
        robot.push(KeyCode.SPACE);
        robot.push(KeyCode.X);
        assertThat(fitting(1).mark(2).orElseThrow().decision().id()).isEqualTo("refused");
        robot.push(KeyCode.V);
        assertThat(fitting(1).mark(2).orElseThrow().decision().id()).isEqualTo("open");
        assertThat(robot.lookup("#mark-row-2").query().isFocused()).isTrue();
    }

    @Test
    void aDraftThatWasKept_isLaidOverTheTable(WindowRobot robot) throws Exception {
        go(robot, "fittings");
        long first = book.versions().of(workshop.id()).stream()
                .filter(v -> v.draft().equals(Optional.of(1)))
                .findFirst()
                .orElseThrow()
                .id();
        press(robot, "#bead-" + first);
        assertThat(WaitForAsyncUtils.waitForAsyncFx(
                        WindowRobot.PATIENCE_MS,
                        () -> workshop.comparison().compared().isPresent()))
                .isTrue();
        press(robot, "#bead-" + first);
        assertThat(WaitForAsyncUtils.waitForAsyncFx(
                        WindowRobot.PATIENCE_MS,
                        () -> workshop.comparison().compared().isPresent()))
                .isFalse();
    }

    @Test
    void aPicture_isTakenIn_named_andAMarkIsPutOnIt(WindowRobot robot) throws Exception {
        BufferedImage picture = new BufferedImage(300, 400, BufferedImage.TYPE_INT_RGB);
        ImageIO.write(picture, "png", output.toFile());
        go(robot, "fittings");
        press(robot, "#leaf-1");
        click(robot, "#mark-row-6");
        press(robot, "#add-picture");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> !fitting(1).pictures().isEmpty());
        WaitForAsyncUtils.waitForFxEvents();
        String id = fitting(1).pictures().get(0).id();
        assertThat(book.pictures().find(workshop.id(), id)).isPresent();
        press(robot, "#picture-" + id);
        robot.clickOn("#picture-large");
        WaitForAsyncUtils.waitForFxEvents();
        retype(robot, "#picture-label", "side");
        assertThat(fitting(1).pictures().get(0).label()).isEqualTo("side");
        assertThat(fitting(1).pictures().get(0).dots()).singleElement().satisfies(d -> assertThat(d.mark())
                .isEqualTo(6));
        press(robot, "#add-picture");
        until(robot, "in the notebook already");
        Files.writeString(output, "no picture");
        press(robot, "#add-picture");
        until(robot, "cannot be read as a picture");
        press(robot, "#remove-picture");
        assertThat(fitting(1).pictures()).isEmpty();
    }

    @Test
    void aSoundingTypedAfterAPinch_isWhatStandsThere(WindowRobot robot) throws Exception {
        assertThat(Files.exists(folder)).isTrue();
        Cell cell = new Cell(Level.UPPER, SeamPlace.front(2));
        go(robot, "seams");
        retype(robot, "#sounding-upper-front-2", "1.5");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(draft().intakes().at(cell.level(), cell.seam()).value()).isEqualTo(15);
    }
}
