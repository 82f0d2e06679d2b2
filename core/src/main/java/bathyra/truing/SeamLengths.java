package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import java.util.List;
import java.util.Locale;

/** The two edges of a seam are equally long between every pair of marks and in total. */
final class SeamLengths implements Check {
    private static final double CLOSE = 0.1;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.seams().stream().map(seam -> look(pattern, seam)).toList();
    }

    private static Finding look(Pattern pattern, SeamJoin seam) {
        SeamPair pair = SeamPair.of(pattern, seam);
        double worst = pair.worst();
        boolean holds = worst <= Tolerance.SEAM;
        Sentence sentence = holds
                ? Sentence.of(
                        "{}: both edges {}, alike between all marks; {} allowed.",
                        seam.name(),
                        Length.mm(pair.totalA()),
                        Length.mm(Tolerance.SEAM))
                : Sentence.of(
                        "{}: the two edges differ by {} between two marks; {} allowed. Walk the seam again.",
                        seam.name(),
                        said(worst),
                        Length.mm(Tolerance.SEAM));
        return Finding.of(
                        FindingKind.SEAM_LENGTH,
                        seam.id(),
                        holds ? Finding.Status.OK : Finding.Status.FAULT,
                        worst,
                        Tolerance.SEAM,
                        sentence)
                .at(
                        seam.a().piece(),
                        pattern.edge(seam.a()).path().at(pair.totalA() / 2).point());
    }

    /** A difference just over the limit must not read like the limit. */
    private static Object said(double mm) {
        return mm - Tolerance.SEAM > CLOSE ? Length.mm(mm) : String.format(Locale.ROOT, "%.2f\u00a0mm", mm);
    }
}
