package bathyra.app.fittings;

import bathyra.app.workshop.Workshop;
import bathyra.fitting.Mark;
import bathyra.fitting.Spot;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.place.Level;
import java.util.Optional;
import javafx.css.PseudoClass;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** One reading of the gap at the lacing; empty where it was not measured. */
final class GapField extends VBox {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");

    private final Workshop workshop;
    private final FittingsModel model;
    private final Spot place;
    private final String name;
    private final TextField field = new TextField();
    private final Label symbol = new Label();
    private final Label fault = new Label();
    private boolean writing;

    GapField(Workshop workshop, FittingsModel model, Spot place) {
        this.workshop = workshop;
        this.model = model;
        this.place = place;
        this.name = place.level().map(Level::label).orElse("Hem");
        getStyleClass().add("option");
        Label label = new Label(name);
        label.setLabelFor(field);
        label.setMaxWidth(Double.MAX_VALUE);
        label.setWrapText(true);
        label.setMinHeight(Region.USE_PREF_SIZE);
        symbol.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(label, Priority.ALWAYS);
        field.setId("gap-" + place.level().map(Level::id).orElse("hem"));
        field.setAccessibleText("Gap measured: " + name);
        HBox row = new HBox(label, field, symbol);
        row.getStyleClass().add("fields");
        fault.getStyleClass().add("row-fault");
        getChildren().add(row);
        field.textProperty().addListener((o, was, now) -> {
            if (!writing) {
                read(now.strip());
            }
        });
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                workshop.letGo();
                refresh();
            }
        });
        field.setOnAction(e -> workshop.letGo());
    }

    private void read(String text) {
        Optional<String> wrong = Optional.empty();
        if (text.isEmpty()) {
            model.gapAway(place);
        } else if (LengthText.read(text, workshop.unit()) instanceof LengthText.Read read) {
            if (read.length().isWithin(Length.mm(0), Mark.MOST)) {
                model.gapRead(place, read.length());
            } else {
                wrong = Optional.of("A gap lies between 0 and " + LengthText.say(Mark.MOST, workshop.unit()) + ".");
            }
        } else {
            wrong = Optional.of(((LengthText.Unread) LengthText.read(text, workshop.unit())).reason());
        }
        field.pseudoClassStateChanged(FAULT, wrong.isPresent());
        getChildren().remove(fault);
        wrong.ifPresent(w -> {
            fault.setText(w);
            getChildren().add(fault);
        });
    }

    void refresh() {
        symbol.setText(workshop.unit().symbol());
        field.setPromptText(LengthText.figure(model.commission().garment().gap().length(), workshop.unit()));
        String now = model.gap(place)
                .map(m -> LengthText.figure(m.amount(), workshop.unit()))
                .orElse("");
        if (!field.isFocused() && !field.getText().equals(now) && getChildren().size() == 1) {
            writing = true;
            field.setText(now);
            writing = false;
        }
    }
}
