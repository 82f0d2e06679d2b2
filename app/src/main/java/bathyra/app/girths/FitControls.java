package bathyra.app.girths;

import bathyra.app.reckoning.OptionField;
import bathyra.app.reckoning.SliderControl;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.garment.LengthOption;
import bathyra.garment.Stretch;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What can be set at a level besides its ease: the dropped waist and how far the reduction is felt, the rib, the stretch of the cloth. */
final class FitControls extends VBox {
    private final GirthsModel model;
    private final List<OptionField> fields = new ArrayList<>();
    private final CheckBox drops = new CheckBox("The girth moves down with it");
    private final CheckBox lungs = new CheckBox("Fitted to the rib with lungs full");
    private SliderControl use;

    FitControls(Workshop workshop, GirthsModel model, Level level) {
        this.model = model;
        getStyleClass().add("controls");
        Settings settings = new Settings(workshop);
        if (level == Level.WAIST) {
            add(new OptionField(settings.length(LengthOption.REACH_UP), workshop::unit));
            add(new OptionField(settings.length(LengthOption.REACH_DOWN), workshop::unit));
            add(new OptionField(settings.length(LengthOption.WAIST_DROP), workshop::unit));
            drops.setId("waist-girth-drops");
            drops.setOnAction(e -> model.waistGirthDrops(drops.isSelected()));
            getChildren().add(drops);
        }
        if (level == Level.UNDERBUST) {
            lungs.setId("lungs-full");
            lungs.setOnAction(e -> model.lungsFull(lungs.isSelected()));
            getChildren().add(lungs);
        }
        if (model.row().isStretch()) {
            stretch(settings, workshop);
        }
        refresh();
    }

    private void stretch(Settings settings, Workshop workshop) {
        Label title = new Label("Stretch test of the cloth");
        title.getStyleClass().add("section-title");
        getChildren().add(title);
        add(new OptionField(
                settings.stretch(
                        "relaxed",
                        "Sample relaxed",
                        "",
                        Stretch::relaxed,
                        (s, l) -> new Stretch(l, s.across(), s.along(), s.returned(), s.use())),
                workshop::unit));
        add(new OptionField(
                settings.stretch(
                        "across",
                        "Pulled across",
                        "Comfortably, in the direction that goes round the body.",
                        Stretch::across,
                        (s, l) -> new Stretch(s.relaxed(), l, s.along(), s.returned(), s.use())),
                workshop::unit));
        add(new OptionField(
                settings.stretch(
                        "along",
                        "Pulled along",
                        "In the direction that goes up and down.",
                        Stretch::along,
                        (s, l) -> new Stretch(s.relaxed(), s.across(), l, s.returned(), s.use())),
                workshop::unit));
        add(new OptionField(
                settings.stretch(
                        "returned",
                        "A minute after",
                        "Across, once it was let go. What does not come back is not counted.",
                        Stretch::returned,
                        (s, l) -> new Stretch(s.relaxed(), s.across(), s.along(), l, s.use())),
                workshop::unit));
        use = new SliderControl(
                "stretch-use",
                "Used of it: 30 % light, 70 % firm",
                0.1,
                0.9,
                () -> model.stretch().use(),
                model::stretchUse,
                share -> String.format(Locale.ROOT, "%.0f %%", share * 100),
                workshop::letGo);
        getChildren().add(use);
    }

    private void add(OptionField field) {
        fields.add(field);
        getChildren().add(field);
    }

    void refresh() {
        fields.forEach(OptionField::refresh);
        drops.setSelected(model.waistGirthDrops());
        lungs.setSelected(model.isLungsFull());
        if (use != null) {
            use.refresh();
        }
    }
}
