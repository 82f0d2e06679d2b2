package bathyra.app.measure;

import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Reckoned;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** One measurement on the page: name, figure, the other unit, where it comes from; below it what is wrong, if anything is. */
final class MeasureRow extends VBox {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final PseudoClass ESTIMATE = PseudoClass.getPseudoClass("estimate");
    private static final PseudoClass RESTING = PseudoClass.getPseudoClass("resting");
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");

    private final MeasurementKey key;
    private final MeasureModel model;
    private final TextField field = new TextField();
    private final Label other = new Label();
    private final Label source = new Label();
    private final Label fault = new Label();
    private final HBox line;
    private boolean writing;

    MeasureRow(MeasurementKey key, MeasureModel model, Runnable laidDown) {
        this.key = key;
        this.model = model;
        Label name = new Label(key.label());
        name.getStyleClass().add("row-name");
        name.setTooltip(new Tooltip(key.label()));
        name.setLabelFor(field);
        other.getStyleClass().add("row-other");
        source.getStyleClass().add("row-source");
        fault.getStyleClass().add("row-fault");
        fault.setId("fault-" + key.key());
        field.setId("measure-" + key.key());
        field.setAccessibleText(key.label() + ". " + key.hint());
        line = new HBox(name, field, other, source);
        line.getStyleClass().add("measure-row");
        line.setOnMouseClicked(e -> field.requestFocus());
        getChildren().add(line);
        field.focusedProperty().addListener((o, was, now) -> {
            if (now) {
                model.inHandProperty().set(key);
                Platform.runLater(field::selectAll);
            } else {
                laidDown.run();
                show();
            }
        });
        field.textProperty().addListener((o, was, now) -> {
            if (!writing) {
                model.type(key, now);
                showState();
            }
        });
        show();
    }

    MeasurementKey key() {
        return key;
    }

    TextField field() {
        return field;
    }

    /** Writes the figure, unless it is being typed or waits to be put right. */
    void show() {
        if (!field.isFocused() && !model.isWaiting(key)) {
            writing = true;
            LengthUnit unit = model.unit();
            field.setText(model.isTaken(key) ? model.value(key).map(v -> LengthText.figure(v.length(), unit)).orElse("") : "");
            writing = false;
        }
        Optional<Reckoned> value = model.value(key);
        field.setPromptText(model.isTaken(key) ? "" : value.map(v -> "≈ " + LengthText.figure(v.length(), model.unit())).orElse("–"));
        showState();
    }

    private void showState() {
        Optional<Reckoned> value = model.value(key);
        other.setText(value.map(v -> LengthText.figure(v.length(), model.unit().other())).orElse(""));
        source.setText(model.source(key));
        Optional<String> wrong = model.fault(key);
        field.pseudoClassStateChanged(FAULT, wrong.isPresent());
        field.pseudoClassStateChanged(RESTING, !field.isFocused() && wrong.isEmpty());
        line.pseudoClassStateChanged(SELECTED, model.inHandProperty().get() == key);
        line.pseudoClassStateChanged(ESTIMATE, !model.isTaken(key));
        fault.setText(wrong.orElse(""));
        if (wrong.isPresent() && !getChildren().contains(fault)) {
            getChildren().add(fault);
        } else if (wrong.isEmpty()) {
            getChildren().remove(fault);
        }
    }
}
