package bathyra.draft;

import bathyra.finding.Finding;
import bathyra.geometry.Point;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import bathyra.piece.PieceRole;
import java.util.Optional;

/** What was found on the panels, put on the pieces that were cut of them: there it is shown. */
final class OnPieces {
    /** So near an outline a place lies on it, mm. */
    private static final double ON = 0.5;

    private OnPieces() {}

    /** The finding at the piece whose outline runs through its place; without a place where what was one panel has gone into another piece. */
    static Finding put(Finding finding, Pattern pattern) {
        if (finding.place().isEmpty()) {
            return finding;
        }
        Finding.Place place = finding.place().get();
        Optional<Piece> named = pattern.pieces().stream()
                .filter(p -> p.id().equals(place.piece()))
                .findFirst();
        if (named.filter(p -> runsThrough(p, place.at())).isPresent()) {
            return finding;
        }
        // A skirt lies where its panel was drafted; cups and yokes are turned when they are cut.
        return pattern.pieces().stream()
                .filter(p -> PieceRole.of(place.piece()).isPanel()
                        && p.id().equals(PieceRole.skirtUnder(place.piece()))
                        && runsThrough(p, place.at()))
                .findFirst()
                .map(p -> finding.at(p.id(), place.at()))
                .orElseGet(() -> named.isPresent() ? finding : finding.nowhere());
    }

    private static boolean runsThrough(Piece piece, Point at) {
        return piece.outline().stream().anyMatch(e -> e.path().isNear(at, ON));
    }
}
