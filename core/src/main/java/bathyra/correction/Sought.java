package bathyra.correction;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.draft.Outcome;
import bathyra.draft.Refusal;
import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Side;
import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Changes sought so that what is measured at their place on the finished pieces is what was asked (C15): to a hundredth where the draft can,
 * accepted within half a millimetre.
 */
final class Sought {
    private static final double SOUGHT = 0.01;
    private static final double ACCEPTED = 0.5;
    private static final int ROUNDS = 8;

    private Sought() {}

    /** @param draft with the change; empty where it cannot be followed @param why not */
    record Answer(List<Adjustment> changes, Optional<Draft> draft, Optional<Sentence> why) {}

    /**
     * @param before the draft without it
     * @param from the commission without it
     */
    static Answer of(Draft before, Commission from, List<Adjustment> asked) {
        List<Adjustment> now = asked;
        double off = 0;
        Draft after = null;
        Optional<Double> was =
                Measured.at(half(before, asked.get(0).side()), asked.get(0).change());
        for (int round = 0; round < ROUNDS; round++) {
            Answer tried = asIs(from, now);
            if (tried.draft().isEmpty()) {
                return tried;
            }
            after = tried.draft().get();
            Optional<Double> missing = missing(was, after, asked.get(0));
            off = missing.orElse(0.0);
            if (Math.abs(off) <= SOUGHT) {
                return new Answer(now, Optional.of(after), Optional.empty());
            }
            now = more(now, off);
        }
        return Math.abs(off) <= ACCEPTED
                ? new Answer(now, Optional.of(after), Optional.empty())
                : new Answer(
                        List.of(),
                        Optional.empty(),
                        Optional.of(Sentence.of(
                                "The draft cannot follow it here: {} of what was asked would be missing. Put the mark at a seam or a level, or leave it open.",
                                Length.mm(Math.abs(off)))));
    }

    /** Changes as they were asked, drafted but not measured. */
    static Answer asIs(Commission from, List<Adjustment> asked) {
        Outcome outcome = Drafter.draft(with(from, asked));
        return outcome instanceof Refusal refusal
                ? new Answer(
                        List.of(),
                        Optional.empty(),
                        Optional.of(refusal.reasons().get(0).sentence()))
                : new Answer(asked, Optional.of((Draft) outcome), Optional.empty());
    }

    private static Commission with(Commission from, List<Adjustment> more) {
        List<Adjustment> all = new ArrayList<>(from.adjustments());
        all.addAll(more);
        return from.withAdjustments(all);
    }

    /** What is not yet there of what the first change asks, mm. */
    private static Optional<Double> missing(Optional<Double> was, Draft after, Adjustment asked) {
        Change change = asked.change();
        Draft is = half(after, asked.side());
        double times = asked.side() != Side.BOTH && change instanceof Change.Girth ? 2 : 1;
        return was.flatMap(a -> Measured.at(is, change).map(b -> change.by().millimetres() - (b - a) / times));
    }

    /** The half on which a side was seen. */
    static Draft half(Draft draft, Side side) {
        return side == Side.RIGHT ? draft.rightHalf().orElse(draft) : draft;
    }

    private static List<Adjustment> more(List<Adjustment> changes, double by) {
        List<Adjustment> next = new ArrayList<>(changes);
        Change first = changes.get(0).change();
        next.set(0, changes.get(0).changing(first.by(Length.mm(first.by().millimetres() + by))));
        return next;
    }
}
