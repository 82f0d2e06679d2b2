package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;

/** What is cut on the fold lies along it: cloth folds straight (C12.1). */
final class StraightFolds implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        List<Finding> findings = new ArrayList<>();
        for (Piece piece : pattern.pieces()) {
            piece.outline().stream()
                    .filter(e -> e.kind() == OutlineEdge.Kind.FOLD)
                    .forEach(e -> findings.add(look(piece, e)));
        }
        return findings;
    }

    private static Finding look(Piece piece, OutlineEdge fold) {
        Path chord = Path.of(new Line(fold.path().start(), fold.path().end()));
        double worst = 0;
        Point at = fold.path().start();
        for (Point point : fold.path().flattened(Tolerance.CHORD)) {
            double off = chord.nearest(point).point().distance(point);
            if (off > worst) {
                worst = off;
                at = point;
            }
        }
        boolean holds = worst <= Tolerance.FOLD;
        return Finding.of(
                        FindingKind.STRAIGHT_FOLD,
                        piece.id(),
                        holds ? Finding.Status.OK : Finding.Status.FAULT,
                        worst,
                        Tolerance.FOLD,
                        holds
                                ? Sentence.of("{}: the fold is straight.", piece.name())
                                : Sentence.of(
                                        "{}: the edge on the fold is bowed by {}, and cloth folds straight. Straighten it, or let it be a seam.",
                                        piece.name(),
                                        Length.mm(worst)))
                .at(piece.id(), at);
    }
}
