package bathyra.truing;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;

/** A corner of a piece: where one outline edge ends and the next begins. */
record Corner(Piece piece, OutlineEdge before, OutlineEdge after) {
    /** The corner at the upper or lower end of an edge. */
    static Corner of(Piece piece, OutlineEdge edge, boolean top) {
        return at(piece, edge, (edge.path().end().y() < edge.path().start().y()) == top);
    }

    /** The corner at the end or the start of an edge, as the outline runs. */
    static Corner at(Piece piece, OutlineEdge edge, boolean end) {
        int n = piece.outline().size();
        int i = piece.outline().indexOf(edge);
        return end
                ? new Corner(piece, edge, piece.outline().get((i + 1) % n))
                : new Corner(piece, piece.outline().get((i + n - 1) % n), edge);
    }

    Point point() {
        return before.path().end();
    }

    /** The angle inside the piece, degrees, by the tangents at the corner. */
    double degrees() {
        return inside(before.path().endTangent(), after.path().startTangent());
    }

    /** The angle inside the piece, degrees, by chords over a length from the corner. */
    double degreesOver(double length) {
        return inside(
                chord(
                        before.path(),
                        before.path().length() - length,
                        before.path().length()),
                chord(after.path(), 0, length));
    }

    private static Vec chord(Path path, double from, double to) {
        return path.at(from).point().to(path.at(to).point());
    }

    private static double inside(Vec arriving, Vec leaving) {
        return 180 - Math.toDegrees(arriving.angleTo(leaving));
    }
}
