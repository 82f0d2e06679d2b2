package bathyra.app.fittings;

import bathyra.app.stage.DayField;
import bathyra.app.stage.Days;
import bathyra.app.workshop.Workshop;
import bathyra.fitting.Fitting;
import bathyra.fitting.Setting;
import bathyra.fitting.Spot;
import bathyra.length.Length;
import bathyra.place.Level;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** In what state the garment was tried, and the gap at the lacing from top to hem. */
final class SettingControls extends VBox {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private static final double NAMES = 84;
    private static final int MINUTES_MOST = 600;

    private final Workshop workshop;
    private final FittingsModel model;
    private final TextField day = new TextField();
    private final TextField minutes = new TextField();
    private final Map<Setting.Field, TextField> texts = new EnumMap<>(Setting.Field.class);
    private final CheckBox pins = new CheckBox("Pins written from the seam, half of what they take");
    private final List<GapField> gaps = new ArrayList<>();
    private String built = "";
    private boolean writing;

    SettingControls(Workshop workshop, FittingsModel model) {
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("controls");
        day.setId("fitting-day");
        day.setAccessibleText("The day, year-month-day");
        taken(day, text -> {
            Optional<LocalDate> read = Days.read(text);
            read.ifPresent(model::day);
            return read.isPresent();
        });
        minutes.setId("fitting-minutes");
        minutes.setAccessibleText("Minutes worn before it was read");
        taken(minutes, this::minutes);
        for (Setting.Field field : Setting.Field.values()) {
            TextField text = new TextField();
            text.setId("fitting-" + field.id());
            text.setAccessibleText(field.label());
            text.textProperty().addListener((o, was, now) -> {
                if (!writing) {
                    model.setting(field, now);
                }
            });
            text.focusedProperty().addListener((o, was, now) -> {
                if (!now) {
                    workshop.letGo();
                }
            });
            texts.put(field, text);
        }
        pins.setId("pins-to-seam");
        pins.setWrapText(true);
        pins.setOnAction(e -> model.setting("pins", s -> s.pinned(pins.isSelected())));
    }

    /** Something typed that is read when it is finished. */
    private void taken(TextField field, java.util.function.Predicate<String> take) {
        Runnable read = () -> {
            if (!writing) {
                field.pseudoClassStateChanged(FAULT, !take.test(field.getText().strip()));
            }
        };
        field.setOnAction(e -> read.run());
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                read.run();
            }
        });
    }

    private boolean minutes(String text) {
        if (text.isEmpty()) {
            model.setting("minutes", s -> s.worn(OptionalInt.empty()));
            return true;
        }
        try {
            int read = Integer.parseInt(text);
            if (read < 0 || read > MINUTES_MOST) {
                return false;
            }
            model.setting("minutes", s -> s.worn(OptionalInt.of(read)));
            return true;
        } catch (NumberFormatException e) {
            return false;
        }
    }

    void show(Fitting fitting) {
        boolean laced = model.commission().garment().fastening().closure().isLaced();
        String wanted = fitting.number() + " " + laced + places();
        if (!built.equals(wanted)) {
            built = wanted;
            build(laced);
        }
        write(day, fitting.day().map(LocalDate::toString).orElse(""));
        write(
                minutes,
                fitting.setting().minutes().isPresent()
                        ? Integer.toString(fitting.setting().minutes().getAsInt())
                        : "");
        texts.forEach((field, text) -> write(text, fitting.setting().text(field)));
        pins.setSelected(fitting.setting().pinsToSeam());
        gaps.forEach(GapField::refresh);
    }

    private void write(TextField field, String text) {
        if (!field.isFocused() && !field.getText().equals(text)) {
            writing = true;
            field.setText(text);
            field.pseudoClassStateChanged(FAULT, false);
            writing = false;
        }
    }

    /** Where the gap is measured: at every level of the garment but the bust, and at the hem. */
    private List<Spot> places() {
        List<Spot> places = new ArrayList<>();
        for (Level level : model.commission().garment().levels()) {
            if (level != Level.BUST) {
                places.add(Spot.at(level));
            }
        }
        places.add(new Spot(Length.mm(-1), 1, Optional.empty(), Optional.empty()));
        return places;
    }

    private void build(boolean laced) {
        List<Node> nodes = new ArrayList<>();
        gaps.clear();
        if (laced) {
            Label head = new Label("The gap, measured");
            head.getStyleClass().add("section-title");
            nodes.add(head);
            for (Spot place : places()) {
                GapField gap = new GapField(workshop, model, place);
                gaps.add(gap);
                nodes.add(gap);
            }
        }
        Label head = new Label("How it was tried");
        head.getStyleClass().add("section-title");
        nodes.add(head);
        nodes.add(row("Day", new DayField(day)));
        texts.forEach((field, text) -> nodes.add(row(field.label(), text)));
        nodes.add(row("Minutes worn", minutes));
        nodes.add(pins);
        getChildren().setAll(nodes);
    }

    private static HBox row(String name, Node field) {
        Label label = new Label(name);
        label.setMinWidth(NAMES);
        label.setMaxWidth(NAMES);
        label.setWrapText(true);
        HBox row = new HBox(8, label, field);
        HBox.setHgrow(field, Priority.ALWAYS);
        row.getStyleClass().add("fields");
        return row;
    }
}
