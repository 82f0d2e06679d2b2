package bathyra.app.table;

import javafx.scene.control.Button;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** Smaller, how large, larger: a slip on the table. Pressing the figure fits the whole drawing. */
public final class ZoomSlip extends HBox {
    private static final double STEP = 1.2;

    public ZoomSlip(Table table) {
        Button less = small("−", "Smaller");
        less.setOnAction(e -> table.zoom(1 / STEP, table.getWidth() / 2, table.getHeight() / 2));
        Button more = small("+", "Larger");
        more.setOnAction(e -> table.zoom(STEP, table.getWidth() / 2, table.getHeight() / 2));
        Button percent = small("", "Fit the whole drawing");
        percent.setTooltip(new Tooltip("Fit the whole drawing"));
        percent.setOnAction(e -> table.fit());
        percent.textProperty()
                .bind(table.viewProperty().map(v -> table.percent() + " %").orElse("–"));
        getChildren().addAll(less, percent, more);
        getStyleClass().add("slip");
    }

    private static Button small(String text, String name) {
        Button button = new Button(text);
        button.getStyleClass().add("plain");
        button.setAccessibleText(name);
        button.setMinWidth(Region.USE_PREF_SIZE);
        return button;
    }
}
