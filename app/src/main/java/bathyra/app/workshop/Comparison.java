package bathyra.app.workshop;

import bathyra.book.Versions;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Commission;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** Another state with which the commission in hand is compared: its draft is laid on the table as a ghost. */
public final class Comparison {
    private final UnaryOperator<Commission> obeying;
    private final Runnable shown;
    private Optional<Compared> compared = Optional.empty();

    /** @param obeying a commission as its wearer's answers have it @param shown told when something else is compared */
    Comparison(UnaryOperator<Commission> obeying, Runnable shown) {
        this.obeying = obeying;
        this.shown = shown;
    }

    /** What the draft is compared with. */
    public record Compared(String name, Draft draft) {}

    /** What the draft is compared with; empty for nothing. */
    public Optional<Compared> compared() {
        return compared;
    }

    /** The draft it is compared with. */
    public Optional<Draft> ghost() {
        return compared.map(Compared::draft);
    }

    /** Compares with a version; empty ends the comparison. A state that gives no draft cannot be compared. */
    public void with(Optional<Versions.Version> version) {
        compared = version.flatMap(v -> drafted(v.name(), v.commission()));
        shown.run();
    }

    /** Compares with another state that is no version. */
    public void with(String name, Commission other) {
        compared = drafted(name, other);
        shown.run();
    }

    /** Nothing is compared any more, without showing that yet. */
    void end() {
        compared = Optional.empty();
    }

    private Optional<Compared> drafted(String name, Commission state) {
        return Drafter.draft(obeying.apply(state)) instanceof Draft d
                ? Optional.of(new Compared(name, d))
                : Optional.empty();
    }
}
