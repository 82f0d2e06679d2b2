package bathyra.app.packets;

import bathyra.app.output.Packet;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** One packet as a parcel tag: who receives it, what it is, how much it comes to. */
final class PacketTag extends Button {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private final Label name = new Label();
    private final Label words = new Label();
    private final Label count = new Label();
    private final Label kind = new Label();

    PacketTag(String id) {
        setId("packet-" + id);
        getStyleClass().setAll("packet-tag");
        name.getStyleClass().add("tag-name");
        words.getStyleClass().add("quiet");
        count.getStyleClass().add("figure-strong");
        kind.getStyleClass().add("quiet");
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox foot = new HBox(count, space, kind);
        VBox lines = new VBox(1, name, words, foot);
        HBox.setHgrow(lines, Priority.ALWAYS);
        Region eyelet = new Region();
        eyelet.getStyleClass().add("tag-eyelet");
        StackPane hole = new StackPane(eyelet);
        HBox all = new HBox(12, hole, lines);
        all.setAlignment(Pos.CENTER_LEFT);
        all.setPadding(new Insets(0, 4, 0, 0));
        setGraphic(all);
        setMaxWidth(Double.MAX_VALUE);
        all.minWidthProperty().bind(widthProperty().subtract(36));
    }

    void show(Packet packet, boolean chosen, String much, String ending) {
        name.setText(packet.name());
        words.setText(packet.receiver().words());
        count.setText(much);
        kind.setText(ending);
        setAccessibleText(packet.name() + ", " + packet.receiver().words() + (much.isEmpty() ? "" : ", " + much)
                + (chosen ? ", chosen" : ""));
        pseudoClassStateChanged(SELECTED, chosen);
    }
}
