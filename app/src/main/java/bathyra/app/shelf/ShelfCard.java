package bathyra.app.shelf;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.stage.DayField;
import bathyra.app.stage.Days;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Editions;
import bathyra.app.workshop.Stage;
import bathyra.app.workshop.Workshop;
import bathyra.book.Backups;
import bathyra.book.Commissions.Entry;
import bathyra.book.Measurings;
import bathyra.book.Trash;
import bathyra.book.Versions;
import bathyra.book.Wearers;
import bathyra.files.csv.MeasurementCsv;
import bathyra.files.json.CommissionJson;
import bathyra.fitting.Fitting;
import bathyra.fitting.Picture;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Wearer;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.measure.Changed;
import bathyra.measure.MeasurementSet;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.css.PseudoClass;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import org.slf4j.LoggerFactory;

/** What can be done with the commission that is chosen on the shelf, and with the wearer it is for. */
final class ShelfCard {
    private static final PseudoClass FAULT = PseudoClass.getPseudoClass("fault");
    private static final int BACKUPS_SHOWN = 3;
    private static final int CHANGES_SHOWN = 5;

    private final Workshop workshop;
    private final Files files;
    private final Card card;
    private final Consumer<Backups.Backup> restore;
    private final Runnable changed;
    private final Runnable open;
    private final Consumer<String> wearer;
    private final Label put = new Label();
    private Optional<Entry> chosen = Optional.empty();
    private final Erasing erasing;

    /**
     * @param restore puts a backup in the place of the book and opens it
     * @param changed reads the shelf anew
     * @param open takes the chosen commission in hand
     * @param wearer shows everything of a wearer
     */
    ShelfCard(
            Workshop workshop,
            Files files,
            Card card,
            Consumer<Backups.Backup> restore,
            Runnable changed,
            Runnable open,
            Consumer<String> wearer) {
        this.workshop = workshop;
        this.files = files;
        this.card = card;
        this.restore = restore;
        this.changed = changed;
        this.open = open;
        this.wearer = wearer;
        this.erasing = new Erasing(workshop, this::show, changed);
        put.getStyleClass().addAll("words", "quiet");
        put.managedProperty().bind(put.textProperty().isNotEmpty());
        put.visibleProperty().bind(put.managedProperty());
    }

    /** Shows another commission, or none. */
    void show(Optional<Entry> next) {
        if (!next.map(Entry::id).equals(chosen.map(Entry::id))) {
            erasing.forget();
            put.setText("");
        }
        chosen = next;
        show();
    }

    private void show() {
        write();
        card.end();
    }

    private void write() {
        if (chosen.isEmpty()) {
            card.begin("Nothing found");
            card.words("No commission holds these words. Look among the archived ones too, or begin a new one.");
            backups();
            return;
        }
        Entry entry = chosen.get();
        card.begin(entry.title());
        card.add(Deed.button("show-wearer", entry.wearer(), () -> wearer.accept(entry.wearer())));
        long all = commissions(entry.wearer());
        if (all > 1) {
            card.words(
                    all
                            + " commissions under this name; they count as one wearer. Give a second person of the name something to tell them apart.",
                    "quiet");
        }
        if (!entry.state().isEmpty()) {
            card.words(entry.state(), "quiet");
        }
        workshop.book().commissions().find(entry.id()).ifPresent(c -> Editions.said(c)
                .ifPresent(words -> card.words(words, c.isDraftedAnew() ? "caution" : "quiet")));
        Button take = new Button("Take it in hand");
        take.getStyleClass().add("primary");
        take.setId("take-in-hand");
        take.setOnAction(e -> open.run());
        card.add(take);
        due(entry);
        notes(entry);
        versions(entry);
        again(entry);
        duplicate(entry);
        card.section("Put away");
        card.add(Deed.button("archive", entry.archived() ? "Take it out of the archive" : "Archive it", () -> {
            workshop.book().commissions().archive(entry.id(), !entry.archived());
            changed.run();
        }));
        card.add(Deed.button("throw-away", "Throw it away", () -> {
            workshop.deeds().throwAway(entry.id());
            changed.run();
        }));
        card.words("It lies in the trash for thirty days and can be taken back.", "quiet");
        card.add(Deed.button("to-initials", "Rename " + entry.wearer() + " to initials", () -> {
            workshop.deeds().renameEverywhere(entry.wearer(), new Wearer(entry.wearer(), Experience.FIRST).initials());
            changed.run();
        }));
        card.add(Deed.button("export-wearer", "Put out everything of " + entry.wearer(), () -> files.folder(
                        card.getScene().getWindow(), "Everything of " + entry.wearer())
                .ifPresent(folder -> export(entry.wearer(), folder))));
        card.add(put);
        erasing.show(card, entry, commissions(entry.wearer()));
        backups();
    }

    /** Every commission of a wearer as a document, every set as a table, names and all: this was asked for. */
    private void export(String wearer, Path folder) {
        try {
            int written = 0;
            for (Entry each : Stream.concat(
                            workshop.entries().stream(),
                            workshop.book().trash().list().stream().map(Trash.Thrown::entry))
                    .filter(e -> e.wearer().equals(wearer))
                    .toList()) {
                Commission commission =
                        workshop.book().commissions().find(each.id()).orElseThrow();
                java.nio.file.Files.writeString(
                        folder.resolve("commission-" + each.id() + ".bathyra.json"),
                        CommissionJson.write(commission),
                        StandardCharsets.UTF_8);
                pictures(each.id(), commission, folder);
                written++;
            }
            List<Measurings.Measuring> sets = workshop.book().measurings().of(wearer);
            for (Measurings.Measuring set : sets) {
                java.nio.file.Files.writeString(
                        folder.resolve("measurements-" + set.day() + "-" + set.id() + ".csv"),
                        MeasurementCsv.write(set.set(), workshop.unit()),
                        StandardCharsets.UTF_8);
            }
            put.setText((written == 1 ? "One commission" : written + " commissions") + " and "
                    + (sets.size() == 1 ? "one set" : sets.size() + " sets") + " of figures written.");
        } catch (IOException e) {
            LoggerFactory.getLogger(ShelfView.class).warn("putting out a wearer", e);
            put.setText("It could not be written. Choose a folder that you may write to.");
        }
    }

    private void pictures(long id, Commission commission, Path folder) throws IOException {
        for (Fitting fitting : commission.fittings()) {
            for (Picture picture : fitting.pictures()) {
                Optional<byte[]> kept = workshop.book().pictures().find(id, picture.id());
                if (kept.isPresent()) {
                    java.nio.file.Files.write(
                            folder.resolve("picture-" + id + "-" + fitting.number() + "-" + picture.id() + ".jpg"),
                            kept.get());
                }
            }
        }
    }

    private void due(Entry entry) {
        card.section("Due");
        TextField day = new TextField(entry.due().map(LocalDate::toString).orElse(""));
        day.setId("due");
        day.setAccessibleText("The day on which it is to be ready, year-month-day");
        Label fault = new Label();
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        fault.visibleProperty().bind(fault.managedProperty());
        day.setOnAction(e -> {
            Optional<LocalDate> due = Days.read(day.getText());
            if (due.isEmpty() && !day.getText().isBlank()) {
                day.pseudoClassStateChanged(FAULT, true);
                fault.setText("Not understood: " + day.getText() + ". Type it as 2026-12-24.");
                fault.getStyleClass().setAll("row-fault");
                return;
            }
            workshop.deeds()
                    .plan(entry.id(), "due " + due.map(LocalDate::toString).orElse("no day"), p -> p.due(due));
            // Also where the plan had the day already and the list another.
            workshop.book().commissions().due(entry.id(), due);
            changed.run();
        });
        card.add(new DayField(day));
        card.add(fault);
    }

    private void notes(Entry entry) {
        card.section("Notes");
        TextArea notes = new TextArea(workshop.book().commissions().notes(entry.id()));
        notes.setId("notes");
        notes.setAccessibleText("Notes on the commission");
        notes.setWrapText(true);
        notes.setPrefRowCount(3);
        notes.setMinHeight(Region.USE_PREF_SIZE);
        notes.textProperty()
                .addListener((o, was, now) -> workshop.book().commissions().notes(entry.id(), now));
        card.add(notes);
    }

    /** Only of the commission in hand: another one has to be taken in hand first. */
    private void versions(Entry entry) {
        if (entry.id() != workshop.id()) {
            return;
        }
        card.section("Versions");
        naming("version-name", "What to call it", "Name of the version", "keep-version", "Keep", name -> {
            workshop.book().versions().keep(entry.id(), name, workshop.commission());
            show();
        });
        List<Versions.Version> kept = workshop.book().versions().of(entry.id());
        for (Versions.Version version : kept) {
            card.words(version.name() + ", " + Days.writeWithHour(version.made()));
            HBox deeds = new HBox(
                    8,
                    Deed.button("compare-" + kept.indexOf(version), "Compare", () -> {
                        workshop.whereabouts().close();
                        workshop.whereabouts().stageProperty().set(Stage.SEAMS);
                        workshop.comparison().with(Optional.of(version));
                    }),
                    Deed.button("back-to-" + kept.indexOf(version), "Go back to it", () -> {
                        workshop.takeBack(version);
                        workshop.whereabouts().close();
                    }));
            card.add(deeds);
        }
    }

    /** What has changed since is said before anything is made. */
    private void again(Entry entry) {
        card.section("Once more for " + entry.wearer());
        Optional<Commission> before = workshop.book().commissions().find(entry.id());
        Optional<Measurings.Measuring> latest =
                workshop.book().measurings().of(entry.wearer()).stream().findFirst();
        List<Changed> changed = before.isPresent() && latest.isPresent()
                ? Changed.between(before.get().measurements(), latest.get().set())
                : List.of();
        if (!changed.isEmpty()) {
            card.words("Measured on " + latest.get().day() + ": "
                    + changed.stream().limit(CHANGES_SHOWN).map(this::said).collect(Collectors.joining("; "))
                    + (changed.size() > CHANGES_SHOWN ? "; and " + (changed.size() - CHANGES_SHOWN) + " more" : "")
                    + ".");
            card.add(Deed.button(
                    "again-new",
                    "Make it again with the figures of " + latest.get().day(),
                    () -> again(entry, latest.map(Measurings.Measuring::set))));
        }
        card.add(Deed.button("again", "Make it again with the figures of then", () -> again(entry, Optional.empty())));
    }

    private void again(Entry entry, Optional<MeasurementSet> figures) {
        workshop.deeds().again(entry.id(), figures);
        workshop.whereabouts().close();
    }

    private String said(Changed change) {
        return change.key().label().toLowerCase(Locale.ROOT) + " " + said(change.before()) + " → "
                + said(change.after());
    }

    private String said(Optional<Length> length) {
        return length.map(l -> LengthText.say(l, workshop.unit())).orElse("not taken");
    }

    private void duplicate(Entry entry) {
        card.section("The same design for another wearer");
        naming("duplicate-for", "Name", "Name of the other wearer", "duplicate", "Duplicate", wearer -> {
            workshop.deeds().duplicateFor(entry.id(), wearer);
            workshop.whereabouts().close();
        });
    }

    /** A field for a name with the button that uses it once there is one. */
    private void naming(
            String fieldId, String prompt, String accessible, String deedId, String deed, Consumer<String> use) {
        TextField name = new TextField();
        name.setId(fieldId);
        name.setPromptText(prompt);
        name.setAccessibleText(accessible);
        HBox.setHgrow(name, Priority.ALWAYS);
        Button button = new Button(deed);
        button.setId(deedId);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.disableProperty().bind(name.textProperty().map(String::isBlank));
        button.setOnAction(e -> use.accept(name.getText().strip()));
        HBox row = new HBox(8, name, button);
        row.getStyleClass().add("fields");
        card.add(row);
    }

    private long commissions(String wearer) {
        return workshop.entries().stream()
                .filter(e -> Wearers.isSame(e.wearer(), wearer))
                .count();
    }

    private void backups() {
        List<Backups.Backup> all = new Backups(workshop.book().file()).list();
        if (all.isEmpty()) {
            return;
        }
        card.section("Backups of the book");
        card.words(
                "One an hour while it is in use; Settings says how many are kept. Restoring puts the present book aside, it is not lost.",
                "quiet");
        for (Backups.Backup backup : all.stream().limit(BACKUPS_SHOWN).toList()) {
            card.add(Deed.button(
                    "restore-" + all.indexOf(backup),
                    "Restore " + Days.writeWithHour(backup.made()),
                    () -> restore.accept(backup)));
        }
    }
}
