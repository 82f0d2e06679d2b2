package bathyra.app.fittings;

import bathyra.app.workshop.Workshop;
import bathyra.book.BookFailure;
import bathyra.book.Versions;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.fitting.Adjustment;
import bathyra.garment.Commission;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** The drafts of a commission that were made from its fittings and kept, and which of them are held against each other. */
final class KeptDrafts {
    private final Workshop workshop;
    private final List<Versions.Version> compared = new ArrayList<>();
    private long comparedOf = -1;

    KeptDrafts(Workshop workshop) {
        this.workshop = workshop;
    }

    /** The drafts that were kept, the first first. */
    List<Versions.Version> all() {
        try {
            List<Versions.Version> all =
                    new ArrayList<>(workshop.book().versions().of(workshop.id()));
            all.removeIf(v -> v.draft().isEmpty());
            Collections.reverse(all);
            return all;
        } catch (BookFailure e) {
            workshop.say(e.getMessage());
            return List.of();
        }
    }

    /** The number that the next draft gets: the one that was tried has one too. */
    int next() {
        return all().stream().mapToInt(v -> v.draft().orElseThrow()).max().orElse(1) + 1;
    }

    /** What the draft that is in hand is called on its toile. */
    String inHand() {
        return name(next() - 1).toLowerCase(Locale.ROOT);
    }

    private static String name(int number) {
        return "Draft " + number;
    }

    /** Makes the next draft from what a fitting asks for: kept under its number, and one change that can be undone. */
    void make(int fitting, List<Adjustment> asked) {
        workshop.letGo();
        Commission before = workshop.commission();
        int next = next();
        try {
            if (all().isEmpty()) {
                keep(1, "from the tape", before);
            }
            List<Adjustment> every = new ArrayList<>(asked);
            before.adjustments().stream().filter(a -> a.fitting() > fitting).forEach(every::add);
            Commission made = before.withAdjustments(every);
            workshop.once("draft " + next + " from fitting " + fitting, made);
            keep(next, "fitting " + fitting, made);
        } catch (BookFailure e) {
            workshop.say(e.getMessage());
        }
        workshop.showing().again();
    }

    private void keep(int number, String from, Commission state) {
        workshop.book().versions().keepDraft(workshop.id(), number, name(number) + ", " + from, state);
    }

    /** Lays a draft that was kept over the present one; a second one is compared with the first. The same again takes it off. */
    void compare(Versions.Version version) {
        if (!compared.removeIf(v -> v.id() == version.id())) {
            compared.add(version);
        }
        while (compared.size() > 2) {
            compared.remove(0);
        }
        workshop.comparison().with(compared.size() == 1 ? Optional.of(compared.get(0)) : Optional.empty());
    }

    boolean isCompared(Versions.Version version) {
        return compared.stream().anyMatch(v -> v.id() == version.id());
    }

    /** Two drafts held against each other. */
    record Pair(String former, String later, Draft before, Draft after) {}

    /** What is compared: two drafts that were kept, or one with the present. */
    Optional<Pair> pair() {
        if (compared.size() == 2) {
            Versions.Version first =
                    compared.get(compared.get(0).id() < compared.get(1).id() ? 0 : 1);
            Versions.Version later = compared.get(first == compared.get(0) ? 1 : 0);
            return Drafter.draft(first.commission()) instanceof Draft before
                            && Drafter.draft(later.commission()) instanceof Draft after
                    ? Optional.of(new Pair(first.name(), later.name(), before, after))
                    : Optional.empty();
        }
        return workshop.comparison().compared().flatMap(c -> workshop.draft()
                .map(now -> new Pair(c.name(), "now", c.draft(), now)));
    }

    /** Two kept drafts lie on the table in place of the fitting's own. */
    Optional<Pair> onTheTable() {
        return compared.size() == 2 ? pair() : Optional.empty();
    }

    /** Another commission has other drafts. */
    void forget() {
        if (comparedOf != workshop.id()) {
            comparedOf = workshop.id();
            compared.clear();
        }
    }
}
