package bathyra.app.shell;

import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Labeled;
import javafx.scene.control.Tooltip;
import javafx.scene.input.MouseEvent;
import javafx.scene.text.Text;

/** Whatever is too long for its place is read whole by resting on it: names and titles are as long as people make them. */
public final class WholeWords {
    private WholeWords() {}

    /** Watches a whole window. */
    static void watch(Scene scene) {
        scene.addEventFilter(MouseEvent.MOUSE_ENTERED_TARGET, e -> {
            if (e.getTarget() instanceof Node node) {
                labeled(node);
            }
        });
    }

    private static void labeled(Node node) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (each instanceof Labeled labeled) {
                if (labeled.getTooltip() == null && isCut(labeled)) {
                    Tooltip whole = new Tooltip();
                    whole.textProperty().bind(labeled.textProperty());
                    labeled.setTooltip(whole);
                }
                return;
            }
        }
    }

    /** Whether less of the words is shown than there is. */
    public static boolean isCut(Labeled labeled) {
        return labeled.getText() != null
                && !labeled.getText().isEmpty()
                && labeled.lookup(".text") instanceof Text shown
                && !plain(shown.getText()).equals(plain(labeled.getText()));
    }

    /** Words are broken where there is no room, and spaces go there. */
    private static String plain(String text) {
        return text.replaceAll("\\s", "");
    }
}
