package bathyra.app.seams;

import bathyra.app.shell.Marks;
import bathyra.app.shell.Workshop;
import bathyra.draft.Draft;
import bathyra.girth.Level;
import bathyra.intake.Cell;
import bathyra.intake.SeamPlace;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Levels × seams: what each seam takes out at each level, with the sums against the plan. The cells are edited in place. */
final class Soundings extends GridPane {
    private static final PseudoClass LOCKED = PseudoClass.getPseudoClass("locked");
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private static final PseudoClass FIXED = PseudoClass.getPseudoClass("fixed");
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    /** A sounding of 7 cm is drawn 68 px long. */
    private static final double BAR_PER_MM = 68.0 / 70;

    private final Workshop workshop;
    private final SeamsModel model;
    private final Map<Cell, TextField> fields = new HashMap<>();
    private final Map<Level, Label> names = new HashMap<>();
    private final Map<SeamPlace, Label> heads = new HashMap<>();
    private List<Level> shown = List.of();
    private boolean writing;

    Soundings(Workshop workshop, SeamsModel model) {
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("soundings");
        setId("soundings");
        setHgap(6);
        for (int i = 0; i < 8; i++) {
            ColumnConstraints column = new ColumnConstraints();
            column.setHalignment(i == 0 ? HPos.LEFT : i == 1 || i > 5 ? HPos.RIGHT : HPos.CENTER);
            column.setHgrow(i >= 2 && i <= 5 ? Priority.ALWAYS : Priority.NEVER);
            column.setMinWidth(i == 0 ? 86 : i >= 2 && i <= 5 ? 84 : 62);
            getColumnConstraints().add(column);
        }
        workshop.selectedProperty().addListener((o, was, now) -> mark());
    }

    void show(Draft draft) {
        List<Level> levels = draft.girths().levels().stream().map(l -> l.level()).toList();
        if (!levels.equals(shown)) {
            build(levels);
        }
        fill(draft);
        mark();
    }

    private void build(List<Level> levels) {
        shown = levels;
        getChildren().clear();
        fields.clear();
        Label title = new Label("Soundings");
        title.getStyleClass().add("section-head");
        add(title, 0, 0);
        head("Half", 1);
        for (SeamPlace seam : SeamPlace.values()) {
            heads.put(seam, head(seam.label(), 2 + seam.ordinal()));
        }
        head("Sum", 6);
        head("To take", 7);
        for (int row = 0; row < levels.size(); row++) {
            Level level = levels.get(row);
            Label name = new Label(level.label());
            name.getStyleClass().add("level-name");
            names.put(level, name);
            add(name, 0, row + 1);
            for (SeamPlace seam : SeamPlace.values()) {
                add(cell(new Cell(level, seam)), 2 + seam.ordinal(), row + 1);
            }
        }
    }

    private Label head(String text, int column) {
        Label label = new Label(text);
        label.getStyleClass().add("column-head");
        add(label, column, 0);
        return label;
    }

    private VBox cell(Cell cell) {
        TextField field = new TextField();
        field.setId("sounding-" + cell.level().id() + "-" + cell.seam().id());
        field.setAccessibleText(cell.seam().label() + " at the " + cell.level().label());
        field.setEditable(model.isEditable(cell));
        field.pseudoClassStateChanged(FIXED, !model.isEditable(cell));
        field.focusedProperty().addListener((o, was, now) -> {
            if (now) {
                workshop.selectedProperty().set(cell);
                field.selectAll();
            } else if (!field.getPseudoClassStates().contains(FAULT)) {
                workshop.letGo();
                workshop.draft().ifPresent(this::fill);
            }
        });
        field.textProperty().addListener((o, was, now) -> {
            if (!writing && field.isFocused()) {
                String reason = model.type(cell, now);
                field.pseudoClassStateChanged(FAULT, !reason.isEmpty());
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> keys(e, cell, field));
        fields.put(cell, field);
        Region bar = new Region();
        bar.getStyleClass().add("depth-bar");
        VBox box = new VBox(field, bar);
        box.getStyleClass().add("sounding");
        return box;
    }

    private void keys(KeyEvent e, Cell cell, TextField field) {
        if (e.getCode() == KeyCode.ENTER) {
            workshop.letGo();
            workshop.draft().ifPresent(this::write);
            field.selectAll();
        } else if (e.getCode() == KeyCode.UP || e.getCode() == KeyCode.DOWN) {
            model.nudge(cell, (e.getCode() == KeyCode.UP ? 1 : -1) * (e.isShiftDown() ? 10 : 1));
            workshop.draft().ifPresent(this::write);
            field.selectAll();
        } else if (e.getCode() == KeyCode.P && !e.isShortcutDown()) {
            model.toggleLock(cell);
        } else if (e.getCode() == KeyCode.ESCAPE) {
            field.pseudoClassStateChanged(FAULT, false);
            model.clearReason();
            workshop.draft().ifPresent(this::write);
        } else {
            return;
        }
        e.consume();
    }

    /** Writes all figures but the one that is being typed. */
    private void fill(Draft draft) {
        writing = true;
        LengthUnit unit = workshop.unit();
        getChildren().removeIf(n -> n.getStyleClass().contains("sum-figure") || n.getStyleClass().contains("sum-bold"));
        for (int row = 0; row < shown.size(); row++) {
            Level level = shown.get(row);
            for (SeamPlace seam : SeamPlace.values()) {
                Cell cell = new Cell(level, seam);
                TextField field = fields.get(cell);
                double value = draft.intakes().at(level, seam).value();
                if (!field.isFocused()) {
                    field.setText(LengthText.figure(Length.mm(value), unit));
                    field.pseudoClassStateChanged(FAULT, false);
                }
                field.pseudoClassStateChanged(LOCKED, draft.intakes().locked().contains(cell));
                Region bar = (Region) ((VBox) field.getParent()).getChildren().get(1);
                bar.setMaxWidth(Math.min(80, Math.max(0, value) * BAR_PER_MM));
                bar.setVisible(value > 0.05);
            }
            double sum = draft.intakes().sum(level);
            double take = draft.intakes().toTake().get(level).value();
            figure(draft.girths().at(level).pattern().value() / 2, 1, row, "sum-figure", unit);
            Label summed = figure(sum, 6, row, "sum-figure", unit);
            summed.setGraphic(Math.abs(sum - take) < 0.5 ? Marks.tick() : Marks.cross());
            summed.setContentDisplay(javafx.scene.control.ContentDisplay.RIGHT);
            figure(take, 7, row, "sum-bold", unit);
        }
        writing = false;
    }

    private void write(Draft draft) {
        fill(draft);
        writing = true;
        fields.forEach((cell, field) -> field.setText(LengthText.figure(draft.intakes().at(cell.level(), cell.seam()).length(), workshop.unit())));
        writing = false;
    }

    private Label figure(double mm, int column, int row, String type, LengthUnit unit) {
        Label label = new Label(LengthText.figure(Length.mm(mm), unit));
        label.getStyleClass().add(type);
        add(label, column, row + 1);
        return label;
    }

    private void mark() {
        Cell selected = workshop.selectedProperty().get();
        names.forEach((level, label) -> label.pseudoClassStateChanged(SELECTED, level == selected.level()));
        heads.forEach((seam, label) -> label.pseudoClassStateChanged(SELECTED, seam == selected.seam()));
    }
}
