package bathyra.correction;

import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Side;
import bathyra.fitting.Spot;
import bathyra.length.Length;
import bathyra.length.Sentence;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Left and right under 6 apart are taken alike, at their mean; 6 and more apart, the halves are drafted apart (C15.3). */
final class Halves {
    static final double APART = 6;
    private static final double SAME_HEIGHT = 10;
    private static final double SAME_PLACE = 0.05;

    private Halves() {}

    /** The marks as they are followed, and what was settled. */
    record Settled(List<Mark> marks, List<Sentence> said) {}

    /** Of the marks that are followed. Where one half alone was marked, the other was seen to need nothing. */
    static Settled of(Fitting fitting) {
        List<Mark> followed = new ArrayList<>();
        List<Sentence> said = new ArrayList<>();
        for (Mark mark : fitting.marks()) {
            if (!mark.decision().isFollowed()) {
                continue;
            }
            if (mark.side() == Side.BOTH || mark.kind() == MarkKind.GAP) {
                followed.add(mark);
                continue;
            }
            Optional<Mark> other = other(fitting, mark);
            if (other.filter(o -> o.number() < mark.number()).isPresent()) {
                continue;
            }
            settle(mark, other, followed, said);
        }
        return new Settled(followed, said);
    }

    private static void settle(Mark mark, Optional<Mark> other, List<Mark> followed, List<Sentence> said) {
        double here = followed(mark);
        double there = other.map(Halves::followed).orElse(0.0);
        double acrossHere = mark.across().millimetres();
        double acrossThere = other.map(o -> o.across().millimetres()).orElse(0.0);
        if (Math.max(Math.abs(here - there), Math.abs(acrossHere - acrossThere)) >= APART) {
            followed.add(mark);
            other.ifPresent(followed::add);
            said.add(Sentence.of(
                    "Mark " + mark.number() + ": {} apart, so that the halves are drafted apart.",
                    Length.mm(Math.abs(here - there))));
            return;
        }
        double share = mark.decision().share();
        followed.add(mark.on(Side.BOTH)
                .of(Length.mm((here + there) / 2 / share))
                .across(Length.mm((acrossHere + acrossThere) / 2)));
        said.add(Sentence.of(
                "Mark " + mark.number() + ": {} on the one half and {} on the other are taken alike, at {} on both.",
                Length.mm(here),
                Length.mm(there),
                Length.mm((here + there) / 2)));
    }

    private static double followed(Mark mark) {
        return mark.amount().millimetres() * mark.decision().share();
    }

    private static Optional<Mark> other(Fitting fitting, Mark mark) {
        return fitting.marks().stream()
                .filter(m -> m.decision().isFollowed()
                        && m.kind() == mark.kind()
                        && m.side() == (mark.side() == Side.LEFT ? Side.RIGHT : Side.LEFT)
                        && samePlace(m.spot(), mark.spot()))
                .findFirst();
    }

    private static boolean samePlace(Spot a, Spot b) {
        return a.seam().equals(b.seam())
                && a.level().equals(b.level())
                && (a.level().isPresent()
                        || Math.abs(a.above().millimetres() - b.above().millimetres()) <= SAME_HEIGHT)
                && (a.seam().isPresent() || Math.abs(a.place() - b.place()) <= SAME_PLACE);
    }
}
