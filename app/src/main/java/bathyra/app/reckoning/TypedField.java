package bathyra.app.reckoning;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;

/** A figure that is read when it is finished: with Enter, or when the field is left. What was only passed through is not taken, so that a rounded figure never replaces the one on record. */
public final class TypedField extends TextField {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");

    private final Function<String, Optional<String>> take;
    private final Consumer<String> said;
    private String written = "";
    private boolean reading;

    /**
     * @param accessible what it is called
     * @param take takes what was typed, or says what is wrong with it
     * @param said hears what is wrong; empty for nothing
     */
    public TypedField(String id, String accessible, Function<String, Optional<String>> take, Consumer<String> said) {
        this.take = take;
        this.said = said;
        setId(id);
        setAccessibleText(accessible);
        setOnAction(e -> read());
        focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                read();
            }
        });
    }

    private void read() {
        if (reading) {
            return;
        }
        reading = true;
        Optional<String> wrong = isTypedOver() ? take.apply(getText()) : Optional.empty();
        pseudoClassStateChanged(FAULT, wrong.isPresent());
        said.accept(wrong.orElse(""));
        reading = false;
    }

    /** Whether something else stands in it than was last written. */
    public boolean isTypedOver() {
        return !getText().equals(written);
    }

    /** Shows what stands on record, unless somebody is typing. */
    public void write(String text) {
        written = text;
        if ((!isFocused() || reading) && !getText().equals(text)) {
            setText(text);
            pseudoClassStateChanged(FAULT, false);
        }
    }
}
