package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.garment.BoneKind;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** The Bones stage in the real window. */
class BonesWindowTest extends RealWindow {
    @Start
    void start(Stage stage) throws Exception {
        begin(stage);
    }

    @Stop
    void stop() {
        end();
    }

    private static void pick(WindowRobot robot, String menu, String item) {
        robot.interact(() -> ((MenuButton) robot.lookup(menu).query())
                .getItems().stream()
                        .filter(i -> item.equals(i.getId()))
                        .findFirst()
                        .orElseThrow()
                        .fire());
        WaitForAsyncUtils.waitForFxEvents();
    }

    private static boolean isSaid(WindowRobot robot, String words) {
        return robot.lookup(".words").queryAllAs(Label.class).stream()
                .anyMatch(l -> l.getText().replace('\u00a0', ' ').contains(words));
    }

    @Test
    void aBone_isAddedToAPanel_dragged_movedByKeys_andTakenBackByUndo(WindowRobot robot) {
        go(robot, "bones");
        pick(robot, "#bone-add", "bone-add-B2");
        assertThat(text(robot, "#undo")).isEqualTo("Undo channel in the side back");
        assertThat(text(robot, ".card-title")).endsWith("In the side back");
        Node handle = robot.lookup("#bone-middle").query();
        robot.drag(handle).moveBy(18, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).isEqualTo("Undo in the side back moved");
        robot.interact(() -> robot.lookup("#bone-middle").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(isSaid(robot, "placed by you")).isTrue();
        click(robot, "#bone-out");
        assertThat(text(robot, "#undo")).isEqualTo("Undo in the side back left out");
        click(robot, "#undo");
        assertThat(text(robot, "#undo")).isEqualTo("Undo in the side back moved");
    }

    @Test
    void theEndOfABone_isPulled_andItsLengthFollows(WindowRobot robot) {
        go(robot, "bones");
        click(robot, "#bone-next");
        assertThat(text(robot, ".card-title")).isEqualTo("1 Centre front");
        assertThat(isSaid(robot, "placed by rule")).isTrue();
        Node top = robot.lookup("#bone-top").query();
        robot.drag(top).moveBy(0, 40).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(text(robot, "#undo")).startsWith("Undo centre front ends ").endsWith("below the upper edge");
        click(robot, "#bone-rule");
        assertThat(isSaid(robot, "placed by rule")).isTrue();
    }

    @Test
    void aKind_isChosen_andTheListToBuyFollows(WindowRobot robot) {
        go(robot, "bones");
        click(robot, "#bone-next");
        pick(robot, "#bone-kind", "bone-kind-" + BoneKind.FLAT_STEEL.id());
        assertThat(text(robot, "#undo")).isEqualTo("Undo centre front: flat steel");
        click(robot, "#bones-card-buy");
        assertThat(robot.lookup(".section-title").queryAllAs(Label.class))
                .extracting(Label::getText)
                .anyMatch(t -> t.startsWith("Flat steel, 7 mm: 1 bone,"));
    }

    @Test
    void aChannelPulledToTheEdge_hasNoRoom_andThatIsSaid(WindowRobot robot) throws Exception {
        go(robot, "bones");
        pick(robot, "#bone-add", "bone-add-B2");
        Node handle = robot.lookup("#bone-middle").query();
        robot.drag(handle).moveBy(300, 0).drop();
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(isSaid(robot, "Move it, take a narrower bone, or end it sooner")
                        || isSaid(robot, "Move one, end it sooner"))
                .isTrue();
    }
}
