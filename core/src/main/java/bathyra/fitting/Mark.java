package bathyra.fitting;

import bathyra.length.Length;
import java.util.Optional;

/**
 * One thing that was seen at a fitting (C15.1).
 *
 * @param number on the toile and in the list
 * @param side on which half
 * @param amount what {@link MarkKind#meaning} says of it, on each half
 * @param across how far the apex lies farther out; of a gap, how far its middle lies to the left of the spine
 * @param fold how a fold runs
 * @param taken how the amount was come by
 * @param seen what was seen, in the cutter's words
 * @param reason why it was decided so
 */
public record Mark(
        int number,
        MarkKind kind,
        Spot spot,
        Side side,
        Length amount,
        Length across,
        Optional<FoldRun> fold,
        Taken taken,
        String seen,
        Decision decision,
        String reason) {
    /** No amount is more. */
    public static final Length MOST = Length.mm(200);

    /** A mark as it is put down. */
    public static Mark put(int number, MarkKind kind, Spot spot, Length amount) {
        return new Mark(
                number,
                kind,
                spot,
                Side.BOTH,
                amount,
                Length.mm(0),
                kind == MarkKind.FOLD ? Optional.of(FoldRun.ROUND) : Optional.empty(),
                kind == MarkKind.PINCH
                        ? Taken.PINNED
                        : kind == MarkKind.LET_OUT
                                ? Taken.LET_OUT
                                : kind == MarkKind.GAP ? Taken.MEASURED : Taken.DRAWN,
                "",
                Decision.OPEN,
                "");
    }

    public Mark of(Length next) {
        return new Mark(number, kind, spot, side, next, across, fold, taken, seen, decision, reason);
    }

    public Mark across(Length next) {
        return new Mark(number, kind, spot, side, amount, next, fold, taken, seen, decision, reason);
    }

    public Mark at(Spot next) {
        return new Mark(number, kind, next, side, amount, across, fold, taken, seen, decision, reason);
    }

    public Mark on(Side next) {
        return new Mark(number, kind, spot, next, amount, across, fold, taken, seen, decision, reason);
    }

    public Mark running(FoldRun next) {
        return new Mark(number, kind, spot, side, amount, across, Optional.of(next), taken, seen, decision, reason);
    }

    public Mark taken(Taken next) {
        return new Mark(number, kind, spot, side, amount, across, fold, next, seen, decision, reason);
    }

    public Mark saying(String next) {
        return new Mark(number, kind, spot, side, amount, across, fold, taken, next, decision, reason);
    }

    public Mark decided(Decision next, String why) {
        return new Mark(number, kind, spot, side, amount, across, fold, taken, seen, next, why);
    }
}
