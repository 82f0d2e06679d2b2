package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.workshop.Over;
import bathyra.app.workshop.Workshop;
import java.util.LinkedHashSet;
import java.util.Set;
import java.util.concurrent.TimeUnit;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBoxBase;
import javafx.scene.control.Control;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Slider;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import org.junit.jupiter.api.Test;
import org.testfx.framework.junit5.Start;
import org.testfx.framework.junit5.Stop;
import org.testfx.util.WaitForAsyncUtils;

/** Everything by keyboard: every control of every page is reached with Tab and has a name that can be spoken. */
class KeyboardTest extends RealWindow {
    private static final int TABS_MOST = 400;
    private static final int ROUNDS = 4;
    private static final String UNREACHED = " is not reached";
    private Workshop workshop;

    @Start
    void start(Stage stage) throws Exception {
        workshop = beginAt(stage, "The Salt Queen", "heron.pdf");
    }

    @Stop
    void stop() {
        end();
    }

    @Test
    void everyControlOfEveryPage_isReachedWithTab_andHasAName(WindowRobot robot) {
        Set<String> wrong = new LinkedHashSet<>();
        everyPage(robot, workshop, where -> wrong.addAll(unreached(robot, where)));
        assertThat(String.join("\n", wrong)).isEmpty();
    }

    @Test
    void theArrowKeysInASwitch_doWhatTheyShow(WindowRobot robot) {
        robot.interact(() -> workshop.whereabouts().open(Over.OUTPUT));
        WaitForAsyncUtils.waitForFxEvents();
        robot.interact(() -> robot.lookup("#paper-a4").query().requestFocus());
        robot.push(KeyCode.RIGHT);
        WaitForAsyncUtils.waitForFxEvents();
        assertThat(robot.lookup("#paper-a3").<ToggleButton>query().isSelected()).isTrue();
        assertThat(workshop.book().place("packets").orElseThrow()).contains("TABLE.paper=a3");
    }

    /** Walks round the window with Tab, and names what was not met or has no name. What is worked out beside the work may come late. */
    private Set<String> unreached(WindowRobot robot, String where) {
        Set<Node> met = new LinkedHashSet<>();
        // A card is written anew for what has the focus: what stands on it then is the same to whoever uses it.
        Set<String> said = new LinkedHashSet<>();
        Set<String> wrong = new LinkedHashSet<>();
        for (int round = 0; round < ROUNDS && (round == 0 || !wrong.isEmpty()); round++) {
            if (round > 0) {
                WaitForAsyncUtils.sleep(2, TimeUnit.SECONDS);
            }
            WaitForAsyncUtils.waitForFxEvents();
            walk(robot, met, said);
            wrong.clear();
            robot.interact(() -> look(window.getScene().getRoot(), where, met, wrong));
            wrong.removeIf(each -> said.contains(each.replaceAll("^[^:]+: ", "").replace(UNREACHED, "")));
        }
        return wrong;
    }

    private void walk(WindowRobot robot, Set<Node> met, Set<String> said) {
        robot.interact(() -> {
            Node first = robot.lookup("#commission").query();
            first.requestFocus();
            for (int i = 0; i < TABS_MOST; i++) {
                window.getScene()
                        .getFocusOwner()
                        .fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.TAB, false, false, false, false));
                Node focused = window.getScene().getFocusOwner();
                met.add(focused);
                said.add(called(focused));
                if (focused == first) {
                    return;
                }
            }
        });
    }

    private static String called(Node node) {
        return node.getClass().getSimpleName() + " #" + node.getId() + " "
                + (node instanceof Labeled labeled ? labeled.getText() : "");
    }

    private static void look(Node node, String where, Set<Node> met, Set<String> wrong) {
        if (!node.isVisible() || node.isDisabled()) {
            return;
        }
        if (isUsed(node)) {
            String what = where + ": " + called(node);
            if (!met.contains(node) && !isInASwitchMet(node, met)) {
                wrong.add(what + UNREACHED);
            }
            if (spoken(node).isBlank()) {
                wrong.add(what + " has no name");
            }
            Pressing.over(node).ifPresent(over -> wrong.add(what + " lies under " + over + " for whoever presses it"));
        }
        boolean whole = node instanceof ListView || node instanceof ComboBoxBase || node instanceof TextInputControl;
        if (!whole && node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> look(child, where, met, wrong));
        }
    }

    /** In a switch the arrow keys lead from one to the next. */
    private static boolean isInASwitchMet(Node node, Set<Node> met) {
        return node instanceof ToggleButton toggle
                && toggle.getToggleGroup() != null
                && toggle.getToggleGroup().getToggles().stream().anyMatch(met::contains);
    }

    private static boolean isUsed(Node node) {
        return node instanceof Control
                && !(node instanceof Label)
                && !(node instanceof ScrollBar)
                && !(node instanceof ScrollPane)
                && (node instanceof ButtonBase
                        || node instanceof TextInputControl
                        || node instanceof ListView
                        || node instanceof Slider
                        || node instanceof ComboBoxBase);
    }

    private static String spoken(Node node) {
        if (node.getAccessibleText() != null) {
            return node.getAccessibleText();
        }
        return node instanceof Labeled labeled && labeled.getText() != null ? labeled.getText() : "";
    }
}
