package bathyra.app.shelf;

import bathyra.app.reckoning.Card;
import bathyra.app.reckoning.Deed;
import bathyra.app.stage.Days;
import bathyra.app.workshop.Workshop;
import bathyra.book.Commissions.Entry;
import bathyra.book.Trash;
import java.util.List;

/** What can be done with commissions that were thrown away. */
final class TrashCard {
    private final Workshop workshop;
    private final Card card;
    private final Runnable changed;

    TrashCard(Workshop workshop, Card card, Runnable changed) {
        this.workshop = workshop;
        this.card = card;
        this.changed = changed;
    }

    void show(List<Entry> chosen) {
        List<Trash.Thrown> thrown = workshop.book().trash().list().stream()
                .filter(t -> chosen.stream().anyMatch(e -> e.id() == t.entry().id()))
                .toList();
        if (thrown.isEmpty()) {
            card.begin("Trash");
            card.words("Nothing lies here. What is thrown away can be taken back for " + Trash.DAYS + " days.");
        } else {
            card.begin(thrown.size() == 1 ? thrown.get(0).entry().title() : thrown.size() + " commissions");
            for (Trash.Thrown each : thrown) {
                card.words(each.entry().wearer() + ": thrown away on " + Days.say(each.day()) + ", gone on "
                        + Days.say(each.gone()) + ".");
            }
            card.add(Deed.button("take-back", "Take back", () -> {
                thrown.forEach(t -> workshop.book().trash().takeBack(t.entry().id()));
                changed.run();
            }));
            card.add(Deed.button("take-away", "Take away for good", () -> {
                thrown.forEach(t -> workshop.book().trash().takeAway(t.entry().id()));
                changed.run();
            }));
        }
        card.end();
    }
}
