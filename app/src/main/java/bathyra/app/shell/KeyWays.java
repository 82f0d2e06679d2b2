package bathyra.app.shell;

import bathyra.app.keyboard.PlaceKey;
import java.util.List;
import javafx.scene.Scene;
import javafx.scene.control.TextArea;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleButton;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;

/**
 * The ways of the keyboard where the toolkit's own lead nowhere: Tab leaves a field of several lines instead of being written into it, and
 * the arrow keys in a switch do what they show.
 */
final class KeyWays {
    private KeyWays() {}

    static void watch(Scene scene) {
        scene.addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getTarget() instanceof TextArea area && PlaceKey.NEXT.is(e.getCode()) && !e.isControlDown()) {
                e.consume();
                leave(area, e.isShiftDown());
            } else if (e.getTarget() instanceof ToggleButton button
                    && button.getToggleGroup() != null
                    && step(e) != 0) {
                e.consume();
                choose(button, step(e));
            }
        });
    }

    /** With the key that the toolkit has for it. */
    private static void leave(TextArea area, boolean back) {
        area.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.TAB, back, true, false, false));
    }

    private static int step(KeyEvent e) {
        return PlaceKey.CHOICE.is(e.getCode()) ? PlaceKey.isBack(e) ? -1 : 1 : 0;
    }

    private static void choose(ToggleButton from, int step) {
        List<Toggle> all = from.getToggleGroup().getToggles();
        int at = all.indexOf(from) + step;
        if (at >= 0 && at < all.size() && all.get(at) instanceof ToggleButton next && !next.isDisabled()) {
            next.requestFocus();
            if (!next.isSelected()) {
                next.fire();
            }
        }
    }
}
