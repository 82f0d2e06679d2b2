package bathyra.app.cups;

import bathyra.garment.CupKind;
import java.util.EnumMap;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.scene.Group;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.SVGPath;

/** The kinds of cup as small drawings; choosing one redraws at once. */
final class KindCards extends HBox {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final String PANEL = "M2 8 Q28 -4 54 8 L54 62 L2 62 Z";
    private static final Map<CupKind, String> LINES = Map.of(
            CupKind.PRINCESS, "M28 2 Q24 30 28 62",
            CupKind.TWO_PART, "M6 6 L6 26 A22 20 0 0 0 50 26 L50 6 M28 2 L28 62",
            CupKind.THREE_PART, "M6 6 L6 26 A22 20 0 0 0 50 26 L50 6 M6 20 Q28 10 50 20 M28 14 L28 62",
            CupKind.YOKE, "M2 22 L54 22 M6 22 L6 26 A22 20 0 0 0 50 26 L50 22 M28 22 L28 62");

    private final Map<CupKind, Button> cards = new EnumMap<>(CupKind.class);

    KindCards(Consumer<CupKind> choose) {
        getStyleClass().add("kind-cards");
        for (CupKind kind : CupKind.values()) {
            SVGPath panel = new SVGPath();
            panel.setContent(PANEL);
            panel.getStyleClass().add("kind-panel");
            SVGPath lines = new SVGPath();
            lines.setContent(LINES.get(kind));
            lines.getStyleClass().add("kind-lines");
            Label name = new Label(kind.label());
            VBox words = new VBox(4, new Group(panel, lines), name);
            words.setAlignment(javafx.geometry.Pos.CENTER);
            Button card = new Button();
            card.setGraphic(words);
            card.setMinWidth(USE_PREF_SIZE);
            card.getStyleClass().setAll("school-card");
            card.setId("cups-" + kind.id());
            card.setAccessibleText("Cups: " + kind.label());
            card.setOnAction(e -> choose.accept(kind));
            cards.put(kind, card);
            getChildren().add(card);
        }
    }

    void show(CupKind chosen) {
        cards.forEach((kind, card) -> card.pseudoClassStateChanged(SELECTED, kind == chosen));
    }
}
