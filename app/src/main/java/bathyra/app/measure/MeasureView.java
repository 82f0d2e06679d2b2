package bathyra.app.measure;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.TapeGauge;
import bathyra.app.stage.Files;
import bathyra.app.stage.Marks;
import bathyra.app.stage.Scroll;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Leaning;
import bathyra.draft.Uses;
import bathyra.garment.Experience;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.Remark;
import bathyra.reckon.Formula;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The Measure stage: the client's page, the figure with the tape, and what the figures say. */
public final class MeasureView extends BorderPane {
    private static final double NOTEBOOK = 432;
    private static final double NOTEBOOK_WORDS = 270;
    private static final int USES_SHOWN = 4;
    /** A form that reads another length by more says that the tapes contradict each other, mm. */
    private static final double FORM_AGREES = 1;

    private final Workshop workshop;
    private final MeasureModel model;
    private final VBox rows = new VBox();
    private final List<MeasureRow> shown = new ArrayList<>();
    private final Figure figure = new Figure(this::card);
    private final Card card = new Card();
    private final TapeGauge gauge = new TapeGauge();
    private final TextField name = new TextField();
    private final TextField title = new TextField();
    private final MenuButton experience = new MenuButton();
    private final OccasionLine occasion;
    private final Files files;
    private Set<MeasurementKey> keys = Set.of();
    private long shownId = -1;
    private boolean all;
    private boolean leaning;
    private final Scroll page = Scroll.down(rows);

    public MeasureView(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.model = new MeasureModel(workshop);
        this.occasion = new OccasionLine(model);
        this.files = files;
        name.getStyleClass().add("notebook-name");
        name.setId("wearer-name");
        name.setAccessibleText("The wearer's name");
        title.getStyleClass().add("notebook-title");
        title.setId("commission-title");
        title.setAccessibleText("What the commission is called");
        onLeaving(name, () -> workshop.naming().wearer(name.getText()));
        onLeaving(title, () -> workshop.naming().title(title.getText()));
        rows.getStyleClass().add("notebook-rows");
        HBox head = new HBox(8, name, experience);
        head.setAlignment(Pos.CENTER_LEFT);
        experience.setMinWidth(Region.USE_PREF_SIZE);
        HBox.setHgrow(name, Priority.ALWAYS);
        experience.getStyleClass().add("plain");
        experience.setId("experience");
        experience.setAccessibleText("How used the wearer is to being laced");
        for (Experience each : Experience.values()) {
            MenuItem item = new MenuItem(each.label());
            item.setOnAction(e -> model.experience(each));
            experience.getItems().add(item);
        }
        VBox notebook = new VBox(head, title, occasion, page, new TapeStrip(this::reading));
        VBox.setVgrow(page, Priority.ALWAYS);
        notebook.getStyleClass().add("notebook");
        TextSize.width(notebook, NOTEBOOK, NOTEBOOK_WORDS);
        setLeft(notebook);
        setCenter(figure);
        setRight(Scroll.filling(card));
        rows.addEventFilter(KeyEvent.KEY_PRESSED, this::keys);
        workshop.showing().whileShown(this, this::show);
        model.inHandProperty().addListener((o, was, now) -> {
            leaning = false;
            show();
        });
        show();
    }

    /** A name is taken when one leaves its field or presses Enter. */
    private static void onLeaving(TextField field, Runnable take) {
        field.setOnAction(e -> take.run());
        field.focusedProperty().addListener((o, was, now) -> {
            if (!now) {
                take.run();
            }
        });
    }

    private void keys(KeyEvent e) {
        if (PlaceKey.TAKE.isPressed(e)) {
            int at = 0;
            while (at < shown.size() && !shown.get(at).isInHand()) {
                at++;
            }
            int next = (at + (e.isShiftDown() ? shown.size() - 1 : 1)) % shown.size();
            shown.get(next).takeUp();
            reveal(shown.get(next));
            e.consume();
        }
    }

    /** A reading of a digital tape goes into the field in hand, and the next one is taken up. */
    private void reading(Length length) {
        MeasurementKey key = model.inHandProperty().get();
        model.take(key, length);
        workshop.letGo();
        show();
        for (int i = 0; i < shown.size(); i++) {
            if (shown.get(i).key() == key) {
                MeasureRow next = shown.get((i + 1) % shown.size());
                next.takeUp();
                reveal(next);
                return;
            }
        }
    }

    /** Scrolls so that the row in hand can be seen. */
    private void reveal(MeasureRow row) {
        double room = rows.getHeight() - page.getViewportBounds().getHeight();
        if (room > 0) {
            double y = row.getBoundsInParent().getMinY();
            double top = page.getVvalue() * room;
            if (y < top || y > top + page.getViewportBounds().getHeight() - 30) {
                page.setVvalue(Math.max(0, Math.min(1, (y - 100) / room)));
            }
        }
    }

    private void show() {
        Set<MeasurementKey> wanted = all ? Set.of(MeasurementKey.values()) : model.used();
        if (shownId != workshop.id()) {
            setCenter(figure);
        }
        if (shownId != workshop.id() || !wanted.equals(keys)) {
            if (keys.isEmpty() || shownId != workshop.id() || !keys.containsAll(wanted) || all) {
                build(wanted);
            }
        }
        if (!name.isFocused()) {
            name.setText(workshop.commission().wearer().name());
        }
        if (!title.isFocused()) {
            title.setText(workshop.commission().title());
        }
        experience.setText(workshop.commission().wearer().experience().label());
        occasion.show();
        shown.forEach(MeasureRow::show);
        figure.show(workshop.commission().measurements(), model.inHandProperty().get(), model.unit());
        Platform.runLater(this::layTape);
        card();
    }

    /** The tape on the figure comes out from under the page at the row in hand. */
    private void layTape() {
        shown.stream()
                .filter(row -> row.key() == model.inHandProperty().get() && row.getScene() != null)
                .findFirst()
                .ifPresent(row -> figure.tapeFrom(
                        figure.sceneToLocal(row.localToScene(0, 12)).getY()));
    }

    private void build(Set<MeasurementKey> wanted) {
        keys = Set.copyOf(wanted);
        shownId = workshop.id();
        shown.clear();
        rows.getChildren().clear();
        for (MeasurementKey.Way way : MeasurementKey.Way.values()) {
            List<MeasurementKey> group = Arrays.stream(MeasurementKey.values())
                    .filter(k -> k.way() == way && wanted.contains(k))
                    .toList();
            if (group.isEmpty()) {
                continue;
            }
            Label title = new Label(way.title());
            title.getStyleClass().add("group-title");
            rows.getChildren().add(title);
            for (MeasurementKey key : group) {
                MeasureRow row = new MeasureRow(key, model, workshop::letGo, figure);
                shown.add(row);
                rows.getChildren().add(row);
            }
        }
        int more = MeasurementKey.values().length - wanted.size();
        if (more > 0) {
            Button rest = new Button("Show them");
            rest.getStyleClass().add("deed");
            rest.setOnAction(e -> {
                all = true;
                show();
            });
            Label folded = new Label(more + " more can be taken; this garment does not need them.");
            folded.getStyleClass().add("quiet");
            folded.setWrapText(true);
            folded.setMinHeight(Region.USE_PREF_SIZE);
            rest.setMinWidth(Region.USE_PREF_SIZE);
            HBox line = new HBox(6, folded, rest);
            line.getStyleClass().add("fields");
            rows.getChildren().add(line);
        }
        HBox deeds = new HBox(
                12,
                Deed.button("take-in-table", "Take in a table (CSV)", () -> {
                    TakingIn table = new TakingIn(workshop, files, () -> setCenter(figure));
                    if (table.ask(getScene().getWindow())) {
                        setCenter(table);
                    }
                }),
                Deed.button("show-sets", "Sets of this wearer", () -> {
                    SetsView sets = new SetsView(workshop, () -> setCenter(figure));
                    sets.show();
                    setCenter(sets);
                }));
        rows.getChildren().add(deeds);
    }

    private void card() {
        if (leaning && workshop.draft().isPresent()) {
            leanings();
            return;
        }
        MeasurementKey key = model.inHandProperty().get();
        LengthUnit unit = model.unit();
        card.begin(key.label());
        model.value(key).ifPresent(v -> card.figure(v, unit));
        EditionRows.write(card, workshop);
        card.words(key.hint()
                + (key.isHalved()
                        ? " L opens the right half, from centre front to centre back."
                        : key.isPaired() ? " L opens the right side." : ""));
        card.words("Type it as you say it: 78.5, 30 7/8 or 30⅞ in. Enter goes on to the next.", "quiet");
        gauge.show(new TapeGauge.Scale(
                key.least().millimetres(),
                key.most().millimetres(),
                model.value(key).map(v -> OptionalDouble.of(v.value())).orElse(OptionalDouble.empty()),
                List.of(),
                OptionalDouble.empty(),
                "",
                unit));
        card.add(gauge);
        card.words("Plausible from " + LengthText.figure(key.least(), unit) + " to " + LengthText.say(key.most(), unit)
                + ".");
        model.value(key).filter(v -> !Formula.inWords(v, unit).isEmpty()).ifPresent(v -> {
            card.section(model.isTaken(key) ? "Two sides" : "Estimated");
            card.words(Formula.inWords(v, unit));
            card.words(Formula.inFigures(v, unit), "formula");
        });
        if (model.isConfirmed(key)) {
            card.words("Taken twice, correct. It is not asked about again.");
            card.add(Deed.button("unconfirm", "No longer confirmed", () -> model.confirm(key, false)));
        }
        hanging(key, unit);
        onTheForm(key, unit);
        uses(key);
        card.section("What the figures say");
        workshop.refusal().ifPresent(r -> r.reasons().stream().limit(3).forEach(f -> {
            Label words = card.words(f.sentence().in(unit));
            words.setGraphic(Marks.cross());
        }));
        model.remarks().stream().filter(r -> r.weight() != Remark.Weight.STOPS).forEach(remark -> remark(remark, unit));
        card.add(Deed.button("leanings", "What the draft leans on", () -> {
            leaning = true;
            card();
        }));
        card.end();
    }

    /** What the tape reads on the form beside what it read on the wearer, where the form has the figure. */
    private void onTheForm(MeasurementKey key, LengthUnit unit) {
        figure.stand().ifPresent(stand -> stand.left().residuals().stream()
                .filter(r -> r.key() == key)
                .findFirst()
                .ifPresent(r -> {
                    boolean off = Math.abs(r.off()) > FORM_AGREES;
                    card.words(
                            "Round the form it reads " + LengthText.say(Length.mm(r.form()), unit)
                                    + (off ? ": another tape contradicts it. Take it again." : "."),
                            off ? "caution" : "quiet");
                }));
    }

    private void uses(MeasurementKey key) {
        List<String> uses = workshop.draft().map(d -> Uses.of(d, key)).orElse(List.of());
        if (!uses.isEmpty()) {
            card.section("Used here for");
            card.words(String.join(", ", uses.subList(0, Math.min(USES_SHOWN, uses.size())))
                    + (uses.size() > USES_SHOWN ? " and " + (uses.size() - USES_SHOWN) + " figures more" : "") + ".");
            card.add(Deed.button("light-up", "Light up on the block what rests on it", () -> {
                workshop.selection().lightProperty().set(key.label());
                workshop.whereabouts().stageProperty().set(Stage.BLOCK);
            }));
        }
    }

    private void hanging(MeasurementKey key, LengthUnit unit) {
        List<Reckoned> hanging = model.hanging(key);
        if (!hanging.isEmpty()) {
            card.section(hanging.size() == 1 ? "One estimate hangs on it" : hanging.size() + " estimates hang on it");
            for (Reckoned estimate : hanging) {
                card.words(estimate.name() + ": ≈ " + LengthText.say(estimate.length(), unit), "estimate");
                card.words(Formula.inWords(estimate, unit), "quiet");
            }
        }
    }

    private void remark(Remark remark, LengthUnit unit) {
        Label words = card.words(remark.sentence().in(unit));
        words.setGraphic(remark.weight() == Remark.Weight.HOLDS ? Marks.tick() : Marks.triangle());
        words.setAlignment(Pos.TOP_LEFT);
        if (remark.weight() == Remark.Weight.NOTE) {
            MeasurementKey first = remark.keys().get(0);
            card.add(new HBox(
                    8,
                    Deed.button("again-" + first.key(), "Take it again", () -> take(first)),
                    Deed.button("correct-" + first.key(), "Taken twice, correct", () -> model.confirm(first, true))));
        }
    }

    /** Lays the tape to a measurement. */
    private void take(MeasurementKey key) {
        shown.stream().filter(row -> row.key() == key).findFirst().ifPresent(row -> {
            row.takeUp();
            reveal(row);
        });
    }

    /** The estimates on which the draft rests, and what each would do if it were wrong. */
    private void leanings() {
        LengthUnit unit = model.unit();
        card.begin("What the draft leans on");
        List<Leaning> leanings = Leaning.of(workshop.draft().orElseThrow());
        card.words(
                leanings.isEmpty()
                        ? "On the tape alone: nothing that this draft rests on is estimated."
                        : "On " + (leanings.size() == 1 ? "one estimate" : leanings.size() + " estimates")
                                + ". Beside each, what moves when it is " + LengthText.say(Leaning.WRONG, unit)
                                + " wrong; take the first ones first.");
        for (Leaning leaning : leanings) {
            card.section(leaning.key().label());
            card.words("≈ " + LengthText.say(leaning.estimate().length(), unit), "estimate");
            leaning.girths()
                    .forEach((level, moved) -> card.words(
                            level.label() + " girth by " + LengthText.say(Length.mm(Math.abs(moved)), unit)));
            card.words((leaning.girths().isEmpty() ? "No girth; edges" : "Edges") + " by "
                    + LengthText.say(Length.mm(leaning.edges()), unit) + " at the most");
            card.add(Deed.button("take-" + leaning.key().key(), "Take it", () -> take(leaning.key())));
        }
        card.add(Deed.button("back", "Back to " + model.inHandProperty().get().label(), () -> {
            leaning = false;
            card();
        }));
        card.end();
    }
}
