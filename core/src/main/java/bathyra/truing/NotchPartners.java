package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import java.util.List;
import java.util.Optional;

/** The two edges of a seam carry equally many notches, so that each meets one. */
final class NotchPartners implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.seams().stream().map(seam -> look(pattern, seam)).toList();
    }

    private static Finding look(Pattern pattern, SeamJoin seam) {
        long a = count(pattern, seam.a());
        long b = count(pattern, seam.b());
        Finding finding = new Finding(
                FindingKind.NOTCH_PARTNER,
                seam.id(),
                a == b ? Finding.Status.OK : Finding.Status.NOTE,
                Math.abs(a - b),
                0,
                a == b
                        ? Sentence.of("{}: every notch meets one.", seam.name())
                        : Sentence.of(
                                "{}: {} on {} and {} on {}. The edges are compared from end to end only; add what is missing.",
                                seam.name(),
                                notches(a),
                                pattern.piece(seam.a().piece()).name(),
                                notches(b),
                                pattern.piece(seam.b().piece()).name()),
                Optional.empty());
        return a == b
                ? finding
                : finding.at(seam.a().piece(), pattern.edge(seam.a()).path().start());
    }

    private static String notches(long count) {
        return count == 1 ? "1 notch" : count + " notches";
    }

    private static long count(Pattern pattern, SeamJoin.Ref ref) {
        return pattern.piece(ref.piece()).notches().stream()
                .filter(n -> n.edge().equals(ref.edge()))
                .count();
    }
}
