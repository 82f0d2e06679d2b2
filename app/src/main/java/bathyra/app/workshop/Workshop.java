package bathyra.app.workshop;

import bathyra.app.workshop.Showing.Subject;
import bathyra.book.BookFailure;
import bathyra.book.Commissions;
import bathyra.book.Versions;
import bathyra.book.WorkshopBook;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.LacingRule;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Commission;
import bathyra.garment.HealthRecord;
import bathyra.length.LengthUnit;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What the window shows: the commission in hand with its last good draft, and what belongs to it. Every change goes through here: it
 * is drafted, made known, and handed over to be saved, in one step.
 */
public final class Workshop implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Workshop.class);
    /** What the list says of a commission on which the program itself failed. */
    private static final String UNDRAFTED = "the program could not draft it";

    private final WorkshopBook book;
    private final Showing showing = new Showing();
    private final Selection selection = new Selection();
    private final BlockInHand block = new BlockInHand();
    private final Naming naming = new Naming(this);
    private final ReadOnlyStringWrapper failure = new ReadOnlyStringWrapper("");
    private final Whereabouts whereabouts;
    private final Comparison comparison;
    private final HouseKept kept;
    private final WorkKept work;
    private final WearersAnswers answers;
    private final BookDeeds deeds;
    private final Progress progress;
    private final CommissionInHand hand;
    private boolean closed;

    /** Opens the workshop where it was left, with its draft made. */
    public Workshop(WorkshopBook book) {
        this(new Opened(book));
        firstDraft(Drafter.draft(commission()));
    }

    /**
     * Opens the workshop where it was left, without its draft: the window can be built while the draft is made.
     * {@link #firstDraft} brings it.
     */
    public static Workshop undrafted(WorkshopBook book) {
        Workshop workshop = new Workshop(new Opened(book));
        workshop.block.await();
        return workshop;
    }

    private record Opened(WorkshopBook book) {}

    private Workshop(Opened opened) {
        this.book = opened.book();
        this.kept = new HouseKept(book, failure::set, showing::changed);
        this.work = new WorkKept(book);
        this.answers = new WearersAnswers(book, failure::set);
        this.comparison = new Comparison(this::obeying, book.versions()::outlines, showing::again);
        this.deeds = new BookDeeds(this, book);
        this.progress = new Progress(this, book, block);
        Opening.Found found = Opening.of(book);
        this.whereabouts = new Whereabouts(book);
        found.failed().ifPresent(why -> {
            failure.set(why);
            whereabouts.open(Over.BOOK);
        });
        this.hand = new CommissionInHand(found.id(), obeying(found.commission()));
        labels();
        book.changes()
                .onOutcome(said -> onWindowsThread(
                        () -> failure.set(said.map(BookFailure::getMessage).orElse(""))));
    }

    /** Without a toolkit, as the models are tested, there is one thread only. */
    private static void onWindowsThread(Runnable deed) {
        try {
            Platform.runLater(deed);
        } catch (IllegalStateException e) {
            deed.run();
        }
    }

    /** Takes the first draft, unless something else has been drafted since. Where the program could not make it the book opens on its shelf. */
    public void firstDraft(Outcome outcome) {
        if (hand.isDrafting()) {
            hand.take(outcome);
            if (isProgramFailing()) {
                whereabouts.open(Over.BOOK);
            }
            showing.changed(Subject.COMMISSION);
        }
    }

    /** Takes the first block, drafted beside the window after the first draft. */
    public void firstBlock(Commission of, BlockDrafter.Drafted drafted) {
        block.arrive(of, commission(), drafted);
        showing.changed(Subject.COMMISSION);
    }

    /** The book, for what concerns the list of commissions and not the one in hand. */
    public WorkshopBook book() {
        return book;
    }

    /** What lays another commission on the table. */
    public BookDeeds deeds() {
        return deeds;
    }

    /** Where one is in the window. */
    public Whereabouts whereabouts() {
        return whereabouts;
    }

    /** What is looked at on the stages. */
    public Selection selection() {
        return selection;
    }

    /** What the commission in hand is compared with. */
    public Comparison comparison() {
        return comparison;
    }

    /** Who is told when what is shown has changed. */
    public Showing showing() {
        return showing;
    }

    /** What the wearer in hand answered before being laced; empty when nobody has asked. */
    public Optional<HealthRecord> answers() {
        return answers.of(commission().wearer().name());
    }

    /** Keeps what the wearer in hand answered. It belongs to the wearer, not to the design: undo does not take it back. */
    public void answered(HealthRecord record) {
        letGo();
        answers.keep(commission().wearer().name(), record);
        show(commission());
    }

    /** A commission as its wearer's answers have it: not to be laced where they forbid it. */
    public Commission obeying(Commission of) {
        return answers.obeying(of);
    }

    /** Wearers have other names, or answers were erased: what was read of them counts no more. */
    void namesChanged() {
        answers.forget();
    }

    /** Whether the wearer should be asked before this garment goes out, and has not been. */
    public boolean isToBeAsked() {
        return commission().answered().isEmpty()
                && draft().filter(LacingRule::asks).isPresent();
    }

    /** Whether the program itself failed on the commission in hand. */
    public boolean isProgramFailing() {
        return refusal().filter(r -> r.cause() == Refusal.Cause.PROGRAM).isPresent();
    }

    /** Whether the first draft is still being made. */
    public boolean isDrafting() {
        return hand.isDrafting();
    }

    /** How far the commission in hand has come. */
    public Progress progress() {
        return progress;
    }

    /** What the commission in hand is called, whose it is, in what units it is worked. */
    public Naming naming() {
        return naming;
    }

    /** What belongs to the house, not to a commission: prices, people, rules, styles, charts. */
    public HouseKept kept() {
        return kept;
    }

    /** The work on all commissions, planned without drafting them. */
    public WorkKept work() {
        return work;
    }

    /** The whole block with shoulders, or why there is none. */
    public BlockDrafter.Drafted block() {
        return block.of(commission());
    }

    public List<Commissions.Entry> entries() {
        return book.commissions().entries();
    }

    /** Another commission lies on the table; nothing of the one before stays beside it. */
    void lookAt(long next) {
        selection.rightHalfProperty().set(false);
        comparison.end();
        work.measureAnew();
        hand.lookAt(next);
        show(book.commissions().find(next).orElseThrow());
    }

    /** The half in view: the draft itself, or its right half where the halves differ and that one is looked at. */
    public Optional<Draft> half() {
        Optional<Draft> whole = draft();
        return selection.rightHalfProperty().get()
                ? whole.flatMap(Draft::rightHalf).or(() -> whole)
                : whole;
    }

    /** Takes a former state back, as a change that can be undone. */
    public void takeBack(Versions.Version version) {
        letGo();
        comparison.end();
        once("back to " + version.name(), version.commission());
    }

    /** Makes a change that is over at once. */
    public void once(String label, Commission next) {
        change(label, next, InHand.once());
        letGo();
    }

    public long id() {
        return hand.id();
    }

    /**
     * Makes a change. Changes that follow each other with the same thing in hand (one drag, one figure being typed) are one
     * change for undo.
     *
     * @param label what undo calls it, for example "hip 100.0 → 101.0 cm"
     * @param thing what is in hand; the next change with another thing begins a new entry
     */
    public void change(String label, Commission next, InHand thing) {
        Commission before = commission();
        Commission after = obeying(next);
        if (closed || after.equals(before)) {
            return;
        }
        Outcome outcome = Drafter.draft(after);
        book.copies().makeWhenDue();
        book.changes().write(id(), label, before, after, hand.isInHand(thing));
        hand.takeUp(thing);
        // What cannot be drafted is saved as well, but marked.
        if (outcome instanceof Refusal none && none.cause() == Refusal.Cause.PROGRAM) {
            guarded(() -> book.commissions().state(id(), UNDRAFTED));
        }
        hand.labelled(label, "");
        show(after, outcome);
    }

    /** How the commission stood before the thing in hand was taken up, for the name of the change. */
    public Commission before(InHand thing) {
        return hand.before(thing);
    }

    /** The draft as it stood then. */
    public Optional<Draft> draftBefore(InHand thing) {
        return hand.draftBefore(thing);
    }

    /** Whether something is being changed: a drag, a figure that is being typed. */
    public boolean isChanging() {
        return hand.isChanging();
    }

    /** Whether a thing is what was changed last and is still in hand. */
    public boolean isInHand(InHand thing) {
        return hand.isInHand(thing);
    }

    /**
     * Takes back what has been done so far with the thing in hand, as if it had never been taken up: a figure that turns out to be
     * wrong leaves no part of it behind.
     */
    public void withdraw(InHand thing) {
        if (isInHand(thing)) {
            letGo();
            guarded(() -> goTo(book.history().withdraw(id())));
        }
    }

    /** Lays down what is in hand: the next change is a new one. */
    public void letGo() {
        hand.letGo();
        book.changes().finish();
    }

    public void undo() {
        letGo();
        guarded(() -> goTo(book.history().undo(id())));
    }

    public void redo() {
        letGo();
        guarded(() -> goTo(book.history().redo(id())));
    }

    private void goTo(Optional<Commission> state) {
        failure.set("");
        state.ifPresent(next -> {
            if (!next.plan().due().equals(commission().plan().due())) {
                book.commissions().due(id(), next.plan().due());
            }
            labels();
            show(next);
        });
    }

    private void labels() {
        guarded(() -> hand.labelled(
                book.history().undoLabel(id()).orElse(""),
                book.history().redoLabel(id()).orElse("")));
    }

    private void guarded(Runnable deed) {
        try {
            deed.run();
        } catch (BookFailure e) {
            failure.set(e.getMessage());
        }
    }

    /** Says above the stage what could not be done. */
    public void say(String why) {
        failure.set(why);
    }

    void show(Commission next) {
        labels();
        Commission obeyed = obeying(next);
        show(obeyed, Drafter.draft(obeyed));
    }

    private void show(Commission next, Outcome outcome) {
        hand.take(outcome);
        // Set last: whoever listens to the commission finds the draft that belongs to it.
        hand.commission(next);
        showing.changed(Subject.COMMISSION);
    }

    /** Closes the book; everything is in it already. */
    @Override
    public void close() {
        try {
            progress.keep();
        } catch (BookFailure e) {
            LOG.debug("the state could not be noted", e);
        }
        closed = true;
        book.close();
    }

    /** Whether the book is closed, because the window went or a backup was put in its place: nothing may be written any more. */
    public boolean isClosed() {
        return closed;
    }

    public ReadOnlyObjectProperty<Commission> commissionProperty() {
        return hand.commissionProperty();
    }

    public Commission commission() {
        return commissionProperty().get();
    }

    public LengthUnit unit() {
        return commission().units() == LengthUnit.MM
                ? LengthUnit.CM
                : commission().units();
    }

    /** Inches as this commission, or else the house, divides them. */
    public LengthUnit inches() {
        LengthUnit house = kept.houseRules().get().units();
        return unit().isInches() ? unit() : house.isInches() ? house : LengthUnit.IN;
    }

    /** The last good draft; it stays while {@link #refusal} says why the present figures give none. */
    public Optional<Draft> draft() {
        return hand.draft();
    }

    public Optional<Refusal> refusal() {
        return hand.refusal();
    }

    public ReadOnlyStringProperty undoLabelProperty() {
        return hand.undoLabelProperty();
    }

    public ReadOnlyStringProperty redoLabelProperty() {
        return hand.redoLabelProperty();
    }

    /** Why the last change could not be saved; empty when it was. */
    public ReadOnlyStringProperty failureProperty() {
        return failure.getReadOnlyProperty();
    }
}
