package bathyra.app.fit;

import bathyra.app.form.WornPicture;
import bathyra.app.reckoning.Card;
import bathyra.app.stage.TableStage;
import bathyra.app.table.LookSwitch;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.fit.CupRoom;
import bathyra.fit.Doubt;
import bathyra.fit.FitCure;
import bathyra.fit.Lacing;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.garment.ClothGive;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.Posture;
import bathyra.measure.Softness;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
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
    private static final double EASE_STEP = 5;
    private static final double TENS = 10;
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
    private final LookSwitch<Softness> softness;
    private final LookSwitch<ClothGive> give;
    private final MenuButton posture = new MenuButton();
    private double dragFrom;
    private double turnFrom;

    public FitView(Workshop workshop) {
        this.workshop = workshop;
        this.model = new FitModel(workshop, Platform::runLater, this::show);
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
        setRight(TableStage.scrolling(card));
        setCenter(new BorderPane(views(), null, null, strip(), null));
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

    private static HBox legend() {
        HBox legend = new HBox(
                swatch("fit-touches", "touches"),
                swatch("fit-away", "2, 4, 6 mm away"),
                swatch("fit-presses", "presses"),
                swatch("fit-rest", "body at rest"));
        legend.getStyleClass().add("fit-legend");
        return legend;
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
        switch (e.getCode()) {
            case LEFT -> model.turnTo(model.turn() - step);
            case RIGHT -> model.turnTo(model.turn() + step);
            case DIGIT1 -> model.turnTo(0);
            case DIGIT2 -> model.turnTo(QUARTER);
            case DIGIT3 -> model.turnTo(2 * QUARTER);
            default -> {
                return;
            }
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
        Optional<WornPicture.Seen> seen = shown.map(FitModel.Shown::seen);
        large.show(seen, model.turn());
        side.show(seen, QUARTER);
        back.show(seen, 2 * QUARTER);
        above.show(shown, model.other().map(FitModel.Other::worn), model.level());
        turned.setText(String.format(Locale.ROOT, "turned %.0f°", Math.toDegrees(model.turn())));
        state.setText(model.isWorking() ? "being worked out; the picture is of before" : "");
        state.setVisible(model.isWorking());
        fill(shown);
        write(shown);
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
        model.other().ifPresent(o -> {
            Label name = new Label(o.of().name());
            name.getStyleClass().addAll("column-head", "fit-other");
            name.setMaxWidth(OTHER_NAME);
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
            model.other().flatMap(o -> o.at(reading.level())).ifPresent(theirs -> {
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

    private String say(double mm) {
        return LengthText.say(Length.mm(mm), workshop.unit());
    }

    private void write(Optional<FitModel.Shown> shown) {
        if (model.failure().isPresent()) {
            card.begin("The body");
            card.words(model.failure().get(), "caution");
            card.end();
            return;
        }
        if (shown.isEmpty()) {
            card.begin(model.isWorking() ? "Being worked out …" : "Nothing on the stand yet");
            if (!model.isWorking()) {
                card.words(
                        "Here the garment is put on the body before cloth is cut. Take the measurements and set the girths first.");
                Button go = new Button("Go to Measure");
                go.getStyleClass().add("primary");
                go.setOnAction(e -> workshop.whereabouts().goTo(Stage.MEASURE));
                card.add(go);
            }
            card.end();
            return;
        }
        Worn worn = shown.get().worn();
        Level level = model.level();
        shown.get().levels().stream()
                .filter(r -> r.level() == level)
                .findFirst()
                .ifPresent(reading -> level(reading));
        sights(shown.get());
        shown.get().lacing().ifPresent(this::lacing);
        shown.get().cup().ifPresent(this::cup);
        comparing();
        doubts();
        form(worn.form());
        card.section("What it assumes");
        card.words(
                (model.give() == ClothGive.FIRM
                                ? "Cloth like firm coutil"
                                : model.give() == ClothGive.GIVES
                                        ? "Cloth that gives like a satin"
                                        : "Cloth by its stretch test")
                        + ", no friction: how high it rides is the least certain. Light is under 1 kPa, firm to 3, hard past it; half or twice of that is as likely.",
                "quiet");
        card.words(worn.assumed(), "quiet");
        if (!worn.rest().settled() && !model.isWorking()) {
            card.words(
                    String.format(
                            Locale.ROOT,
                            "It has not come wholly to rest: %.1f N are left over at one place. Take the figures as rough.",
                            worn.rest().residual()),
                    "caution");
        }
        card.end();
    }

    private static HBox choice(String name, Node choices) {
        Label label = new Label(name);
        label.setMinWidth(CHOICE_NAME);
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

    private void level(Worn.LevelReading reading) {
        card.begin(reading.level().label() + ", as it sits");
        double off = reading.worn() - reading.planned();
        card.words("The garment lies at " + say(reading.worn()) + "; planned were " + say(reading.planned()) + ".");
        card.words(
                Math.abs(off) < 3
                        ? "It sits as planned."
                        : off > 0
                                ? "The body keeps it " + say(off) + " wider than planned."
                                : "It sits " + say(-off) + " closer than planned.");
        card.words(
                String.format(
                        Locale.ROOT,
                        "As it sits: its line on every piece × its stretch there, and the gap. It pulls %.0f N on each metre of height; by half or twice the softness it presses %s to %s.",
                        reading.tension(),
                        Worn.pressing(reading.pressure() / 2),
                        Worn.pressing(2 * reading.pressure())),
                "quiet");
        card.words("It presses: " + Worn.pressing(reading.pressure()) + ".");
        Button less = new Button("Less");
        less.setId("fit-ease-less");
        less.setAccessibleText("5 mm less at the " + reading.level().label().toLowerCase(Locale.ROOT));
        less.setOnAction(e -> model.ease(-EASE_STEP));
        Button more = new Button("More");
        more.setId("fit-ease-more");
        more.setAccessibleText("5 mm more at the " + reading.level().label().toLowerCase(Locale.ROOT));
        more.setOnAction(e -> model.ease(EASE_STEP));
        card.add(choice("Ease", new HBox(6, less, more)));
        card.words("At the side its line lies "
                + (Math.abs(reading.ridesSide()) < 3
                        ? "in place."
                        : say(Math.abs(reading.ridesSide())) + (reading.ridesSide() > 0 ? " too high." : " too low.")));
    }

    private void lacing(Lacing lacing) {
        card.section("Laced with one cord");
        List<Lacing.Gap> gaps = lacing.gaps();
        Lacing.Gap waist = gaps.stream()
                .min(Comparator.comparingDouble(g -> Math.abs(g.height())))
                .orElseThrow();
        card.words(String.format(Locale.ROOT, "Pulled with %.0f N/m the back opens ", lacing.pull())
                + figure(gaps.get(0).open()) + " at the top, " + figure(waist.open()) + " at the waist and "
                + say(gaps.get(gaps.size() - 1).open()) + " at the lower edge: " + lacing.shape() + ".");
        Button less = new Button("Less");
        less.setId("fit-cord-less");
        less.setAccessibleText("Pull the cord less");
        less.setOnAction(e -> model.lace(lacing.pull() - FitModel.PULL_STEP));
        Button more = new Button("More");
        more.setId("fit-cord-more");
        more.setAccessibleText("Pull the cord more");
        more.setOnAction(e -> model.lace(lacing.pull() + FitModel.PULL_STEP));
        card.add(choice("Pull", new HBox(6, less, more)));
    }

    private void cup(CupRoom room) {
        card.section("Cup and breast");
        card.words("One breast holds about " + Math.round(room.breast() / TENS) * (int) TENS + " ml. Pressed in: "
                + CupRoom.band(room.pressed()) + ". Empty: " + CupRoom.band(room.empty())
                + ". Between the breasts, where cloth always bridges: " + CupRoom.band(room.hollow()) + ".");
    }

    /** What one would see at a fitting, the worst first; each leads to where it is. */
    private void sights(FitModel.Shown shown) {
        card.section("What a fitting would show");
        if (shown.sights().isEmpty()) {
            card.words("Nothing stands away or bites in by more than " + say(4) + ".");
        }
        int number = 1;
        for (Sight sight : shown.sights()) {
            Button look = new Button(sight.sentence().in(workshop.unit()));
            look.setId("sight-" + number++);
            look.getStyleClass().add("deed");
            look.setWrapText(true);
            look.setMaxHeight(Region.USE_PREF_SIZE);
            look.setAccessibleText(look.getText() + " Show it");
            look.setOnAction(e -> model.choose(sight));
            card.add(look);
            if (model.chosen().equals(Optional.of(sight))) {
                cures();
            }
        }
    }

    /** Below the sight that is looked at what was tried against it on the form. */
    private void cures() {
        if (model.cures().isEmpty()) {
            card.words("What would cure it is being tried on the form …", "quiet");
            return;
        }
        if (model.cures().get().isEmpty()) {
            card.words("Nothing that was tried on the form helps by itself.", "quiet");
        }
        int number = 1;
        for (FitCure cure : model.cures().get()) {
            Button take = new Button(cure.deed().in(workshop.unit()));
            take.setId("fit-cure-" + number++);
            take.setMaxWidth(Double.MAX_VALUE);
            boolean pressure = model.chosen().orElseThrow().kind() == Sight.Kind.PRESSES;
            take.setOnAction(e -> model.take(cure));
            card.add(take);
            card.words(
                    pressure
                            ? "presses " + Worn.pressing(cure.before()) + " → " + Worn.pressing(cure.after())
                            : "roughly " + figure(cure.before()) + " → " + say(cure.after()),
                    "quiet");
        }
    }

    /** Other ways to make it, put on the same body. */
    private void comparing() {
        card.section("Compare on this body");
        if (workshop.comparison().compared().isPresent()) {
            card.words(model.other()
                    .map(o -> "“" + o.of().name()
                            + "” is drawn in coral from above, and stands beside in the table. There "
                            + (o.sights().isEmpty()
                                    ? "nothing would be seen."
                                    : "one would see first: "
                                            + o.sights().get(0).sentence().in(workshop.unit())))
                    .orElse("“" + workshop.comparison().compared().get().name() + "” is being put on the body …"));
            Button end = new Button("Compare no more");
            end.setId("fit-compare-end");
            end.setOnAction(e -> model.endComparing());
            card.add(end);
            return;
        }
        MenuButton with = new MenuButton("With another way");
        with.setId("fit-compare");
        model.otherWays().forEach((name, garment) -> {
            MenuItem item = new MenuItem(name);
            item.setOnAction(e -> model.compareWith(name, garment));
            with.getItems().add(item);
        });
        card.add(with);
        card.words("Kept versions are compared from their card in the book.", "quiet");
    }

    /** What of this hangs on a figure that nobody has taken. */
    private void doubts() {
        card.section("How sure it is");
        if (model.doubts().isEmpty()) {
            Button ask = new Button("Try estimates 10 mm wrong");
            ask.setId("fit-doubt");
            ask.setOnAction(e -> model.doubt());
            card.add(ask);
            return;
        }
        if (model.isDoubting()) {
            card.words("Bodies on which an estimate is " + say(Doubt.WRONG) + " wrong are being tried …", "quiet");
            return;
        }
        if (model.doubts().get().isEmpty()) {
            card.words("All of it would be seen even if any estimate were " + say(Doubt.WRONG) + " wrong.");
        }
        for (Doubt doubt : model.doubts().get()) {
            String what = doubt.hanging().stream()
                    .map(s -> s.sentence().in(workshop.unit()))
                    .collect(Collectors.joining(" "));
            card.words("Hangs on “" + doubt.key().label() + "”, which was not taken: " + what);
            Button take = new Button("Take it");
            take.setId("fit-take-" + doubt.key().key());
            take.setOnAction(e -> {
                workshop.selection().measurementProperty().set(doubt.key());
                workshop.whereabouts().goTo(Stage.MEASURE);
            });
            card.add(take);
        }
    }

    private void form(Form form) {
        card.section("The form");
        card.words("One breast stands out " + say(form.proud()) + ".");
        List<String> off = new ArrayList<>();
        for (Form.Residual residual : form.residuals()) {
            if (Math.abs(residual.off()) > 1) {
                off.add(residual.name() + " " + say(Math.abs(residual.off()))
                        + (residual.off() > 0 ? " more" : " less"));
            }
        }
        card.words(
                off.isEmpty()
                        ? "Every tape laid round it reads what it read on the wearer."
                        : "The tapes do not agree with each other. Round the form they read: " + String.join(", ", off)
                                + ". Take those again.",
                off.isEmpty() ? "quiet" : "caution");
        if (!form.tape().assumed().isEmpty()) {
            card.words(
                    "Not taken, and assumed: " + String.join(", ", form.tape().assumed()) + ".", "quiet");
        }
    }
}
