package bathyra.app.workshop;

import bathyra.book.Versions;
import bathyra.draft.Difference;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Commission;
import bathyra.piece.PanelOutline;
import java.util.List;
import java.util.Optional;
import java.util.function.LongFunction;
import java.util.function.UnaryOperator;

/** Another state with which the commission in hand is compared: its draft is laid on the table as a ghost. */
public final class Comparison {
    private final UnaryOperator<Commission> obeying;
    private final LongFunction<Optional<List<PanelOutline>>> kept;
    private final Runnable shown;
    private Optional<Compared> compared = Optional.empty();

    /**
     * @param obeying a commission as its wearer's answers have it
     * @param kept the outlines of a version, where they were kept with it
     * @param shown told when something else is compared
     */
    Comparison(UnaryOperator<Commission> obeying, LongFunction<Optional<List<PanelOutline>>> kept, Runnable shown) {
        this.obeying = obeying;
        this.kept = kept;
        this.shown = shown;
    }

    /**
     * What the draft is compared with.
     *
     * @param draft as it is drafted today
     * @param outlines of its panels, as they were drawn when it was kept
     * @param former whether it was before what is in hand, and not what that would be
     */
    public record Compared(String name, Draft draft, List<PanelOutline> outlines, boolean former) {
        /** What differs from what was before, or for what would be: in the order of time. @param inHand the draft in hand */
        public List<Difference> differences(Draft inHand) {
            return former ? Difference.between(draft, inHand) : Difference.between(inHand, draft);
        }
    }

    /** What the draft is compared with; empty for nothing. */
    public Optional<Compared> compared() {
        return compared;
    }

    /** The panels it is compared with. */
    public Optional<List<PanelOutline>> ghost() {
        return compared.map(Compared::outlines);
    }

    /** Compares with a version; empty ends the comparison. A state that gives no draft cannot be compared. */
    public void with(Optional<Versions.Version> version) {
        compared = version.flatMap(v -> drafted(v.name(), v.commission())
                .map(c -> new Compared(c.name(), c.draft(), kept.apply(v.id()).orElse(c.outlines()), true)));
        shown.run();
    }

    /** Compares with another state that is no version: what would be. */
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
                ? Optional.of(new Compared(name, d, d.panelOutlines(), false))
                : Optional.empty();
    }
}
