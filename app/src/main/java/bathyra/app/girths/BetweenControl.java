package bathyra.app.girths;

import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.OptionField;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.garment.EaseHere;
import bathyra.garment.Garment;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.VBox;

/** The lines between the levels: how high each lies, what it gives, and in which seam. */
final class BetweenControl extends VBox {
    private final Workshop workshop;
    private final BetweenModel model;
    private final List<OptionField> fields = new ArrayList<>();
    private final List<MenuButton> seams = new ArrayList<>();

    BetweenControl(Workshop workshop, BetweenModel model) {
        this.workshop = workshop;
        this.model = model;
        getStyleClass().add("controls");
        build(garment().between().size());
    }

    void refresh() {
        List<EaseHere> lines = garment().between();
        if (seams.size() != lines.size()) {
            build(lines.size());
        }
        fields.forEach(OptionField::refresh);
        for (int i = 0; i < lines.size(); i++) {
            seams.get(i).setText(lines.get(i).seam().map(SeamPlace::label).orElse("Shared over the seams"));
        }
    }

    private Garment garment() {
        return workshop.commission().garment();
    }

    private void build(int count) {
        getChildren().clear();
        fields.clear();
        seams.clear();
        Settings settings = new Settings(workshop);
        for (int i = 0; i < count; i++) {
            int which = i;
            Label title = new Label(count == 1 ? "A line between the levels" : "Line " + (i + 1));
            title.getStyleClass().add("section-title");
            MenuButton seam = new MenuButton();
            seam.setId("ease-here-seam-" + i);
            seam.setAccessibleText("Where the room is given");
            seam.setOnShowing(e -> seam.getItems().setAll(choices(which)));
            // Opened once so that the keyboard finds something in it.
            seam.getItems().setAll(choices(which));
            fields.add(new OptionField(settings.easeHere(i), workshop::unit));
            fields.add(new OptionField(settings.heightOfEase(i), workshop::unit));
            seams.add(seam);
            getChildren()
                    .addAll(
                            title,
                            fields.get(2 * i),
                            fields.get(2 * i + 1),
                            seam,
                            Deed.button("ease-here-away-" + i, "Take this line away", () -> model.away(which)));
        }
        getChildren().add(Deed.button("ease-here", "Ease between two levels", model::add));
    }

    private List<MenuItem> choices(int which) {
        List<MenuItem> items = new ArrayList<>();
        MenuItem all = new MenuItem("Shared over the seams");
        all.setOnAction(e -> model.in(which, Optional.empty()));
        items.add(all);
        for (SeamPlace seam : garment().seams()) {
            MenuItem item = new MenuItem(seam.label());
            item.setOnAction(e -> model.in(which, Optional.of(seam)));
            items.add(item);
        }
        return items;
    }
}
