package bathyra.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.LineString;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.operation.buffer.BufferParameters;
import org.locationtech.jts.operation.buffer.OffsetCurve;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;

/**
 * The one place that speaks to the plane-geometry library. Points run clockwise on the screen; since y runs down, "left"
 * of the direction of travel in the library's sense is the right-hand side as a person sees it.
 */
public final class Shape {
    private static final GeometryFactory FACTORY = new GeometryFactory();
    private static final int QUADRANT_SEGMENTS = 32;

    private Shape() {}

    /** Where a closed line crosses itself; empty when it never does. */
    public static Optional<Point> crossing(List<Point> closed) {
        IsValidOp check = new IsValidOp(polygon(closed));
        TopologyValidationError error = check.getValidationError();
        return error == null ? Optional.empty()
                : Optional.of(new Point(error.getCoordinate().x, error.getCoordinate().y));
    }

    /** The area of a closed line, mm². */
    public static double area(List<Point> closed) {
        return polygon(closed).getArea();
    }

    /** Whether a closed line has any of its area inside an upright rectangle. */
    public static boolean overlaps(List<Point> closed, Point upperLeft, Point lowerRight) {
        return polygon(closed).intersects(FACTORY.toGeometry(new Envelope(upperLeft.x(), lowerRight.x(), upperLeft.y(), lowerRight.y())));
    }

    /** Whether one closed line contains another, borders touching allowed within a distance in mm. */
    public static boolean contains(List<Point> outer, List<Point> inner, double tolerance) {
        return polygon(outer).buffer(tolerance).contains(polygon(inner));
    }

    /**
     * The line at a distance outside an edge of a clockwise outline: the seam allowance's border.
     *
     * @param edge the edge's points, along the outline
     * @param distance mm, not negative; 0 gives the edge itself
     */
    public static List<Point> outside(List<Point> edge, double distance) {
        if (distance < Tolerance.COINCIDENT) {
            return edge;
        }
        BufferParameters parameters = new BufferParameters(QUADRANT_SEGMENTS, BufferParameters.CAP_FLAT,
                BufferParameters.JOIN_MITRE, 5);
        // The library simplifies what it offsets by a share of the distance; keep that far under the chord tolerance.
        parameters.setSimplifyFactor(Tolerance.CHORD / 20 / distance);
        LineString curve = longest(new OffsetCurve(line(edge), -distance, parameters).getCurve());
        if (curve == null) {
            return edge;
        }
        List<Point> points = new ArrayList<>();
        for (Coordinate c : curve.getCoordinates()) {
            points.add(new Point(c.x, c.y));
        }
        return points;
    }

    private static LineString longest(Geometry geometry) {
        LineString best = null;
        for (int i = 0; i < geometry.getNumGeometries(); i++) {
            if (geometry.getGeometryN(i) instanceof LineString line && (best == null || line.getLength() > best.getLength())) {
                best = line;
            }
        }
        return best == null || best.isEmpty() ? null : best;
    }

    private static LineString line(List<Point> points) {
        return FACTORY.createLineString(coordinates(points));
    }

    private static Polygon polygon(List<Point> closed) {
        List<Point> ring = new ArrayList<>(closed);
        if (ring.get(0).distance(ring.get(ring.size() - 1)) > 0) {
            ring.add(ring.get(0));
        }
        return FACTORY.createPolygon(coordinates(ring));
    }

    private static Coordinate[] coordinates(List<Point> points) {
        return points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
    }
}
