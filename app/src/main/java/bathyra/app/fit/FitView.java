package bathyra.app.fit;

import bathyra.app.form.WornPicture;
import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.stage.Scroll;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Workshop;
import bathyra.fit.Worn;
import bathyra.fit.WornMap;
import bathyra.garment.ClothGive;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.Posture;
import bathyra.measure.Softness;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

/** The Fit stage: the garment on the wearer's form, from any side, with what is read off it at each level. */
public final class FitView extends BorderPane {
    private static final PseudoClass SELECTED = PseudoClass.getPseudoClass("selected");
    private static final double QUARTER = Math.PI / 2;
    private static final double STEP = Math.toRadians(15);
    private static final double SMALL_STEP = Math.toRadians(1);
    private static final double CHOICE_NAME = 44;
    private static final double OTHER_NAME = 76;
    private static final double SMALL_WIDTH = 210;
    private static final String[] HEADS = {"Body", "Planned", "Garment", "Held by", "It presses", "Pulls", "Rides"};

    private final Workshop workshop;
    private final FitModel model;
    private final WornPicture large = new WornPicture("fit-large", "The garment on the body; arrow keys turn it");
    private final WornPicture side = new WornPicture("fit-side", "From the side");
    private final WornPicture back = new WornPicture("fit-back", "From the back");
    private final FromAbove above = new FromAbove();
    private final Label turned = new Label();
    private final Label state = new Label();
    private final GridPane table = new GridPane();
    private final Card card = new Card();
    private final FitCard written;
    private final LookSwitch<Softness> softness;
    private final LookSwitch<ClothGive> give;
    private final MenuButton posture = new MenuButton();
    private static final double LEGEND = 38;
    private final FlowPane legend = new FlowPane(10, 2);
    private final LookSwitch<WornMap> maps =
            new LookSwitch<>("fit-map-", List.of(WornMap.values()), WornMap.NEAR, WornMap::label, this::map);
    private WornMap map = WornMap.NEAR;
    private WornMap meant;
    private FitModel.Shown of;
    private Optional<WornPicture.Seen> seen = Optional.empty();
    private double dragFrom;
    private double turnFrom;

    public FitView(Workshop workshop) {
        this.workshop = workshop;
        this.model = new FitModel(workshop, Platform::runLater, this::show);
        this.written = new FitCard(workshop, model, card);
        this.softness = new LookSwitch<>(
                "body-", List.of(Softness.values()), model.softness(), s -> capital(s.label()), model::softness);
        this.give = new LookSwitch<>("cloth-", List.of(ClothGive.values()), model.give(), FitView::cloth, model::give);
        posture.setId("fit-posture");
        posture.setAccessibleText("How the wearer stands");
        posture.getStyleClass().add("plain");
        for (Posture each : Posture.values()) {
            MenuItem item = new MenuItem(capital(each.label()));
            item.setOnAction(e -> model.posture(each));
            posture.getItems().add(item);
        }
        card.onRule(rule -> workshop.whereabouts().ruleProperty().set(Optional.of(rule)));
        setId("fit");
        setRight(Scroll.filling(card));
        setCenter(new BorderPane(views(), null, null, Scroll.sideways(strip()), null));
        workshop.showing().whileShown(this, this::show);
        sceneProperty().addListener((o, was, now) -> {
            if (now == null) {
                model.giveUp();
            }
        });
        show();
    }

    private HBox views() {
        turned.getStyleClass().add("status-line");
        turned.setId("fit-turned");
        state.getStyleClass().add("kept-draft");
        state.setId("fit-state");
        state.setWrapText(true);
        StackPane stand = new StackPane(large, turned, state);
        StackPane.setAlignment(turned, Pos.BOTTOM_CENTER);
        StackPane.setAlignment(state, Pos.TOP_CENTER);
        StackPane.setMargin(state, new Insets(12, 0, 0, 0));
        StackPane.setMargin(turned, new Insets(0, 0, 8, 0));
        HBox.setHgrow(stand, Priority.ALWAYS);
        large.setCursor(Cursor.H_RESIZE);
        large.setOnMousePressed(e -> {
            large.requestFocus();
            dragFrom = e.getX();
            turnFrom = model.turn();
        });
        large.setOnMouseDragged(e -> model.turnTo(turnFrom - (e.getX() - dragFrom) / 120));
        large.addEventHandler(KeyEvent.KEY_PRESSED, this::turn);
        side.setOnMouseClicked(e -> model.turnTo(QUARTER));
        back.setOnMouseClicked(e -> model.turnTo(2 * QUARTER));
        HBox small = new HBox(titled("From the side", side), titled("From the back", back));
        VBox.setVgrow(small, Priority.ALWAYS);
        VBox beside = new VBox(small, above, legend());
        beside.setMinWidth(2 * SMALL_WIDTH);
        beside.setMaxWidth(2 * SMALL_WIDTH);
        HBox views = new HBox(stand, beside);
        views.getStyleClass().add("fit-views");
        return views;
    }

    /** What the picture shows, and what its tones mean. */
    private VBox legend() {
        legend.getStyleClass().add("fit-legend");
        // Two rows in any case: what one presses must not move when the words change.
        TextSize.minHeight(legend, LEGEND);
        maps.setId("fit-maps");
        return new VBox(4, maps, legend);
    }

    private void map(WornMap next) {
        map = next;
        show();
    }

    /** Read once for each garment and map: turning shows the same readings. */
    private WornPicture.Seen seen(FitModel.Shown shown) {
        if (of != shown || seen.isEmpty() || seen.get().map() != map) {
            of = shown;
            seen = Optional.of(shown.seen().showing(map));
        }
        return seen.get();
    }

    private void mean() {
        if (map == meant) {
            return;
        }
        meant = map;
        legend.getChildren().clear();
        if (map == WornMap.NEAR) {
            legend.getChildren()
                    .addAll(
                            swatch("fit-touches", "touches"),
                            swatch("fit-away", "2, 4, 6 mm away"),
                            swatch("fit-presses", "presses"));
        } else {
            map.bands().forEach(b -> legend.getChildren().add(swatch("fit-tone-" + b.tone(), b.words())));
        }
        legend.getChildren().add(swatch("fit-rest", "body at rest"));
    }

    private static Label swatch(String type, String words) {
        Region colour = new Region();
        colour.getStyleClass().addAll("fit-swatch", type);
        Label label = new Label(words, colour);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private static VBox titled(String name, WornPicture picture) {
        Label label = new Label(name);
        label.getStyleClass().add("section-head");
        VBox.setVgrow(picture, Priority.ALWAYS);
        VBox box = new VBox(label, picture);
        box.setMinWidth(SMALL_WIDTH);
        box.setMaxWidth(SMALL_WIDTH);
        return box;
    }

    private HBox strip() {
        table.getStyleClass().addAll("girth-table", "fit-table");
        table.setId("fit-table");
        Label head = new Label("Assumed");
        head.getStyleClass().add("section-head");
        VBox choices = new VBox(6, head, choice("Body", softness), choice("Cloth", give), choice("Stands", posture));
        HBox.setHgrow(table, Priority.ALWAYS);
        HBox strip = new HBox(12, table, choices);
        strip.getStyleClass().add("strip");
        return strip;
    }

    private void turn(KeyEvent e) {
        double step = e.isShiftDown() ? SMALL_STEP : STEP;
        if (PlaceKey.TURN.isPressed(e)) {
            model.turnTo(model.turn() + (PlaceKey.isBack(e) ? -step : step));
        } else if (PlaceKey.FROM_FRONT.isPressed(e)) {
            model.turnTo(0);
        } else if (PlaceKey.FROM_SIDE.isPressed(e)) {
            model.turnTo(QUARTER);
        } else if (PlaceKey.FROM_BACK.isPressed(e)) {
            model.turnTo(2 * QUARTER);
        } else {
            return;
        }
        e.consume();
    }

    private void show() {
        model.bringUpToDate();
        softness.choose(model.softness());
        give.choose(model.give());
        posture.setText(capital(model.posture().label()));
        Optional<FitModel.Shown> shown =
                model.shown().filter(s -> workshop.half().isPresent());
        Optional<WornPicture.Seen> picture = shown.map(this::seen);
        mean();
        large.show(picture, model.turn());
        side.show(picture, QUARTER);
        back.show(picture, 2 * QUARTER);
        above.show(shown, model.beside().other().map(Beside.Other::worn), model.level());
        turned.setText(String.format(Locale.ROOT, "turned %.0f°", Math.toDegrees(model.turn())));
        state.setText(model.isWorking() ? "being worked out; the picture is of before" : "");
        state.setVisible(model.isWorking());
        fill(shown);
        written.write(shown);
    }

    private void fill(Optional<FitModel.Shown> shown) {
        table.getChildren().clear();
        if (shown.isEmpty()) {
            return;
        }
        Label head = new Label("On the body");
        head.getStyleClass().add("section-head");
        head.setMinWidth(Region.USE_PREF_SIZE);
        table.add(head, 0, 0);
        for (int i = 0; i < HEADS.length; i++) {
            Label name = new Label(HEADS[i]);
            name.getStyleClass().add("column-head");
            name.setMinWidth(Region.USE_PREF_SIZE);
            table.add(name, i + 1, 0);
        }
        model.beside().other().ifPresent(o -> {
            Label name = new Label(o.of().name());
            name.getStyleClass().addAll("column-head", "fit-other");
            TextSize.maxWidth(name, OTHER_NAME);
            table.add(name, HEADS.length + 1, 0);
        });
        int row = 1;
        for (Worn.LevelReading reading : shown.get().levels()) {
            Button name = new Button(reading.level().label());
            name.getStyleClass().setAll("girth-level");
            name.setId("fit-level-" + reading.level().id());
            name.setOnAction(e -> model.look(reading.level()));
            name.pseudoClassStateChanged(SELECTED, reading.level() == model.level());
            table.add(name, 0, row);
            List<String> cells = List.of(
                    figure(reading.body()),
                    figure(reading.planned()),
                    figure(reading.worn()),
                    figure(Math.max(0, reading.body() - reading.worn())),
                    Worn.pressing(reading.pressure()),
                    String.format(Locale.ROOT, "%.0f N/m", reading.tension()),
                    rides(reading.ridesFront()));
            for (int i = 0; i < cells.size(); i++) {
                Label cell = new Label(cells.get(i));
                cell.setMinWidth(Region.USE_PREF_SIZE);
                cell.setId("fit-" + reading.level().id() + "-"
                        + HEADS[i].toLowerCase(Locale.ROOT).replace(' ', '-'));
                table.add(cell, i + 1, row);
            }
            int at = row;
            model.beside().other().flatMap(o -> o.at(reading.level())).ifPresent(theirs -> {
                double more = theirs.worn() - reading.worn();
                Label cell = new Label((more < 0 ? "−" : "+") + figure(Math.abs(more)));
                cell.setId("fit-" + reading.level().id() + "-other");
                table.add(cell, HEADS.length + 1, at);
            });
            row++;
        }
    }

    private String rides(double mm) {
        return Math.abs(mm) < 3 ? "in place" : figure(Math.abs(mm)) + (mm > 0 ? " up" : " down");
    }

    private String figure(double mm) {
        return LengthText.figure(Length.mm(mm), workshop.unit());
    }

    static HBox choice(String name, Node choices) {
        Label label = new Label(name);
        TextSize.minWidth(label, CHOICE_NAME);
        HBox row = new HBox(6, label, choices);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private static String cloth(ClothGive give) {
        return give == ClothGive.GIVES ? "Gives" : give.label();
    }

    private static String capital(String words) {
        return words.substring(0, 1).toUpperCase(Locale.ROOT) + words.substring(1);
    }
}
