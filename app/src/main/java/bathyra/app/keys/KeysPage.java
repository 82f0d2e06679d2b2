package bathyra.app.keys;

import bathyra.app.table.TextSize;
import java.util.List;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Every key on one page. */
public final class KeysPage extends BorderPane {
    private static final double COLUMN = 480;
    private static final double KEYS = 150;

    /** @param everywhere what is done with a key wherever one is @param close returns */
    public KeysPage(List<KeyDeed> everywhere, Runnable close) {
        setId("keys");
        FlowPane groups = new FlowPane(24, 18);
        groups.getChildren()
                .add(group(
                        "Everywhere",
                        everywhere.stream()
                                .map(d -> new PlaceKeys.Key(d.keys(), d.words()))
                                .toList()));
        for (PlaceKeys place : PlaceKeys.values()) {
            groups.getChildren().add(group(place.title(), place.keys()));
        }
        Label title = new Label("Keys");
        title.getStyleClass().add("page-title");
        VBox all = new VBox(12, title, groups);
        all.getStyleClass().add("settings-page");
        ScrollPane scroll = new ScrollPane(all);
        scroll.setFitToWidth(true);
        scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        setCenter(scroll);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (e.getCode() == KeyCode.ESCAPE) {
                close.run();
                e.consume();
            }
        });
        scroll.sceneProperty().addListener((o, was, now) -> javafx.application.Platform.runLater(scroll::requestFocus));
    }

    private static VBox group(String title, List<PlaceKeys.Key> keys) {
        Label head = new Label(title);
        head.getStyleClass().add("settings-head");
        VBox group = new VBox(3, head);
        TextSize.width(group, COLUMN);
        for (PlaceKeys.Key key : keys) {
            Label name = new Label(key.keys());
            name.getStyleClass().add("check-name");
            TextSize.width(name, KEYS);
            name.setWrapText(true);
            Label does = new Label(key.does());
            does.setWrapText(true);
            does.setMinHeight(Region.USE_PREF_SIZE);
            group.getChildren().add(new HBox(10, name, does));
        }
        return group;
    }
}
