package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Dart;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

/** The two edges of a seam are equally long between every pair of marks and in total, and so are the legs of a dart. */
final class SeamLengths implements Check {
    private static final double CLOSE = 0.1;

    @Override
    public List<Finding> look(Pattern pattern) {
        return Stream.concat(
                        pattern.seams().stream().map(seam -> look(pattern, seam)),
                        pattern.pieces().stream()
                                .flatMap(p -> p.darts().stream().map(dart -> look(p, dart))))
                .toList();
    }

    private static Finding look(Piece piece, Dart dart) {
        double off = Math.abs(dart.one().length() - dart.other().length());
        boolean holds = off <= Tolerance.SEAM;
        return Finding.of(
                        FindingKind.SEAM_LENGTH,
                        piece.id() + "-" + dart.name(),
                        holds ? Finding.Status.OK : Finding.Status.FAULT,
                        off,
                        Tolerance.SEAM,
                        holds
                                ? Sentence.of(
                                        "{}: both legs {}; {} apart is allowed.",
                                        dart.name(),
                                        Length.mm(dart.one().length()),
                                        Length.mm(Tolerance.SEAM))
                                : Sentence.of(
                                        "{}: its legs differ by {}; {} allowed. Draw the shorter one anew.",
                                        dart.name(),
                                        said(off),
                                        Length.mm(Tolerance.SEAM)))
                .at(piece.id(), dart.one().at(dart.one().length() / 2).point());
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
