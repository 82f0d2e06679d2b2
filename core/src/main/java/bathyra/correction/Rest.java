package bathyra.correction;

import bathyra.fitting.Adjustment;
import bathyra.fitting.Fitting;
import bathyra.fitting.FoldRun;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.length.Length;
import java.util.List;
import java.util.Optional;

/**
 * What became of a mark of one fitting at the next (C15.6).
 *
 * @param asked what was seen to be needed
 * @param applied what the draft followed of it
 * @param now what is seen at the same place; empty where nobody looked
 */
public record Rest(Mark mark, Length asked, Length applied, Optional<Length> now) {
    /** No more is left of what is good, mm. */
    public static final double GOOD = 3;

    private static final double SAME_HEIGHT = 25;
    private static final double SAME_PLACE = 0.08;

    /** What is still to be done; nothing where nothing was seen again. */
    public Length rest() {
        return now.orElse(Length.mm(0));
    }

    public boolean isGood() {
        return Math.abs(rest().millimetres()) <= GOOD;
    }

    /** All marks of a fitting that were to be followed, held against the next one. @param plannedGap which a gap is measured against */
    public static List<Rest> of(Fitting first, Fitting next, List<Adjustment> adjustments, Length plannedGap) {
        return first.marks().stream()
                .filter(m -> m.kind() != MarkKind.NOTE)
                .map(m -> new Rest(
                        m,
                        asked(m, plannedGap),
                        applied(m, first, adjustments),
                        next.marks().stream()
                                .filter(o -> isSame(m, o))
                                .findFirst()
                                .map(o -> turned(m, o, plannedGap))))
                .toList();
    }

    private static Length asked(Mark mark, Length plannedGap) {
        return mark.kind() == MarkKind.GAP
                ? Length.mm(mark.amount().millimetres() - plannedGap.millimetres())
                : mark.amount();
    }

    /** By what the pieces were moved at the place; a let-out seam, which takes less, counts as what it was let out by. */
    private static Length applied(Mark mark, Fitting fitting, List<Adjustment> adjustments) {
        double by = adjustments.stream()
                .filter(a -> a.fitting() == fitting.number() && a.mark() == mark.number() && a.on())
                .findFirst()
                .map(a -> a.change().by().millimetres())
                .orElse(0.0);
        return Length.mm(isTurned(mark) ? -by : by);
    }

    /** Whether the change is less where the mark is more. */
    private static boolean isTurned(Mark mark) {
        return mark.kind() == MarkKind.LET_OUT
                || mark.kind() == MarkKind.DIGS && mark.spot().isAbove()
                || mark.kind() == MarkKind.FOLD
                        && mark.fold().filter(f -> f == FoldRun.ROUND).isPresent();
    }

    private static Length turned(Mark was, Mark is, Length plannedGap) {
        double now = asked(is, plannedGap).millimetres();
        return Length.mm(was.kind() == is.kind() ? now : -now);
    }

    private static boolean isSame(Mark a, Mark b) {
        boolean seam = a.kind().isOnSeam() && b.kind().isOnSeam();
        if (!seam && a.kind() != b.kind()) {
            return false;
        }
        boolean height = a.spot().level().isPresent() && b.spot().level().isPresent()
                ? a.spot().level().equals(b.spot().level())
                : Math.abs(a.spot().above().millimetres() - b.spot().above().millimetres()) <= SAME_HEIGHT;
        return height
                && a.spot().seam().equals(b.spot().seam())
                && (a.spot().seam().isPresent()
                        || a.kind() == MarkKind.GAP
                        || Math.abs(a.spot().place() - b.spot().place()) <= SAME_PLACE);
    }
}
