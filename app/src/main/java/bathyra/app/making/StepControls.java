package bathyra.app.making;

import bathyra.app.workshop.Workshop;
import bathyra.plan.Progress;
import bathyra.workplan.WorkPlan;
import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is put on record of the step in hand, and when the garment is due. */
final class StepControls extends VBox {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private static final double NAMES = 96;

    private final MakingModel model;
    private final Label clock = new Label();
    private final Button start = new Button();
    private final Button done = new Button();
    private final TextField minutes = new TextField();
    private final TextField who = new TextField();
    private final TextField note = new TextField();
    private final TextField due = new TextField();
    private final CheckBox learner = new CheckBox("Made by a learner");
    private final Label wrong = new Label();
    /** What stands on record, as it is shown. */
    private final Map<TextField, String> written = new HashMap<>();

    private boolean writing;

    StepControls(Workshop workshop, MakingModel model) {
        this.model = model;
        clock.setId("making-clock");
        clock.getStyleClass().add("clock");
        start.setId("making-start");
        start.getStyleClass().add("primary");
        start.setOnAction(e -> model.startOrStop());
        done.setId("making-done");
        done.setOnAction(e -> model.done());
        typed(minutes, "making-minutes", "Minutes taken", model::minutes);
        typed(due, "making-due", "Due, year-month-day", model::due);
        told(workshop, who, "making-who", "Who made it", model::who);
        told(workshop, note, "making-note", "Note on this step", model::note);
        learner.setId("making-learner");
        learner.setOnAction(e -> model.learner(learner.isSelected()));
        wrong.setId("making-wrong");
        wrong.getStyleClass().add("caution");
        wrong.setWrapText(true);
        wrong.managedProperty().bind(wrong.visibleProperty());
        wrong.setVisible(false);
        start.setMaxWidth(Double.MAX_VALUE);
        done.setMaxWidth(Double.MAX_VALUE);
        HBox deeds = new HBox(8, start, done);
        HBox.setHgrow(start, Priority.ALWAYS);
        HBox.setHgrow(done, Priority.ALWAYS);
        getStyleClass().add("controls");
        getChildren()
                .setAll(
                        clock,
                        deeds,
                        row("Minutes taken", minutes),
                        row("Who", who),
                        row("Note", note),
                        row("Garment due", due),
                        wrong,
                        learner);
    }

    /** Something typed that is read when it is finished. @param take says what is wrong with it */
    private void typed(TextField field, String id, String name, Function<String, Optional<String>> take) {
        field.setId(id);
        field.setAccessibleText(name);
        Runnable read = () -> {
            // What was only passed through is not typed: a rounded figure would replace the one on record.
            if (!writing) {
                boolean typed = !field.getText().equals(written.getOrDefault(field, ""));
                Optional<String> said = typed ? take.apply(field.getText()) : Optional.empty();
                field.pseudoClassStateChanged(FAULT, said.isPresent());
                wrong.setText(said.orElse(""));
                wrong.setVisible(said.isPresent());
            }
        };
        field.setOnAction(e -> read.run());
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                read.run();
            }
        });
    }

    private void told(Workshop workshop, TextField field, String id, String name, Consumer<String> take) {
        field.setId(id);
        field.setAccessibleText(name);
        field.textProperty().addListener((o, was, now) -> {
            if (!writing) {
                take.accept(now);
            }
        });
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                workshop.letGo();
            }
        });
    }

    void show(WorkPlan.Step step) {
        Progress progress = step.progress();
        write(minutes, progress.minutes() == 0 ? "" : String.format(Locale.ROOT, "%.0f", progress.minutes()));
        write(who, progress.who());
        write(note, progress.note());
        write(due, model.plan().due().map(Object::toString).orElse(""));
        learner.setSelected(model.plan().hands().learner());
        boolean running = model.running().isPresent();
        boolean here = model.running().equals(Optional.of(step.task()));
        start.setText(here ? "Stop the clock" : running ? "Stop the other clock" : "Start the clock");
        done.setText(progress.done() ? "Not done after all" : "Step is done");
        tick();
    }

    /** Shows how long the clock has run. */
    void tick() {
        long seconds = model.runs().toSeconds();
        clock.setText(model.running()
                .map(s -> String.format(Locale.ROOT, "%d:%02d:%02d", seconds / 3600, seconds / 60 % 60, seconds % 60))
                .orElse(""));
        clock.setVisible(model.running().isPresent());
        clock.setManaged(model.running().isPresent());
    }

    private void write(TextField field, String text) {
        written.put(field, text);
        if (!field.isFocused() && !field.getText().equals(text)) {
            writing = true;
            field.setText(text);
            field.pseudoClassStateChanged(FAULT, false);
            writing = false;
        }
    }

    private static HBox row(String name, Node field) {
        Label label = new Label(name);
        label.setMinWidth(NAMES);
        HBox row = new HBox(8, label, field);
        HBox.setHgrow(field, Priority.ALWAYS);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("fields");
        return row;
    }
}
