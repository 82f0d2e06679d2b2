package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.book.Commissions.Entry;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.SVGPath;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The book as a place: looked at in several ways, several at once, thrown away and taken back. */
class ShelfWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    private static ListView<Entry> list(WindowRobot robot) {
        return robot.lookup("#shelf").query();
    }

    private static void openBook(WindowRobot robot) {
        robot.push(KeyCode.F2);
        WaitForAsyncUtils.waitForFxEvents();
    }

    /** Chooses by the words of a choice. */
    private static void choose(WindowRobot robot, String box, String label) {
        robot.interact(() -> {
            ComboBox<Object> choices = robot.lookup(box).query();
            choices.getItems().stream()
                    .filter(i -> choices.getConverter().toString(i).equals(label))
                    .findFirst()
                    .ifPresent(choices::setValue);
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void fire(WindowRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static List<String> wearers(WindowRobot robot) {
        return list(robot).getItems().stream().map(Entry::wearer).toList();
    }

    @Test
    void theListIsLookedAt_inSeveralWays_andStaysSo(WindowRobot robot) {
        openBook(robot);
        int all = list(robot).getItems().size();
        choose(robot, "#shelf-kind", "Underbusts");
        assertThat(list(robot).getItems()).hasSizeBetween(1, all - 1).allMatch(e -> book.commissions()
                .find(e.id())
                .orElseThrow()
                .garment()
                .kind()
                .id()
                .equals("underbust"));
        choose(robot, "#shelf-kind", "Every kind");
        robot.interact(() -> {
            ComboBox<String> productions = robot.lookup("#shelf-production").query();
            productions.setValue(productions.getItems().get(1));
        });
        assertThat(list(robot).getItems()).hasSizeGreaterThan(1);
        assertThat(list(robot).getItems().stream().map(Entry::title).distinct()).hasSize(1);
        robot.interact(() -> robot.lookup("#shelf-production")
                .<ComboBox<String>>query()
                .getSelectionModel()
                .selectFirst());
        assertThat(list(robot).getItems()).hasSize(all);
        choose(robot, "#shelf-order", "By wearer");
        assertThat(wearers(robot)).isSorted();
        robot.push(KeyCode.ESCAPE);
        go(robot, "seams");
        openBook(robot);
        assertThat(wearers(robot)).as("as it was left").isSorted();
    }

    @Test
    void everyGarment_isShownAsASmallDrawing(WindowRobot robot) throws Exception {
        openBook(robot);
        WaitForAsyncUtils.waitFor(
                60,
                TimeUnit.SECONDS,
                () -> robot.lookup(".sketch").<SVGPath>queryAll().stream()
                                .filter(Node::isVisible)
                                .filter(p -> !p.getContent().isEmpty())
                                .count()
                        > 5);
    }

    @Test
    void severalAtOnce_getTheirDay_areArchived_andThrownAway(WindowRobot robot) {
        openBook(robot);
        robot.interact(() -> {
            list(robot).getSelectionModel().clearSelection();
            list(robot).getSelectionModel().selectRange(8, 11);
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, ".card-title")).isEqualTo("3 commissions");
        List<Long> chosen =
                list(robot).getItems().subList(8, 11).stream().map(Entry::id).toList();
        robot.interact(() -> robot.lookup("#many-due").<TextField>query().requestFocus());
        robot.write("2027-02-14").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(book.commissions().entries())
                .filteredOn(e -> chosen.contains(e.id()))
                .allMatch(e -> e.due().equals(Optional.of(LocalDate.of(2027, 2, 14))));
        select(robot, chosen);
        fire(robot, "#many-archive");
        assertThat(book.commissions().entries())
                .filteredOn(Entry::archived)
                .extracting(Entry::id)
                .containsAll(chosen);
        robot.clickOn("#archived");
        select(robot, chosen);
        fire(robot, "#many-throw");
        assertThat(book.trash().list()).hasSize(3);
    }

    private static void select(WindowRobot robot, List<Long> ids) {
        robot.interact(() -> {
            list(robot).getSelectionModel().clearSelection();
            for (int i = 0; i < list(robot).getItems().size(); i++) {
                if (ids.contains(list(robot).getItems().get(i).id())) {
                    list(robot).getSelectionModel().select(i);
                }
            }
        });
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void theOneInHand_isThrownAway_anotherIsTaken_andItComesBack(WindowRobot robot) {
        String title = text(robot, "#commission");
        openBook(robot);
        int all = list(robot).getItems().size();
        fire(robot, "#throw-away");
        assertThat(list(robot).getItems()).hasSize(all - 1);
        assertThat(text(robot, "#commission")).isNotEqualTo(title);
        choose(robot, "#shelf-which", "Trash");
        assertThat(list(robot).getItems()).extracting(Entry::title).containsExactly(title);
        fire(robot, "#take-back");
        choose(robot, "#shelf-which", "All");
        assertThat(list(robot).getItems()).hasSize(all);
    }

    @Test
    void aWearersPage_hasWhatWasMade_andHerSetsOverTime(WindowRobot robot) {
        robot.interact(() -> {
            Commission heron = book.commissions().find(1).orElseThrow();
            MeasurementSet now = heron.measurements();
            book.measurings().keep(heron.withMeasurements(dated(now, LocalDate.of(2026, 3, 1))));
            book.measurings()
                    .keep(heron.withMeasurements(
                            dated(now.with(MeasurementKey.WAIST, Length.mm(730)), LocalDate.of(2026, 11, 1))));
        });
        openBook(robot);
        fire(robot, "#show-wearer");
        assertThat(robot.lookup("#wearer-page").tryQuery()).isPresent();
        List<String> charts = robot
                .lookup(n ->
                        n.getAccessibleText() != null && n.getAccessibleText().startsWith("Waist: "))
                .<Node>queryAll()
                .stream()
                .map(Node::getAccessibleText)
                .toList();
        assertThat(charts).singleElement().asString().contains("on 2026-03-01").endsWith("73.0\u00a0cm on 2026-11-01");
        fire(robot, "#wearer-back");
        assertThat(list(robot).getItems()).isNotEmpty();
    }

    private static MeasurementSet dated(MeasurementSet set, LocalDate day) {
        return set.on(set.occasion().on(day));
    }
}
