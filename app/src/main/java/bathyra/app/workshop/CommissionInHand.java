package bathyra.app.workshop;

import bathyra.draft.Draft;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.garment.Commission;
import java.util.Optional;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The commission on the table: as it stands, its last good draft, what of it is being changed, and the names of the changes to go back and forth. */
final class CommissionInHand {
    private static final Logger LOG = LoggerFactory.getLogger(CommissionInHand.class);

    private final ReadOnlyObjectWrapper<Commission> commission = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper undoLabel = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper redoLabel = new ReadOnlyStringWrapper("");
    private Optional<Draft> draft = Optional.empty();
    private Optional<Refusal> refusal = Optional.empty();
    private boolean drafting = true;
    private boolean changing;
    private long id;
    private InHand inHand = InHand.once();
    private Commission before;
    private Optional<Draft> draftBefore = Optional.empty();

    CommissionInHand(long id, Commission first) {
        this.id = id;
        commission.set(first);
    }

    long id() {
        return id;
    }

    /** Another one is laid on the table, whose draft is still to come. */
    void lookAt(long next) {
        id = next;
        draft = Optional.empty();
    }

    /** Takes up a thing that is about to change, unless it is in hand already. */
    void takeUp(InHand thing) {
        changing = true;
        if (!isInHand(thing)) {
            inHand = thing;
            before = commission.get();
            draftBefore = draft;
        }
    }

    boolean isInHand(InHand thing) {
        return thing.equals(inHand);
    }

    /** Whether something has been changed and not yet laid down. */
    boolean isChanging() {
        return changing;
    }

    void letGo() {
        changing = false;
        inHand = InHand.once();
    }

    Commission before(InHand thing) {
        return isInHand(thing) ? before : commission.get();
    }

    Optional<Draft> draftBefore(InHand thing) {
        return isInHand(thing) ? draftBefore : draft;
    }

    boolean isDrafting() {
        return drafting;
    }

    /** Takes what a drafting came to: a draft, or why there is none beside the last good one. */
    void take(Outcome outcome) {
        drafting = false;
        if (outcome instanceof Draft good) {
            refusal = Optional.empty();
            draft = Optional.of(good);
        } else if (outcome instanceof Refusal none) {
            none.thrown().ifPresent(e -> LOG.error("the program could not draft commission {}", id, e));
            refusal = Optional.of(none);
        }
    }

    void commission(Commission next) {
        commission.set(next);
    }

    void labelled(String undo, String redo) {
        undoLabel.set(undo);
        redoLabel.set(redo);
    }

    ReadOnlyObjectProperty<Commission> commissionProperty() {
        return commission.getReadOnlyProperty();
    }

    Optional<Draft> draft() {
        return draft;
    }

    Optional<Refusal> refusal() {
        return refusal;
    }

    ReadOnlyStringProperty undoLabelProperty() {
        return undoLabel.getReadOnlyProperty();
    }

    ReadOnlyStringProperty redoLabelProperty() {
        return redoLabel.getReadOnlyProperty();
    }
}
