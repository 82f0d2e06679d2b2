package bathyra.app.reckoning;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;

/** The rows that the cards beside a table are made of. */
public final class CardRows {
    private CardRows() {}

    /** A deed in words. */
    public static Button deed(String words, String id, Runnable run) {
        Button deed = new Button(words);
        deed.getStyleClass().add("deed");
        deed.setId(id);
        deed.setMinWidth(Region.USE_PREF_SIZE);
        deed.setOnAction(e -> run.run());
        return deed;
    }

    /** A deed in a sentence, over as many lines as it takes. */
    public static Button sentence(String words, String id, Runnable run) {
        Button deed = new Button(words);
        deed.getStyleClass().addAll("deed", "sentence");
        deed.setId(id);
        deed.setWrapText(true);
        deed.setMaxWidth(Double.MAX_VALUE);
        deed.setAlignment(Pos.CENTER_LEFT);
        deed.setOnAction(e -> run.run());
        return deed;
    }

    /** Things side by side. */
    public static HBox fields(Node... nodes) {
        HBox row = new HBox(nodes);
        row.getStyleClass().add("fields");
        return row;
    }

    /** A name that is typed; follows what it names while nobody types in it. */
    public static final class NameField extends TextField {
        private final Supplier<String> name;
        private boolean writing;

        /** @param spoken what it is the name of @param take gets what was typed, when it is any name */
        public NameField(String id, String spoken, int most, Supplier<String> name, Consumer<String> take) {
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

        public void refresh() {
            if (!isFocused()) {
                writing = true;
                setText(name.get());
                writing = false;
            }
        }
    }
}
