package bathyra.app.seams;

import static bathyra.app.table.TextSize.px;

import bathyra.app.glossary.DrawnWords;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.stage.Marks;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Region;

/**
 * Levels × seams: what each seam takes out at each level, with the sums against the plan. Each column hangs plumb under its
 * seam. The cells are edited in place.
 */
final class Soundings extends Pane {
    private static final PseudoClass LOCKED = PseudoClass.getPseudoClass("locked");
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private static final PseudoClass NOTE = PseudoClass.getPseudoClass("note");
    private static final PseudoClass FIXED = PseudoClass.getPseudoClass("fixed");
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final double ROW = 23.5;
    private static final double HEAD = 26;
    private static final double CELL = 80;
    /** With more seams than this the heads are short. */
    private static final int ROOMY = 5;

    private static final double HALF_RIGHT = 190;
    private static final double SUM_RIGHT = 74;
    /** A sounding of 7 cm is drawn 68 px long. */
    private static final double BAR_PER_MM = 68.0 / 70;

    /** The parts of a level's row. */
    private record Row(Button name, Label half, Label sum, Label take, Region ground) {}

    /** The parts of a sounding. */
    private record Sounding(TextField field, Region bar, Node pin, Node warning) {}

    private final Workshop workshop;
    private final SeamsModel model;
    private final Settings settings;
    private final Consumer<Level> plan;
    private final Map<Cell, Sounding> cells = new HashMap<>();
    private final Map<Level, Row> rows = new EnumMap<>(Level.class);
    private final Map<SeamPlace, Label> heads = new HashMap<>();
    private final Label title = new Label("Soundings");
    private final Label halfHead = head("Planned half");
    private final Label sumHead = head("Sum");
    private final Label takeHead = head("To take");
    private List<Level> shown = List.of();
    private List<SeamPlace> seams = List.of();
    private double[] columns = {};
    private Optional<Cell> typing = Optional.empty();
    private boolean writing;

    /** @param plan shows the girth plan of a level whose name is pressed */
    Soundings(Workshop workshop, SeamsModel model, Consumer<Level> plan) {
        this.workshop = workshop;
        this.model = model;
        this.settings = new Settings(workshop);
        this.plan = plan;
        getStyleClass().add("soundings");
        setId("soundings");
        title.getStyleClass().add("section-head");
        workshop.selection().cellProperty().addListener((o, was, now) -> mark());
    }

    private static Label head(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("column-head");
        return label;
    }

    /** Hangs the seam columns with their middles at these pixels from the left end of the table. */
    void hang(double[] at) {
        columns = at.clone();
        requestLayout();
    }

    void show(Draft draft) {
        List<Level> levels =
                draft.girths().levels().stream().map(l -> l.level()).toList();
        if (!levels.equals(shown) || !draft.intakes().seams().equals(seams)) {
            seams = draft.intakes().seams();
            build(levels);
        }
        fill(draft);
        mark();
    }

    private void build(List<Level> levels) {
        shown = levels;
        cells.clear();
        rows.clear();
        getChildren().setAll(title, halfHead, sumHead, takeHead);
        heads.clear();
        for (SeamPlace seam : seams) {
            boolean short_ = seams.size() > ROOMY && seam.part() == SeamPlace.Part.CENTRE_BACK;
            Label head = head(short_ ? TextSize.now() == TextSize.USUAL ? "Back edge" : "Edge" : seam.label());
            head.setAccessibleText(seam.label());
            head.setTooltip(new DrawnWords(SeamsModel.meaning(seam), () -> model.tried(seam)));
            heads.put(seam, head);
        }
        getChildren().addAll(heads.values());
        for (Level level : levels) {
            rows.put(level, row(level));
            for (SeamPlace seam : seams) {
                cell(new Cell(level, seam));
            }
        }
    }

    private Row row(Level level) {
        Button name = new Button(level.label());
        name.getStyleClass().add("level-name");
        name.setId("level-" + level.id());
        name.setAccessibleText("Girth plan of the " + level.label());
        name.setTooltip(new DrawnWords(
                level.label()
                        + ": what the seams take there, which is the widest half less the planned one. Its ease moves the plan.",
                () -> settings.ease(level).tries().get()));
        name.setOnAction(e -> plan.accept(level));
        Region ground = new Region();
        ground.getStyleClass().add("sounding-row");
        Row row = new Row(name, figure("sum-figure"), figure("sum-figure"), figure("sum-bold"), ground);
        row.sum().setContentDisplay(ContentDisplay.RIGHT);
        getChildren().addAll(ground, name, row.half(), row.sum(), row.take());
        return row;
    }

    private static Label figure(String type) {
        Label label = new Label();
        label.getStyleClass().add(type);
        return label;
    }

    private void cell(Cell cell) {
        TextField field = new TextField();
        field.getStyleClass().add("sounding");
        field.setId("sounding-" + cell.level().id() + "-" + cell.seam().id());
        field.setAccessibleText(cell.seam().label() + " at the " + cell.level().label());
        field.setEditable(model.isEditable(cell));
        field.pseudoClassStateChanged(FIXED, !model.isEditable(cell));
        field.focusedProperty().addListener((o, was, now) -> {
            typing = Optional.empty();
            if (now) {
                workshop.selection().cellProperty().set(cell);
                field.selectAll();
            } else if (!field.getPseudoClassStates().contains(FAULT)) {
                workshop.letGo();
                workshop.half().ifPresent(this::fill);
            }
        });
        field.textProperty().addListener((o, was, now) -> {
            if (!writing && field.isFocused()) {
                typing = Optional.of(cell);
                String reason = model.type(cell, now);
                field.pseudoClassStateChanged(FAULT, !reason.isEmpty());
            }
        });
        field.addEventFilter(KeyEvent.KEY_PRESSED, e -> keys(e, cell, field));
        // The letter follows the key as an event of its own; no length has it.
        field.addEventFilter(KeyEvent.KEY_TYPED, e -> {
            if (e.getCharacter().equalsIgnoreCase("p")) {
                e.consume();
            }
        });
        Region bar = new Region();
        bar.getStyleClass().add("depth-bar");
        Sounding sounding = new Sounding(field, bar, Marks.pin(), Marks.triangle());
        for (Node over : List.of(bar, sounding.pin(), sounding.warning())) {
            over.setMouseTransparent(true);
        }
        cells.put(cell, sounding);
        getChildren().addAll(field, bar, sounding.pin(), sounding.warning());
    }

    private void keys(KeyEvent e, Cell cell, TextField field) {
        if (PlaceKey.TAKE_IT.isPressed(e)) {
            workshop.letGo();
            workshop.half().ifPresent(this::write);
            field.selectAll();
        } else if (PlaceKey.STEP.isPressed(e)) {
            model.nudge(cell, (PlaceKey.isBack(e) ? 1 : -1) * (e.isShiftDown() ? model.bigStep() : 1));
            workshop.half().ifPresent(this::write);
            field.selectAll();
        } else if (PlaceKey.PIN.isPressed(e)) {
            model.toggleLock(cell);
        } else if (PlaceKey.LEAVE_IT.isPressed(e)) {
            field.pseudoClassStateChanged(FAULT, false);
            model.clearReason();
            workshop.half().ifPresent(this::write);
        } else {
            return;
        }
        e.consume();
    }

    /** Writes all figures but the one that is being typed. */
    private void fill(Draft draft) {
        writing = true;
        LengthUnit unit = workshop.unit();
        Set<String> overCap = draft.with(Finding.Status.NOTE).stream()
                .filter(f -> f.kind() == FindingKind.INTAKE_CAP)
                .map(Finding::subject)
                .collect(Collectors.toSet());
        for (Level level : shown) {
            for (SeamPlace seam : seams) {
                fill(draft, new Cell(level, seam), unit, level == Level.WAIST && overCap.contains(seam.id()));
            }
            double sum = draft.intakes().sum(level);
            double take = draft.intakes().toTake().get(level).value();
            Row row = rows.get(level);
            row.half()
                    .setText(LengthText.figure(
                            Length.mm(draft.girths().at(level).pattern().value() / 2), unit));
            row.sum().setText(LengthText.figure(Length.mm(sum), unit));
            boolean even = Math.abs(sum - take) < 0.5;
            if (row.sum().getGraphic() == null
                    || !row.sum().getGraphic().getStyleClass().contains(even ? "tick" : "stop")) {
                row.sum().setGraphic(even ? Marks.tick() : Marks.cross());
            }
            row.take().setText(LengthText.figure(Length.mm(take), unit));
        }
        writing = false;
        requestLayout();
    }

    private void fill(Draft draft, Cell cell, LengthUnit unit, boolean noted) {
        Sounding sounding = cells.get(cell);
        double value = draft.intakes().at(cell.level(), cell.seam()).value();
        boolean locked = draft.intakes().locked().contains(cell);
        if (!typing.equals(Optional.of(cell))) {
            sounding.field().setText(LengthText.figure(Length.mm(value), unit));
            sounding.field().pseudoClassStateChanged(FAULT, false);
        }
        sounding.field().pseudoClassStateChanged(LOCKED, locked);
        sounding.field().pseudoClassStateChanged(NOTE, noted);
        sounding.pin().setVisible(locked);
        sounding.warning().setVisible(noted && !locked);
        sounding.bar().setMaxWidth(Math.min(cellWidth() - 8, Math.max(0, value) * BAR_PER_MM * cellWidth() / CELL));
        sounding.bar().setVisible(value > 0.05);
    }

    private void write(Draft draft) {
        typing = Optional.empty();
        fill(draft);
        writing = true;
        cells.forEach((cell, s) -> s.field()
                .setText(LengthText.figure(
                        draft.intakes().at(cell.level(), cell.seam()).length(), workshop.unit())));
        writing = false;
    }

    private void mark() {
        Cell selected = workshop.selection().cellProperty().get();
        rows.forEach((level, row) -> {
            row.name().pseudoClassStateChanged(SELECTED, level == selected.level());
            row.ground().pseudoClassStateChanged(SELECTED, level == selected.level());
        });
        heads.forEach((seam, label) -> label.pseudoClassStateChanged(SELECTED, seam.equals(selected.seam())));
    }

    @Override
    protected double computePrefHeight(double width) {
        return px(HEAD) + px(ROW) * Math.max(shown.size(), 4);
    }

    @Override
    protected void layoutChildren() {
        double right = getWidth();
        left(title, 0, 0, px(HEAD));
        right(halfHead, px(HALF_RIGHT), 0, px(HEAD));
        right(sumHead, right - px(SUM_RIGHT), 0, px(HEAD));
        right(takeHead, right, 0, px(HEAD));
        if (columns.length != seams.size()) {
            return;
        }
        heads.forEach((seam, label) -> middle(label, columns[seams.indexOf(seam)] - getLayoutX(), 0, px(HEAD)));
        for (int i = 0; i < shown.size(); i++) {
            double top = px(HEAD) + i * px(ROW);
            Row row = rows.get(shown.get(i));
            row.ground().resizeRelocate(-8, top, right + 16, px(ROW));
            left(row.name(), 0, top, px(ROW));
            right(row.half(), px(HALF_RIGHT), top, px(ROW));
            right(row.sum(), right - px(SUM_RIGHT), top, px(ROW));
            right(row.take(), right, top, px(ROW));
            for (int k = 0; k < seams.size(); k++) {
                place(cells.get(new Cell(shown.get(i), seams.get(k))), columns[k] - getLayoutX(), top);
            }
        }
    }

    /** A column is as wide as its neighbours allow. */
    private double cellWidth() {
        double width = CELL;
        for (int i = 1; i < columns.length; i++) {
            width = Math.min(width, columns[i] - columns[i - 1] - 4);
        }
        return width;
    }

    private void place(Sounding sounding, double middle, double top) {
        double width = cellWidth();
        sounding.field().resizeRelocate((double) Math.round(middle - width / 2), top + 1, width, px(ROW) - 2);
        double bar = sounding.bar().getMaxWidth();
        sounding.bar().resizeRelocate(middle - bar / 2, top + px(ROW) - 5, bar, 2.6);
        sounding.pin().relocate(middle + width / 2 - 17, top + 2);
        sounding.warning().relocate(middle + width / 2 - 17, top + 5);
    }

    private static void left(Region node, double x, double top, double height) {
        node.autosize();
        node.relocate(x, top + (height - node.getHeight()) / 2);
    }

    private static void right(Region node, double x, double top, double height) {
        node.autosize();
        node.relocate(x - node.getWidth(), top + (height - node.getHeight()) / 2);
    }

    private static void middle(Region node, double x, double top, double height) {
        node.autosize();
        node.relocate(x - node.getWidth() / 2, top + (height - node.getHeight()) / 2);
    }
}
