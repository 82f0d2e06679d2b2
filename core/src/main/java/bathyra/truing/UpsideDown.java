package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.Ends;
import bathyra.piece.Mark;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.List;

/** A piece that looks the same with its ends changed over can be sewn in upside down, unless its top is marked (C12). */
final class UpsideDown implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        return pattern.pieces().stream().map(UpsideDown::look).toList();
    }

    private static Finding look(Piece piece) {
        double differs = Ends.apart(piece.flattened(Ends.FOLLOWED), piece.onFold());
        if (piece.marks().stream().anyMatch(m -> m.kind() == Mark.Kind.TOP)) {
            return finding(piece, Finding.Status.OK, differs, Sentence.of("{}: its top is marked.", piece.name()));
        }
        return differs >= Ends.ALIKE
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
        return Finding.of(FindingKind.UPSIDE_DOWN, piece.id(), status, differs, Ends.ALIKE, sentence);
    }
}
