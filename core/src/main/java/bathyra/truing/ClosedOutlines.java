package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;

/** Each edge of an outline begins where the one before it ended. */
final class ClosedOutlines implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(ClosedOutlines::look).toList();
    }

    private static Finding look(Piece piece) {
        double worst = 0;
        int n = piece.outline().size();
        for (int i = 0; i < n; i++) {
            worst = Math.max(
                    worst,
                    piece.outline()
                            .get(i)
                            .path()
                            .end()
                            .distance(piece.outline().get((i + 1) % n).path().start()));
        }
        boolean holds = worst <= Tolerance.CHORD;
        return Finding.of(
                FindingKind.CLOSED_OUTLINE,
                piece.id(),
                holds ? Finding.Status.OK : Finding.Status.FAULT,
                worst,
                Tolerance.CHORD,
                holds
                        ? Sentence.of("{}: the outline is closed.", piece.name())
                        : Sentence.of(
                                "{}: the outline has a gap of {}. Join its edges.", piece.name(), Length.mm(worst)));
    }
}
