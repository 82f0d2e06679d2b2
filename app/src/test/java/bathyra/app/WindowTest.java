package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.shell.BathyraWindow;
import bathyra.app.shell.Workshop;
import bathyra.book.WorkshopBook;
import bathyra.app.table.Table;
import bathyra.app.tape.TapeSimulator;
import bathyra.files.SquareFinder;
import bathyra.measure.Length;
import bathyra.measure.MeasurementKey;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.stage.Stage;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.testfx.api.FxRobot;
import org.testfx.framework.junit5.ApplicationExtension;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The real window, used as a person uses it: keys, clicks and drags, and a look at what stands on the screen. */
@ExtendWith(ApplicationExtension.class)
class WindowTest {
    private Path folder;
    private Path output;
    private Stage window;
    private WorkshopBook book;

    @Start
    void start(Stage stage) throws Exception {
        folder = Files.createTempDirectory("bathyra-window");
        output = folder.resolve("heron.pdf");
        window = stage;
        open(DemoBook.fresh(folder.resolve("demo.sqlite")));
    }

    private void open(Path file) throws Exception {
        book = WorkshopBook.open(file);
        BathyraWindow.show(window, new Workshop(book), bathyra.app.shell.Files.always(output));
    }

    @Stop
    void stop() {
        book.close();
    }

    @BeforeEach
    void settle() {
        WaitForAsyncUtils.waitForFxEvents();
    }

    @AfterEach
    void rest(FxRobot robot) {
        robot.release(new KeyCode[] {});
        robot.release(new MouseButton[] {});
    }

    private static String text(FxRobot robot, String query) {
        Node node = robot.lookup(query).query();
        return (node instanceof TextField field ? field.getText() : ((Labeled) node).getText()).replace('\u00a0', ' ');
    }

    private static void retype(FxRobot robot, String query, String text) {
        robot.clickOn(query);
        WaitForAsyncUtils.waitForFxEvents();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write(text);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void go(FxRobot robot, String stage) {
        robot.clickOn("#stage-" + stage);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void measuring_byKeyboardAlone_changesTheSoundings_andUndoTakesItBack(FxRobot robot) {
        go(robot, "seams");
        String before = text(robot, "#sounding-underbust-side");
        go(robot, "measure");
        retype(robot, "#measure-bustGirth", "95");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(((TextField) robot.lookup("#measure-underbustGirth").query()).isFocused()).isTrue();
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("76,5");
        go(robot, "seams");
        assertThat(text(robot, "#sounding-underbust-side")).isNotEqualTo(before);
        assertThat(text(robot, "#undo")).isEqualTo("Undo underbust 78.5 → 76.5 cm");
        robot.clickOn("#undo");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-underbust-side")).isEqualTo(before);
        assertThat(text(robot, "#undo")).isEqualTo("Undo");
    }

    @Test
    void aSlipOfTheUnit_isSaidBesideTheField_andTheLastDraftStays(FxRobot robot) {
        retype(robot, "#measure-bustGirth", "36");
        assertThat(text(robot, "#fault-bustGirth")).isEqualTo(
                "Bust is 36.0 cm; plausible is from 65.0 cm to 160.0 cm. It looks like a figure in inches: type in behind it.");
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        go(robot, "seams");
        assertThat(robot.lookup(".kept-draft").<Node>queryAll()).anyMatch(n -> n.isVisible() && ((Label) n).getText().startsWith("The last good draft is shown"));
        assertThat(text(robot, "#sounding-underbust-princess-front")).isEqualTo("2.1");
    }

    @Test
    void textThatIsNoLength_staysAndIsExplained(FxRobot robot) {
        retype(robot, "#measure-waistGirth", "7o");
        assertThat(text(robot, "#fault-waistGirth")).isEqualTo("Not understood: 7o. Type 78.5, 30 7/8 or 30⅞ in.");
        assertThat(text(robot, "#measure-waistGirth")).isEqualTo("7o");
    }

    @Test
    void aSounding_editedInPlace_makesTheSideGiveWay_andIsLocked(FxRobot robot) {
        go(robot, "seams");
        assertThat(text(robot, "#sounding-underbust-side")).isEqualTo("8.9");
        retype(robot, "#sounding-underbust-princess-front", "3.1");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-underbust-side")).isEqualTo("7.9");
        assertThat(text(robot, "#big-figure")).isEqualTo("3.1");
        assertThat(text(robot, "#lock")).isEqualTo("Back to the rule");
        robot.clickOn("#lock");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-underbust-side")).isEqualTo("8.9");
    }

    @Test
    void draggingAHandle_changesTheIntake_asOneChange(FxRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-front");
        WaitForAsyncUtils.waitForFxEvents();
        String before = text(robot, "#sounding-waist-princess-front");
        robot.drag("#handle-right").moveBy(6, 0).moveBy(6, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#sounding-hip-side");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(Double.parseDouble(text(robot, "#sounding-waist-princess-front"))).isGreaterThan(Double.parseDouble(before) + 0.5);
        assertThat(text(robot, "#undo")).startsWith("Undo princess front intake at waist 2.1 → ");
        robot.push(KeyCode.CONTROL, KeyCode.Z);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-front")).isEqualTo(before);
    }

    @Test
    void theUnitSwitch_showsEveryFigureInEighths(FxRobot robot) {
        robot.clickOn("#unit-in");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-underbustGirth")).isEqualTo("30⅞");
        go(robot, "seams");
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("1");
        robot.clickOn("#unit-cm");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("2.5");
    }

    @Test
    void exportingAPdf_givesATestSquareOfFiftyMillimetres(FxRobot robot) throws Exception {
        robot.clickOn("#output");
        robot.clickOn("PDF, A4 sheets");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> text(robot, "#written").startsWith("Written"));
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            assertThat(SquareFinder.in(pdf.getPage(0))).anySatisfy(s -> {
                assertThat(s.width()).isBetween(49.99, 50.01);
                assertThat(s.height()).isBetween(49.99, 50.01);
            });
        }
    }

    @Test
    void closedAndReopened_everythingIsThere(FxRobot robot) throws Exception {
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
        assertThat(robot.lookup("#walking-strip").tryQuery()).isPresent();
        assertThat(text(robot, "#undo")).isEqualTo("Undo hip 101.0 → 104.0 cm");
        assertThat(book.find(1).orElseThrow().measurements().taken().get(MeasurementKey.HIP).millimetres()).isEqualTo(1040);
        go(robot, "measure");
        assertThat(text(robot, "#measure-hipGirth")).isEqualTo("104.0");
    }

    @Test
    void aNewCommission_isBegunNamedAndKept(FxRobot robot) {
        robot.clickOn("#commission");
        robot.clickOn("#new-commission");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        retype(robot, "#wearer-name", "Isaura Quillfeather");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.entries()).extracting(WorkshopBook.Entry::wearer).contains("Isaura Quillfeather");
        go(robot, "seams");
        assertThat(text(robot, ".card-title")).isEqualTo("Nothing to sound yet");
    }

    @Test
    void pieces_endAtTheHighHip_whenTheNoteIsFollowed(FxRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#shorten");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#lower-edge")).isEqualTo("Lower edge: at the high hip");
        assertThat(robot.lookup("#shorten").tryQuery()).isEmpty();
    }

    @Test
    void everyControl_hasAnAccessibleName(FxRobot robot) {
        for (String stage : new String[] {"measure", "seams", "pieces"}) {
            go(robot, stage);
            assertThat(robot.lookup(n -> n.isFocusTraversable() && n.isVisible()).<Node>queryAll()).allSatisfy(n ->
                    assertThat(n.getAccessibleText() != null || n instanceof Labeled labeled && !labeled.getText().isBlank()
                            || n.getClass().getName().contains("ScrollPane")).as(n.toString()).isTrue());
        }
    }

    @Test
    void aLevelsEase_isSetBesideItsReckoning_andGoesBackToTheRule(FxRobot robot) {
        go(robot, "seams");
        robot.clickOn("#level-waist");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Waist, girth plan");
        retype(robot, "#option-ease-waist", "-3.5");
        assertThat(text(robot, "#big-figure")).isEqualTo("68.5");
        assertThat(text(robot, "#undo")).isEqualTo("Undo ease at the waist −1.0 → −3.5 cm");
        robot.push(KeyCode.ENTER);
        retype(robot, "#option-ease-waist", "-55");
        assertThat(text(robot, "#fault-ease-waist")).isEqualTo("Ease at the waist is −55.0 cm; from −40.0 to 40.0 cm can be used.");
        // The −5 on the way to −55 leaves nothing behind.
        assertThat(text(robot, "#big-figure")).isEqualTo("68.5");
        robot.clickOn("#reset-ease-waist");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#big-figure")).isEqualTo("71.0");
    }

    @Test
    void theSplit_isMovedByKeys_andSaidAsARatio(FxRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-underbust-princess-front");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#split-ratio")).isEqualTo("1 : 2");
        robot.interact(() -> robot.lookup("#split-princess-split").query().requestFocus());
        for (int i = 0; i < 17; i++) {
            robot.push(KeyCode.RIGHT);
        }
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#split-ratio")).isEqualTo("1 : 1");
        assertThat(text(robot, "#undo")).startsWith("Undo split of the princess front to 1 : ");
    }

    @Test
    void aLock_showsItsPin(FxRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-back");
        robot.push(KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".pin-head").<Node>queryAll()).filteredOn(n -> n.getParent().isVisible()).hasSize(1);
        robot.push(KeyCode.P);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".pin-head").<Node>queryAll()).noneMatch(n -> n.getParent().isVisible());
    }

    @Test
    void theNeedle_walksTheSeamByKeys(FxRobot robot) {
        go(robot, "pieces");
        assertThat(text(robot, "#walked")).doesNotContain("needle");
        robot.clickOn("#walking-strip");
        WaitForAsyncUtils.waitForFxEvents();
        String there = text(robot, "#walked");
        assertThat(there).contains("; needle at ");
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        double before = Double.parseDouble(there.replaceAll(".*needle at ([0-9.]+) cm", "$1"));
        double after = Double.parseDouble(text(robot, "#walked").replaceAll(".*needle at ([0-9.]+) cm", "$1"));
        assertThat(after - before).isBetween(0.39, 0.61);
        robot.clickOn("#next-seam");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#walked")).startsWith("side: both edges ");
    }

    @Test
    void anAllowance_isTakenWhileItIsTyped_andAWrongOneIsExplained(FxRobot robot) {
        go(robot, "pieces");
        robot.clickOn("#joining-above");
        robot.clickOn("#joining-apart");
        robot.interact(() -> robot.lookup("#option-allowance-side").query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("3.2");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo side allowance 2.5 → 3.2 cm");
        robot.push(KeyCode.ENTER);
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("12");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#fault-allowance-side")).isEqualTo("Side allowance is 12.0 cm; from 0.0 to 8.0 cm can be used.");
        assertThat(text(robot, "#undo")).isEqualTo("Undo side allowance 2.5 → 3.2 cm");
    }

    @Test
    void aSideDartThatCannotBeClosed_isSaidBesideTheLengthThatWasTyped(FxRobot robot) {
        retype(robot, "#measure-backLength", "38");
        assertThat(text(robot, "#fault-backLength")).isEqualTo(
                "The front is 8.8 cm longer than the back. A side bust dart over 7.0 cm cannot be closed: take both lengths again.");
        retype(robot, "#measure-backLength", "43");
        assertThat(robot.lookup("#fault-backLength").tryQuery()).isEmpty();
        assertThat(text(robot, "#state")).contains("checks hold");
    }

    @Test
    void theDarkTheme_isChosenAndKept(FxRobot robot) {
        robot.clickOn("#output");
        robot.clickOn("Dark workroom");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(window.getScene().getRoot().getStyleClass()).contains("dark");
        assertThat(book.place("theme")).contains("dark");
    }

    @Test
    void theShelf_isSearchedAsOneTypes_andACommissionIsTakenInHand(FxRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#search", "brackwater");
        assertThat(robot.lookup("#shelf").<ListView<?>>query().getItems()).hasSize(1);
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#wearer-name")).isEqualTo("Ottoline Brackwater-Finch");
    }

    @Test
    void theSameDesign_isBegunForAnotherWearer_withoutHerFigures(FxRobot robot) {
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
    void aDayThatIsNone_isExplained_andARightOneOrdersTheShelf(FxRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#due", "Christmas");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".row-fault").<Label>queryAll()).anyMatch(l -> l.getText().equals("Not understood: Christmas. Type it as 2026-12-24."));
        retype(robot, "#due", "2026-12-24");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.entries().get(0).due()).contains(LocalDate.of(2026, 12, 24));
    }

    @Test
    void aTable_isShownRowByRow_beforeItsFiguresAreTaken(FxRobot robot) throws Exception {
        Files.writeString(output, "key;value;unit\nhipGirth;104,5;cm\nwaistGirth;7o;cm\n");
        robot.interact(() -> robot.lookup("#take-in-table").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#taking-in .words").<Label>queryAll()).extracting(l -> l.getText().replace('\u00a0', ' '))
                .containsExactly("Hip will be 104.5 cm.", "Row 3, column 2: “7o cm” is no length.");
        assertThat(text(robot, "#measure-hipGirth")).as("nothing is taken yet").isEqualTo("101.0");
        assertThat(text(robot, "#take-in")).isEqualTo("Take one figure");
        robot.clickOn("#take-in");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-hipGirth")).isEqualTo("104.5");
        assertThat(text(robot, "#undo")).isEqualTo("Undo figures from heron.pdf");
    }

    @Test
    void theRightSide_isOpenedByL_andTheLargerIsDrafted(FxRobot robot) {
        robot.clickOn("#measure-shoulderToApex");
        robot.write("l");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#measure-shoulderToApex-right").query().isFocused()).isTrue();
        robot.write("29.4");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#big-figure")).isEqualTo("29.4");
        assertThat(text(robot, "#undo")).isEqualTo("Undo to the apex, right → 29.4 cm");
        assertThat(robot.lookup(".words").<Label>queryAll()).anyMatch(l -> l.getText().replace('\u00a0', ' ').equals(
                "To the apex: left 28.1 cm, right 29.4 cm. The larger is drafted; pad the other side by 1.3 cm, or cut the two sides apart."));
    }

    @Test
    void anOddFigure_isConfirmed_andStaysQuiet(FxRobot robot) {
        retype(robot, "#measure-waistGirth", "47");
        assertThat(text(robot, "#fault-waistGirth")).startsWith("Waist is 47.0 cm; plausible is from 48.0 cm");
        assertThat(text(robot, "#state")).isEqualTo("No draft from these figures");
        robot.clickOn("#confirm-waistGirth");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#fault-waistGirth").tryQuery()).isEmpty();
        assertThat(text(robot, "#undo")).isEqualTo("Undo waist confirmed");
        assertThat(book.find(1).orElseThrow().measurements().confirmed()).containsExactly(MeasurementKey.WAIST);
    }

    @Test
    void whatTheDraftLeansOn_isListedWithWhatEachMoves(FxRobot robot) {
        robot.interact(() -> robot.lookup("#leanings").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("What the draft leans on");
        assertThat(robot.lookup(".words").<Label>queryAll()).extracting(l -> l.getText().replace('\u00a0', ' ')).contains("Upper edge girth by 1.0 cm");
        robot.interact(() -> robot.lookup("#take-upperBustGirth").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#measure-upperBustGirth").query().isFocused()).isTrue();
    }

    @Test
    void whenItWasTaken_isNotedOnThePage(FxRobot robot) {
        robot.clickOn("#occasion");
        robot.push(KeyCode.CONTROL, KeyCode.A);
        robot.write("2026-11-05");
        robot.push(KeyCode.ENTER);
        retype(robot, "#taken-by", "Marit Sollers");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#occasion")).isEqualTo("Taken 5 November 2026 by Marit Sollers, over a leotard, breath at rest");
    }

    @Test
    void aBackup_isRestored_andWhatWasThereLiesAside(FxRobot robot) throws Exception {
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
    void aWearer_isErasedOnlyWhenAskedTwice(FxRobot robot) {
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#erase").queryButton().fire());
        robot.interact(() -> robot.lookup("#erase-no").queryButton().fire());
        assertThat(book.entries()).hasSize(3);
        robot.interact(() -> robot.lookup("#erase").queryButton().fire());
        robot.interact(() -> robot.lookup("#erase-yes").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.entries()).extracting(WorkshopBook.Entry::wearer).hasSize(2).doesNotContain("Nerea Holloway");
    }

    @Test
    void aDigitalTape_writesIntoTheFieldInHand(FxRobot robot) throws Exception {
        try (TapeSimulator tape = new TapeSimulator(0)) {
            retype(robot, "#tape-port", Integer.toString(tape.port()));
            robot.clickOn("#listen");
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> text(robot, "#tape-said").startsWith("Listening."));
            robot.clickOn("#measure-hipGirth");
            WaitForAsyncUtils.waitForFxEvents();
            tape.read(Length.mm(1043));
            WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> text(robot, "#measure-hipGirth").equals("104.3"));
            assertThat(robot.lookup("#measure-armholeGirth").query().isFocused()).as("the next field is taken up").isTrue();
            assertThat(text(robot, "#undo")).isEqualTo("Undo hip 101.0 → 104.3 cm");
        }
        WaitForAsyncUtils.waitFor(10, TimeUnit.SECONDS, () -> text(robot, "#tape-said").startsWith("The tape no longer answers."));
    }

    @Test
    void twoVersions_areComparedOnTheTable_withWhatDiffers(FxRobot robot) {
        robot.clickOn("#commission");
        retype(robot, "#version-name", "Before the fitting");
        robot.clickOn("#keep-version");
        robot.clickOn("#stage-measure");
        retype(robot, "#measure-waistGirth", "74");
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#compare-0").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Beside “Before the fitting”");
        assertThat(robot.lookup(".difference").<Label>queryAll()).extracting(l -> l.getText().replace('\u00a0', ' ')).startsWith("Waist: 72.0 cm → 74.0 cm");
        robot.interact(() -> robot.lookup("#stop-comparing").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("Princess front, underbust");
    }

    @Test
    void aSetOfFigures_isKept_andTakenOverWithItsChangeShownFirst(FxRobot robot) {
        robot.interact(() -> robot.lookup("#show-sets").queryButton().fire());
        robot.clickOn("#keep-set");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#close-sets");
        retype(robot, "#measure-waistGirth", "74");
        robot.interact(() -> robot.lookup("#show-sets").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#sets .set-change").<Label>queryAll()).extracting(l -> l.getText().replace('\u00a0', ' ')).containsExactly("Waist: 74.0 cm → 72.0 cm (−2.0 cm)");
        assertThat(robot.lookup("#sets .quiet").<Label>queryAll()).extracting(l -> l.getText().replace('\u00a0', ' ')).contains(
                "With it the draft's girths move: waist −2.0 cm, high hip −0.8 cm.");
        robot.clickOn("#take-set-0");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#measure-waistGirth")).isEqualTo("72.0");
        assertThat(text(robot, "#undo")).isEqualTo("Undo set of 3 November 2026");
    }

    @Test
    void oneDesignForMany_tellsWhoNeedsALook_andPutsOutTheirPatterns(FxRobot robot) throws Exception {
        robot.clickOn("#commission");
        robot.clickOn("#chorus");
        WaitForAsyncUtils.waitForFxEvents();
        robot.clickOn("#chorus-draft");
        WaitForAsyncUtils.waitFor(20, TimeUnit.SECONDS, () -> text(robot, "#chorus-said").contains("draft clean"));
        assertThat(text(robot, "#chorus-said")).isEqualTo("0 draft clean, 2 need a look, 1 cannot be drafted.");
        robot.clickOn("#chorus-out");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> text(robot, "#chorus-said").contains("written"));
        assertThat(text(robot, "#chorus-said")).isEqualTo("2 patterns written, a folder for each wearer.");
        assertThat(folder.resolve("nerea-holloway").resolve("pattern.pdf")).isNotEmptyFile();
    }

    @Test
    void aCommissionDocument_isTakenIn_andASpoiltOneIsExplained(FxRobot robot) throws Exception {
        Files.writeString(output, "{\"format\":\"bathyra-commission\"");
        robot.clickOn("#commission");
        robot.clickOn("#take-in-commission");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#found")).startsWith("heron.pdf was not taken in. document: is no JSON at line 1");
        Files.writeString(output, DemoBook.document("the-orchard-keeper").replace("Tamsin Okoro-Vale", "Isaura Quillfeather"));
        robot.clickOn("#take-in-commission");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#wearer-name")).isEqualTo("Isaura Quillfeather");
        assertThat(book.entries()).hasSize(4);
    }

    @Test
    void aWearer_isRenamedToInitialsEverywhere(FxRobot robot) {
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#to-initials").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.entries()).extracting(WorkshopBook.Entry::wearer).contains("N. H.").doesNotContain("Nerea Holloway");
        assertThat(robot.lookup(".commission-wearer").<Label>queryAll()).extracting(Label::getText).contains("N. H.");
    }

    @Test
    void draggingWithCtrl_movesTheSplitAndKeepsTheIntake(FxRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-back");
        WaitForAsyncUtils.waitForFxEvents();
        String intake = text(robot, "#sounding-waist-princess-back");
        robot.moveTo("#handle-left").press(KeyCode.CONTROL).press(MouseButton.PRIMARY).moveBy(-4, 0).moveBy(-4, 0).release(MouseButton.PRIMARY).release(KeyCode.CONTROL);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo(intake);
        assertThat(text(robot, "#undo")).startsWith("Undo split of the princess back to ");
    }

    @Test
    void arrowKeys_stepASounding_andShiftAWholeCentimetre(FxRobot robot) {
        go(robot, "seams");
        robot.clickOn("#sounding-waist-princess-back");
        robot.push(KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("2.6");
        robot.push(KeyCode.SHIFT, KeyCode.UP);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#sounding-waist-princess-back")).isEqualTo("3.6");
        robot.push(KeyCode.ESCAPE);
    }

    @Test
    void aTapeThatIsNotThere_isSaid(FxRobot robot) {
        retype(robot, "#tape-port", "tape");
        robot.clickOn("#listen");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#tape-said")).isEqualTo("Not understood: tape. A port is a whole number from 1 to 65535.");
        retype(robot, "#tape-port", "1");
        robot.clickOn("#listen");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#tape-said")).isIn("Calling the tape …", "No tape answers at port 1. Start its bridge, or ./bathyra tape-simulator, and listen again.");
    }

    @Test
    void anArchivedCommission_isFoundOnlyWhenAskedFor(FxRobot robot) {
        robot.clickOn("#commission");
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#archive").queryButton().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#shelf").<ListView<?>>query().getItems()).hasSize(2);
        robot.clickOn("#archived");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#shelf").<ListView<?>>query().getItems()).hasSize(3);
    }

    @Test
    void theView_staysWhenValuesChange_andFitsOnAsking(FxRobot robot) {
        go(robot, "seams");
        Table table = robot.lookup("#table").query();
        robot.interact(table::requestFocus);
        robot.push(KeyCode.PLUS);
        robot.push(KeyCode.EQUALS);
        WaitForAsyncUtils.waitForFxEvents();
        var zoomed = table.viewProperty().get();
        retype(robot, "#sounding-waist-princess-back", "3.3");
        assertThat(table.viewProperty().get()).as("a drawing never jumps when a value changes").isEqualTo(zoomed);
        robot.interact(table::fit);
        assertThat(table.viewProperty().get()).isNotEqualTo(zoomed);
    }

    @Test
    void theLacingRail_saysWhatWantsALook(FxRobot robot) {
        assertThat(robot.lookup("#stage-seams").query().getAccessibleText()).isEqualTo("Seams, 2 notes");
        retype(robot, "#measure-bustGirth", "36");
        assertThat(robot.lookup("#stage-measure").query().getAccessibleText()).matches("Measure, \\d+ notes");
        robot.clickOn("#undo");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#stage-measure").query().getAccessibleText()).isEqualTo("Measure");
    }
}
