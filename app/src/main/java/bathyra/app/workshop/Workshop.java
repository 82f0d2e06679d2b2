package bathyra.app.workshop;

import bathyra.bone.Bones;
import bathyra.book.BookFailure;
import bathyra.book.Versions;
import bathyra.book.Wearers;
import bathyra.book.WorkshopBook;
import bathyra.draft.BlockDrafter;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.LacingRule;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Commission;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.garment.HealthRecord;
import bathyra.garment.Wearer;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementSet;
import bathyra.stock.PriceList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.LongProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleLongProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * What the window shows: the commission in hand, its last good draft, and where one is. Every change goes through here: it is
 * saved, drafted and made known in one step.
 */
public final class Workshop implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(Workshop.class);
    /** What the list says of a commission on which the program itself failed. */
    private static final String UNDRAFTED = "the program could not draft it";

    private static final String PLACE_COMMISSION = "commission";
    private static final String PLACE_STAGE = "stage";
    private static final String PLACE_THEME = "theme";

    private final WorkshopBook book;
    private final ReadOnlyObjectWrapper<Commission> commission = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Optional<Draft>> draft = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Refusal>> refusal = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper undoLabel = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper redoLabel = new ReadOnlyStringWrapper("");
    private final ReadOnlyObjectWrapper<Optional<Throwable>> stageFailure =
            new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyStringWrapper failure = new ReadOnlyStringWrapper("");
    private final ObjectProperty<Stage> stage = new SimpleObjectProperty<>(Stage.MEASURE);
    private final Selection selection = new Selection();
    private final BooleanProperty shelfOpen = new SimpleBooleanProperty(false);
    private final BooleanProperty foreignOpen = new SimpleBooleanProperty(false);
    private final ObjectProperty<Boolean> dark = new SimpleObjectProperty<>(false);
    private final LongProperty stamp = new SimpleLongProperty();
    private final BlockInHand block = new BlockInHand();
    private Optional<Compared> compared = Optional.empty();
    private boolean drafting;
    private boolean changing;
    private final PlannedBones bones = new PlannedBones();
    private long bonesSaid;
    private final KeptPrices prices;
    private final WearersAnswers answers;
    private boolean closed;
    private long id;
    private InHand inHand = InHand.once();
    private Commission beforeInHand;
    private Optional<Draft> draftBeforeInHand = Optional.empty();

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
        this.prices = new KeptPrices(book, failure::set);
        this.answers = new WearersAnswers(book, failure::set);
        if (book.entries().isEmpty()) {
            book.add(blank(LengthUnit.CM));
        }
        List<WorkshopBook.Entry> entries = book.entries();
        long last = book.place(PLACE_COMMISSION)
                .map(Long::parseLong)
                .orElse(entries.get(0).id());
        stage.set(Stage.named(book.place(PLACE_STAGE).orElse("")));
        dark.set(book.place(PLACE_THEME).orElse("").equals("dark"));
        id = entries.stream().anyMatch(e -> e.id() == last)
                ? last
                : entries.get(0).id();
        drafting = true;
        commission.set(obeying(firstReadable(entries)));
        labels();
        stage.addListener((o, was, now) -> book.keepPlace(PLACE_STAGE, now.name()));
        dark.addListener((o, was, now) -> book.keepPlace(PLACE_THEME, now ? "dark" : "light"));
    }

    /** The commission that was in hand; where it cannot be read the next one that can, and the book opens on its shelf. @throws BookFailure when none can be read */
    private Commission firstReadable(List<WorkshopBook.Entry> entries) {
        BookFailure first;
        try {
            return book.find(id).orElseThrow();
        } catch (BookFailure e) {
            LOG.error("the commission in hand cannot be read", e);
            first = e;
        }
        for (WorkshopBook.Entry entry : entries) {
            try {
                Commission readable = book.find(entry.id()).orElseThrow();
                id = entry.id();
                failure.set(first.getMessage());
                shelfOpen.set(true);
                return readable;
            } catch (BookFailure e) {
                LOG.error("commission {} cannot be read", entry.id(), e);
            }
        }
        throw first;
    }

    /** Takes the first draft, unless something else has been drafted since. Where the program could not make it the book opens on its shelf. */
    public void firstDraft(Outcome outcome) {
        if (drafting) {
            take(outcome);
            if (isProgramFailing()) {
                shelfOpen.set(true);
            }
            showAgain();
        }
    }

    /** What the wearer in hand answered before being laced; empty when nobody has asked. */
    public Optional<HealthRecord> answers() {
        return answers.of(commission.get().wearer().name());
    }

    /** Keeps what the wearer in hand answered. It belongs to the wearer, not to the design: undo does not take it back. */
    public void answered(HealthRecord record) {
        letGo();
        answers.keep(commission.get().wearer().name(), record);
        show(commission.get());
    }

    /** A commission as its wearer's answers have it: not to be laced where they forbid it. */
    public Commission obeying(Commission of) {
        return answers.obeying(of);
    }

    /** Whether the wearer should be asked before this garment goes out, and has not been. */
    public boolean isToBeAsked() {
        return commission.get().answered().isEmpty()
                && draft.get().filter(LacingRule::asks).isPresent();
    }

    /** Whether the program itself failed on the commission in hand. */
    public boolean isProgramFailing() {
        return refusal.get().filter(r -> r.cause() == Refusal.Cause.PROGRAM).isPresent();
    }

    /** Whether the first draft is still being made. */
    public boolean isDrafting() {
        return drafting;
    }

    /** How the stages of the commission in hand stand. */
    public Standing standing() {
        return new Standing(
                commission.get(),
                refusal.get().isPresent() ? Optional.empty() : draft.get(),
                () -> block.known(commission.get()),
                this::bonesToLookAt);
    }

    /** The bones of the half in view, planned once a draft. */
    public Optional<Bones> bones() {
        return bones.of(half());
    }

    /** While something is in hand the rail says what it said before: planning the bones is not worth a part of a frame. */
    private long bonesToLookAt() {
        if (!changing) {
            bonesSaid = bones().map(Standing::toLookAt).orElse(0L);
        }
        return bonesSaid;
    }

    /** What the workshop keeps and buys. */
    public PriceList prices() {
        return prices.list();
    }

    /** Keeps another price list in the book; it belongs to the workshop, not to a commission. */
    public void setPrices(PriceList next) {
        prices.keep(next);
        showAgain();
    }

    /** What is looked at on the stages. */
    public Selection selection() {
        return selection;
    }

    /** The whole block with shoulders, or why there is none. */
    public BlockDrafter.Drafted block() {
        return block.of(commission.get());
    }

    /** Takes the first block, drafted beside the window after the first draft. */
    public void firstBlock(Commission of, BlockDrafter.Drafted drafted) {
        block.arrive(of, commission.get(), drafted);
        showAgain();
    }

    public List<WorkshopBook.Entry> entries() {
        return book.entries();
    }

    /** Takes another commission in hand. */
    public void switchTo(long next) {
        letGo();
        keepState();
        lookAt(next);
    }

    /** Another commission lies on the table; nothing of the one before stays beside it. */
    private void lookAt(long next) {
        id = next;
        selection.rightHalfProperty().set(false);
        compared = Optional.empty();
        draft.set(Optional.empty());
        book.keepPlace(PLACE_COMMISSION, Long.toString(next));
        show(book.find(next).orElseThrow());
    }

    /** Begins a new commission and takes it in hand. */
    public void begin() {
        long next = book.add(blank(unit()));
        switchTo(next);
        stage.set(Stage.MEASURE);
    }

    /** Notes for the list how far the commission in hand has come. */
    private void keepState() {
        if (!drafting) {
            book.state(id, standing().line());
        }
    }

    /** The same design for another wearer, whose figures are still to be taken. It is taken in hand. */
    public void duplicateFor(long which, String wearer) {
        Commission design = book.find(which).orElseThrow();
        long next = book.add(new Commission(
                design.title(),
                design.units(),
                new Wearer(Wearer.tidy(wearer), Experience.FIRST),
                MeasurementSet.empty(),
                design.garment()));
        switchTo(next);
        stage.set(Stage.MEASURE);
    }

    /**
     * Erases a wearer for good, with every commission and every backup in which the figures stand.
     *
     * @param inOthers whether the name is taken out of the titles and notes of others as well
     */
    public void erase(String wearer, boolean inOthers) {
        letGo();
        // Asked before: the book may give the number of an erased commission to a new one.
        boolean inHandToo = entries().stream().anyMatch(e -> e.id() == id && Wearers.isSame(e.wearer(), wearer));
        book.wearers().erase(wearer, inOthers);
        answers.forget();
        if (book.entries().isEmpty()) {
            book.add(blank(LengthUnit.CM));
        }
        if (inHandToo) {
            lookAt(book.entries().get(0).id());
        } else {
            // Its title may have borne the name.
            show(book.find(id).orElseThrow());
        }
    }

    /**
     * Compares the commission in hand with a former state of it: its draft is laid on the table as a ghost. Empty ends the
     * comparison. A state that gives no draft cannot be compared.
     */
    public void compare(Optional<Versions.Version> version) {
        compared = version.flatMap(v -> Drafter.draft(obeying(v.commission())) instanceof Draft d
                ? Optional.of(new Compared(v.name(), d))
                : Optional.empty());
        showAgain();
    }

    /** Compares the commission in hand with another state of it that is no version. */
    public void compare(String name, Commission other) {
        compared = Drafter.draft(obeying(other)) instanceof Draft d
                ? Optional.of(new Compared(name, d))
                : Optional.empty();
        showAgain();
    }

    /** The half in view: the draft itself, or its right half where the halves differ and that one is looked at. */
    public Optional<Draft> half() {
        Optional<Draft> whole = draft();
        return selection.rightHalfProperty().get()
                ? whole.flatMap(Draft::rightHalf).or(() -> whole)
                : whole;
    }

    /** What the draft is compared with. */
    public record Compared(String name, Draft draft) {}

    public Optional<Compared> compared() {
        return compared;
    }

    /** Takes a former state back, as a change that can be undone. */
    public void takeBack(Versions.Version version) {
        letGo();
        compared = Optional.empty();
        change("back to " + version.name(), version.commission(), InHand.once());
        letGo();
    }

    /** Gives a wearer another name in the whole book, in every change that led to it too. */
    public void renameEverywhere(String wearer, String name) {
        letGo();
        book.wearers().rename(wearer, Wearer.tidy(name));
        answers.forget();
        show(book.find(id).orElseThrow());
    }

    /** The book, for what concerns the list of commissions and not the one in hand. */
    public WorkshopBook book() {
        return book;
    }

    /** Whether the list of commissions is open instead of a stage. */
    public BooleanProperty shelfOpenProperty() {
        return shelfOpen;
    }

    /** Whether a pattern from elsewhere lies on the table instead of a stage. */
    public BooleanProperty foreignOpenProperty() {
        return foreignOpen;
    }

    private static Commission blank(LengthUnit unit) {
        return new Commission(
                "New bustier",
                unit,
                new Wearer("New wearer", Experience.FIRST),
                MeasurementSet.empty(),
                Garment.bustier());
    }

    /** Renames the commission; a blank name changes nothing. */
    public void rename(String title) {
        if (!title.isBlank()) {
            String tidy = Wearer.tidy(title);
            change("title to " + tidy, commission.get().withTitle(tidy), InHand.once());
            letGo();
        }
    }

    /** Renames the wearer; a blank name changes nothing. */
    public void renameWearer(String name) {
        if (!name.isBlank()) {
            change(
                    "wearer to " + Wearer.tidy(name),
                    commission
                            .get()
                            .withWearer(new Wearer(
                                    Wearer.tidy(name), commission.get().wearer().experience()))
                            .withAnswers(Optional.empty(), commission.get().restricted()),
                    InHand.once());
            letGo();
        }
    }

    public long id() {
        return id;
    }

    /**
     * Makes a change. Changes that follow each other with the same thing in hand (one drag, one figure being typed) are one
     * change for undo.
     *
     * @param label what undo calls it, for example "hip 100.0 → 101.0 cm"
     * @param thing what is in hand; the next change with another thing begins a new entry
     */
    public void change(String label, Commission next, InHand thing) {
        Commission before = commission.get();
        Commission after = obeying(next);
        if (closed || after.equals(before)) {
            return;
        }
        changing = true;
        // Drafted before it is saved: what cannot be drafted is saved as well, but marked.
        Outcome outcome = Drafter.draft(after);
        try {
            book.backUpWhenDue();
            if (thing.equals(inHand)) {
                book.amend(id, label, after);
            } else {
                book.record(id, label, before, after);
                inHand = thing;
                beforeInHand = before;
                draftBeforeInHand = draft.get();
            }
            mark(outcome);
            failure.set("");
        } catch (BookFailure e) {
            failure.set(e.getMessage());
        }
        show(after, outcome);
    }

    private void mark(Outcome outcome) {
        if (outcome instanceof Refusal none && none.cause() == Refusal.Cause.PROGRAM) {
            book.state(id, UNDRAFTED);
        }
    }

    /** How the commission stood before the thing in hand was taken up, for the name of the change. */
    public Commission before(InHand thing) {
        return thing.equals(inHand) ? beforeInHand : commission.get();
    }

    /** The draft as it stood then. */
    public Optional<Draft> draftBefore(InHand thing) {
        return thing.equals(inHand) ? draftBeforeInHand : draft.get();
    }

    /** Whether a thing is what was changed last and is still in hand. */
    public boolean isInHand(InHand thing) {
        return thing.equals(inHand);
    }

    /**
     * Takes back what has been done so far with the thing in hand, as if it had never been taken up: a figure that turns out to be
     * wrong leaves no part of it behind.
     */
    public void withdraw(InHand thing) {
        if (isInHand(thing)) {
            letGo();
            guarded(() -> book.withdraw(id)).ifPresent(this::show);
        }
    }

    private Optional<Commission> guarded(Supplier<Optional<Commission>> deed) {
        try {
            Optional<Commission> done = deed.get();
            failure.set("");
            return done;
        } catch (BookFailure e) {
            failure.set(e.getMessage());
            return Optional.empty();
        }
    }

    /** Says above the stage what could not be done. */
    public void say(String why) {
        failure.set(why);
    }

    /** Lays down what is in hand: the next change is a new one. */
    public void letGo() {
        changing = false;
        inHand = InHand.once();
    }

    public void undo() {
        letGo();
        guarded(() -> book.undo(id)).ifPresent(this::show);
    }

    public void redo() {
        letGo();
        guarded(() -> book.redo(id)).ifPresent(this::show);
    }

    public void setUnit(LengthUnit unit) {
        change(
                "units " + commission.get().units().symbol() + " → " + unit.symbol(),
                commission.get().withUnits(unit),
                InHand.of(""));
        letGo();
    }

    private void show(Commission next) {
        Commission obeyed = obeying(next);
        show(obeyed, Drafter.draft(obeyed));
    }

    private void show(Commission next, Outcome outcome) {
        take(outcome);
        labels();
        // Set last: whoever listens to the commission finds the draft that belongs to it.
        commission.set(next);
        showAgain();
    }

    private void take(Outcome outcome) {
        drafting = false;
        if (outcome instanceof Draft good) {
            refusal.set(Optional.empty());
            draft.set(Optional.of(good));
        } else if (outcome instanceof Refusal none) {
            none.thrown().ifPresent(e -> LOG.error("the program could not draft commission {}", id, e));
            refusal.set(Optional.of(none));
        }
    }

    /** Why the stage in view could not be shown; empty while it is. */
    public ReadOnlyObjectProperty<Optional<Throwable>> stageFailureProperty() {
        return stageFailure.getReadOnlyProperty();
    }

    /** A stage could not be shown. */
    public void stageFailed(Throwable why) {
        LOG.error("the stage {} could not be shown", stage.get(), why);
        stageFailure.set(Optional.of(why));
    }

    /** The stage is tried again. */
    public void stageTried() {
        stageFailure.set(Optional.empty());
    }

    private void labels() {
        try {
            undoLabel.set(book.undoLabel(id).orElse(""));
            redoLabel.set(book.redoLabel(id).orElse(""));
        } catch (BookFailure e) {
            failure.set(e.getMessage());
        }
    }

    /** Runs a deed after every change, and when the first draft has come. */
    public void onShow(Runnable deed) {
        stamp.addListener((o, was, now) -> deed.run());
    }

    /** Makes the commission known once more, without a change. */
    public void showAgain() {
        stamp.set(stamp.get() + 1);
    }

    /** Closes the book; everything is in it already. */
    @Override
    public void close() {
        try {
            keepState();
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

    /**
     * Shows every change on a stage while it is on the screen. One that is not costs a drag elsewhere nothing; it is brought up
     * to date when it comes back.
     */
    public static void whileShown(Node view, Workshop workshop, Runnable show) {
        workshop.stamp.addListener((o, was, now) -> {
            if (view.getScene() != null) {
                workshop.guarded(show);
            }
        });
        view.sceneProperty().addListener((o, was, now) -> {
            if (now != null) {
                workshop.guarded(show);
            }
        });
    }

    /** One stage that fails takes nothing else with it. */
    private void guarded(Runnable show) {
        try {
            show.run();
        } catch (RuntimeException e) {
            stageFailed(e);
        }
    }

    public ReadOnlyObjectProperty<Commission> commissionProperty() {
        return commission.getReadOnlyProperty();
    }

    public Commission commission() {
        return commission.get();
    }

    public LengthUnit unit() {
        return commission.get().units() == LengthUnit.MM
                ? LengthUnit.CM
                : commission.get().units();
    }

    /** The last good draft; it stays while {@link #refusal} says why the present figures give none. */
    public Optional<Draft> draft() {
        return draft.get();
    }

    public Optional<Refusal> refusal() {
        return refusal.get();
    }

    public ReadOnlyStringProperty undoLabelProperty() {
        return undoLabel.getReadOnlyProperty();
    }

    public ReadOnlyStringProperty redoLabelProperty() {
        return redoLabel.getReadOnlyProperty();
    }

    /** Why the last change could not be saved; empty when it was. */
    public ReadOnlyStringProperty failureProperty() {
        return failure.getReadOnlyProperty();
    }

    public ObjectProperty<Stage> stageProperty() {
        return stage;
    }

    public ObjectProperty<Boolean> darkProperty() {
        return dark;
    }
}
