package bathyra.app.pieces;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.OptionField;
import bathyra.app.workshop.Settings;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Choice;
import bathyra.garment.CornerShape;
import bathyra.garment.EdgeUse;
import bathyra.garment.GrainLine;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.piece.Ends;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The edge in hand and its piece: allowance, corners, grain, the mark at the top; below them what holds for all edges of a kind. */
final class EdgeCard {
    private final Workshop workshop;
    private final PiecesModel model;
    private final OptionField own;
    private final MenuButton grain = new MenuButton();
    private final CheckBox top = new CheckBox("Mark its top");
    private final MenuButton upper = new MenuButton();
    private final MenuButton lower = new MenuButton();
    private final List<OptionField> uses;
    private final VBox ofEdge;
    private final VBox ofAll;

    EdgeCard(Workshop workshop, PiecesModel model) {
        this.workshop = workshop;
        this.model = model;
        Settings settings = new Settings(workshop);
        own = new OptionField(
                settings.own(
                        "allowance-edge",
                        "Allowance",
                        model::edgeWords,
                        "Of this edge alone; the handle outside it pulls it too.",
                        Length.mm(0),
                        EdgeUse.MOST,
                        model::allowance,
                        model::isOwn,
                        model::withAllowance),
                workshop::unit);
        uses = Arrays.stream(EdgeUse.values())
                // A slit is cut on its line; who wants it otherwise says so of that edge.
                .filter(u -> u != EdgeUse.FOLD && u != EdgeUse.SLIT)
                .map(u -> new OptionField(settings.allowance(u), workshop::unit))
                .toList();
        grain.setId("grain");
        menu(grain, GrainLine.values(), line -> model.grain(model.piece(), line));
        top.setId("top-mark");
        top.setOnAction(e -> model.topMark(model.piece().id(), model.piece().name(), top.isSelected()));
        upper.setId("corners-upper");
        menu(upper, CornerShape.values(), shape -> model.corner(EdgeUse.UPPER_EDGE, shape));
        lower.setId("corners-lower");
        menu(lower, CornerShape.values(), shape -> model.corner(EdgeUse.LOWER_EDGE, shape));
        ofEdge = controls(
                own,
                row("Next edge", "next-edge", model::nextEdge, "Next piece", "next-piece", model::nextPiece),
                title("Piece"),
                grain,
                top);
        ofAll = controls(title("All edges of a kind"));
        ofAll.getChildren().addAll(uses);
        ofAll.getChildren().addAll(title("Where a seam ends at an edge"), upper, lower);
    }

    private static VBox controls(Node... nodes) {
        VBox box = new VBox(nodes);
        box.getStyleClass().add("controls");
        return box;
    }

    private static Label title(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("section-title");
        return label;
    }

    private static HBox row(
            String first, String firstId, Runnable firstDeed, String second, String secondId, Runnable secondDeed) {
        HBox row = new HBox(deed(first, firstId, firstDeed), deed(second, secondId, secondDeed));
        row.getStyleClass().add("fields");
        return row;
    }

    private static Button deed(String words, String id, Runnable run) {
        Button deed = new Button(words);
        deed.getStyleClass().add("deed");
        deed.setId(id);
        deed.setOnAction(e -> run.run());
        deed.setMinWidth(Region.USE_PREF_SIZE);
        return deed;
    }

    private static <C extends Choice> void menu(MenuButton menu, C[] choices, Consumer<C> choose) {
        menu.setMaxWidth(Double.MAX_VALUE);
        for (C each : choices) {
            MenuItem item = new MenuItem(each.label());
            item.setId(menu.getId() + "-" + each.id());
            item.setOnAction(e -> choose.accept(each));
            menu.getItems().add(item);
        }
    }

    void show(Card card) {
        uses.forEach(OptionField::refresh);
        Function<EdgeUse, String> corner =
                use -> model.garment().finish().corner(use).label().toLowerCase(Locale.ROOT);
        upper.setText("Upper edge: " + corner.apply(EdgeUse.UPPER_EDGE));
        lower.setText("Lower edge: " + corner.apply(EdgeUse.LOWER_EDGE));
        if (model.chosen().isEmpty()) {
            card.begin("Allowances", ofAll);
            card.words("Click an edge on the table to give it an allowance of its own, or take them in turn.");
            card.add(row("Take the first edge", "next-edge", model::nextEdge, "", "next-piece", model::nextPiece)
                    .getChildren()
                    .get(0));
            return;
        }
        Piece piece = model.piece();
        OutlineEdge edge = model.edge(model.chosen().get()).orElseThrow();
        own.refresh();
        grain.setText(
                "Grain: " + model.garment().finish().grain(piece.id()).label().toLowerCase(Locale.ROOT));
        // What lies on the fold keeps its thread along the fold.
        grain.setDisable(piece.onFold());
        boolean alike = Ends.alike(piece);
        top.setText(alike ? "Top marked: its ends look alike" : "Mark its top");
        top.setSelected(alike || model.garment().finish().topMarks().contains(piece.id()));
        top.setDisable(alike);
        own.setDisable(edge.kind() == OutlineEdge.Kind.FOLD);
        card.begin(piece.order() + " " + piece.name() + ", " + edge.name().replace('-', ' '), ofEdge, ofAll);
        card.words(sentence(piece, edge));
    }

    private String sentence(Piece piece, OutlineEdge edge) {
        String where = model.layer()
                .map(k -> "In the " + k.label().toLowerCase(Locale.ROOT) + " alone")
                .orElse("In every layer");
        String width = LengthText.say(Length.mm(piece.allowances().getOrDefault(edge.name(), 0.0)), workshop.unit());
        String along = LengthText.say(Length.mm(edge.path().length()), workshop.unit());
        if (edge.kind() == OutlineEdge.Kind.FOLD) {
            return "The fold, " + along + ": it takes no allowance. " + piece.cutWords() + ".";
        }
        return where + ": " + width + " along " + along + ". "
                + Character.toUpperCase(piece.cutWords().charAt(0))
                + piece.cutWords().substring(1) + ".";
    }
}
