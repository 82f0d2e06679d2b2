package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;
import java.util.function.Predicate;

/** The grain line lies on its piece: what of it lies outside is cut away with the paper, and the piece is laid by guess (C12). */
final class GrainInside implements Check {
    private static final int PLACES = 40;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(GrainInside::look).toList();
    }

    private static Finding look(Piece piece) {
        List<Point> outline = piece.flattened(Tolerance.CHORD);
        Predicate<Point> inside = Shape.inside(outline);
        Point from = piece.grain().from();
        double farthest = 0;
        Point at = from;
        for (int i = 0; i <= PLACES; i++) {
            Point place = from.plus(from.to(piece.grain().to()).times((double) i / PLACES));
            double out = inside.test(place) ? 0 : Shape.away(outline, place);
            at = out > farthest ? place : at;
            farthest = Math.max(farthest, out);
        }
        boolean holds = farthest <= Tolerance.CHORD;
        return Finding.of(
                        FindingKind.GRAIN,
                        piece.id(),
                        holds ? Finding.Status.OK : Finding.Status.NOTE,
                        farthest,
                        Tolerance.CHORD,
                        holds
                                ? Sentence.of("{}: the grain line lies on the piece.", piece.name())
                                : Sentence.of(
                                        "{}: the grain line reaches {} past the outline and is cut away there. Draw it inside the piece.",
                                        piece.name(),
                                        Length.mm(farthest)))
                .at(piece.id(), at);
    }
}
