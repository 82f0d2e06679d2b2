package bathyra.app.shelf;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.workshop.Workshop;
import bathyra.book.BookFailure;
import bathyra.book.Commissions.Entry;
import bathyra.book.Invoices;
import bathyra.book.Wearers;
import java.util.List;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.layout.HBox;

/** Erasing a wearer for good, on the card of the list: what stays where, and asked twice. */
final class Erasing {
    private final Workshop workshop;
    private final Runnable again;
    private final Runnable changed;
    private boolean asked;

    /** @param again writes the card again @param changed reads the list anew */
    Erasing(Workshop workshop, Runnable again, Runnable changed) {
        this.workshop = workshop;
        this.again = again;
        this.changed = changed;
    }

    /** Another commission is looked at: nothing is being asked any more. */
    void forget() {
        asked = false;
    }

    /** What cannot be undone is asked twice. */
    void show(Card card, Entry entry, long all) {
        if (!asked) {
            card.add(Deed.button("erase", "Erase " + entry.wearer() + " for good", () -> {
                asked = true;
                again.run();
            }));
            return;
        }
        card.words(
                "Every figure of " + entry.wearer() + " and "
                        + (all == 1 ? "this commission" : "all " + all + " commissions")
                        + " will be gone from the book and its backups. This cannot be undone.",
                "caution");
        CheckBox others = new CheckBox("Take the name out there as well");
        others.setId("erase-others");
        List<Wearers.Mention> mentions = workshop.book().wearers().mentions(entry.wearer());
        if (!mentions.isEmpty()) {
            card.words(
                    "The name stands in what belongs to others too: "
                            + mentions.stream().map(Erasing::where).collect(Collectors.joining("; ")) + ".",
                    "caution");
            card.add(others);
        }
        CheckBox invoices = new CheckBox("The law asks that the name stays on them");
        invoices.setId("erase-not-invoices");
        invoices.setWrapText(true);
        List<Invoices.Issued> issued = workshop.book().invoices().of(entry.wearer());
        if (!issued.isEmpty()) {
            card.words(
                    "Number, day and amount of what was invoiced stay: "
                            + issued.stream()
                                    .map(i -> "invoice " + i.number() + " of " + i.day())
                                    .collect(Collectors.joining(", "))
                            + ".",
                    "caution");
            card.add(invoices);
        }
        Button yes = new Button("Erase for good");
        yes.setId("erase-yes");
        yes.setOnAction(e -> {
            asked = false;
            try {
                workshop.deeds().erase(entry.wearer(), others.isSelected(), invoices.isSelected());
                changed.run();
            } catch (BookFailure failed) {
                card.words(failed.getMessage(), "caution");
            }
        });
        Button no = new Button("Keep it");
        no.setId("erase-no");
        no.setOnAction(e -> {
            asked = false;
            again.run();
        });
        card.add(new HBox(8, yes, no));
    }

    private static String where(Wearers.Mention mention) {
        return (mention.inTitle() && mention.inNotes()
                        ? "the title and the notes"
                        : mention.inTitle() ? "the title" : "the notes")
                + " of \"" + mention.title() + "\"";
    }
}
