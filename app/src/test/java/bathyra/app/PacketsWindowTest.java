package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Output page in the real window. */
class PacketsWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "paper.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    private static void openPage(WindowRobot robot) throws Exception {
        robot.push(KeyCode.CONTROL, KeyCode.P);
        untilLaid(robot);
    }

    private static void untilLaid(WindowRobot robot) throws Exception {
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#packet-count").matches("\\d+"));
    }

    private static int count(WindowRobot robot) {
        return Integer.parseInt(text(robot, "#packet-count"));
    }

    private Path folderOfToday(String packet) {
        return folder.resolve("packets/The-Salt-Queen-overbust-corset-that-lets-the-ribs-move")
                .resolve(LocalDate.now() + "-" + packet);
    }

    private static List<Path> files(Path folder) throws Exception {
        try (Stream<Path> all = Files.list(folder)) {
            return all.sorted().toList();
        }
    }

    @Test
    void theSheetsThatAreShown_areTheOnesThatAreMade_andOneIsLeftOut(WindowRobot robot) throws Exception {
        openPage(robot);
        assertThat(robot.lookup("#stage-measure").query().getPseudoClassStates())
                .as("no stage is in view")
                .noneMatch(state -> state.getPseudoClassName().equals("selected"));
        int all = count(robot);
        long sheets = robot.lookup(".sheet-tag").queryAll().size();
        assertThat(sheets).isBetween(6L, 12L);
        robot.interact(() -> robot.lookup("#sheet-B1").<ToggleButton>query().requestFocus());
        robot.push(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(count(robot)).isEqualTo(all - 1);
        assertThat(robot.lookup("#sheet-B1").query().getAccessibleText()).isEqualTo("Sheet B1, left out");
        click(robot, "#make-packet");
        untilWritten(robot);
        List<Path> made = files(folderOfToday("My-cutting-table"));
        assertThat(made).singleElement().asString().endsWith("-pattern.pdf");
        try (PDDocument pdf = Loader.loadPDF(made.get(0).toFile())) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(all - 1);
        }
    }

    @Test
    void anotherPaper_aSize_andFewerLayers_layItAnew(WindowRobot robot) throws Exception {
        openPage(robot);
        int sheets = count(robot);
        click(robot, "#paper-a3");
        untilLaid(robot);
        assertThat(count(robot)).isLessThan(sheets);
        click(robot, "#size-half");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#sheets-about").contains("half size"));
        click(robot, "#paper-own");
        robot.write("8x8").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".row-fault").<Label>queryAll())
                .anyMatch(l -> l.getText().startsWith("The paper is 8x8"));
        click(robot, "#out-modesty-panel");
        untilLaid(robot);
        assertThat(book.place("packets").orElseThrow()).contains("TABLE.left=MODESTY_PANEL");
    }

    @Test
    void aPacketOfPrintedThings_writesEachAsAFile_andWhatCannotBeIsSaid(WindowRobot robot) throws Exception {
        openPage(robot);
        click(robot, "#packet-MAKER");
        click(robot, "#part-CALENDAR");
        click(robot, "#make-packet");
        untilWritten(robot);
        assertThat(files(folderOfToday("The-maker")).stream()
                        .map(p -> p.getFileName().toString().replaceAll("^.*move-", "")))
                .contains("job-card.pdf", "cutting-list.csv", "shopping.csv", "lay-svg-fashion.svg", "calendar.ics");
    }

    @Test
    void byKeysAlone_aPacketIsChosenAndMade_andOneReturns(WindowRobot robot) throws Exception {
        openPage(robot);
        robot.interact(() -> robot.lookup("#packet-TABLE").query().requestFocus());
        robot.push(KeyCode.DOWN)
                .push(KeyCode.DOWN)
                .push(KeyCode.DOWN)
                .push(KeyCode.DOWN)
                .push(KeyCode.DOWN);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Another program");
        robot.push(KeyCode.ENTER);
        untilWritten(robot);
        assertThat(files(folderOfToday("Another-program"))).hasSize(4);
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.whereabouts().isOpen(Over.OUTPUT)).isFalse();
    }

    @Test
    void whenAnOlderPacketIsAbout_itSaysWhichPiecesHaveChanged(WindowRobot robot) throws Exception {
        openPage(robot);
        assertThat(robot.lookup("#older-packet").query().isVisible()).isFalse();
        click(robot, "#make-packet");
        untilWritten(robot);
        assertThat(robot.lookup("#older-packet").query().isVisible())
                .as("nothing has changed yet")
                .isFalse();
        go(robot, "measure");
        retype(robot, "#measure-waistGirth", "70");
        robot.push(KeyCode.ENTER);
        openPage(robot);
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> robot.lookup("#older-packet")
                .query()
                .isVisible());
        assertThat(text(robot, "#older-packet-words")).startsWith("Made on ").contains("changed since");
        click(robot, "#show-changed");
        assertThat(text(robot, "#show-changed")).isEqualTo("Show it as it is");
    }

    @Test
    void aPacketOfOnesOwn_isNamed_keptAndGivenUp(WindowRobot robot) throws Exception {
        openPage(robot);
        click(robot, "#packet-add");
        retype(robot, "#packet-name", "For the class");
        click(robot, "#part-SVG");
        assertThat(book.place("packets").orElseThrow()).contains("For the class");
        assertThat(workshop.book().place("packets").orElseThrow()).contains("OWN-1.parts=PATTERN,SVG");
        click(robot, "#packet-remove");
        assertThat(robot.lookup("#packet-OWN-1").tryQuery()).isEmpty();
        assertThat(text(robot, ".card-title")).isEqualTo("My cutting table");
    }

    @Test
    void aFolderThatCannotBeWritten_isSaid_andNothingIsThere(WindowRobot robot) throws Exception {
        Path blocked = Files.writeString(folder.resolve("a-file"), "no folder");
        book.keepPlace("packet-folder", blocked.toString());
        openPage(robot);
        click(robot, "#make-packet");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> text(robot, "#written")
                .contains("could not be written. Choose a folder that you may write to"));
        assertThat(Files.readString(blocked)).isEqualTo("no folder");
    }
}
