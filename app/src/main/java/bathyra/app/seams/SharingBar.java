package bathyra.app.seams;

import bathyra.app.glossary.DrawnWords;
import bathyra.app.reckoning.Deed;
import bathyra.app.table.Joining;
import bathyra.app.workshop.GarmentChoice;
import bathyra.garment.Panels;
import bathyra.garment.SeamPlacing;
import bathyra.garment.Weighting;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

/** Above the soundings: how many panels, where their seams stand, by which preset the surplus is shared out, and how they lie on the table. */
final class SharingBar extends HBox {
    private final PanelsModel model;
    private final Label count = new Label();
    private final Button fewer = new Button("−");
    private final Button more = new Button("+");
    private final MenuButton placing = new MenuButton();
    private final MenuButton lie = new MenuButton();
    private final List<ToggleButton> presets = new ArrayList<>();
    private final Button compare;
    private final FlowPane panelled = new FlowPane(8, 4);

    /** @param lay lays the panels in another way */
    SharingBar(PanelsModel model, Consumer<Lie> lay) {
        this.model = model;
        setId("sharing-bar");
        setSpacing(8);
        setAlignment(Pos.CENTER_LEFT);
        fewer.setId("fewer-panels");
        fewer.setAccessibleText("One panel less a side");
        fewer.setOnAction(e -> model.panels(model.garment().panels().perSide() - 1));
        more.setId("more-panels");
        more.setAccessibleText("One panel more a side");
        more.setOnAction(e -> model.panels(model.garment().panels().perSide() + 1));
        count.setId("panel-count");
        placing.setId("placing");
        DrawnWords.at(placing, "Where the seams stand", () -> model.tried().others(GarmentChoice.PLACING));
        for (SeamPlacing each : SeamPlacing.values()) {
            placing.getItems().add(item(each.label(), () -> model.place(each)));
        }
        compare = Deed.button("compare-preset", "Beside the preset", model::comparePreset);
        panelled.setAlignment(Pos.CENTER_LEFT);
        HBox many = new HBox(4, fewer, count, more);
        many.setAlignment(Pos.CENTER_LEFT);
        panelled.getChildren().addAll(many, placing, preset(), compare);
        HBox.setHgrow(panelled, Priority.ALWAYS);
        panelled.managedProperty().bind(panelled.visibleProperty());
        lies(lay);
        getChildren().add(panelled);
        managedProperty().bind(panelled.visibleProperty());
    }

    /** The bar has room for a word or two. */
    private static String inShort(Weighting weighting) {
        return switch (weighting) {
            case SIDE -> "By table";
            case EVEN -> "Even";
            case FLAT_FRONT -> "Flat front";
            case BACK -> "Back";
            case FORM -> "By form";
        };
    }

    private HBox preset() {
        ToggleGroup group = new ToggleGroup();
        HBox box = new HBox();
        box.getStyleClass().add("unit-switch");
        for (Weighting each : Weighting.values()) {
            ToggleButton button = new ToggleButton(inShort(each));
            button.setId("preset-" + each.id());
            DrawnWords.at(button, "Share the surplus out: " + each.label(), () -> model.tried()
                    .only(GarmentChoice.SHARING, each));
            button.setUserData(each);
            button.setToggleGroup(group);
            button.setOnAction(e -> {
                button.setSelected(true);
                model.share(each);
            });
            presets.add(button);
            box.getChildren().add(button);
        }
        presets.get(0).getStyleClass().add("first");
        presets.get(presets.size() - 1).getStyleClass().add("last");
        return box;
    }

    private void lies(Consumer<Lie> lay) {
        lie.setId("lie");
        lie.setText("On their axes");
        add(lay, "On their axes", Lie.ON_AXES);
        add(lay, "Both halves", new Lie(Optional.empty(), true, Joining.APART));
        for (Level level : List.of(Level.BUST, Level.UNDERBUST, Level.WAIST, Level.HIGH_HIP, Level.HIP)) {
            add(
                    lay,
                    "Together at the " + level.label().toLowerCase(Locale.ROOT),
                    new Lie(Optional.of(level), false, Joining.APART));
        }
        add(lay, "Both halves, together at the waist", new Lie(Optional.of(Level.WAIST), true, Joining.APART));
        add(lay, "Upper edge closed", new Lie(Optional.empty(), false, Joining.ABOVE));
        add(lay, "Lower edge closed", new Lie(Optional.empty(), false, Joining.BELOW));
    }

    private void add(Consumer<Lie> lay, String name, Lie next) {
        MenuItem item = item(name, () -> {
            lie.setText(name);
            lay.accept(next);
        });
        next.together().ifPresent(level -> item.setUserData(level));
        lie.getItems().add(item);
    }

    private static MenuItem item(String text, Runnable run) {
        MenuItem item = new MenuItem(text);
        item.setOnAction(e -> run.run());
        return item;
    }

    /** How the panels lie: a slip on the table. */
    MenuButton lie() {
        return lie;
    }

    void refresh(List<Level> levels) {
        panelled.setVisible(model.isPanelled());
        lie.getItems()
                .forEach(item ->
                        item.setVisible(item.getUserData() == null || levels.contains((Level) item.getUserData())));
        if (!model.isPanelled()) {
            return;
        }
        Panels panels = model.garment().panels();
        count.setText(panels.perSide() + " a side");
        count.setAccessibleText(panels.perSide() + " panels a side");
        fewer.setDisable(panels.perSide() <= Panels.LEAST);
        more.setDisable(panels.perSide() >= Panels.MOST);
        placing.setText(panels.own().isEmpty() ? panels.placing().label() : "By hand");
        boolean drawn = !model.garment().sharing().weights().isEmpty();
        presets.forEach(button -> button.setSelected(
                !drawn && button.getUserData() == model.garment().sharing().preset()));
    }
}
