package bathyra.app.table;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.Piece;
import java.util.function.Function;

/** Says in a line which edge lies under the pointer and how long it is. */
public final class EdgeUnderPointer {
    private EdgeUnderPointer() {}

    /** @param place how each piece lies on the table */
    public static String describe(Pattern pattern, Point paper, double reach, LengthUnit unit, Function<Piece, Placement> place) {
        String best = "";
        double nearest = reach;
        for (Piece piece : pattern.pieces()) {
            Point at = place.apply(piece).back(paper);
            for (OutlineEdge edge : piece.outline()) {
                Path.Place foot = edge.path().nearest(at);
                double distance = foot.point().distance(at);
                if (distance < nearest) {
                    nearest = distance;
                    best = piece.name() + ", " + edge.name().replace('-', ' ') + ": " + LengthText.say(Length.mm(edge.path().length()), unit) + " in all";
                }
            }
        }
        return best;
    }
}
