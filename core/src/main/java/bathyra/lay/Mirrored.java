package bathyra.lay;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * An open cloth laid as if it were folded: one piece of each pair on the left half, its mirrored partner at the mirrored place on the right. Half as
 * many pieces have far fewer orders, so that what is found in the same time is often shorter.
 */
final class Mirrored {
    private Mirrored() {}

    /** What is laid on the left half; empty unless the cloth is open, every piece comes in pairs and fits into half of it. */
    static Optional<Laying> half(Laying laying) {
        double width = (laying.width() - laying.gap()) / 2;
        List<LayPiece> left =
                laying.pieces().stream().filter(p -> p.copy() % 2 == 0).toList();
        boolean pairs = left.stream().allMatch(p -> partner(laying, p).isPresent() && p.width() <= width)
                && 2 * left.size() == laying.pieces().size();
        return laying.folded() || !pairs
                ? Optional.empty()
                : Optional.of(new Laying(laying.layer(), left, width, laying.gap(), false, List.of()));
    }

    private static Optional<LayPiece> partner(Laying laying, LayPiece piece) {
        return laying.pieces().stream()
                .filter(p -> p.id().equals(piece.id()) && p.copy() == piece.copy() + 1)
                .findFirst();
    }

    /** The whole of a lay of the left half. */
    static Lay whole(Lay half, Laying laying) {
        List<Placed> placed = new ArrayList<>();
        for (LayPiece piece : laying.pieces()) {
            int pair = piece.copy() - piece.copy() % 2;
            Placed left = half.placed().stream()
                    .filter(p -> p.piece().id().equals(piece.id()) && p.piece().copy() == pair)
                    .findFirst()
                    .orElseThrow();
            placed.add(
                    piece.copy() == pair
                            ? left
                            : new Placed(
                                    piece,
                                    laying.width() - left.x() - left.piece().width(),
                                    left.y(),
                                    left.turned(),
                                    0));
        }
        return new Lay(placed, laying.width(), laying.folded());
    }
}
