package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import javafx.scene.control.Label;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** Busk and eyelets of a laced corset in the real window. */
class HardwareWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    @Override
    void open(Path file) throws Exception {
        openAt(file, "The Salt Queen");
    }

    private static String said(WindowRobot robot) {
        return String.join(
                "\n",
                robot.lookup(".words").queryAllAs(Label.class).stream()
                        .map(l -> l.getText().replace('\u00a0', ' '))
                        .toList());
    }

    @Test
    void aBuskLongerThanTheFront_andEyeletsUnderTheirRims_areSaid_withWhatWouldWork(WindowRobot robot) {
        go(robot, "bones");
        robot.clickOn("#bones-card-hardware");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(said(robot)).contains("A busk of 32.5 cm fits the 35.5 cm of centre front");
        retype(robot, "#option-busk", "45");
        assertThat(said(robot))
                .contains(
                        "The busk of 45.0 cm is longer than the 33.5 cm that centre front leaves for it. Take 32.5 cm.");
        retype(robot, "#option-eyelets", "0.9");
        assertThat(said(robot)).contains("they would overlap").contains("to 2.5 cm is usual");
        retype(robot, "#option-eyelets", "9");
        assertThat(text(robot, "#fault-eyelets")).contains("from 0.8 to 4.0 cm");
    }

    @Test
    void theListToBuy_namesBuskEyeletsCordAndTape(WindowRobot robot) {
        go(robot, "bones");
        robot.clickOn("#bones-card-buy");
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup(".section-title").queryAllAs(Label.class))
                .extracting(l -> l.getText().replace('\u00a0', ' '))
                .contains("Busk 32.5 cm", "26 eyelets", "Cord 642.7 cm", "Waist tape 2 × 40.3 cm");
    }
}
