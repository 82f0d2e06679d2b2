package bathyra.truing;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.List;
import java.util.Optional;

/** Centre front ends above the lap of the seated wearer. */
final class SeatedLength implements Check {
    @Override
    public List<Finding> look(Pattern pattern) {
        if (pattern.waistToLap().isEmpty()) {
            return List.of();
        }
        return pattern.pieces().stream()
                .flatMap(p -> look(p, pattern.waistToLap().getAsDouble()).stream())
                .toList();
    }

    private static Optional<Finding> look(Piece piece, double lap) {
        Optional<OutlineEdge> fold = piece.outline().stream()
                .filter(e ->
                        piece.front() && (e.kind() == OutlineEdge.Kind.FOLD || e.kind() == OutlineEdge.Kind.CLOSURE))
                .findFirst();
        return fold.flatMap(edge -> piece.mark(Level.WAIST).map(waist -> {
            double end = Math.max(edge.path().start().y(), edge.path().end().y());
            double below = end - waist.from().y();
            boolean holds = below <= lap;
            return Finding.of(
                            FindingKind.SEATED_LENGTH,
                            piece.id(),
                            holds ? Finding.Status.OK : Finding.Status.NOTE,
                            below,
                            lap,
                            holds
                                    ? Sentence.of(
                                            "{}: reaches {} below the waist, waist to lap is {}.",
                                            piece.name(),
                                            Length.mm(below),
                                            Length.mm(lap))
                                    : Sentence.of(
                                            "{}, lower edge: it reaches {} below the waist. From waist to lap the tape says {}: sitting down, the edge will dig in by {}. Choose a higher lower edge, or keep it for a part that is played standing.",
                                            piece.name(),
                                            Length.mm(below),
                                            Length.mm(lap),
                                            Length.mm(below - lap)))
                    .at(
                            piece.id(),
                            edge.path().start().y() > edge.path().end().y()
                                    ? edge.path().start()
                                    : edge.path().end());
        }));
    }
}
