package bathyra.app.shelf;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.reckoning.TypedField;
import bathyra.app.stage.DayField;
import bathyra.app.stage.Days;
import bathyra.app.stage.Files;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.files.PatternFiles;
import bathyra.files.json.CommissionJson;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Label;
import org.slf4j.LoggerFactory;

/** What can be done with several commissions at once. */
final class ManyCard {
    private static final int NAMED_MOST = 6;
    private final Workshop workshop;
    private final Files files;
    private final Card card;
    private final Runnable changed;
    private final Label fault = new Label();
    private final Label said = new Label();

    ManyCard(Workshop workshop, Files files, Card card, Runnable changed) {
        this.workshop = workshop;
        this.files = files;
        this.card = card;
        this.changed = changed;
        fault.getStyleClass().add("row-fault");
        fault.managedProperty().bind(fault.textProperty().isNotEmpty());
        fault.visibleProperty().bind(fault.textProperty().isNotEmpty());
        said.getStyleClass().addAll("words", "quiet");
        said.setId("many-said");
    }

    void show(List<Entry> chosen) {
        said.setText("");
        card.begin(chosen.size() + " commissions");
        chosen.stream().limit(NAMED_MOST).forEach(e -> card.words(e.wearer() + ", " + e.title(), "quiet"));
        if (chosen.size() > NAMED_MOST) {
            card.words("and " + (chosen.size() - NAMED_MOST) + " more", "quiet");
        }
        card.section("Due, all of them");
        TypedField day = new TypedField(
                "many-due",
                "The day on which all are to be ready, year-month-day",
                typed -> due(chosen, typed),
                fault::setText);
        card.add(new DayField(day));
        card.add(fault);
        boolean away = chosen.stream().allMatch(Entry::archived);
        card.section("Put away");
        card.add(Deed.button(
                "many-archive",
                away ? "Take them out of the archive" : "Archive them",
                () -> each(chosen, e -> workshop.book().commissions().archive(e.id(), !away))));
        card.add(Deed.button("many-put-out", "Put their documents out", () -> files.folder(
                        card.getScene().getWindow(), "Documents of " + chosen.size() + " commissions")
                .ifPresent(folder -> said.setText(write(chosen, folder)))));
        card.add(Deed.button(
                "many-throw",
                "Throw them away",
                () -> each(chosen, e -> workshop.deeds().throwAway(e.id()))));
        card.add(said);
        card.words("What is thrown away lies in the trash for thirty days.", "quiet");
        card.end();
    }

    private void each(List<Entry> chosen, java.util.function.Consumer<Entry> deed) {
        chosen.forEach(deed);
        changed.run();
    }

    private Optional<String> due(List<Entry> chosen, String typed) {
        Optional<LocalDate> day = Days.read(typed);
        if (day.isEmpty() && !typed.isBlank()) {
            return Optional.of("Not understood: " + typed + ". Type it as 2026-12-24.");
        }
        for (Entry entry : chosen) {
            workshop.deeds()
                    .plan(entry.id(), "due " + day.map(LocalDate::toString).orElse("no day"), p -> p.due(day));
            workshop.book().commissions().due(entry.id(), day);
        }
        changed.run();
        return Optional.empty();
    }

    private String write(List<Entry> chosen, Path folder) {
        try {
            for (Entry entry : chosen) {
                java.nio.file.Files.writeString(
                        folder.resolve(PatternFiles.fileName(entry.title()) + "-" + entry.id() + ".bathyra.json"),
                        CommissionJson.write(workshop.book()
                                .commissions()
                                .find(entry.id())
                                .orElseThrow()
                                .withoutPictures()),
                        StandardCharsets.UTF_8);
            }
            return chosen.size() + " documents written, with the wearers' names.";
        } catch (IOException e) {
            LoggerFactory.getLogger(ManyCard.class).warn("putting out several", e);
            return "They could not be written. Choose a folder that you may write to.";
        }
    }
}
