package bathyra.app.lay;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** The rows that the cards of the Lay stage are made of. */
final class CardRows {
    private CardRows() {}

    static Button deed(String words, String id, Runnable run) {
        Button deed = new Button(words);
        deed.getStyleClass().add("deed");
        deed.setId(id);
        deed.setMinWidth(Region.USE_PREF_SIZE);
        deed.setOnAction(e -> run.run());
        return deed;
    }

    static HBox fields(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("fields");
        return row;
    }

    /** A name that is typed; follows what it names while nobody types in it. */
    static final class NameField extends TextField {
        private final Supplier<String> name;
        private boolean writing;

        /** @param spoken what it is the name of @param take gets what was typed, when it is any name */
        NameField(String id, String spoken, int most, Supplier<String> name, Consumer<String> take) {
            this.name = name;
            setId(id);
            setAccessibleText(spoken);
            HBox.setHgrow(this, Priority.ALWAYS);
            textProperty().addListener((o, was, now) -> {
                if (!writing && !now.isBlank() && now.strip().length() <= most) {
                    take.accept(now.strip());
                }
            });
            focusedProperty().addListener((o, was, now) -> refresh());
            refresh();
        }

        void refresh() {
            if (!isFocused()) {
                writing = true;
                setText(name.get());
                writing = false;
            }
        }
    }
}
