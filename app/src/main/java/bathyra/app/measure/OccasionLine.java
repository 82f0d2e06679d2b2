package bathyra.app.measure;

import bathyra.app.stage.DayField;
import bathyra.app.stage.Days;
import bathyra.app.table.TextSize;
import bathyra.measure.Occasion;
import bathyra.measure.Posture;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** When and how the figures were taken: one line on the page, which opens to be written. */
final class OccasionLine extends VBox {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");

    private final MeasureModel model;
    private final Button line = new Button();
    private final TextField day = field("taken-day", "The day, year-month-day");
    private final TextField by = field("taken-by", "Who held the tape");
    private final TextField over = field("taken-over", "What the wearer had on");
    private final ToggleButton full = new ToggleButton("Lungs full");
    private final MenuButton posture = new MenuButton();
    private final VBox writing;

    OccasionLine(MeasureModel model) {
        this.model = model;
        line.getStyleClass().add("occasion");
        line.setId("occasion");
        line.setMaxWidth(Double.MAX_VALUE);
        line.setMinHeight(Region.USE_PREF_SIZE);
        setMinHeight(Region.USE_PREF_SIZE);
        line.setOnAction(e -> open(!getChildren().contains(writing())));
        full.setId("taken-full");
        writing = new VBox(
                row("Taken on", new DayField(day)), row("by", by), row("over", over, full), row("stands", posture));
        posture.setId("taken-posture");
        posture.getStyleClass().add("plain");
        posture.setAccessibleText("How the wearer stands");
        for (Posture each : Posture.values()) {
            MenuItem item = new MenuItem(each.label());
            item.setOnAction(e -> model.occasion(model.occasion().standing(each)));
            posture.getItems().add(item);
        }
        writing.getStyleClass().add("occasion-fields");
        getChildren().add(line);
        taken(day, () -> {
            Optional<LocalDate> read = Days.read(day.getText());
            day.pseudoClassStateChanged(FAULT, read.isEmpty());
            read.ifPresent(d -> model.occasion(model.occasion().on(d)));
        });
        taken(by, () -> model.occasion(model.occasion().by(by.getText().strip())));
        taken(over, () -> model.occasion(model.occasion().over(over.getText().strip())));
        full.setOnAction(e -> model.occasion(
                model.occasion().breathing(full.isSelected() ? Occasion.Breath.FULL : Occasion.Breath.REST)));
    }

    private VBox writing() {
        return writing;
    }

    private static TextField field(String id, String name) {
        TextField field = new TextField();
        field.setId(id);
        field.setAccessibleText(name);
        field.setPromptText(name.toLowerCase(Locale.ROOT));
        return field;
    }

    private static HBox row(String name, Node... parts) {
        Label label = new Label(name);
        TextSize.minWidth(label, 60);
        HBox row = new HBox(8, label);
        row.getChildren().addAll(parts);
        HBox.setHgrow(parts[0], Priority.ALWAYS);
        row.getStyleClass().add("fields");
        return row;
    }

    private static void taken(TextField field, Runnable take) {
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now && !field.getText().isBlank()) {
                take.run();
            }
        });
    }

    private void open(boolean shown) {
        getChildren().remove(writing);
        if (shown) {
            getChildren().add(writing);
            day.requestFocus();
        }
    }

    void show() {
        Occasion occasion = model.occasion();
        line.setText(say(occasion));
        write(day, occasion.day().map(LocalDate::toString).orElse(""));
        write(by, occasion.by());
        write(over, occasion.over());
        posture.setText(occasion.posture().label());
        full.setSelected(occasion.breath() == Occasion.Breath.FULL);
    }

    private static void write(TextField field, String text) {
        if (!field.isFocused()) {
            field.setText(text);
            field.pseudoClassStateChanged(FAULT, false);
        }
    }

    /** {@code Taken 3 November 2026 by Idris Vale, over a leotard, breath at rest}. */
    static String say(Occasion occasion) {
        if (occasion.equals(Occasion.UNNOTED)) {
            return "When and how it was taken is not noted";
        }
        return "Taken" + occasion.day().map(d -> " " + Days.writeWithYear(d)).orElse("")
                + (occasion.by().isEmpty() ? "" : " by " + occasion.by())
                + (occasion.over().isEmpty() ? "" : ", over " + occasion.over()) + ", "
                + occasion.breath().label()
                + (occasion.posture() == Posture.USUAL
                        ? ""
                        : ", " + occasion.posture().label());
    }
}
