package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import java.util.List;

/** The front side seam is as long as the back side seam: the side bust dart has been closed. */
final class SideSeam implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.seams().stream()
                .filter(s -> pattern.piece(s.a().piece()).front()
                        != pattern.piece(s.b().piece()).front())
                .filter(s -> pattern.edge(s.a()).role() != EdgeRole.SHOULDER)
                .map(s -> look(pattern, s))
                .toList();
    }

    private static Finding look(Pattern pattern, SeamJoin seam) {
        double front = pattern.edge(seam.a()).path().length();
        double back = pattern.edge(seam.b()).path().length();
        double apart = Math.abs(front - back);
        boolean holds = apart <= Tolerance.SEAM;
        return Finding.of(
                FindingKind.SIDE_SEAM,
                seam.id(),
                holds ? Finding.Status.OK : Finding.Status.FAULT,
                apart,
                Tolerance.SEAM,
                holds
                        ? Sentence.of("Side seam: front and back are both {}.", Length.mm(front))
                        : Sentence.of(
                                "Side seam: the front is {} and the back {}. Close the side bust dart and true the upper edge.",
                                Length.mm(front),
                                Length.mm(back)));
    }
}
