package bathyra.app.making;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.DayField;
import bathyra.app.stage.Days;
import bathyra.supply.Material;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

/** How it stands with one material. */
final class MaterialCard {
    private final MaterialsModel model;
    private final VBox controls = new VBox();
    private final Button ready = new Button("It is here");
    private final Button missing = new Button("It is missing");
    private final TypedField comes;
    private final Label wrong = new Label();
    private Optional<String> chosen = Optional.empty();

    MaterialCard(MaterialsModel model) {
        this.model = model;
        ready.setId("material-ready");
        ready.setOnAction(e -> material().ifPresent(model::ready));
        missing.setId("material-missing");
        missing.setOnAction(e -> material().ifPresent(model::missing));
        comes = new TypedField("material-comes", "Ordered, comes on, year-month-day", this::ordered, wrong::setText);
        DayField day = new DayField(comes);
        HBox.setHgrow(day, Priority.ALWAYS);
        wrong.getStyleClass().add("caution");
        wrong.setWrapText(true);
        wrong.managedProperty().bind(wrong.textProperty().isNotEmpty());
        wrong.visibleProperty().bind(wrong.managedProperty());
        HBox deeds = new HBox(8, ready, missing);
        Label ordered = new Label("Ordered, comes");
        ordered.setMinWidth(javafx.scene.layout.Region.USE_PREF_SIZE);
        HBox row = new HBox(8, ordered, day);
        row.getStyleClass().add("fields");
        controls.getStyleClass().add("controls");
        controls.getChildren().addAll(deeds, row, wrong);
    }

    private Optional<String> ordered(String text) {
        Optional<java.time.LocalDate> day = Days.read(text);
        if (day.isEmpty() && !text.isBlank()) {
            return Optional.of("Type the day as 2026-12-18.");
        }
        material().ifPresent(m -> model.ordered(m, day));
        return Optional.empty();
    }

    void choose(Material material) {
        chosen = Optional.of(material.what());
    }

    Optional<String> chosen() {
        return chosen;
    }

    private Optional<Material> material() {
        return chosen.flatMap(
                c -> model.materials().stream().filter(m -> m.what().equals(c)).findFirst());
    }

    /** Writes it on the card. @return whether there is one */
    boolean show(Card card) {
        Optional<Material> material = material();
        material.ifPresent(m -> {
            comes.write(m.supply().comes().map(Object::toString).orElse(""));
            card.begin(m.what(), controls);
            card.words(ShelfPanel.amount(m) + " needed, from “" + m.step().label() + "” on. It is " + ShelfPanel.said(m)
                    + ".");
            model.shelf()
                    .find(m.what())
                    .ifPresent(k -> card.words(
                            String.format(
                                    Locale.ROOT,
                                    "On the shelf: %.1f %s, of which %.1f are free.",
                                    model.shelf().there(k),
                                    k.unit(),
                                    model.shelf().free(k)),
                            "quiet"));
            if (m.supply().amount() > 0) {
                card.words("It is taken from the shelf; when its step is done, so much less is there.", "quiet");
            }
            card.belowControls();
        });
        return material.isPresent();
    }
}
