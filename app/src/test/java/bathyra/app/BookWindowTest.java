package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import bathyra.app.shell.UnavailablePage;
import bathyra.book.BookUnavailable;
import bathyra.book.Commissions;
import bathyra.book.WorkshopBook;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The workshop book in the real window. */
class BookWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void closedAndReopened_everythingIsThere(WindowRobot robot) throws Exception {
        retype(robot, "#measure-hipGirth", "104");
        go(robot, "pieces");
        robot.interact(() -> {
            book.close();
            try {
                open(folder.resolve("demo.sqlite"));
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#truing-strip").tryQuery()).isPresent();
        assertThat(text(robot, "#undo")).isEqualTo("Undo hip 101.0 → 104.0 cm");
        assertThat(book.commissions()
                        .find(1)
                        .orElseThrow()
                        .measurements()
                        .taken()
                        .get(MeasurementKey.HIP)
                        .millimetres())
                .isEqualTo(1040);
        go(robot, "measure");
        assertThat(text(robot, "#measure-hipGirth")).isEqualTo("104.0");
    }

    @Test
    void aNewCommission_isBegunNamedAndKept(WindowRobot robot) {
        robot.clickOn("#commission");
        robot.clickOn("#new-commission");
        WaitForAsyncUtils.waitForFxEvents();
        retype(robot, "#begin-wearer", "Isaura");
        robot.clickOn("#begin");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        retype(robot, "#wearer-name", "Isaura Quillfeather");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.commissions().entries())
                .extracting(Commissions.Entry::wearer)
                .contains("Isaura Quillfeather");
        go(robot, "seams");
        assertThat(text(robot, ".card-title")).isEqualTo("Nothing to sound yet");
    }

    @Test
    void theShelf_isSearchedAsOneTypes_andACommissionIsTakenInHand(WindowRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#search", "brackwater");
        assertThat(robot.lookup("#shelf").<ListView<?>>query().getItems()).hasSize(3);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#wearer-name")).isEqualTo("Ottoline Brackwater-Finch");
    }

    @Test
    void theSameDesign_isBegunForAnotherWearer_withoutHerFigures(WindowRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#duplicate-for", "Isaura Quillfeather");
        robot.clickOn("#duplicate");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#wearer-name")).isEqualTo("Isaura Quillfeather");
        assertThat(text(robot, "#commission-title")).isEqualTo("The Heron, sweetheart bustier");
        assertThat(text(robot, "#measure-bustGirth")).isEqualTo("–");
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
    }

    @Test
    void aDayThatIsNone_isExplained_andARightOneOrdersTheShelf(WindowRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#due", "Christmas");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".row-fault").<Label>queryAll())
                .anyMatch(l -> l.getText().equals("Not understood: Christmas. Type it as 2026-12-24."));
        retype(robot, "#due", "2026-12-24");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.commissions().entries().get(0).due()).contains(LocalDate.of(2026, 12, 24));
    }

    @Test
    void aBackup_isRestored_andWhatWasThereLiesAside(WindowRobot robot) throws Exception {
        retype(robot, "#measure-hipGirth", "104");
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#restore-0").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-hipGirth")).as("as before the change").isEqualTo("101.0");
        try (var files = Files.list(folder)) {
            assertThat(files.map(p -> p.getFileName().toString())).anyMatch(n -> n.startsWith("demo.sqlite.aside-"));
        }
    }

    @Test
    void aWearer_isErasedOnlyWhenAskedTwice(WindowRobot robot) {
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#erase").queryButton().fire());
        robot.interact(() -> robot.lookup("#erase-no").queryButton().fire());
        assertThat(book.commissions().entries()).hasSize(24);
        robot.interact(() -> robot.lookup("#erase").queryButton().fire());
        robot.interact(() -> robot.lookup("#erase-yes").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.commissions().entries())
                .extracting(Commissions.Entry::wearer)
                .hasSize(20)
                .doesNotContain("Nerea Holloway");
    }

    @Test
    void oneDesignForMany_tellsWhoNeedsALook_andPutsOutTheirPatterns(WindowRobot robot) throws Exception {
        robot.clickOn("#commission");
        robot.clickOn("#chorus");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#chorus-draft");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#chorus-said").contains("draft clean"));
        assertThat(text(robot, "#chorus-said")).isEqualTo("12 draft clean, 4 need a look, 1 cannot be drafted.");
        robot.clickOn("#chorus-out");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#chorus-said").contains("written"));
        assertThat(text(robot, "#chorus-said")).isEqualTo("16 patterns written, a folder for each wearer.");
        assertThat(folder.resolve("n-h").resolve("pattern.pdf")).isNotEmptyFile();
    }

    @Test
    void aCommissionDocument_isTakenIn_andASpoiltOneIsExplained(WindowRobot robot) throws Exception {
        Files.writeString(output, "{\"format\":\"bathyra-commission\"");
        robot.clickOn("#commission");
        robot.clickOn("#take-in-commission");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#found")).startsWith("heron.pdf was not taken in. document: is no JSON at line 1");
        Files.writeString(
                output, DemoBook.document("the-orchard-keeper").replace("Tamsin Okoro-Vale", "Isaura Quillfeather"));
        robot.clickOn("#take-in-commission");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#wearer-name")).isEqualTo("Isaura Quillfeather");
        assertThat(book.commissions().entries()).hasSize(25);
    }

    @Test
    void aWearer_isRenamedToInitialsEverywhere(WindowRobot robot) {
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#to-initials").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.commissions().entries())
                .extracting(Commissions.Entry::wearer)
                .contains("N. H.")
                .doesNotContain("Nerea Holloway");
        assertThat(robot.lookup(".commission-wearer").<Label>queryAll())
                .extracting(Label::getText)
                .contains("N. H.");
    }

    @Test
    void anArchivedCommission_isFoundOnlyWhenAskedFor(WindowRobot robot) {
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#archive").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#shelf").<ListView<?>>query().getItems()).hasSize(23);
        robot.clickOn("#archived");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#shelf").<ListView<?>>query().getItems()).hasSize(24);
    }

    @Test
    void aDamagedBook_isExplained_andTheNewestGoodBackupOpened(WindowRobot robot) throws Exception {
        retype(robot, "#measure-hipGirth", "104");
        end();
        Path file = folder.resolve("demo.sqlite");
        Files.write(file, new byte[20_000]);
        BookUnavailable why = Assertions.catchThrowableOfType(BookUnavailable.class, () -> WorkshopBook.open(file));
        robot.interact(() -> new UnavailablePage(why, Optional.of(file), () -> again(file)).show(window));
        assertThat(text(robot, "#book-unavailable"))
                .contains("demo.sqlite is damaged")
                .contains("It is left as it is");
        robot.clickOn("#restore-newest");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-hipGirth")).as("as the backup has it").isEqualTo("101.0");
    }

    private void again(Path file) {
        try {
            open(file);
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void theShelf_tellsHowFarEachStageHasCome(WindowRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#search", "brackwater");
        robot.push(KeyCode.ENTER);
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.commissions().entries().get(0).state()).isEqualTo("Edges 1 note · the rest done");
    }

    @Test
    void whileTheBookIsOpen_noStageIsTheOneInView(WindowRobot robot) {
        go(robot, "girths");
        assertThat(inView(robot)).containsExactly("stage-girths");
        robot.push(KeyCode.F2);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#shelf").tryQuery()).isPresent();
        assertThat(inView(robot)).isEmpty();
    }

    @Test
    void onceMore_saysWhatHasChangedSince_andTakesTheNewFigures(WindowRobot robot) {
        robot.interact(() -> {
            var heron = book.commissions()
                    .find(book.commissions().entries().get(0).id())
                    .orElseThrow();
            book.measurings()
                    .keep(heron.withMeasurements(heron.measurements().with(MeasurementKey.WAIST, Length.mm(750))));
        });
        robot.push(KeyCode.F2);
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#shelf").<ListView<Commissions.Entry>>query().getItems().stream()
                .filter(e -> e.title().startsWith("The Heron"))
                .findFirst()
                .ifPresent(e -> robot.lookup("#shelf")
                        .<ListView<Commissions.Entry>>query()
                        .getSelectionModel()
                        .select(e)));
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#reckoning .words").queryAllAs(Label.class))
                .anyMatch(l -> l.getText().replace('\u00a0', ' ').contains("waist 72.0 cm → 75.0 cm"));
        robot.interact(() -> robot.lookup("#again-new").<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#commission")).startsWith("The Heron, sweetheart bustier, again");
    }

    private static List<String> inView(WindowRobot robot) {
        return robot.lookup(".rail-stage").<Node>queryAll().stream()
                .filter(n -> n.getPseudoClassStates().contains(PseudoClass.getPseudoClass("selected")))
                .map(Node::getId)
                .toList();
    }
}
