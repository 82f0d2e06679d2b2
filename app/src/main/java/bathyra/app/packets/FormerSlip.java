package bathyra.app.packets;

import bathyra.app.reckoning.CardRows;
import bathyra.app.stage.Days;
import bathyra.app.stage.Marks;
import bathyra.book.Sent;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Says that an older packet is about, and what has changed since it went out. */
final class FormerSlip extends VBox {
    private static final int NAMED_MOST = 4;
    private final PacketsModel model;
    private final Label words = new Label();
    private final Button look;

    FormerSlip(PacketsModel model) {
        this.model = model;
        setId("older-packet");
        getStyleClass().add("note-slip");
        Label title = new Label("An older packet is about");
        title.getStyleClass().add("note-title");
        look = CardRows.deed("Show what changed", "show-changed", () -> model.showFormer(!model.isShowingFormer()));
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox head = new HBox(8, Marks.triangle(), title, space, look);
        head.setAlignment(Pos.CENTER_LEFT);
        words.setWrapText(true);
        words.setId("older-packet-words");
        getChildren().addAll(head, words);
        setMinHeight(Region.USE_PREF_SIZE);
    }

    void show() {
        Optional<Sent.Out> former = model.former();
        List<Piece> changed = former.map(model::changedSince).orElse(List.of());
        setVisible(!changed.isEmpty());
        setManaged(!changed.isEmpty());
        if (!changed.isEmpty()) {
            int all = model.workshop().draft().orElseThrow().pattern().pieces().size();
            words.setText("Made on " + Days.say(former.orElseThrow().day()) + ". " + sentence(changed, all));
            look.setText(model.isShowingFormer() ? "Show it as it is" : "Show what changed");
        }
    }

    private static String sentence(List<Piece> changed, int all) {
        if (changed.size() == all) {
            return "All " + all + " pieces have changed since.";
        }
        String names = changed.stream().limit(NAMED_MOST).map(Piece::name).collect(Collectors.joining(", "));
        return changed.size() + " of " + all + (changed.size() == 1 ? " pieces has" : " pieces have")
                + " changed since: " + names
                + (changed.size() > NAMED_MOST ? " and " + (changed.size() - NAMED_MOST) + " more." : ".");
    }
}
