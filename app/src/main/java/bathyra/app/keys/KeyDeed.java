package bathyra.app.keys;

import java.util.function.Predicate;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;

/**
 * Something that is done with a key wherever one is. The keys page and the menu are made from these, so that they say what is so.
 *
 * @param keys as one reads them
 * @param words what it does
 * @param inMenu whether it has a line in the menu as well
 */
public record KeyDeed(String keys, Predicate<KeyEvent> match, String words, boolean inMenu, Runnable run) {
    public static KeyDeed of(KeyCombination keys, String words, boolean inMenu, Runnable run) {
        return new KeyDeed(keys.getDisplayText(), keys::match, words, inMenu, run);
    }

    /** A sign that is typed, on whatever key it lies; not while one is typing. */
    public static KeyDeed sign(String sign, String words, Runnable run) {
        return new KeyDeed(
                sign,
                e -> e.getText().equals(sign)
                        && !e.isShortcutDown()
                        && !(e.getTarget() instanceof javafx.scene.control.TextInputControl),
                words,
                true,
                run);
    }
}
