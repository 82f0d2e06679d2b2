package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bathyra.app.stage.DayStyle;
import bathyra.app.stage.Days;
import bathyra.app.stage.WeekStart;
import bathyra.app.table.Lettering;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.InHand;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.garment.EdgeUse;
import bathyra.garment.HouseRules.Group;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.Period;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.control.DateCell;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
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

/** Settings and the keys page in the real window. */
class SettingsWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Heron", "rules.json");
    }

    @Stop
    void stop() {
        end();
        Days.choose(DayStyle.DAY_FIRST);
        TextSize.choose(TextSize.USUAL);
        WeekStart.choose(WeekStart.MONDAY);
    }

    private static void openSettings(WindowRobot robot) {
        robot.push(KeyCode.CONTROL, KeyCode.COMMA);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Fires what may lie below the window's edge. */
    private static void fire(WindowRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).<Button>query().fire());
    }

    @Test
    void theLineOnTheCovers_standsOnTheNextPrint(WindowRobot robot) throws Exception {
        openSettings(robot);
        retype(robot, "#cover-line", "Stays from the quay");
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.whereabouts().isOpen(Over.SETTINGS)).isFalse();
        putOut(robot, "Pattern on paper");
        untilWritten(robot);
        try (PDDocument pdf = Loader.loadPDF(output.toFile())) {
            assertThat(new PDFTextStripper().getText(pdf)).startsWith("Stays from the quay");
        }
    }

    @Test
    void aRuleOfTheHouse_isTaken_begins_newCommissions_andTravels(WindowRobot robot) throws Exception {
        Length wide = Length.mm(23);
        robot.interact(() -> workshop.change(
                "allowance",
                workshop.commission()
                        .withGarment(workshop.commission().garment().withAllowance(EdgeUse.SIDE, wide)),
                InHand.once()));
        openSettings(robot);
        fire(robot, "#rule-take-finish");
        assertThat(text(robot, "#rule-finish")).isEqualTo("the house's");
        fire(robot, "#rules-write");
        assertThat(text(robot, "#settings-said")).contains("written to rules.json");
        robot.interact(() -> workshop.deeds().begin());
        assertThat(workshop.commission().garment().allowance(EdgeUse.SIDE)).isEqualTo(wide);
        openSettings(robot);
        fire(robot, "#rule-none-finish");
        assertThat(text(robot, "#rule-finish")).isEqualTo("the program's");
        fire(robot, "#rules-read");
        assertThat(workshop.kept().houseRules().get().has(Group.FINISH)).isTrue();
        String later = Files.readString(output).replace("\"version\" : 1", "\"version\" : 2");
        Files.writeString(output, later);
        fire(robot, "#rules-read");
        assertThat(text(robot, "#settings-said")).contains("was not taken in").contains("a later program wrote");
        assertThat(workshop.kept().houseRules().get().has(Group.FINISH)).isTrue();
    }

    @Test
    void backups_areKeptAsManyAsSaid_andCopiedToTheSecondPlace(WindowRobot robot) throws Exception {
        openSettings(robot);
        robot.interact(() -> {
            robot.lookup("#backups-kept").<TextField>query().requestFocus();
            robot.lookup("#backups-kept").<TextField>query().selectAll();
        });
        robot.write("2").push(KeyCode.ENTER);
        assertThat(text(robot, "#settings-said")).isEqualTo("Type a whole number from 3 to 100.");
        robot.push(KeyCode.CONTROL, KeyCode.A).write("4").push(KeyCode.ENTER);
        assertThat(book.copies().policy().kept()).isEqualTo(4);
        Path second = Files.createDirectories(folder.resolve("other-disk"));
        robot.interact(() -> book.copies().makeBy(new bathyra.book.Backups.Policy(4, Optional.of(second))));
        fire(robot, "#backup-now");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#settings-said").equals("A backup was made."));
        try (Stream<Path> copies = Files.list(second.resolve("demo.sqlite.backups"))) {
            assertThat(copies).hasSize(1);
        }
        Path gone = Files.writeString(folder.resolve("no-folder"), "");
        robot.interact(() -> book.copies().makeBy(new bathyra.book.Backups.Policy(4, Optional.of(gone))));
        fire(robot, "#backup-now");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#settings-said").contains("cannot be written"));
    }

    @Test
    void theme_andDates_areChosenAndKept(WindowRobot robot) {
        openSettings(robot);
        click(robot, "#theme-dark");
        assertThat(window.getScene().getRoot().getStyleClass()).contains("dark");
        click(robot, "#theme-system");
        assertThat(book.place("theme")).contains("system");
        click(robot, "#days-month_first");
        assertThat(Days.say(LocalDate.of(2026, 11, 30))).isEqualTo("Nov 30");
        robot.push(KeyCode.F2);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".shelf-due").<Label>queryAll())
                .extracting(Label::getText)
                .as("in the list of commissions too")
                .anyMatch(day -> day.matches("[A-Z][a-z]{2} \\d+, 20\\d\\d"));
        assertThat(book.place("dates")).contains("MONTH_FIRST");
    }

    @Test
    void theKeysPage_listsWhatTheKeysDo_andAQuestionMarkTypedInAFieldIsOne(WindowRobot robot) {
        robot.interact(() -> robot.lookup("#stage-measure").query().requestFocus());
        robot.push(KeyCode.SHIFT, KeyCode.SLASH);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.whereabouts().isOpen(Over.KEYS)).isTrue();
        assertThat(robot.lookup("#keys .check-name").<Label>queryAll())
                .extracting(Label::getText)
                .contains("Ctrl+K", "F1", "Ctrl+P", "Ctrl+,", "?");
        robot.push(KeyCode.ESCAPE);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.whereabouts().isOpen(Over.KEYS)).isFalse();
        go(robot, "measure");
        robot.interact(() -> robot.lookup("#measure-waistGirth").query().requestFocus());
        robot.push(KeyCode.SHIFT, KeyCode.SLASH);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.whereabouts().isOpen(Over.KEYS)).isFalse();
    }

    @Test
    void words_growAtOnce_inTheWindowAndTheDrawings_andAreKept(WindowRobot robot) {
        double usual = robot.lookup("#stage-making").<Button>query().getFont().getSize();
        openSettings(robot);
        robot.interact(() -> robot.lookup("#text-largest").<ToggleButton>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#stage-making").<Button>query().getFont().getSize())
                .isCloseTo(1.5 * usual, within(0.1));
        assertThat(Lettering.figure().getSize()).isCloseTo(1.5 * 13, within(0.01));
        assertThat(TextSize.named(book.place(TextSize.KEPT).orElse(""))).isEqualTo(TextSize.LARGEST);
    }

    @Test
    void inchesInSixteenths_areForNewCommissions_andTheSwitchAboveSaysThem(WindowRobot robot) {
        openSettings(robot);
        robot.interact(
                () -> robot.lookup("#new-unit-in_16").<ToggleButton>query().fire());
        assertThat(workshop.unit()).isEqualTo(LengthUnit.CM);
        robot.interact(() -> robot.lookup("#unit-in").<ToggleButton>query().fire());
        assertThat(workshop.unit()).isEqualTo(LengthUnit.IN_16);
        assertThat(robot.lookup("#unit-in").<ToggleButton>query().getText()).isEqualTo("in ¹⁄₁₆");
        robot.interact(() -> workshop.deeds().begin());
        assertThat(workshop.unit()).isEqualTo(LengthUnit.IN_16);
    }

    @Test
    void aDay_isChosenInTheCalendarBesideItsField(WindowRobot robot) {
        openSettings(robot);
        robot.interact(() -> {
            robot.lookup("#week-sunday").<ToggleButton>query().fire();
            workshop.whereabouts().close();
            workshop.whereabouts().goTo(bathyra.app.workshop.Stage.MAKING);
        });
        retype(robot, "#making-due", "2027-02-10");
        robot.push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        Set<String> sundays = LocalDate.of(2026, 1, 4)
                .datesUntil(LocalDate.of(2028, 1, 1), Period.ofWeeks(1))
                .map(Days::say)
                .collect(Collectors.toSet());
        assertThat(robot.lookup(".week-name").<Label>queryAll())
                .isNotEmpty()
                .allMatch(l -> sundays.contains(l.getText()));
        robot.interact(
                () -> robot.lookup("#making-due-calendar").<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
        List<DateCell> days = robot
                .lookup(n -> n instanceof DateCell cell && cell.getStyleClass().contains("day-cell"))
                .queryAllAs(DateCell.class)
                .stream()
                .toList();
        // The last of January 2027 is a Sunday: it begins the first row.
        assertThat(days.get(0).getItem()).isEqualTo(LocalDate.of(2027, 1, 31));
        robot.clickOn(days.stream()
                .filter(d -> d.getItem().equals(LocalDate.of(2027, 2, 12)))
                .findFirst()
                .orElseThrow());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.commission().plan().due()).contains(LocalDate.of(2027, 2, 12));
    }
}
