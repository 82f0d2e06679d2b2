package bathyra.app.begin;

import bathyra.app.begin.BeginModel.Source;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.Scroll;
import bathyra.app.stage.SketchPicture;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.garment.Closure;
import bathyra.garment.GarmentKind;
import bathyra.garment.HouseStyle;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** What is asked before a new commission: who, what kind, which closure, from what; each with its picture. */
public final class BeginView extends BorderPane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final int NAME_MOST = 60;
    private static final double WORDS = 118;

    private final Workshop workshop;
    private final BeginModel model;
    private final TextField name = new TextField();
    private final FlowPane wearers = new FlowPane(8, 6);
    private final Map<GarmentKind, Choice> kinds = new LinkedHashMap<>();
    private final Map<Closure, Button> closures = new LinkedHashMap<>();
    private final FlowPane sources = new FlowPane(8, 8);
    private final Map<String, Choice> choices = new LinkedHashMap<>();
    private final Card card = new Card();
    private final SketchPicture picture = new SketchPicture();
    private final Button begin = new Button("Begin");
    private final TypedField styleName;

    /** A thing that can be chosen, with its picture. */
    private record Choice(Button button, SketchPicture picture) {}

    public BeginView(Workshop workshop) {
        this.workshop = workshop;
        this.model = new BeginModel(workshop, this::show);
        setId("begin-page");
        name.setId("begin-wearer");
        name.setAccessibleText("Name of the wearer");
        name.setPromptText("Name");
        name.setPrefColumnCount(24);
        name.textProperty().addListener((o, was, now) -> model.wearer(now.length() > NAME_MOST ? was : now));
        name.setOnAction(e -> begin());
        FlowPane kindRow = new FlowPane(8, 8);
        for (GarmentKind kind : GarmentKind.values()) {
            Choice choice = choice("begin-" + kind.id(), kind.label(), () -> model.kind(kind));
            kinds.put(kind, choice);
            kindRow.getChildren().add(choice.button());
        }
        FlowPane closureRow = new FlowPane(8, 8);
        for (Closure closure : Closure.values()) {
            Button button = pictured("begin-" + closure.id(), closure.label(), new ClosurePicture(closure));
            button.setOnAction(e -> model.closure(closure));
            closures.put(closure, button);
            closureRow.getChildren().add(button);
        }
        Label title = new Label("New commission");
        title.getStyleClass().add("page-title");
        VBox all = new VBox(
                6,
                title,
                head("Who is it for?"),
                name,
                wearers,
                head("What is it?"),
                kindRow,
                head("How is it closed?"),
                closureRow,
                head("From what?"),
                sources);
        all.getStyleClass().add("settings-page");
        name.setMaxWidth(Region.USE_PREF_SIZE);
        setCenter(Scroll.down(all));
        setRight(Scroll.filling(card));
        begin.setId("begin");
        begin.getStyleClass().add("primary");
        begin.setMaxWidth(Double.MAX_VALUE);
        begin.setOnAction(e -> begin());
        styleName = new TypedField("style-name", "Name of a style of the house", this::keep, words -> {});
        styleName.setPromptText("Name of the style");
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (PlaceKey.CLOSE.isPressed(e)) {
                workshop.whereabouts().close();
                e.consume();
            }
        });
        sceneProperty().addListener((o, was, now) -> {
            if (now != null) {
                // After whatever was pressed to come here has given its focus back.
                Platform.runLater(() -> Platform.runLater(name::requestFocus));
            }
        });
        wearers();
        show();
    }

    private static Label head(String text) {
        Label head = new Label(text);
        head.getStyleClass().add("settings-head");
        return head;
    }

    private void begin() {
        if (model.canBegin()) {
            model.begin();
        }
    }

    private static Button pictured(String id, String label, Node picture) {
        Label words = new Label(label);
        words.setWrapText(true);
        TextSize.maxWidth(words, WORDS);
        words.setTooltip(new Tooltip(label));
        words.setAlignment(Pos.CENTER);
        words.getStyleClass().add("choice-words");
        VBox lines = new VBox(4, picture, words);
        lines.setAlignment(Pos.CENTER);
        Button button = new Button();
        button.setGraphic(lines);
        button.setId(id);
        button.setAccessibleText(label);
        button.getStyleClass().setAll("school-card", "choice-card");
        return button;
    }

    private static Choice choice(String id, String label, Runnable choose) {
        SketchPicture picture = new SketchPicture();
        Button button = pictured(id, label, picture);
        button.setOnAction(e -> choose.run());
        return new Choice(button, picture);
    }

    private void wearers() {
        for (String each : model.wearers()) {
            Button chip = new Button(each);
            chip.getStyleClass().add("chip");
            chip.setOnAction(e -> name.setText(each));
            wearers.getChildren().add(chip);
        }
    }

    private void show() {
        kinds.forEach((kind, choice) -> {
            choice.button().pseudoClassStateChanged(SELECTED, kind == model.kind());
            choice.picture()
                    .show(model.sketch(workshop.kept().houseRules().get().on(bathyra.garment.Garment.of(kind))));
        });
        closures.forEach((closure, button) -> button.pseudoClassStateChanged(SELECTED, closure == model.closure()));
        sources();
        card();
    }

    private void sources() {
        List<Source> all = model.sources();
        List<Node> buttons = new ArrayList<>();
        for (Source source : all) {
            Choice choice = choices.computeIfAbsent(
                    source.id(), id -> choice("begin-" + id, source.label(), () -> model.source(source)));
            choice.picture().show(model.sketch(source.garment()));
            choice.button()
                    .pseudoClassStateChanged(
                            SELECTED, source.id().equals(model.source().id()));
            buttons.add(choice.button());
        }
        if (!sources.getChildren().equals(buttons)) {
            sources.getChildren().setAll(buttons);
        }
    }

    private void card() {
        card.begin(model.canBegin() ? model.wearer() : "New commission");
        picture.show(model.sketch(model.garment()));
        card.add(picture);
        card.words(model.kind().label() + ", " + model.closure().label().toLowerCase(java.util.Locale.ROOT) + ".");
        card.words("From: " + model.source().label() + ".");
        card.words(
                model.figures()
                        .map(set -> set.taken().size() + " figures are known; it is drafted at once.")
                        .orElse(
                                model.canBegin()
                                        ? "No figures yet: Measure asks for them first."
                                        : "Say who it is for."),
                "quiet");
        begin.setDisable(!model.canBegin());
        card.add(begin);
        card.section("Styles of the house");
        card.words("A style is a design without a body. Keep the one chosen here under a name:", "quiet");
        card.add(styleName);
        List<HouseStyle> styles = workshop.kept().houseStyles().get();
        for (int i = 0; i < styles.size(); i++) {
            int at = i;
            card.add(CardRows.deed("Give up " + styles.get(i).name(), "style-remove-" + i, () -> remove(at)));
        }
        card.end();
    }

    private Optional<String> keep(String typed) {
        if (!typed.isBlank()) {
            List<HouseStyle> next =
                    new ArrayList<>(workshop.kept().houseStyles().get());
            String called = typed.strip();
            next.removeIf(s -> s.name().equals(called));
            next.add(HouseStyle.of(called.substring(0, Math.min(NAME_MOST, called.length())), model.garment()));
            workshop.kept().houseStyles().keep(List.copyOf(next));
            styleName.write("");
            styleName.clear();
            choices.clear();
            Platform.runLater(this::show);
        }
        return Optional.empty();
    }

    private void remove(int at) {
        List<HouseStyle> next = new ArrayList<>(workshop.kept().houseStyles().get());
        next.remove(at);
        workshop.kept().houseStyles().keep(List.copyOf(next));
        choices.clear();
        show();
    }
}
