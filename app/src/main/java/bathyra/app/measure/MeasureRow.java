package bathyra.app.measure;

import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
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
    private final Button confirm = new Button("Taken twice, correct");
    private final HBox line;
    private final TextField right = new TextField();
    private final Label rightFault = new Label();
    private final HBox rightLine;
    private boolean opened;
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
        confirm.getStyleClass().add("deed");
        confirm.setId("confirm-" + key.key());
        confirm.setOnAction(e -> model.confirm(key, true));
        rightLine = rightLine(laidDown);
        field.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            // No length holds an L, so the letter is free to open the right side.
            if (key.isPaired() && e.getCharacter().equalsIgnoreCase("l")) {
                e.consume();
                opened = true;
                showState();
                right.requestFocus();
            }
        });
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

    private HBox rightLine(Runnable laidDown) {
        Label name = new Label("right");
        name.getStyleClass().addAll("row-name", "row-right");
        right.setId("measure-" + key.key() + "-right");
        right.setAccessibleText(key.label() + ", right side");
        rightFault.getStyleClass().add("row-fault");
        right.textProperty().addListener((o, was, now) -> {
            if (!writing) {
                String reason = model.typeRight(key, now);
                right.pseudoClassStateChanged(FAULT, !reason.isEmpty());
                rightFault.setText(reason);
                showState();
            }
        });
        right.focusedProperty().addListener((o, was, now) -> {
            if (now) {
                model.inHandProperty().set(key);
                Platform.runLater(right::selectAll);
            } else {
                laidDown.run();
                opened = false;
                show();
            }
        });
        HBox box = new HBox(name, right);
        box.getStyleClass().add("measure-row");
        return box;
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
        if (!right.isFocused() && rightFault.getText().isEmpty()) {
            writing = true;
            right.setText(model.right(key).map(l -> LengthText.figure(l, model.unit())).orElse(""));
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
        List<Node> parts = new ArrayList<>(List.of(line));
        if (wrong.isPresent()) {
            parts.add(fault);
        }
        if (model.isOutOfRange(key)) {
            parts.add(confirm);
        }
        if (opened || right.isFocused() || model.right(key).isPresent()) {
            parts.add(rightLine);
        }
        if (!rightFault.getText().isEmpty()) {
            parts.add(rightFault);
        }
        if (!getChildren().equals(parts)) {
            // The line itself stays where it is, so that one can go on typing in it.
            getChildren().retainAll(parts);
            for (int i = 0; i < parts.size(); i++) {
                if (i >= getChildren().size() || getChildren().get(i) != parts.get(i)) {
                    getChildren().add(i, parts.get(i));
                }
            }
        }
    }
}
