package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Tolerance;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Optional;

/** No sewing line and no cutting line crosses itself. */
final class Crossings implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(Crossings::look).toList();
    }

    private static Finding look(Piece piece) {
        Optional<Point> sew = Shape.crossing(piece.flattened(Tolerance.CHORD));
        Optional<Point> cut = piece.cutLine().size() < 4 ? Optional.empty() : Shape.crossing(piece.cutLine());
        int count = (sew.isPresent() ? 1 : 0) + (cut.isPresent() ? 1 : 0);
        String line = sew.isPresent() ? "sewing line" : "cutting line";
        Finding finding = new Finding(
                FindingKind.CROSSING,
                piece.id(),
                count == 0 ? Finding.Status.OK : Finding.Status.FAULT,
                count,
                0,
                Sentence.of(
                        count == 0
                                ? "{}: no edge meets itself or a neighbour."
                                : "{}: the " + line
                                        + " crosses itself. Take less out beside it, or narrow the allowance.",
                        piece.name()),
                Optional.empty());
        Optional<Point> where = sew.isPresent() ? sew : cut;
        return where.map(p -> finding.at(piece.id(), p)).orElse(finding);
    }
}
