package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.shell.BathyraWindow;
import bathyra.app.shell.WholeWords;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.book.WorkshopBook;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** A newcomer's path on a new book, from a made-up wearer to a printed toile, by the keyboard alone. */
class FirstStepsWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
        stage.hide();
        book.close();
        reopen();
    }

    private void reopen() throws Exception {
        book = WorkshopBook.open(folder.resolve("new.sqlite"));
        workshop = new Workshop(book);
        BathyraWindow.show(window, workshop, Files.always(output));
    }

    @Stop
    void stop() {
        end();
    }

    private static void go(WindowRobot robot) {
        robot.interact(() -> robot.lookup("#first-step-go").query().requestFocus());
        robot.push(KeyCode.SPACE);
        WaitForAsyncUtils.waitForFxEvents();
    }

    private void until(WindowRobot robot, String words) throws Exception {
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#first-step").startsWith(words));
    }

    private static void type(WindowRobot robot, String field, String figure) {
        robot.interact(() -> robot.lookup(field).query().requestFocus());
        robot.push(KeyCode.CONTROL, KeyCode.A).write(figure).push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void fromAMadeUpWearer_toAPrintedToile_byKeys_andTakenUpWhereItWasLeft(WindowRobot robot) throws Exception {
        until(robot, "Begin with a made-up wearer");
        assertThat(robot.lookup(".rail-stage .why").<Label>queryAll())
                .as("what is missing is said whole on the rail")
                .isNotEmpty()
                .noneMatch(WholeWords::isCut);
        go(robot);
        assertThat(workshop.commission().measurements().taken()).isNotEmpty();
        until(robot, "Measure");
        type(robot, "#measure-waistGirth", "72");
        until(robot, "Girths");
        robot.interact(() -> {
            book.close();
            try {
                reopen();
            } catch (Exception e) {
                throw new IllegalStateException(e);
            }
        });
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#first-step")).as("where it was left").startsWith("Girths");
        go(robot);
        type(robot, "#ease-percent", "-3");
        until(robot, "Seams");
        go(robot);
        robot.interact(() -> robot.lookup("#sounding-waist-side").query().requestFocus());
        robot.push(KeyCode.UP);
        until(robot, "Pieces");
        go(robot);
        until(robot, "Output");
        go(robot);
        assertThat(workshop.whereabouts().isOpen(Over.OUTPUT)).isTrue();
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> text(robot, "#packet-count").matches("\\d+"));
        robot.interact(() -> robot.lookup("#packet-TABLE").query().requestFocus());
        robot.push(KeyCode.ENTER);
        until(robot, "Print it at 100 %");
        go(robot);
        assertThat(robot.lookup("#first-steps").query().isVisible()).isFalse();
        assertThat(book.place("first-steps")).contains("over");
    }

    @Test
    void itIsSkipped_left_andBegunAgainByItsName(WindowRobot robot) throws Exception {
        go(robot);
        robot.clickOn("#first-step-skip");
        until(robot, "Girths");
        robot.clickOn("#first-steps-leave");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#first-steps").query().isVisible()).isFalse();
        robot.push(KeyCode.CONTROL, KeyCode.K);
        robot.write("First steps").push(KeyCode.ENTER);
        until(robot, "Begin with a made-up wearer");
    }
}
