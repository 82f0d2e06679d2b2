package bathyra.piece;

import java.util.List;
import java.util.OptionalDouble;

/**
 * A finished pattern: everything that a check may look at, and nothing of how it came about.
 *
 * @param levels from the top
 * @param pieces in wearing order from centre front to centre back
 * @param waistToLap the wearer's seated length at centre front, mm, if it is known
 */
public record Pattern(
        String title,
        String method,
        List<PatternLevel> levels,
        List<Piece> pieces,
        List<SeamJoin> seams,
        OptionalDouble waistToLap) {
    public Pattern {
        levels = List.copyOf(levels);
        pieces = List.copyOf(pieces);
        seams = List.copyOf(seams);
    }

    /** @throws IllegalArgumentException when there is no such piece */
    public Piece piece(String id) {
        return pieces.stream()
                .filter(p -> p.id().equals(id))
                .findFirst()
                .orElseThrow(() -> new IllegalArgumentException("the pattern has no piece " + id));
    }

    public OutlineEdge edge(SeamJoin.Ref ref) {
        return piece(ref.piece()).edge(ref.edge());
    }
}
