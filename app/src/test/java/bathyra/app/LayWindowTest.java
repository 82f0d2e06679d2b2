package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Workshop;
import bathyra.files.json.PriceListJson;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Lay stage in the real window. */
class LayWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        begin(stage, "heron.csv");
    }

    @Stop
    void stop() {
        end();
    }

    @Override
    void open(Path file) throws Exception {
        workshop = openAt(file, "The Heron");
    }

    private static void press(WindowRobot robot, String query) {
        robot.interact(() -> ((Button) robot.lookup(query).query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void laid(WindowRobot robot) throws Exception {
        go(robot, "lay");
        WaitForAsyncUtils.waitFor(
                30,
                TimeUnit.SECONDS,
                () -> text(robot, "#lay-figures").startsWith("To buy")
                        && !robot.lookup("#lay-progress").query().isVisible());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void oneWay(WindowRobot robot, boolean nap) throws Exception {
        robot.clickOn("#lay-card-cloth");
        WaitForAsyncUtils.waitForFxEvents();
        if (((CheckBox) robot.lookup("#cloth-one-way").query()).isSelected() != nap) {
            robot.clickOn("#cloth-one-way");
            WaitForAsyncUtils.waitForFxEvents();
        }
        robot.clickOn("#lay-card-lay");
        laid(robot);
    }

    @Test
    void aPiece_isPulled_andStopsWhereItWouldTouchAnother(WindowRobot robot) throws Exception {
        laid(robot);
        press(robot, "#lay-next");
        robot.interact(() -> robot.lookup("#lay-piece").query().requestFocus());
        robot.push(KeyCode.LEFT);
        WaitForAsyncUtils.waitForFxEvents();
        Node handle = robot.lookup("#lay-piece").query();
        robot.drag(handle).moveBy(-60, 130).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).contains(" moved on the fashion");
        assertThat(text(robot, "#lay-figures")).doesNotContain("touch another");
        press(robot, "#lay-anew");
        laid(robot);
        assertThat(text(robot, "#undo")).isEqualTo("Undo lay of the fashion anew");
    }

    @Test
    void withANap_aPieceMayNotBeTurned_andWithoutOneItMay(WindowRobot robot) throws Exception {
        laid(robot);
        assertThat(robot.lookup("#lay-turn").query().isDisabled()).isTrue();
        oneWay(robot, true);
        press(robot, "#lay-next");
        press(robot, "#lay-turn");
        assertThat(text(robot, "#lay-said")).contains("no piece may be turned end for end");
        oneWay(robot, false);
        press(robot, "#lay-next");
        robot.interact(() -> robot.lookup("#lay-piece").query().requestFocus());
        // Well below the others there is room to turn.
        Node piece = robot.lookup("#lay-piece").query();
        robot.drag(piece).moveBy(0, 330).drop();
        WaitForAsyncUtils.waitForFxEvents();
        press(robot, "#lay-turn");
        assertThat(text(robot, "#lay-said")).isEmpty();
        assertThat(text(robot, "#undo")).endsWith("turned on the fashion");
    }

    @Test
    void aLayInProgress_isStopped_andTheBestSoFarStays(WindowRobot robot) throws Exception {
        // Twelve pieces on a cloth on which they lie in several rows leave much to try.
        robot.interact(() -> workshop.deeds()
                .switchTo(workshop.entries().stream()
                        .filter(e -> e.title().startsWith("The Salt Queen"))
                        .findFirst()
                        .orElseThrow()
                        .id()));
        go(robot, "lay");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> robot.lookup("#lay-progress")
                .query()
                .isVisible());
        assertThat(((ProgressBar) robot.lookup("#lay-progress").query()).getProgress())
                .isLessThan(1);
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#lay-figures").startsWith("To buy"));
        press(robot, "#lay-stop");
        WaitForAsyncUtils.waitFor(30, TimeUnit.SECONDS, () -> !robot.lookup("#lay-progress")
                .query()
                .isVisible());
        assertThat(text(robot, "#lay-figures")).startsWith("To buy");
    }

    @Test
    void clothNarrowerThanAPiece_isSaid_withWhatWouldWork(WindowRobot robot) throws Exception {
        laid(robot);
        robot.clickOn("#lay-card-cloth");
        retype(robot, "#cloth-width", "30");
        robot.interact(() -> ((CheckBox) robot.lookup("#cloth-folded").query()).fire());
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#lay-figures"))
                .contains("wide, and the folded cloth leaves")
                .contains("Lay it open");
        retype(robot, "#cloth-width", "3");
        assertThat(text(robot, "#fault-cloth-width")).isEqualTo("Width: 3 is no such number; a number from 30 to 320.");
        retype(robot, "#cloth-width", "127");
        robot.clickOn("#unit-in");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#cloth-width")).isEqualTo("50.0");
    }

    @Test
    void pricesThatAreNoNumbers_areSaid_andGoodOnesStayInTheBook(WindowRobot robot) throws Exception {
        laid(robot);
        robot.clickOn("#lay-card-prices");
        retype(robot, "#price-cord", "cheap");
        assertThat(text(robot, "#fault-price-cord"))
                .contains("cheap is no such number")
                .contains("from 0 to 100000");
        retype(robot, "#price-cord", "1,35");
        assertThat(text(robot, "#fault-price-cord")).isEmpty();
        retype(robot, "#busk-stock-0", "11.75");
        retype(robot, "#busk-stock-0-length", "21");
        press(robot, "#busk-stock-1-remove");
        var kept = PriceListJson.read(book.place("prices").orElseThrow());
        assertThat(kept.cord()).isEqualTo(1.35);
        assertThat(kept.busks().get(0).price()).isEqualTo(11.75);
        assertThat(kept.busks().get(0).length()).isEqualTo(210);
        assertThat(kept.busks()).hasSize(10);
    }

    @Test
    void notionsAndHours_standInTheBill_andTheBillIsWritten(WindowRobot robot) throws Exception {
        laid(robot);
        robot.clickOn("#lay-card-bill");
        WaitForAsyncUtils.waitForFxEvents();
        double before = total(robot);
        press(robot, "#add-notion");
        retype(robot, "#notion-0", "Hook");
        retype(robot, "#notion-count-0", "3");
        retype(robot, "#notion-price-0", "0.5");
        press(robot, "#add-work");
        retype(robot, "#work-hours-0", "2,5");
        // 3 at 0.50 and 2.5 h at 30.
        assertThat(total(robot) - before).isCloseTo(1.5 + 75, org.assertj.core.api.Assertions.within(0.001));
        press(robot, "#bill-csv");
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#written").startsWith("Written"));
        assertThat(Files.readString(output)).contains("Hook").contains(String.format("%.2f", total(robot)));
    }

    private static double total(WindowRobot robot) {
        String title = robot.lookup(".card-title").queryAs(Label.class).getText();
        return Double.parseDouble(title.replaceAll("[^0-9.]", ""));
    }
}
