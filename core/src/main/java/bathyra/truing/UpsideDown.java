package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Mark;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;

/** A piece that looks the same with its ends changed over can be sewn in upside down, unless its top is marked (C12). */
final class UpsideDown implements Check {
    private static final double COARSE = 0.5;
    /** Ends that differ by less look alike on the cutting table. */
    private static final double ALIKE = 10;

    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(UpsideDown::look).toList();
    }

    private static Finding look(Piece piece) {
        if (piece.marks().stream().anyMatch(m -> m.kind() == Mark.Kind.TOP)) {
            return finding(
                    piece, Finding.Status.OK, differs(piece), Sentence.of("{}: its top is marked.", piece.name()));
        }
        double differs = differs(piece);
        return differs >= ALIKE
                ? finding(
                        piece,
                        Finding.Status.OK,
                        differs,
                        Sentence.of("{}: its ends can be told apart by {}.", piece.name(), Length.mm(differs)))
                : finding(
                                piece,
                                Finding.Status.NOTE,
                                differs,
                                Sentence.of(
                                        "{}: with its ends changed over it differs by no more than {}, so it could be sewn in upside down. Mark its top.",
                                        piece.name(),
                                        Length.mm(differs)))
                        .at(piece.id(), piece.grain().to());
    }

    private static Finding finding(Piece piece, Finding.Status status, double differs, Sentence sentence) {
        return Finding.of(FindingKind.UPSIDE_DOWN, piece.id(), status, differs, ALIKE, sentence);
    }

    /** How far the outline lies from itself when it is turned end for end; turned over as well, unless it is cut on the fold and looks alike on both sides. */
    private static double differs(Piece piece) {
        List<Point> ring = piece.flattened(COARSE);
        double left = ring.stream().mapToDouble(Point::x).min().orElse(0);
        double right = ring.stream().mapToDouble(Point::x).max().orElse(0);
        double top = ring.stream().mapToDouble(Point::y).min().orElse(0);
        double bottom = ring.stream().mapToDouble(Point::y).max().orElse(0);
        double flipped = Shape.apart(
                ring,
                ring.stream().map(p -> new Point(p.x(), top + bottom - p.y())).toList());
        return piece.onFold()
                ? flipped
                : Math.min(
                        flipped,
                        Shape.apart(
                                ring,
                                ring.stream()
                                        .map(p -> new Point(left + right - p.x(), top + bottom - p.y()))
                                        .toList()));
    }
}
