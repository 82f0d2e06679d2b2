package bathyra.app.settings;

import bathyra.app.keyboard.PlaceKey;
import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.CardRows;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.DayStyle;
import bathyra.app.stage.Days;
import bathyra.app.stage.Files;
import bathyra.app.stage.Motion;
import bathyra.app.stage.Scroll;
import bathyra.app.stage.WeekStart;
import bathyra.app.table.LookSwitch;
import bathyra.app.table.TextSize;
import bathyra.app.workshop.BookPage;
import bathyra.app.workshop.Over;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Theme;
import bathyra.app.workshop.Workshop;
import bathyra.garment.HouseRules.Group;
import bathyra.house.Letter;
import bathyra.length.LengthUnit;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/** The settings of the workshop; each says what it changes. */
public final class SettingsView extends BorderPane {
    private static final double NAMES = 210;
    private static final int LINE_MOST = 80;

    private final Workshop workshop;
    private final Files files;
    private final SettingsModel model;
    private final VBox all = new VBox(4);
    private final Label said = new Label();
    private final Map<Group, Label> standing = new EnumMap<>(Group.class);
    private final Map<Group, Button> giveUp = new EnumMap<>(Group.class);
    private final TypedField kept;
    private final Label second = new Label();
    private final Button oneOnly;
    private final LookSwitch<LengthUnit> units;

    public SettingsView(Workshop workshop, Files files) {
        this.workshop = workshop;
        this.files = files;
        this.model = new SettingsModel(workshop, this::show);
        setId("settings");
        said.setId("settings-said");
        said.getStyleClass().add("caution");
        said.setWrapText(true);
        said.managedProperty().bind(said.textProperty().isNotEmpty());
        said.visibleProperty().bind(said.textProperty().isNotEmpty());
        units = new LookSwitch<>(
                "new-unit-",
                List.of(LengthUnit.CM, LengthUnit.IN, LengthUnit.IN_16),
                LengthUnit.CM,
                LengthUnit::label,
                model::units);
        kept = new TypedField("backups-kept", "How many backups are kept", model::backups, said::setText);
        kept.getStyleClass().add("short-field");
        oneOnly = CardRows.deed("None", "backups-one", () -> model.second(Optional.empty()));
        Label title = new Label("Settings");
        title.getStyleClass().add("page-title");
        all.getChildren().addAll(title, said);
        workshopSection();
        looks();
        rules();
        book();
        all.getStyleClass().add("settings-page");
        setCenter(Scroll.down(all));
        Card card = new Card();
        setRight(Scroll.filling(card));
        elsewhere(card);
        addEventFilter(KeyEvent.KEY_PRESSED, e -> {
            if (PlaceKey.CLOSE.isPressed(e)) {
                workshop.whereabouts().close();
                e.consume();
            }
        });
        show();
    }

    private void section(String title) {
        Label head = new Label(title);
        head.getStyleClass().add("settings-head");
        all.getChildren().add(head);
    }

    private void row(SettingsRow setting, Node... controls) {
        row(setting.label(), setting.changes(), controls).setId(setting.row());
    }

    /** One setting: its name, what sets it, and what it changes. */
    private VBox row(String name, String changes, Node... controls) {
        Label label = new Label(name);
        label.getStyleClass().add("check-name");
        TextSize.minWidth(label, NAMES);
        HBox setting = new HBox(10, label);
        setting.getChildren().addAll(controls);
        setting.setAlignment(Pos.CENTER_LEFT);
        Label about = new Label(changes);
        about.getStyleClass().addAll("quiet", "settings-about");
        about.setWrapText(true);
        about.setMinHeight(Region.USE_PREF_SIZE);
        about.setMinWidth(0);
        VBox row = new VBox(2, setting, about);
        row.getStyleClass().add("settings-row");
        all.getChildren().add(row);
        return row;
    }

    private void workshopSection() {
        section("The workshop");
        TextField line = new TextField(workshop.kept().house().letter().line());
        line.setId("cover-line");
        line.setAccessibleText("Line on the covers");
        line.setPromptText("Name of the workshop");
        line.setPrefColumnCount(28);
        line.textProperty().addListener((o, was, now) -> {
            Letter letter = workshop.kept().house().letter();
            String text = now.strip();
            workshop.kept()
                    .setHouse(workshop.kept()
                            .house()
                            .writing(letter.withLine(text.substring(0, Math.min(LINE_MOST, text.length())))));
        });
        row(SettingsRow.LINE, line);
        row(SettingsRow.UNIT, units);
    }

    private void looks() {
        section("How it looks");
        row(
                SettingsRow.THEME,
                new LookSwitch<>(
                        "theme-",
                        List.of(Theme.values()),
                        workshop.whereabouts().themeProperty().get(),
                        Theme::label,
                        this::choose));
        row(
                SettingsRow.WORDS,
                new LookSwitch<>("text-", List.of(TextSize.values()), TextSize.now(), TextSize::label, size -> {
                    workshop.book().keepPlace(TextSize.KEPT, size.name());
                    TextSize.choose(size);
                }));
        row(
                SettingsRow.DATES,
                new LookSwitch<>("days-", List.of(DayStyle.values()), Days.style(), DayStyle::label, style -> {
                    Days.choose(style);
                    workshop.book().keepPlace(DayStyle.KEPT, style.name());
                }));
        row(
                SettingsRow.WEEK,
                new LookSwitch<>("week-", List.of(WeekStart.values()), WeekStart.now(), WeekStart::label, start -> {
                    WeekStart.choose(start);
                    workshop.book().keepPlace(WeekStart.KEPT, start.name());
                }));
        row(
                SettingsRow.MOTION,
                new LookSwitch<>("motion-", List.of(Motion.values()), Motion.now(), Motion::label, motion -> {
                    Motion.choose(motion);
                    workshop.book().keepPlace(Motion.KEPT, motion.name());
                }));
    }

    private void choose(Theme theme) {
        workshop.whereabouts().themeProperty().set(theme);
        if (theme == Theme.SYSTEM) {
            SystemLook.ask(dark -> workshop.whereabouts().darkProperty().set(dark));
        }
    }

    private void rules() {
        section("Rules of the house");
        for (Group group : Group.values()) {
            String id = group.name().toLowerCase(Locale.ROOT);
            Label now = new Label();
            now.setId("rule-" + id);
            now.setMinWidth(Region.USE_PREF_SIZE);
            Button none = CardRows.deed("By the program's rules", "rule-none-" + id, () -> model.giveUp(group));
            standing.put(group, now);
            giveUp.put(group, none);
            row(
                    group.label(),
                    "What every new commission begins with. A commission that is there keeps what it has.",
                    now,
                    CardRows.deed("As in the commission in hand", "rule-take-" + id, () -> model.take(group)),
                    none);
        }
        row(
                SettingsRow.DOCUMENT,
                CardRows.deed("Write them", "rules-write", () -> files.where(
                                getScene().getWindow(), "Rules of the house", "house-rules.json")
                        .ifPresent(path -> said.setText(model.write(path)))),
                CardRows.deed("Take some in", "rules-read", () -> files.which(
                                getScene().getWindow(), "Rules of a house", "json")
                        .ifPresent(path -> said.setText(model.read(path)))));
    }

    private void book() {
        section("The book");
        Label place = new Label(model.book().toString());
        place.setWrapText(true);
        row(SettingsRow.PLACE, place);
        row(SettingsRow.BACKUPS, kept);
        second.setId("backups-second");
        second.setWrapText(true);
        row(
                SettingsRow.SECOND,
                second,
                CardRows.deed("Choose a folder", "backups-choose", () -> files.folder(
                                getScene().getWindow(), "Second place for backups")
                        .ifPresent(folder -> model.second(Optional.of(folder)))),
                oneOnly,
                CardRows.deed("Back up now", "backup-now", this::backUp));
    }

    private void backUp() {
        var made = workshop.book().copies().makeNow();
        said.setText("A backup is being made …");
        Thread thread = new Thread(
                () -> {
                    String words;
                    try {
                        made.get();
                        words = workshop.book().copies().secondPlaceFailure().orElse("A backup was made.");
                    } catch (java.util.concurrent.ExecutionException | InterruptedException e) {
                        words = "No backup could be made. The log in the data folder says why.";
                    }
                    String now = words;
                    javafx.application.Platform.runLater(() -> said.setText(now));
                },
                "wait for the backup");
        thread.setDaemon(true);
        thread.start();
    }

    private void elsewhere(Card card) {
        card.begin("What is set elsewhere");
        card.words("Rates, currency and terms stand with the money of the workshop.");
        card.add(CardRows.deed("Money", "settings-money", () -> book(BookPage.MONEY)));
        card.words("Who works and when stands with the weeks.");
        card.add(CardRows.deed("Weeks", "settings-weeks", () -> book(BookPage.WEEKS)));
        card.words("Paper, size and layers belong to each packet.");
        card.add(CardRows.deed(
                "Output", "settings-output", () -> workshop.whereabouts().open(Over.OUTPUT)));
        card.words("The printer's square and the plotter's port stand on Pieces, under Print.");
        card.add(CardRows.deed(
                "Pieces", "settings-pieces", () -> workshop.whereabouts().goTo(Stage.PIECES)));
        card.end();
    }

    private void book(BookPage page) {
        workshop.whereabouts().pageProperty().set(page);
        workshop.whereabouts().open(Over.BOOK);
    }

    private void show() {
        units.choose(model.rules().units());
        for (Group group : Group.values()) {
            boolean own = model.rules().has(group);
            standing.get(group)
                    .setText(
                            !own
                                    ? "the program's"
                                    : model.isOtherwise(group) ? "the house's, unlike this commission" : "the house's");
            giveUp.get(group).setVisible(own);
        }
        kept.write(Integer.toString(model.backups().kept()));
        second.setText(model.backups().second().map(Object::toString).orElse("none"));
        oneOnly.setVisible(model.backups().second().isPresent());
        oneOnly.setManaged(model.backups().second().isPresent());
    }
}
