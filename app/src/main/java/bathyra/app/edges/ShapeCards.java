package bathyra.app.edges;

import bathyra.garment.UpperShape;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Group;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import javafx.scene.shape.SVGPath;

/** The shapes of an upper edge as small drawings, both halves; only those that go with what holds the garment up. */
final class ShapeCards extends HBox {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final Map<UpperShape, String> LINES = Map.ofEntries(
            Map.entry(UpperShape.STRAIGHT, "M2 10 Q12 5 27 8 Q42 5 52 10"),
            Map.entry(UpperShape.CURVED, "M2 12 Q14 2 27 11 Q40 2 52 12"),
            Map.entry(UpperShape.SWEETHEART, "M2 14 C10 0 22 2 27 18 C32 2 44 0 52 14"),
            Map.entry(UpperShape.V, "M2 10 Q8 3 12 5 L27 26 L42 5 Q46 3 52 10"),
            Map.entry(UpperShape.PLUNGE, "M2 10 Q8 3 12 5 L27 38 L42 5 Q46 3 52 10"),
            Map.entry(UpperShape.SQUARE, "M2 10 L12 4 L14 20 L40 20 L42 4 L52 10"),
            Map.entry(UpperShape.SCOOP, "M2 10 Q8 2 12 4 C14 26 40 26 42 4 Q46 2 52 10"),
            Map.entry(UpperShape.ROUND, "M6 8 L18 2 C18 18 36 18 36 2 L48 8"),
            Map.entry(UpperShape.WIDE, "M6 8 L11 4 C14 16 40 16 43 4 L48 8"));

    private final Map<UpperShape, Button> cards = new EnumMap<>(UpperShape.class);

    ShapeCards(Consumer<UpperShape> choose) {
        getStyleClass().add("shape-cards");
        for (UpperShape shape : UpperShape.values()) {
            SVGPath line = new SVGPath();
            line.setContent(LINES.get(shape));
            line.getStyleClass().add("kind-lines");
            VBox words = new VBox(
                    3,
                    new Group(new Rectangle(54, 40, javafx.scene.paint.Color.TRANSPARENT), line),
                    new Label(shape.label()));
            words.setAlignment(Pos.CENTER);
            Button card = new Button();
            card.setGraphic(words);
            card.getStyleClass().setAll("school-card");
            card.setId("shape-" + shape.id());
            card.setAccessibleText("Upper edge: " + shape.label());
            card.setOnAction(e -> choose.accept(shape));
            cards.put(shape, card);
        }
    }

    void show(List<UpperShape> fitting, UpperShape chosen) {
        List<Button> shown = fitting.stream().map(cards::get).toList();
        if (!getChildren().equals(shown)) {
            getChildren().setAll(shown);
        }
        cards.forEach((shape, card) -> card.pseudoClassStateChanged(SELECTED, shape == chosen));
    }
}
