package bathyra.app.table;

import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/** Says in a line which edge lies under the pointer and how long it is. */
public final class EdgeUnderPointer {
    private EdgeUnderPointer() {}

    /** An edge, and how far it lies from the pointer, mm. */
    public record Found(Piece piece, OutlineEdge edge, double distance) {}

    /**
     * The edge nearest to a place of the table.
     *
     * @param reach farther away nothing is found, mm
     * @param place how each piece lies on the table
     */
    public static Optional<Found> find(
            List<Piece> pieces, Point paper, double reach, Function<Piece, Placement> place) {
        Optional<Found> best = Optional.empty();
        for (Piece piece : pieces) {
            Point at = place.apply(piece).back(paper);
            for (OutlineEdge edge : piece.outline()) {
                double distance = edge.path().nearest(at).point().distance(at);
                if (distance < best.map(Found::distance).orElse(reach)) {
                    best = Optional.of(new Found(piece, edge, distance));
                }
            }
        }
        return best;
    }

    /** What lies there, in a line; empty for nothing. */
    public static String describe(
            List<Piece> pieces, Point paper, double reach, LengthUnit unit, Function<Piece, Placement> place) {
        return find(pieces, paper, reach, place)
                .map(f -> f.piece().name() + ", " + f.edge().name().replace('-', ' ') + ": "
                        + LengthText.say(Length.mm(f.edge().path().length()), unit) + " in all")
                .orElse("");
    }
}
