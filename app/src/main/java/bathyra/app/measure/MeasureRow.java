package bathyra.app.measure;

import bathyra.app.glossary.DrawnWords;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.AccessibleRole;
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
    private final Runnable laidDown;
    /** Stands for the field until it is first taken up: two dozen text fields would double the time until the page is seen. */
    private final Label resting = new Label();

    private final Label other = new Label();
    private final Label source = new Label();
    private final Label fault = new Label();
    private final Button confirm = new Button("Taken twice, correct");
    private final HBox line;
    private final Label rightFault = new Label();
    private final HBox rightLine = new HBox();
    private Optional<TextField> field = Optional.empty();
    private Optional<TextField> right = Optional.empty();
    private boolean opened;
    private boolean writing;

    /**
     * @param laidDown run when a figure is laid down: the next one is another change
     * @param figure the body on which the tape is drawn
     */
    MeasureRow(MeasurementKey key, MeasureModel model, Runnable laidDown, Figure figure) {
        this.key = key;
        this.model = model;
        this.laidDown = laidDown;
        Label name = new Label(key.label());
        name.getStyleClass().add("row-name");
        name.setTooltip(where(key, figure));
        other.getStyleClass().add("row-other");
        source.getStyleClass().add("row-source");
        fault.getStyleClass().add("row-fault");
        fault.setId("fault-" + key.key());
        resting.getStyleClass().add("row-resting");
        resting.setId("measure-" + key.key());
        resting.setAccessibleRole(AccessibleRole.TEXT_FIELD);
        resting.setAccessibleText(key.label() + ". " + key.hint());
        resting.setFocusTraversable(true);
        resting.focusedProperty().addListener((o, was, now) -> {
            if (now) {
                takeUp();
            }
        });
        line = new HBox(name, resting, other, source);
        line.getStyleClass().add("measure-row");
        line.setOnMousePressed(e -> {
            takeUp();
            // Else the scroll pane round the page would take the focus for itself.
            e.consume();
        });
        getChildren().add(line);
        confirm.getStyleClass().add("deed");
        confirm.setId("confirm-" + key.key());
        confirm.setOnAction(e -> model.confirm(key, true));
        rightFault.getStyleClass().add("row-fault");
        show();
    }

    /** Where the tape goes, in words and on the body. */
    private static Tooltip where(MeasurementKey key, Figure figure) {
        Tooltip where = DrawnWords.whole(key.label() + ": " + key.hint());
        where.setOnShowing(e -> where.setGraphic(figure.stand().isPresent() ? figure.small(key) : null));
        return where;
    }

    /** Lays the tape to this measurement: its field has the focus and its figure is selected. */
    void takeUp() {
        if (field.isEmpty()) {
            TextField made = field("measure-" + key.key(), key.label() + ". " + key.hint());
            made.addEventFilter(KeyEvent.KEY_TYPED, this::openRight);
            made.textProperty().addListener((o, was, now) -> {
                if (!writing) {
                    model.type(key, now);
                    showState();
                }
            });
            field = Optional.of(made);
            show();
            line.getChildren().set(line.getChildren().indexOf(resting), made);
        }
        field.get().requestFocus();
    }

    boolean isInHand() {
        return field.map(TextField::isFocused).orElse(false);
    }

    private TextField field(String id, String name) {
        TextField made = new TextField();
        made.setId(id);
        made.setAccessibleText(name);
        made.focusedProperty().addListener((o, was, now) -> {
            if (now) {
                model.inHandProperty().set(key);
                Platform.runLater(made::selectAll);
            } else {
                laidDown.run();
                opened = false;
                show();
            }
        });
        return made;
    }

    /** No length holds an L, so the letter is free to open the right side. */
    private void openRight(KeyEvent e) {
        if (key.isPaired() && e.getCharacter().equalsIgnoreCase("l")) {
            e.consume();
            opened = true;
            showState();
            right().requestFocus();
        }
    }

    private TextField right() {
        if (right.isEmpty()) {
            TextField made = field(
                    "measure-" + key.key() + "-right",
                    key.label() + (key.isHalved() ? ", right half" : ", right side"));
            made.textProperty().addListener((o, was, now) -> {
                if (!writing) {
                    String reason = model.typeRight(key, now);
                    made.pseudoClassStateChanged(FAULT, !reason.isEmpty());
                    rightFault.setText(reason);
                    showState();
                }
            });
            right = Optional.of(made);
            Label name = new Label("right");
            name.getStyleClass().addAll("row-name", "row-right");
            rightLine.getChildren().setAll(name, made);
            rightLine.getStyleClass().setAll("measure-row");
        }
        return right.get();
    }

    MeasurementKey key() {
        return key;
    }

    /** Writes the figure, unless it is being typed or waits to be put right. */
    void show() {
        writing = true;
        LengthUnit unit = model.unit();
        Optional<Reckoned> value = model.value(key);
        String figure = model.isTaken(key)
                ? value.map(v -> LengthText.figure(v.length(), unit)).orElse("")
                : "";
        if (model.right(key).isPresent()) {
            figure = LengthText.figure(model.left(key), unit);
        }
        String prompt = model.isTaken(key)
                ? ""
                : value.map(v -> "≈ " + LengthText.figure(v.length(), unit)).orElse("–");
        resting.setText(figure.isEmpty() ? prompt : figure);
        if (field.isPresent()) {
            if (!isInHand() && !model.isWaiting(key)) {
                field.get().setText(figure);
            }
            field.get().setPromptText(prompt);
        }
        if (model.right(key).isPresent()
                && !right().isFocused()
                && rightFault.getText().isEmpty()) {
            right().setText(LengthText.figure(model.right(key).get(), unit));
        }
        writing = false;
        showState();
    }

    private void showState() {
        Optional<Reckoned> value = model.value(key);
        other.setText(value.map(v -> LengthText.figure(v.length(), model.unit().other()))
                .orElse(""));
        source.setText(model.source(key));
        Optional<String> wrong = model.fault(key);
        field.ifPresent(f -> {
            f.pseudoClassStateChanged(FAULT, wrong.isPresent());
            f.pseudoClassStateChanged(RESTING, !f.isFocused() && wrong.isEmpty());
        });
        resting.pseudoClassStateChanged(FAULT, wrong.isPresent());
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
        if (opened
                || right.map(TextField::isFocused).orElse(false)
                || model.right(key).isPresent()) {
            right();
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
