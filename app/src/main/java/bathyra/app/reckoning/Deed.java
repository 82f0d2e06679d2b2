package bathyra.app.reckoning;

import javafx.scene.control.Button;
import javafx.scene.layout.Region;

/** A deed in running text: bold, underlined, without a frame. */
public final class Deed {
    private Deed() {}

    public static Button button(String id, String text, Runnable run) {
        Button button = new Button(text);
        button.getStyleClass().add("deed");
        button.setId(id);
        button.setWrapText(true);
        button.setMinHeight(Region.USE_PREF_SIZE);
        button.setOnAction(e -> run.run());
        return button;
    }
}
