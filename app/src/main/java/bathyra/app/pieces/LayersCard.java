package bathyra.app.pieces;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.OptionField;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.garment.LayerChoice;
import bathyra.garment.LayerKind;
import bathyra.layer.Layer;
import bathyra.layer.Strip;
import bathyra.length.LengthText;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** Which layers of cloth are cut: made or not, how much each grows, which pieces it takes, what is measured off. */
final class LayersCard {
    private final Workshop workshop;
    private final PiecesModel model;
    private final Map<LayerKind, CheckBox> made = new EnumMap<>(LayerKind.class);
    private final Map<LayerKind, Button> views = new EnumMap<>(LayerKind.class);
    private final Map<LayerKind, Label> says = new EnumMap<>(LayerKind.class);
    private final Map<LayerKind, OptionField> turns = new EnumMap<>(LayerKind.class);
    private final VBox list = new VBox();
    private final VBox inHand = new VBox();

    LayersCard(Workshop workshop, PiecesModel model) {
        this.workshop = workshop;
        this.model = model;
        list.getStyleClass().add("controls");
        inHand.getStyleClass().add("controls");
        for (LayerKind kind : LayerKind.values()) {
            list.getChildren().add(row(kind));
        }
        Settings settings = new Settings(workshop);
        for (LayerKind kind : LayerKind.ofPanels()) {
            Supplier<String> words =
                    () -> "turn of cloth of the " + kind.label().toLowerCase(Locale.ROOT);
            turns.put(
                    kind,
                    new OptionField(
                            settings.own(
                                    "turn-" + kind.id(),
                                    "Turn of cloth",
                                    words,
                                    "What a side seam gains so that the layer goes round those below it; 1 to 2 mm for thick cloth.",
                                    LayerChoice.TURN_LEAST,
                                    LayerChoice.TURN_MOST,
                                    g -> g.finish().layer(kind).turn(),
                                    g -> g.finish().layer(kind).turn().millimetres() != 0,
                                    (g, l) -> g.withFinish(g.finish()
                                            .withLayer(
                                                    kind,
                                                    g.finish()
                                                            .layer(kind)
                                                            .withTurn(l.orElse(LayerChoice.USUAL.turn()))))),
                            workshop::unit));
        }
    }

    private HBox row(LayerKind kind) {
        CheckBox box = new CheckBox(kind.label());
        box.setId("made-" + kind.id());
        box.setAccessibleText(kind.label() + ": " + kind.reason());
        box.setOnAction(e -> model.make(kind, box.isSelected()));
        made.put(kind, box);
        Label words = new Label();
        words.getStyleClass().add("quiet");
        words.setMinWidth(Region.USE_PREF_SIZE);
        says.put(kind, words);
        Button look = new Button("look");
        look.getStyleClass().add("deed");
        look.setId("look-" + kind.id());
        look.setAccessibleText("Lay the layer on the table: " + kind.label());
        look.setMinWidth(Region.USE_PREF_SIZE);
        look.setOnAction(
                e -> model.look(model.layer().equals(Optional.of(kind)) ? Optional.empty() : Optional.of(kind)));
        views.put(kind, look);
        Region space = new Region();
        HBox.setHgrow(space, Priority.ALWAYS);
        HBox row = new HBox(box, space, words, look);
        row.getStyleClass().add("fields");
        return row;
    }

    void show(Card card) {
        for (LayerKind kind : LayerKind.values()) {
            Optional<Layer> layer =
                    model.layers().stream().filter(l -> l.kind() == kind).findFirst();
            made.get(kind).setSelected(model.garment().makes(kind));
            says.get(kind)
                    .setText(layer.map(LayersCard::count).orElse(model.garment().makes(kind) ? "nothing to cut" : ""));
            views.get(kind).setVisible(layer.filter(l -> !l.pieces().isEmpty()).isPresent());
            views.get(kind).setManaged(views.get(kind).isVisible());
            views.get(kind).setText(model.layer().equals(Optional.of(kind)) ? "put by" : "look");
        }
        List<Node> shown = new ArrayList<>();
        model.layer().ifPresent(kind -> {
            Label title = new Label(kind.label() + ", " + kind.reason());
            title.getStyleClass().addAll("section-title", "words");
            shown.add(title);
            if (turns.containsKey(kind)) {
                turns.get(kind).refresh();
                shown.add(turns.get(kind));
                workshop.half().orElseThrow().pattern().pieces().forEach(p -> shown.add(piece(kind, p)));
            }
        });
        inHand.getChildren().setAll(shown);
        card.begin("Layers", list, inHand);
        card.belowControls();
        for (Layer layer : model.layers()) {
            if (!layer.strips().isEmpty()) {
                card.section(layer.kind().label());
                layer.strips().forEach(s -> card.words(words(s)));
            }
        }
    }

    private CheckBox piece(LayerKind kind, Piece piece) {
        CheckBox box = new CheckBox(piece.order() + " " + piece.name());
        box.setId("in-" + kind.id() + "-" + piece.id());
        box.setSelected(!model.choice(kind).without().contains(piece.id()));
        box.setOnAction(e -> model.include(kind, piece, box.isSelected()));
        return box;
    }

    private static String count(Layer layer) {
        int pieces = layer.pieces().size();
        int strips = layer.strips().stream().mapToInt(Strip::count).sum();
        return pieces > 0
                ? pieces + (pieces == 1 ? " piece" : " pieces")
                : strips + (strips == 1 ? " strip" : " strips");
    }

    private String words(Strip strip) {
        return strip.name() + ": " + strip.cutWords() + ", "
                + LengthText.say(strip.length().length(), workshop.unit()) + " long, "
                + LengthText.say(strip.width().length(), workshop.unit()) + " wide.";
    }
}
