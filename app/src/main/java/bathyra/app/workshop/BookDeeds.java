package bathyra.app.workshop;

import bathyra.book.Commissions;
import bathyra.book.Wearers;
import bathyra.book.WorkshopBook;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.HouseRules;
import bathyra.garment.Wearer;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.plan.Plan;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is done on the book and lays another commission on the table, or the same one under another name. */
public final class BookDeeds {
    private static final String PLACE = "commission";

    private final Workshop workshop;
    private final WorkshopBook book;

    BookDeeds(Workshop workshop, WorkshopBook book) {
        this.workshop = workshop;
        this.book = book;
    }

    /** A book without a commission gets an empty one. */
    static void fill(WorkshopBook book) {
        if (book.commissions().entries().isEmpty()) {
            book.commissions().add(blank(LengthUnit.CM));
        }
    }

    /** The number of the commission that was on the table last; of the first one where there is none such. */
    static long last(WorkshopBook book) {
        long last = book.place(PLACE)
                .filter(number -> number.matches("\\d{1,18}"))
                .map(Long::parseLong)
                .orElse(-1L);
        return book.commissions().entries().stream()
                .map(Commissions.Entry::id)
                .filter(id -> id == last)
                .findFirst()
                .orElseGet(() -> book.commissions().entries().get(0).id());
    }

    /**
     * Takes a commission from elsewhere into a book that is about to be opened, and opens it there. One that is in the book as it is is not taken
     * in twice.
     */
    public static void takeIn(WorkshopBook book, Commission commission) {
        long id = book.commissions().entries().stream()
                .filter(e -> e.title().equals(commission.title())
                        && e.wearer().equals(commission.wearer().name()))
                .map(Commissions.Entry::id)
                .filter(each ->
                        book.commissions().find(each).filter(commission::equals).isPresent())
                .findFirst()
                .orElseGet(() -> book.commissions().add(commission));
        book.keepPlace(PLACE, Long.toString(id));
    }

    private static Commission blank(LengthUnit unit) {
        return new Commission(
                "New bustier",
                unit,
                new Wearer("New wearer", Experience.FIRST),
                MeasurementSet.empty(),
                Garment.bustier());
    }

    /** Takes another commission in hand. */
    public void switchTo(long next) {
        workshop.letGo();
        workshop.progress().keep();
        lookAt(next);
    }

    private void lookAt(long next) {
        book.keepPlace(PLACE, Long.toString(next));
        workshop.lookAt(next);
    }

    /** Begins a new commission by the rules of the house and takes it in hand. */
    public void begin() {
        HouseRules rules = workshop.kept().houseRules().get();
        Commission blank = blank(rules.equals(HouseRules.NONE) ? workshop.unit() : rules.units());
        measure(asTheHouseWorks(blank.withGarment(rules.on(blank.garment()))));
    }

    /**
     * Begins a commission and takes it in hand.
     *
     * @param figures of the wearer, as far as there are any
     */
    public void begin(String wearer, Garment garment, Optional<MeasurementSet> figures) {
        HouseRules rules = workshop.kept().houseRules().get();
        Commission begun = asTheHouseWorks(new Commission(
                "New " + garment.kind().label().toLowerCase(Locale.ROOT).replaceAll(",.*", ""),
                rules.equals(HouseRules.NONE) ? workshop.unit() : rules.units(),
                new Wearer(Wearer.tidy(wearer), Experience.FIRST),
                figures.orElse(MeasurementSet.empty()),
                garment));
        switchTo(book.commissions().add(begun));
        workshop.whereabouts().goTo(figures.isPresent() ? Stage.GIRTHS : Stage.MEASURE);
    }

    /** The same design for another wearer, whose figures are still to be taken. It is taken in hand. */
    public void duplicateFor(long which, String wearer) {
        Commission design = book.commissions().find(which).orElseThrow();
        measure(asTheHouseWorks(new Commission(
                design.title(),
                design.units(),
                new Wearer(Wearer.tidy(wearer), Experience.FIRST),
                MeasurementSet.empty(),
                design.garment())));
    }

    /**
     * The same garment for the same wearer once more: with what its fittings found, without their record. The one before is kept beside it as a
     * version to compare with. It is taken in hand.
     *
     * @param figures later ones of the wearer; empty for those of then
     */
    public void again(long which, Optional<MeasurementSet> figures) {
        Commission before = book.commissions().find(which).orElseThrow();
        Commission again =
                asTheHouseWorks(before).withTitle(before.title() + ", again").withFittings(List.of());
        long id = book.commissions().add(figures.map(again::withMeasurements).orElse(again));
        book.versions().keep(id, "As it was: " + before.title(), before);
        switchTo(id);
        workshop.whereabouts().stageProperty().set(Stage.MEASURE);
    }

    /** A new commission is made in the workshop's own order. */
    private Commission asTheHouseWorks(Commission begun) {
        return begun.withPlan(Plan.NONE.ordered(workshop.kept().house().order()));
    }

    /** Changes the plan of a commission, in hand or not, as a change that can be undone. The list's due day follows. */
    public void plan(long id, String label, UnaryOperator<Plan> change) {
        workshop.letGo();
        Commission before = id == workshop.id()
                ? workshop.commission()
                : book.commissions().find(id).orElseThrow();
        Commission after = before.withPlan(change.apply(before.plan()));
        if (id == workshop.id()) {
            workshop.once(label, after);
        } else if (!after.equals(before)) {
            book.changes().write(id, label, before, after, false);
            book.changes().finish();
        }
        if (!after.plan().due().equals(before.plan().due())) {
            book.commissions().due(id, after.plan().due());
        }
    }

    /**
     * Takes one change of a plan back and nothing that was done to it since: the last change of the commission is undone, any other is a
     * change of its own.
     *
     * @param label what the change is called
     * @param due when it was due before that change, where its plan did not say
     */
    public void withdraw(long id, String label, Plan before, Plan after, Optional<LocalDate> due) {
        workshop.letGo();
        Optional<Plan> now = book.commissions().find(id).map(Commission::plan);
        if (now.isEmpty()) {
            return;
        }
        if (now.get().equals(after)
                && book.history().undoLabel(id).filter(label::equals).isPresent()) {
            undo(id);
        } else {
            plan(id, "taken back: " + label, plan -> plan.withdrawing(before, after));
        }
        if (!before.due().equals(after.due())) {
            book.commissions().find(id).ifPresent(c -> book.commissions()
                    .due(id, c.plan().due().or(() -> due)));
        }
    }

    private void undo(long id) {
        if (id == workshop.id()) {
            workshop.undo();
        } else {
            book.history().undo(id);
        }
    }

    private void measure(Commission begun) {
        switchTo(book.commissions().add(begun));
        workshop.whereabouts().stageProperty().set(Stage.MEASURE);
    }

    /**
     * Erases a wearer for good, with every commission and every backup in which the figures stand.
     *
     * @param inOthers whether the name is taken out of the titles and notes of others as well
     * @param onInvoices whether the name stays on issued invoices
     */
    public void erase(String wearer, boolean inOthers, boolean onInvoices) {
        workshop.letGo();
        // Asked before: the book may give the number of an erased commission to a new one.
        boolean inHandToo = book.commissions().entries().stream()
                .anyMatch(e -> e.id() == workshop.id() && Wearers.isSame(e.wearer(), wearer));
        book.wearers().erase(wearer, inOthers, onInvoices);
        fill(book);
        if (inHandToo) {
            workshop.namesChanged();
            lookAt(book.commissions().entries().get(0).id());
        } else {
            // Its title may have borne the name.
            read();
        }
    }

    /** Throws a commission away; it lies in the trash for a while. Where it was in hand another one is taken. */
    public void throwAway(long which) {
        workshop.letGo();
        boolean inHand = which == workshop.id();
        if (inHand) {
            workshop.progress().keep();
        }
        book.trash().throwAway(which, LocalDate.now());
        fill(book);
        if (inHand) {
            lookAt(book.commissions().entries().get(0).id());
        }
    }

    /** Gives a wearer another name in the whole book, in every change that led to it too. */
    public void renameEverywhere(String wearer, String name) {
        workshop.letGo();
        book.wearers().rename(wearer, Wearer.tidy(name));
        read();
    }

    private void read() {
        workshop.namesChanged();
        workshop.show(book.commissions().find(workshop.id()).orElseThrow());
    }
}
