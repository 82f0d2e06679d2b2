package bathyra.truing;

import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.SeamJoin;
import java.util.List;

/**
 * How the edge runs on over the end of a seam once it is sewn: the two pieces laid together there. Counted from the end of the
 * seam, which runs straight down from it above, straight up below.
 *
 * @param edgeA the edge of the piece nearer centre front, from the seam outwards, mm
 * @param edgeB that of its partner
 * @param seamA the seam's own edge on the first piece, from its end inwards
 * @param seamB that of its partner
 * @param degrees the angle that the two corners make together; 180 runs straight on
 */
public record JoinedRun(List<Point> edgeA, List<Point> edgeB, List<Point> seamA, List<Point> seamB, double degrees) {
    private static final double CHORD = 0.2;
    private static final Point ORIGIN = new Point(0, 0);

    /**
     * The run over the upper or lower end of a seam.
     *
     * @param reach how much of each edge is looked at, mm
     */
    public static JoinedRun at(Pattern pattern, SeamJoin seam, boolean top, double reach) {
        OutlineEdge a = pattern.edge(seam.a());
        boolean atEnd = (a.path().end().y() < a.path().start().y()) == top;
        Side first = Side.of(Corner.at(pattern.piece(seam.a().piece()), a, atEnd), atEnd, top, reach);
        if (seam.a().equals(seam.b())) {
            return new JoinedRun(
                    first.edge(), mirrored(first.edge()), first.seam(), mirrored(first.seam()), 2 * first.degrees());
        }
        Side second =
                Side.of(Corner.at(pattern.piece(seam.b().piece()), pattern.edge(seam.b()), !atEnd), !atEnd, top, reach);
        return new JoinedRun(
                first.edge(), second.edge(), first.seam(), second.seam(), first.degrees() + second.degrees());
    }

    /** The other half of a piece that is sewn to its own mirror image. */
    private static List<Point> mirrored(List<Point> line) {
        return line.stream().map(p -> new Point(-p.x(), p.y())).toList();
    }

    /** What one piece brings to the run. */
    private record Side(List<Point> edge, List<Point> seam, double degrees) {
        /** @param seamBefore whether the seam's edge ends in the corner and does not begin there */
        static Side of(Corner corner, boolean seamBefore, boolean top, double reach) {
            Vec into = seamBefore
                    ? corner.before().path().endTangent().reversed()
                    : corner.after().path().startTangent();
            Motion laid = Motion.laying(corner.point(), into, ORIGIN, top ? Vec.DOWN : Vec.DOWN.reversed());
            return new Side(
                    run(corner, !seamBefore, reach, laid), run(corner, seamBefore, reach, laid), corner.degrees());
        }

        /** One of the two edges of a corner, from the corner outwards. */
        private static List<Point> run(Corner corner, boolean before, double reach, Motion laid) {
            Path path =
                    before ? corner.before().path().reversed() : corner.after().path();
            return path.upTo(Math.min(reach, path.length())).flattened(CHORD).stream()
                    .map(laid)
                    .toList();
        }
    }
}
