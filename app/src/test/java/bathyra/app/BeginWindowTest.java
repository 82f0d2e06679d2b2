package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Closure;
import bathyra.garment.GarmentKind;
import bathyra.garment.HouseStyle;
import java.util.concurrent.TimeUnit;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.shape.SVGPath;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The four questions before a new commission. */
class BeginWindowTest extends RealWindow {
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "heron.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    private void openPage(WindowRobot robot) {
        robot.interact(() -> workshop.whereabouts().open(Over.NEW));
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static void fire(WindowRobot robot, String button) {
        robot.interact(() -> robot.lookup(button).<Button>query().fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    @Test
    void aWearerWhoIsKnown_standsOnADraftAtOnce(WindowRobot robot) {
        openPage(robot);
        assertThat(robot.lookup("#begin").query().isDisabled()).as("nobody yet").isTrue();
        retype(robot, "#begin-wearer", "maren achterberg");
        fire(robot, "#begin-underbust");
        fire(robot, "#begin-back-lacing");
        fire(robot, "#begin");
        assertThat(workshop.whereabouts().isOpen(Over.NEW)).isFalse();
        assertThat(workshop.commission().garment().kind()).isEqualTo(GarmentKind.UNDERBUST);
        assertThat(workshop.commission().garment().fastening().closure()).isEqualTo(Closure.BACK_LACING);
        assertThat(workshop.commission().measurements().taken()).isNotEmpty();
        assertThat(workshop.draft()).isPresent();
        assertThat(workshop.refusal()).isEmpty();
    }

    @Test
    void aStyleOfTheHouse_isKeptWithoutABody_andBegun(WindowRobot robot) {
        openPage(robot);
        fire(robot, "#begin-corset");
        fire(robot, "#begin-side-zip");
        robot.interact(() -> robot.lookup("#style-name").<TextField>query().requestFocus());
        robot.write("Quay corset").push(KeyCode.ENTER);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(workshop.kept().houseStyles().get())
                .extracting(HouseStyle::name)
                .containsExactly("Quay corset");
        retype(robot, "#begin-wearer", "Isaura Quillfeather");
        fire(robot, "#begin-style-0");
        fire(robot, "#begin");
        assertThat(workshop.commission().garment().fastening().closure()).isEqualTo(Closure.SIDE_ZIP);
        assertThat(workshop.commission().wearer().name()).isEqualTo("Isaura Quillfeather");
        assertThat(workshop.commission().measurements().taken()).isEmpty();
        openPage(robot);
        fire(robot, "#style-remove-0");
        assertThat(workshop.kept().houseStyles().get()).isEmpty();
    }

    @Test
    void everyChoice_hasItsPicture(WindowRobot robot) throws Exception {
        openPage(robot);
        WaitForAsyncUtils.waitFor(
                60, TimeUnit.SECONDS, () -> robot.lookup(".choice-card .sketch").<SVGPath>queryAll().stream()
                        .noneMatch(p -> p.getContent().isEmpty()));
        assertThat(robot.lookup(".choice-card").queryAll()).hasSizeGreaterThan(9);
    }
}
