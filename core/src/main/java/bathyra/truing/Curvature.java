package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Bend;
import bathyra.piece.Mark;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Optional;

/** No sewn edge bends more tightly than cloth can be sewn; a hollow that is a little tighter is marked for clipping (C11). */
final class Curvature implements Check {
    /** A clipping mark stands for the bend so near to it, mm. */
    private static final double MARKED = 6;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(Curvature::look).toList();
    }

    private static Finding look(Piece piece) {
        Optional<Bend> bulge = worst(Bend.tighter(piece.outline(), Tolerance.RADIUS_CONVEX, false));
        List<Bend> hollows = Bend.tighter(piece.outline(), Tolerance.RADIUS_CONCAVE, true);
        Optional<Bend> hollow =
                worst(hollows.stream().filter(b -> !isMarked(piece, b)).toList());
        if (hollow.isPresent() || bulge.isPresent()) {
            Bend worst = hollow.or(() -> bulge).get();
            double limit = worst.hollow() ? Tolerance.RADIUS_CONCAVE : Tolerance.RADIUS_CONVEX;
            return finding(
                    piece,
                    worst,
                    Finding.Status.FAULT,
                    limit,
                    Sentence.of(
                            "{}, {}: bends to a radius of {}; {} can be sewn. Soften the curve, or clip it there.",
                            piece.name(),
                            worst.edge().replace('-', ' '),
                            Length.mm(worst.radius()),
                            Length.mm(limit)));
        }
        if (!hollows.isEmpty()) {
            Bend worst = worst(hollows).get();
            return finding(
                    piece,
                    worst,
                    Finding.Status.NOTE,
                    Tolerance.RADIUS_CONCAVE,
                    Sentence.of(
                            "{}, {}: bends to a radius of {}, under {}. It is marked there: clip the allowance up to the line before it is turned.",
                            piece.name(),
                            worst.edge().replace('-', ' '),
                            Length.mm(worst.radius()),
                            Length.mm(Tolerance.RADIUS_CONCAVE)));
        }
        Bend tightest = worst(List.of(Bend.tightest(piece.outline(), true), Bend.tightest(piece.outline(), false)))
                .get();
        return finding(
                piece,
                tightest,
                Finding.Status.OK,
                Tolerance.RADIUS_CONCAVE,
                Sentence.of("{}: tightest bend has a radius of {}.", piece.name(), Length.mm(tightest.radius())));
    }

    private static Finding finding(Piece piece, Bend bend, Finding.Status status, double limit, Sentence sentence) {
        return Finding.of(FindingKind.CURVATURE, piece.id(), status, bend.radius(), limit, sentence)
                .at(piece.id(), bend.at());
    }

    private static Optional<Bend> worst(List<Bend> bends) {
        return bends.stream().min((a, b) -> Double.compare(a.radius(), b.radius()));
    }

    private static boolean isMarked(Piece piece, Bend bend) {
        return bend.radius() >= Tolerance.RADIUS_CLIPPED
                && piece.marks().stream()
                        .anyMatch(m -> m.kind() == Mark.Kind.CLIP && m.at().distance(bend.at()) <= MARKED);
    }
}
