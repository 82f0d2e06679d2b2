package bathyra.app.stage;

import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** Which half of an uneven body is looked at; not there where both halves are alike. */
public final class HalfSwitch extends HBox {
    private final Workshop workshop;
    private final ToggleButton left = new ToggleButton("Left half");
    private final ToggleButton right = new ToggleButton("Right half");

    public HalfSwitch(Workshop workshop) {
        this.workshop = workshop;
        getStyleClass().add("unit-switch");
        ToggleGroup group = new ToggleGroup();
        left.setToggleGroup(group);
        right.setToggleGroup(group);
        left.setId("half-left");
        right.setId("half-right");
        left.getStyleClass().add("first");
        right.getStyleClass().add("last");
        left.setOnAction(e -> look(false));
        right.setOnAction(e -> look(true));
        getChildren().addAll(left, right);
        managedProperty().bind(visibleProperty());
        setMinWidth(Region.USE_PREF_SIZE);
        setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
        refresh();
    }

    private void look(boolean atRight) {
        workshop.letGo();
        workshop.selection().rightHalfProperty().set(atRight);
        workshop.showing().again();
    }

    public void refresh() {
        setVisible(workshop.draft().flatMap(Draft::rightHalf).isPresent());
        left.setSelected(!workshop.selection().rightHalfProperty().get());
        right.setSelected(workshop.selection().rightHalfProperty().get());
    }
}
