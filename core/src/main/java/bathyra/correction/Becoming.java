package bathyra.correction;

import bathyra.fitting.Adjustment;
import bathyra.fitting.Mark;
import bathyra.length.Sentence;
import java.util.List;
import java.util.Optional;

/**
 * What becomes of one mark.
 *
 * @param changes what the draft would follow of it; empty for nothing
 * @param open why nothing is moved, or what the cutter has to know
 */
public record Becoming(Mark mark, List<Adjustment> changes, Optional<Sentence> open) {
    public Becoming {
        changes = List.copyOf(changes);
    }

    static Becoming nothing(Mark mark, Sentence why) {
        return new Becoming(mark, List.of(), Optional.of(why));
    }

    /** Where it stands among the others (C15.2). */
    public Order order() {
        return Order.of(mark);
    }

    /** The change that is shown for it: the first. */
    public Optional<Adjustment> first() {
        return changes.stream().findFirst();
    }
}
