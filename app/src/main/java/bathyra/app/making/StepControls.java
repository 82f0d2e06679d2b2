package bathyra.app.making;

import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.DayField;
import bathyra.app.workshop.Workshop;
import bathyra.house.Maker;
import bathyra.plan.Occasion;
import bathyra.plan.Progress;
import bathyra.workplan.WorkPlan;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** What is put on record of the step in hand, who makes the garment, and when it is due. */
final class StepControls extends VBox {
    private static final double NAMES = 96;

    private final MakingModel model;
    private final Label clock = new Label();
    private final Button start = new Button();
    private final Button done = new Button();
    private final TypedField minutes;
    private final TextField who = new TextField();
    private final TextField note = new TextField();
    private final TypedField due;
    private final CheckBox learner = new CheckBox("Made by a learner");
    private final ComboBox<String> maker = new ComboBox<>();
    private final ComboBox<String> occasion = new ComboBox<>();
    private final Label wrong = new Label();

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
        minutes = new TypedField("making-minutes", "Minutes taken", model::minutes, this::wrong);
        due = new TypedField("making-due", "Due, year-month-day", model::due, this::wrong);
        told(workshop, who, "making-who", "Who made it, or is to make it", model::who);
        told(workshop, note, "making-note", "Note on this step", model::note);
        learner.setId("making-learner");
        learner.setOnAction(e -> model.learner(learner.isSelected()));
        chosen(maker, "making-maker", "Who makes the garment", model::maker);
        chosen(occasion, "making-occasion", "What it is made for", label -> List.of(Occasion.values()).stream()
                .filter(o -> o.label().equals(label))
                .forEach(model::occasion));
        occasion.getItems()
                .setAll(List.of(Occasion.values()).stream().map(Occasion::label).toList());
        wrong.setId("making-wrong");
        wrong.getStyleClass().add("caution");
        wrong.setWrapText(true);
        wrong.managedProperty().bind(wrong.visibleProperty());
        wrong.setVisible(false);
        FlowPane deeds = new FlowPane(8, 8, start, done);
        getStyleClass().add("controls");
        getChildren()
                .setAll(
                        clock,
                        deeds,
                        row("Minutes taken", minutes),
                        row("Who", who),
                        row("Note", note),
                        row("Garment due", new DayField(due)),
                        row("Made for", occasion),
                        row("Made by", maker),
                        wrong,
                        learner);
    }

    private void wrong(String said) {
        wrong.setText(said);
        wrong.setVisible(!said.isEmpty());
    }

    private void chosen(ComboBox<String> box, String id, String name, Consumer<String> take) {
        box.setId(id);
        box.setAccessibleText(name);
        box.setMaxWidth(Double.MAX_VALUE);
        box.setOnAction(e -> {
            if (!writing && box.getValue() != null) {
                take.accept(box.getValue());
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
        minutes.write(progress.minutes() == 0 ? "" : String.format(Locale.ROOT, "%.0f", progress.minutes()));
        due.write(model.plan().due().map(Object::toString).orElse(""));
        writing = true;
        write(who, progress.who());
        write(note, progress.note());
        List<String> makers = model.makers().stream().map(Maker::name).toList();
        if (!maker.getItems().equals(makers)) {
            maker.getItems().setAll(makers);
        }
        maker.setValue(model.maker());
        occasion.setValue(model.plan().occasion().label());
        writing = false;
        learner.setSelected(model.plan().hands().learner());
        boolean running = model.running().isPresent();
        boolean here =
                model.running().filter(t -> t.id().equals(step.task().id())).isPresent();
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

    private static void write(TextField field, String text) {
        if (!field.isFocused() && !field.getText().equals(text)) {
            field.setText(text);
        }
    }

    private static HBox row(String name, Node field) {
        Label label = new Label(name);
        label.setMinWidth(NAMES);
        label.setMaxWidth(NAMES);
        label.setWrapText(true);
        HBox row = new HBox(8, label, field);
        HBox.setHgrow(field, Priority.ALWAYS);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("fields");
        return row;
    }
}
