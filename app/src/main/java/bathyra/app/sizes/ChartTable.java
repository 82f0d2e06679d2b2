package bathyra.app.sizes;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.Marks;
import bathyra.app.workshop.Workshop;
import bathyra.files.size.SizeStroke;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import bathyra.size.Size;
import bathyra.size.SizeChart;
import bathyra.size.SizedDraft;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;
import javafx.scene.shape.Line;

/** The chart: rows sizes, columns measurements, between two rows the step, and at the end how the size drafts. Figures are edited in place. */
final class ChartTable extends GridPane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final PseudoClass ESTIMATE = PseudoClass.getPseudoClass("estimate");

    private static final double SAMPLE = 26;
    /** The columns before the figures: how it drafts as a mark, the name, the stroke with the step. */
    private static final int FIGURES = 3;

    private final Workshop workshop;
    private final SizesModel model;
    private final List<Row> rows = new ArrayList<>();
    private final List<Label> heads = new ArrayList<>();
    private List<MeasurementKey> columns = List.of();
    private LengthUnit unit = LengthUnit.CM;
    /** Lays the next rows of a long chart with each picture. */
    private final AnimationTimer laying = new AnimationTimer() {
        @Override
        public void handle(long now) {
            goOn();
        }
    };

    /** So many rows are laid at once, and as many again with each picture: a long chart does not keep the window's thread busy. */
    private static final int AT_ONCE = 8;

    /** The parts of a size's row, and what they show. */
    private static final class Row {
        private final Label mark;
        private final TypedField name;
        private final Label step;
        private final List<TypedField> figures;
        private final Button says;
        private Optional<Written> written = Optional.empty();

        private Row(Label mark, TypedField name, Label step, List<TypedField> figures, Button says) {
            this.mark = mark;
            this.name = name;
            this.step = step;
            this.figures = List.copyOf(figures);
            this.says = says;
        }

        private List<Node> nodes() {
            List<Node> nodes = new ArrayList<>(List.of(mark, name, step));
            nodes.addAll(figures);
            nodes.add(says);
            return nodes;
        }
    }

    /**
     * What a row was last written with; what is the same is not written again.
     *
     * @param sized how it drafts, told apart by identity: a draft is made anew or it is the same
     */
    private record Written(Size size, boolean held, String step, Optional<SizedDraft> sized, boolean working) {
        boolean isSame(Written other) {
            return held == other.held
                    && working == other.working
                    && step.equals(other.step)
                    && sized.orElse(null) == other.sized.orElse(null)
                    && size.equals(other.size);
        }
    }

    ChartTable(Workshop workshop, SizesModel model) {
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("size-table");
        setId("size-table");
        addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
    }

    /** Ctrl+D carries the step on; arrows go from row to row. */
    private void keys(KeyEvent e) {
        if (PlaceKey.CARRY_ON.isPressed(e)) {
            requestFocusOf(model.charts().row());
            model.charts().fillDown();
            e.consume();
        } else if ((PlaceKey.NEXT_SIZE.isPressed(e) || PlaceKey.SIZE_BEFORE.isPressed(e))
                && e.getTarget() instanceof TypedField) {
            int next = model.charts().row() + (PlaceKey.SIZE_BEFORE.isPressed(e) ? -1 : 1);
            Optional<MeasurementKey> column = model.charts().key();
            if (next >= 0 && next < rows.size() && column.isPresent()) {
                TypedField field = rows.get(next).figures.get(columns.indexOf(column.get()));
                field.requestFocus();
                field.selectAll();
                e.consume();
            }
        }
    }

    /** Takes what is being typed. */
    private void requestFocusOf(int row) {
        if (row < rows.size()) {
            rows.get(row).says.requestFocus();
        }
    }

    void show(SizeChart chart) {
        if (!columns.equals(chart.columns()) || unit != workshop.unit() || heads.isEmpty()) {
            unit = workshop.unit();
            columns = chart.columns();
            getChildren().clear();
            rows.clear();
            heads.clear();
            heads();
        }
        while (rows.size() > chart.sizes().size()) {
            getChildren().removeAll(rows.remove(rows.size() - 1).nodes());
        }
        for (int i = 0; i < heads.size(); i++) {
            heads.get(i).pseudoClassStateChanged(SELECTED, model.charts().key().equals(Optional.of(columns.get(i))));
        }
        for (int row = 0; row < rows.size(); row++) {
            fill(chart, row);
        }
        if (rows.size() < chart.sizes().size()) {
            layMore(chart);
            laying.start();
        }
    }

    /** The next rows; what is still missing then is laid when these have been shown. */
    private void layMore(SizeChart chart) {
        int until = Math.min(chart.sizes().size(), rows.size() + AT_ONCE);
        while (rows.size() < until) {
            rows.add(row(rows.size()));
            fill(chart, rows.size() - 1);
        }
    }

    /** Another chart may have come since the last rows, and been shown; without one there is nothing to lay. */
    private void goOn() {
        Optional<SizeChart> chart =
                model.charts().chart().filter(c -> c.columns().equals(columns));
        chart.ifPresent(this::layMore);
        if (chart.filter(c -> rows.size() < c.sizes().size()).isEmpty()) {
            laying.stop();
        }
    }

    private void heads() {
        Label unitHead = new Label(workshop.unit().symbol());
        unitHead.getStyleClass().add("quiet");
        add(unitHead, 2, 0);
        for (int i = 0; i < columns.size(); i++) {
            Label head = new Label(columns.get(i).label());
            head.getStyleClass().addAll("column-head", "size-head");
            head.setMinHeight(Region.USE_PREF_SIZE);
            GridPane.setHalignment(head, HPos.RIGHT);
            GridPane.setValignment(head, VPos.BOTTOM);
            heads.add(head);
            add(head, i + FIGURES, 0);
        }
        Label how = new Label("How it drafts");
        how.getStyleClass().add("column-head");
        how.setMinWidth(Region.USE_PREF_SIZE);
        GridPane.setValignment(how, VPos.BOTTOM);
        add(how, columns.size() + FIGURES, 0);
    }

    private Row row(int at) {
        TypedField name = new TypedField(
                "size-name-" + at, "Name of the size", text -> model.charts().name(at, text), model::say);
        name.getStyleClass().add("size-name");
        name.focusedProperty().addListener((o, was, now) -> {
            if (now) {
                model.look(at, model.charts().key());
            }
        });
        Label step = new Label();
        step.getStyleClass().add("size-step");
        step.setContentDisplay(ContentDisplay.LEFT);
        step.setGraphic(sample(at));
        List<TypedField> figures = new ArrayList<>();
        for (MeasurementKey key : columns) {
            TypedField field = new TypedField(
                    "size-" + at + "-" + key.key(),
                    key.label(),
                    text -> model.charts().figure(at, key, text),
                    model::say);
            field.getStyleClass().addAll("sounding", "size-figure");
            field.focusedProperty().addListener((o, was, now) -> {
                if (now) {
                    model.look(at, Optional.of(key));
                    field.selectAll();
                }
            });
            figures.add(field);
        }
        Button says = new Button();
        says.getStyleClass().setAll("size-says");
        says.setId("size-says-" + at);
        says.setMaxWidth(Double.MAX_VALUE);
        says.setOnAction(e -> model.look(at, model.charts().key()));
        Label mark = new Label();
        mark.getStyleClass().add("size-mark");
        add(mark, 0, at + 1);
        add(name, 1, at + 1);
        add(step, 2, at + 1);
        for (int i = 0; i < figures.size(); i++) {
            add(figures.get(i), i + FIGURES, at + 1);
        }
        add(says, columns.size() + FIGURES, at + 1);
        return new Row(mark, name, step, figures, says);
    }

    /** The stroke by which the size is told from the others on the table. */
    private static Line sample(int at) {
        SizeStroke stroke = SizeStroke.of(at);
        Line line = new Line(0, 0, SAMPLE, 0);
        line.getStyleClass().add("size-sample");
        line.setStrokeWidth(Math.max(0.8, stroke.width() * NestDrawing.PX_PER_MM));
        stroke.dash().forEach(d -> line.getStrokeDashArray().add(d * NestDrawing.PX_PER_MM));
        return line;
    }

    private void fill(SizeChart chart, int at) {
        Row row = rows.get(at);
        Size size = chart.sizes().get(at);
        boolean held = model.charts().row() == at;
        String step = model.charts()
                .key()
                .flatMap(key -> chart.step(at, key))
                .map(s -> (s > 0 ? "+" : "") + LengthText.figure(Length.mm(s), unit))
                .orElse("");
        Optional<SizedDraft> sized = model.set()
                .filter(s -> at < s.sizes().size())
                .map(s -> s.sizes().get(at));
        Written next = new Written(size, held, step, sized, model.isWorking());
        // A field that was left with something else than what stands in the chart is written again.
        boolean typed = row.name.isTypedOver() || row.figures.stream().anyMatch(TypedField::isTypedOver);
        if (row.written.filter(next::isSame).isPresent() && !typed) {
            return;
        }
        boolean figures =
                typed || row.written.filter(w -> w.size().equals(size)).isEmpty();
        row.written = Optional.of(next);
        row.name.write(size.label());
        row.name.pseudoClassStateChanged(SELECTED, held);
        row.step.setText(step);
        if (figures) {
            figures(row, size);
        }
        says(row, size, next);
    }

    private void figures(Row row, Size size) {
        MeasurementSet figures = size.measurements();
        for (int i = 0; i < columns.size(); i++) {
            MeasurementKey key = columns.get(i);
            Optional<Length> own = size.at(key);
            Optional<Reckoned> found = figures.find(key);
            TypedField field = row.figures.get(i);
            field.write(own.map(l -> LengthText.figure(l, unit)).orElse(""));
            field.setPromptText(
                    found.map(f -> "≈ " + LengthText.figure(f.length(), unit)).orElse("–"));
            field.pseudoClassStateChanged(ESTIMATE, own.isEmpty());
            field.setAccessibleText(key.label() + " of size " + size.label());
        }
    }

    private static Node mark(SizedDraft sized) {
        if (sized.draft().isEmpty()) {
            return Marks.cross();
        }
        return sized.notes().isEmpty() ? Marks.tick() : Marks.triangle();
    }

    private void says(Row row, Size size, Written written) {
        String words = written.sized().map(s -> s.says(unit)).orElse(written.working() ? "being drafted" : "");
        if (!words.equals(row.says.getText())) {
            row.says.setText(words);
            row.mark.setGraphic(written.sized().map(ChartTable::mark).orElse(null));
        }
        row.says.pseudoClassStateChanged(SELECTED, written.held());
        row.says.setAccessibleText("Size " + size.label() + ": " + words);
    }
}
