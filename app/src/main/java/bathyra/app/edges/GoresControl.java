package bathyra.app.edges;

import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.OptionField;
import bathyra.app.reckoning.SliderControl;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Gore;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** The gores and gussets: into which panel, where along its edge, how high and how wide. */
final class GoresControl extends VBox {
    private final Workshop workshop;
    private final GoresModel model;
    private final List<OptionField> fields = new ArrayList<>();
    private final List<SliderControl> places = new ArrayList<>();
    private final List<MenuButton> panels = new ArrayList<>();
    private final Button below;
    private final Button above;

    GoresControl(Workshop workshop, GoresModel model) {
        this.workshop = workshop;
        this.model = model;
        this.below = Deed.button("gore", "Set in a hip gore", () -> model.add(false));
        this.above = Deed.button("gusset", "Set in a bust gusset", () -> model.add(true));
        for (Button each : List.of(below, above)) {
            each.managedProperty().bind(each.visibleProperty());
        }
        getStyleClass().add("controls");
        build();
    }

    void refresh() {
        if (panels.size() != model.gores().size()) {
            build();
        }
        below.setVisible(model.canOpen(false));
        above.setVisible(model.canOpen(true));
        fields.forEach(OptionField::refresh);
        places.forEach(SliderControl::refresh);
        List<Piece> pieces = model.panels();
        for (int i = 0; i < panels.size(); i++) {
            int which = i;
            Gore gore = model.gores().get(i);
            panels.get(i)
                    .setText(pieces.stream()
                            .filter(p -> p.id().equals(gore.panel()))
                            .map(Piece::name)
                            .findFirst()
                            .orElse(gore.panel()));
            panels.get(i)
                    .getItems()
                    .setAll(pieces.stream().map(p -> item(which, p)).toList());
        }
    }

    private MenuItem item(int which, Piece piece) {
        MenuItem item = new MenuItem(piece.name());
        item.setOnAction(e -> model.into(which, piece));
        return item;
    }

    private void build() {
        getChildren().clear();
        fields.clear();
        places.clear();
        panels.clear();
        Settings settings = new Settings(workshop);
        for (int i = 0; i < model.gores().size(); i++) {
            int which = i;
            Label title = new Label(model.gores().get(i).name());
            title.getStyleClass().add("section-title");
            MenuButton panel = new MenuButton();
            panel.setId("gore-panel-" + i);
            panel.setAccessibleText("The panel that is slit");
            panels.add(panel);
            fields.add(new OptionField(settings.goreWidth(i), workshop::unit));
            fields.add(new OptionField(settings.goreHeight(i), workshop::unit));
            places.add(new SliderControl(
                    "gore-place-" + i,
                    "From centre front along the edge",
                    Gore.PLACE_LEAST,
                    Gore.PLACE_MOST,
                    () -> model.place(which),
                    share -> model.place(which, share),
                    share -> String.format(Locale.ROOT, "%.0f %%", share * 100),
                    workshop::letGo));
            getChildren()
                    .addAll(
                            title,
                            panel,
                            fields.get(2 * i),
                            fields.get(2 * i + 1),
                            places.get(i),
                            Deed.button("gore-away-" + i, "Take it away", () -> model.away(which)));
        }
        getChildren().addAll(below, above);
    }
}
