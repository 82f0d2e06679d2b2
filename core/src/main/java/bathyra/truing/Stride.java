package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** A narrow hem below the middle of the thigh holds the knees together (C10). */
final class Stride implements Check {
    /** To the middle of the thigh legs part below the hem, mm from the waist. */
    private static final double TO_MID_THIGH = 500;
    /** So much wider than the hips a longer hem lets one walk, mm round the body. */
    private static final double WIDER = 40;

    @Override
    public List<Finding> look(Pattern pattern) {
        List<Point> ends = new ArrayList<>();
        double hem = 0;
        double hip = 0;
        double longest = 0;
        String lowest = "";
        for (Piece piece : pattern.pieces()) {
            Optional<OutlineEdge> lower = piece.outline().stream()
                    .filter(e -> e.role() == EdgeRole.LOWER)
                    .findFirst();
            if (lower.isEmpty()
                    || piece.mark(Level.HIP).isEmpty()
                    || piece.mark(Level.WAIST).isEmpty()) {
                continue;
            }
            hem += 2 * lower.get().path().length();
            hip += 2 * piece.mark(Level.HIP).get().length();
            Point end = lower.get().path().start();
            double below = end.y() - piece.mark(Level.WAIST).get().from().y();
            if (below > longest) {
                longest = below;
                lowest = piece.id();
                ends.add(end);
            }
        }
        if (longest <= TO_MID_THIGH) {
            return List.of();
        }
        boolean holds = hem >= hip + WIDER;
        return List.of(Finding.of(
                        FindingKind.STRIDE,
                        lowest,
                        holds ? Finding.Status.OK : Finding.Status.NOTE,
                        hem - hip,
                        WIDER,
                        holds
                                ? Sentence.of(
                                        "The hem is {} round, {} more than the hips: one can walk in it.",
                                        Length.mm(hem),
                                        Length.mm(hem - hip))
                                : Sentence.of(
                                        "The skirt ends {} below the waist, and its hem is {} round: one can hardly take a step. Leave centre back or a side open from {} below the waist, make the hem wider, or end it at the middle of the thigh.",
                                        Length.mm(longest),
                                        Length.mm(hem),
                                        Length.mm(TO_MID_THIGH)))
                .at(lowest, ends.get(ends.size() - 1)));
    }
}
