package bathyra.app.table;

import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** A slip on the table that chooses between a few ways of looking at what lies there. One of them is always chosen. */
public final class LookSwitch<E extends Enum<E>> extends HBox {
    private final List<E> choices;

    /**
     * @param prefix of the buttons' ids, before the name of the choice in small letters
     * @param choices from left to right
     * @param chosen what is chosen to begin with
     * @param look what is done with a choice
     */
    public LookSwitch(String prefix, List<E> choices, E chosen, Function<E, String> label, Consumer<E> look) {
        this.choices = List.copyOf(choices);
        getStyleClass().add("unit-switch");
        ToggleGroup group = new ToggleGroup();
        for (E each : choices) {
            ToggleButton button = new ToggleButton(label.apply(each));
            button.setId(prefix + each.name().toLowerCase(Locale.ROOT));
            button.setMinWidth(Region.USE_PREF_SIZE);
            button.setToggleGroup(group);
            button.setSelected(each == chosen);
            button.setOnAction(e -> {
                button.setSelected(true);
                look.accept(each);
            });
            getChildren().add(button);
        }
        getChildren().get(0).getStyleClass().add("first");
        getChildren().get(choices.size() - 1).getStyleClass().add("last");
    }

    /** Marks a choice that was made elsewhere. */
    public void choose(E choice) {
        ((ToggleButton) getChildren().get(choices.indexOf(choice))).setSelected(true);
    }
}
