package bathyra.app.keys;

import bathyra.app.keyboard.Place;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.stage.Scroll;
import bathyra.app.table.TextSize;
import java.util.List;
import javafx.scene.control.Label;
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
                                .map(d -> new Line(d.keys(), d.words()))
                                .toList()));
        for (Place place : Place.values()) {
            groups.getChildren()
                    .add(group(
                            place.title(),
                            PlaceKey.of(place).stream()
                                    .map(k -> new Line(k.keys(), k.words()))
                                    .toList()));
        }
        Label title = new Label("Keys");
        title.getStyleClass().add("page-title");
        VBox all = new VBox(12, title, groups);
        all.getStyleClass().add("settings-page");
        Scroll scroll = Scroll.down(all);
        scroll.setFocusTraversable(true);
        setCenter(scroll);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (PlaceKey.CLOSE.isPressed(e)) {
                close.run();
                e.consume();
            }
        });
        scroll.sceneProperty().addListener((o, was, now) -> javafx.application.Platform.runLater(scroll::requestFocus));
    }

    /** A line of the page. @param keys as one reads them */
    private record Line(String keys, String does) {}

    private static VBox group(String title, List<Line> lines) {
        Label head = new Label(title);
        head.getStyleClass().add("settings-head");
        VBox group = new VBox(3, head);
        TextSize.width(group, COLUMN);
        for (Line line : lines) {
            Label name = new Label(line.keys());
            name.getStyleClass().add("check-name");
            TextSize.width(name, KEYS);
            name.setWrapText(true);
            Label does = new Label(line.does());
            does.setWrapText(true);
            does.setMinHeight(Region.USE_PREF_SIZE);
            group.getChildren().add(new HBox(10, name, does));
        }
        return group;
    }
}
