package bathyra.app.shell;

import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.Control;
import javafx.stage.Window;

/** Gives the keyboard to what lies on a page, once the page stands and whatever was pressed has given its focus back. */
record Reach(Supplier<Window> window) {
    private Node found(String selector) {
        return window.get().getScene().lookup(selector);
    }

    private static void later(Runnable deed) {
        Platform.runLater(() -> Platform.runLater(deed));
    }

    /** To a field. */
    void field(String field) {
        later(() -> {
            Node found = found(field);
            if (found != null) {
                found.requestFocus();
            }
        });
    }

    /** To the first control of a part of a page. */
    void firstIn(String part) {
        later(() -> {
            if (found(part) instanceof Parent parent) {
                parent.lookupAll("*").stream()
                        .filter(n -> n instanceof Control && n.isFocusTraversable())
                        .findFirst()
                        .ifPresent(Node::requestFocus);
            }
        });
    }

    /** To a field that is there when a button has been pressed. */
    void behind(String button, String field) {
        later(() -> {
            if (found(button) instanceof ButtonBase pressed) {
                pressed.fire();
                field(field);
            }
        });
    }
}
