package bathyra.app.girths;

import bathyra.app.stage.Marks;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.girth.LevelPlan;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import javafx.css.PseudoClass;
import javafx.geometry.HPos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Priority;

/** The plan level by level: body, ease, worn, gap, pattern, half, front share, front and back, and whether they add up. */
final class GirthTable extends GridPane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final String[] HEADS = {
        "Body", "Ease", "Worn", "Gap", "Pattern", "Half", "Front share", "Front", "Back", "Adds up"
    };
    private static final double ADDS_UP = 0.001;

    private final Workshop workshop;
    private final GirthsModel model;
    private final Map<Level, Button> names = new EnumMap<>(Level.class);
    private List<Level> laid = List.of();
    private final Map<Level, Label[]> cells = new EnumMap<>(Level.class);

    GirthTable(Workshop workshop, GirthsModel model) {
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("girth-table");
        Label title = new Label("Soundings");
        title.getStyleClass().add("soundings-title");
        add(title, 0, 0);
        ColumnConstraints first = new ColumnConstraints();
        TextSize.width(first, 104);
        getColumnConstraints().add(first);
        for (int i = 0; i < HEADS.length; i++) {
            Label head = new Label(HEADS[i]);
            head.getStyleClass().add("check-name");
            add(head, i + 1, 0);
            GridPane.setHalignment(head, HPos.RIGHT);
            ColumnConstraints column = new ColumnConstraints();
            column.setHgrow(Priority.ALWAYS);
            column.setHalignment(HPos.RIGHT);
            getColumnConstraints().add(column);
        }
        for (Level level : Level.values()) {
            Button name = new Button(level.label());
            name.getStyleClass().setAll("girth-level");
            name.setId("level-" + level.id());
            name.setOnAction(e -> model.look(level));
            names.put(level, name);
            Label[] row = new Label[HEADS.length];
            for (int i = 0; i < row.length; i++) {
                row[i] = new Label();
                row[i].setId("plan-" + level.id() + "-"
                        + HEADS[i].toLowerCase(Locale.ROOT).replace(' ', '-'));
            }
            cells.put(level, row);
        }
    }

    void show() {
        List<LevelPlan> plans = workshop.half().orElseThrow().girths().levels();
        lay(plans.stream().map(LevelPlan::level).toList());
        for (LevelPlan plan : plans) {
            boolean held = plan.level() == model.level();
            names.get(plan.level()).pseudoClassStateChanged(SELECTED, held);
            Label[] row = cells.get(plan.level());
            write(row, plan);
            for (Label cell : row) {
                cell.pseudoClassStateChanged(SELECTED, held);
            }
        }
    }

    /** Puts the rows of the garment's levels down. A drag changes only their words: a node laid anew would be styled anew. */
    private void lay(List<Level> levels) {
        if (levels.equals(laid)) {
            return;
        }
        laid = levels;
        getChildren().removeIf(n -> GridPane.getRowIndex(n) != null && GridPane.getRowIndex(n) > 0);
        for (int at = 0; at < levels.size(); at++) {
            add(names.get(levels.get(at)), 0, at + 1);
            Label[] row = cells.get(levels.get(at));
            for (int i = 0; i < row.length; i++) {
                add(row[i], i + 1, at + 1);
            }
        }
    }

    private void write(Label[] row, LevelPlan plan) {
        row[0].setText((plan.body().estimated() ? "≈ " : "") + figure(plan.body()));
        double found = plan.worn().value() - plan.body().value() - plan.ease().value();
        row[1].setText((plan.ease().value() > 0 ? "+" : "") + figure(plan.ease()) + found(found));
        row[2].setText(figure(plan.worn()));
        row[3].setText(figure(plan.gap()));
        row[4].setText(figure(plan.pattern()));
        row[5].setText(LengthText.figure(bathyra.length.Length.mm(plan.pattern().value() / 2), unit()));
        row[6].setText(String.format(Locale.ROOT, "%.1f %%", plan.frontShare().value() * 100)
                + (model.isOwnShare(plan.level()) ? ", yours" : ""));
        row[7].setText(figure(plan.frontHalf()));
        row[8].setText(figure(plan.backHalf()));
        boolean adds = Math.abs(plan.frontHalf().value()
                        + plan.backHalf().value()
                        - plan.pattern().value() / 2)
                < ADDS_UP;
        String said = adds ? "adds up" : "does not add up";
        if (!said.equals(row[9].getAccessibleText())) {
            row[9].setGraphic(adds ? Marks.tick() : Marks.cross());
            row[9].setAccessibleText(said);
        }
    }

    /** What fittings found of a girth, beside its ease. */
    private String found(double mm) {
        return Math.abs(mm) < ADDS_UP
                ? ""
                : (mm > 0 ? " + " : " − ") + LengthText.figure(bathyra.length.Length.mm(Math.abs(mm)), unit());
    }

    private LengthUnit unit() {
        return workshop.unit();
    }

    private String figure(Reckoned number) {
        return LengthText.figure(number.length(), unit());
    }
}
