package bathyra.piece;

import bathyra.garment.CornerShape;
import bathyra.geometry.LineCrossing;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import java.util.List;
import java.util.Optional;

/** How two allowances meet at a corner of a piece (C12). */
final class CutCorner {
    private static final double PARALLEL = 1e-6;
    /** Below this angle a corner is nearly straight and every way of cutting it comes to the same. */
    private static final double NEARLY_STRAIGHT = 0.2;

    private CutCorner() {}

    /** A line through a point. */
    private record Ray(Point at, Vec along) {
        /** How far along it another crosses it; empty for parallels. */
        Optional<Double> crossing(Ray other) {
            return Math.abs(along.cross(other.along)) < PARALLEL
                    ? Optional.empty()
                    : LineCrossing.of(at, along, other.at, other.along).map(LineCrossing::here);
        }

        Point at(double way) {
            return at.plus(along.times(way));
        }

        Ray mirroredAt(Ray axis) {
            return new Ray(
                    mirror(at, axis),
                    mirror(at.plus(along), axis).to(mirror(at, axis)).reversed());
        }

        private static Point mirror(Point p, Ray axis) {
            double across = axis.along.cross(axis.at.to(p));
            return p.plus(axis.along.turned(Math.PI / 2).times(-2 * across));
        }
    }

    /**
     * The points of the corner, in the order of the outline.
     *
     * @param line the cut line of the side before, up to the corner
     * @param next that of the side behind
     * @param reach no point lies farther from the corner than this; where one would, the line steps over
     */
    static List<Point> between(
            CutLine.Side before, List<Point> line, CutLine.Side behind, List<Point> next, double reach) {
        Ray arriving = new Ray(
                line.get(line.size() - 1),
                line.get(line.size() - 2).to(line.get(line.size() - 1)).unit());
        Ray leaving = new Ray(next.get(0), next.get(0).to(next.get(1)).unit());
        Point corner = behind.edge().path().start();
        boolean edgeBefore = before.edge().kind() == OutlineEdge.Kind.EDGE;
        boolean edgeBehind = behind.edge().kind() == OutlineEdge.Kind.EDGE;
        if (edgeBefore != edgeBehind && Math.abs(arriving.along().angleTo(leaving.along())) > NEARLY_STRAIGHT) {
            CutLine.Side edge = edgeBefore ? before : behind;
            CutLine.Side seam = edgeBefore ? behind : before;
            // Seen from the edge both rays run away from the piece, so that one rule serves both ends of it.
            Ray ofEdge = edgeBefore
                    ? arriving
                    : new Ray(leaving.at(), leaving.along().reversed());
            Ray ofSeam = edgeBefore ? new Ray(leaving.at(), leaving.along().reversed()) : arriving;
            Optional<List<Point>> shaped = seam.width() <= 0
                    ? Optional.empty()
                    : edge.corners() == CornerShape.SQUARE
                            ? square(corner, ofEdge, ofSeam)
                            : edge.corners() == CornerShape.REVERSED && edge.width() > 0
                                    ? reversed(corner, ofEdge, ofSeam)
                                    : Optional.empty();
            if (shaped.isPresent() && shaped.get().stream().allMatch(p -> p.distance(corner) <= reach)) {
                List<Point> points = shaped.get();
                return edgeBefore ? List.of(points.get(1), points.get(0)) : points;
            }
        }
        return mitred(corner, arriving, leaving, Math.max(before.width(), behind.width()), reach);
    }

    /** The seam runs on to the edge's cut line; there its allowance ends at right angles. In the order seam, edge. */
    private static Optional<List<Point>> square(Point corner, Ray edge, Ray seam) {
        Ray sewn = new Ray(corner, seam.along());
        return sewn.crossing(edge).filter(way -> way >= 0).map(way -> {
            Point end = sewn.at(way);
            double across = seam.at().to(end).dot(seam.along());
            return List.of(seam.at(across), end);
        });
    }

    /** Beyond the edge its allowance mirrors the piece with the seam's allowance. In the order seam, edge. */
    private static Optional<List<Point>> reversed(Point corner, Ray edge, Ray seam) {
        Ray turning = new Ray(corner, edge.along());
        return seam.crossing(turning).flatMap(way -> {
            Ray mirrored = seam.mirroredAt(turning);
            return mirrored.crossing(edge).map(out -> List.of(seam.at(way), mirrored.at(out)));
        });
    }

    /** Where the tangents meet, unless that lies too far out. */
    private static List<Point> mitred(Point corner, Ray arriving, Ray leaving, double widest, double reach) {
        Optional<Double> along = arriving.crossing(leaving);
        Optional<Double> back = leaving.crossing(arriving);
        if (along.isEmpty() || back.isEmpty()) {
            return List.of(arriving.at(), leaving.at());
        }
        Point meet = arriving.at(along.get());
        // At a flat corner between a narrow and a wide allowance the tangents meet far behind the corner: there the
        // line steps over.
        double behind = widest + Tolerance.COINCIDENT;
        return along.get() >= -behind && back.get() <= behind && meet.distance(corner) <= reach
                ? List.of(meet)
                : List.of(arriving.at(), leaving.at());
    }
}
