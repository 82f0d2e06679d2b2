package bathyra.layer;

import bathyra.cutting.Finishing;
import bathyra.garment.EdgeUse;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.CuttingLine;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * Lets a piece grow at its side seam, so that an outer layer goes round the layers below it (C14). The side seam is moved out
 * parallel to itself, so that it keeps its length and its marks; the edges beside it are drawn after it.
 */
final class TurnOfCloth {
    private static final double ON_EDGE = 1;

    private TurnOfCloth() {}

    /** @param turn what a side seam gains, half of it on either piece, mm */
    static Piece on(Piece piece, double turn) {
        Piece grown = piece;
        for (OutlineEdge edge : piece.outline()) {
            if (turn != 0 && Finishing.use(edge) == EdgeUse.SIDE) {
                grown = moved(grown, edge.name(), turn / 2);
            }
        }
        return grown;
    }

    private static Piece moved(Piece piece, String name, double by) {
        int n = piece.outline().size();
        int at = piece.outline().indexOf(piece.edge(name));
        Path side = piece.outline().get(at).path();
        Vec out = side.start().to(side.end()).unit().turned(-Math.PI / 2).times(by);
        List<OutlineEdge> outline = new ArrayList<>(piece.outline());
        set(outline, at, side.mapped(p -> p.plus(out)));
        int before = (at + n - 1) % n;
        Path arriving = outline.get(before).path();
        set(outline, before, arriving.mapped(drawnAfter(arriving.start(), arriving.end(), out)));
        int behind = (at + 1) % n;
        Path leaving = outline.get(behind).path();
        set(outline, behind, leaving.mapped(drawnAfter(leaving.end(), leaving.start(), out)));
        UnaryOperator<Point> onSide = p -> side.isNear(p, ON_EDGE) ? p.plus(out) : p;
        List<Notch> notches = piece.notches().stream()
                .map(m ->
                        new Notch(m.edge(), m.edge().equals(name) ? m.at().plus(out) : m.at(), m.twofold(), m.level()))
                .toList();
        return new Piece(
                piece.title(),
                piece.cut(),
                outline,
                piece.markings().mapped(onSide).withNotches(notches),
                CuttingLine.of(List.of()));
    }

    private static void set(List<OutlineEdge> outline, int at, Path path) {
        OutlineEdge edge = outline.get(at);
        outline.set(at, new OutlineEdge(edge.name(), edge.kind(), edge.seam(), path));
    }

    /** One end goes along and the other stays; in between everything moves by its share, so that curves stay the curves they were. */
    private static UnaryOperator<Point> drawnAfter(Point fixed, Point moving, Vec out) {
        Vec along = fixed.to(moving);
        double square = along.dot(along);
        return p -> p.plus(out.times(fixed.to(p).dot(along) / square));
    }
}
