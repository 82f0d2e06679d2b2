package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.PieceRole;
import bathyra.piece.SeamJoin;
import java.util.List;

/** The arc of the cups, seams closed, is as long as the opening in the body into which they are sewn (C8). */
final class CupArcs implements Check {

    @Override
    public List<Finding> look(Pattern pattern) {
        List<SeamJoin> seams = pattern.seams().stream()
                .filter(s -> s.a().role().isCup() && s.b().role().isCup())
                .toList();
        if (seams.isEmpty()) {
            return List.of();
        }
        double cups = seams.stream()
                .mapToDouble(
                        s -> pattern.edge(isCup(s.a()) ? s.a() : s.b()).path().length())
                .sum();
        double opening = seams.stream()
                .mapToDouble(
                        s -> pattern.edge(isCup(s.a()) ? s.b() : s.a()).path().length())
                .sum();
        double off = Math.abs(cups - opening);
        boolean holds = off <= Tolerance.CUP_ARC;
        return List.of(Finding.of(
                FindingKind.CUP_ARC,
                "cups",
                holds ? Finding.Status.OK : Finding.Status.FAULT,
                off,
                Tolerance.CUP_ARC,
                holds
                        ? Sentence.of(
                                "Cups: their arc is {}, the opening {}; {} allowed.",
                                Length.mm(cups),
                                Length.mm(opening),
                                Length.mm(Tolerance.CUP_ARC))
                        : Sentence.of(
                                "Cups: their arc is {} and the opening {}; {} allowed. Cut the cups again along the opening.",
                                Length.mm(cups),
                                Length.mm(opening),
                                Length.mm(Tolerance.CUP_ARC))));
    }

    private static boolean isCup(SeamJoin.Ref ref) {
        return ref.pieceRole() == PieceRole.CUP;
    }
}
