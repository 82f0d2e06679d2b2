package bathyra.app.reckoning;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.DoubleConsumer;
import java.util.function.DoubleSupplier;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** A plain number that is typed: a price, a share, hours. Taken while it is typed; what is wrong is said beneath it. */
public final class NumberField extends VBox {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private final Kind kind;
    private final DoubleSupplier value;
    private final DoubleConsumer take;
    private final Label name = new Label();
    private final TextField field = new TextField();
    private final Label fault = new Label();
    private boolean writing;
    private Optional<String> wrong = Optional.empty();

    /**
     * What is typed.
     *
     * @param label what it is called
     * @param unit what stands behind it
     * @param decimals how many are shown
     */
    public record Kind(String id, String label, String unit, double least, double most, int decimals) {}

    /** @param layDown ends the change: the next one is another */
    public NumberField(Kind kind, DoubleSupplier value, DoubleConsumer take, Runnable layDown) {
        this.kind = kind;
        this.value = value;
        this.take = take;
        getStyleClass().add("option");
        name.setText(kind.label());
        name.setWrapText(true);
        name.setLabelFor(field);
        name.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(name, Priority.ALWAYS);
        field.setId(kind.id());
        field.setAccessibleText(kind.label() + ", " + kind.unit());
        Label unit = new Label(kind.unit());
        unit.setMinWidth(Region.USE_PREF_SIZE);
        HBox row = new HBox(name, field, unit);
        row.getStyleClass().add("fields");
        fault.getStyleClass().add("row-fault");
        fault.setId("fault-" + kind.id());
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        fault.visibleProperty().bind(fault.textProperty().isNotEmpty());
        getChildren().addAll(row, fault);
        field.textProperty().addListener((o, was, now) -> {
            if (!writing) {
                read(now);
            }
        });
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now && wrong.isEmpty()) {
                layDown.run();
                refresh();
            }
        });
        field.setOnAction(e -> {
            layDown.run();
            refresh();
        });
        refresh();
    }

    /** The field without its label, where a heading names it; the label is still spoken and stands in what is said. */
    public NumberField bare() {
        name.setManaged(false);
        name.setVisible(false);
        return this;
    }

    private void read(String text) {
        OptionalDouble number = TypedNumber.read(text);
        if (number.isPresent() && number.getAsDouble() >= kind.least() && number.getAsDouble() <= kind.most()) {
            wrong = Optional.empty();
            take.accept(number.getAsDouble());
        } else {
            wrong = Optional.of(kind.label() + ": "
                    + (text.isBlank() ? "nothing stands there" : text.strip() + " is no such number")
                    + "; a number from " + figure(kind.least()) + " to " + figure(kind.most()) + ".");
        }
        field.pseudoClassStateChanged(FAULT, wrong.isPresent());
        fault.setText(wrong.orElse(""));
    }

    private String figure(double number) {
        return number == Math.rint(number)
                ? String.format(Locale.ROOT, "%.0f", number)
                : String.format(Locale.ROOT, "%." + kind.decimals() + "f", number);
    }

    /** Forgets what was typed and is no number: the field stands for another value now. */
    public void anew() {
        wrong = Optional.empty();
        field.pseudoClassStateChanged(FAULT, false);
        fault.setText("");
        refresh();
    }

    /** Writes the value in use, unless another is being typed or waits to be put right. */
    public void refresh() {
        if (!field.isFocused() && wrong.isEmpty()) {
            writing = true;
            field.setText(String.format(Locale.ROOT, "%." + kind.decimals() + "f", value.getAsDouble()));
            writing = false;
        }
    }
}
