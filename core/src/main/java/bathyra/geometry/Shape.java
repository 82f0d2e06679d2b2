package bathyra.geometry;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.locationtech.jts.algorithm.ConvexHull;
import org.locationtech.jts.algorithm.distance.DiscreteHausdorffDistance;
import org.locationtech.jts.algorithm.locate.IndexedPointInAreaLocator;
import org.locationtech.jts.geom.Coordinate;
import org.locationtech.jts.geom.Envelope;
import org.locationtech.jts.geom.Geometry;
import org.locationtech.jts.geom.GeometryFactory;
import org.locationtech.jts.geom.Location;
import org.locationtech.jts.geom.Polygon;
import org.locationtech.jts.index.chain.MonotoneChain;
import org.locationtech.jts.index.chain.MonotoneChainBuilder;
import org.locationtech.jts.index.chain.MonotoneChainOverlapAction;
import org.locationtech.jts.operation.overlayng.OverlayNG;
import org.locationtech.jts.operation.overlayng.OverlayNGRobust;
import org.locationtech.jts.operation.valid.IsValidOp;
import org.locationtech.jts.operation.valid.TopologyValidationError;

/** The one place that speaks to the plane-geometry library: areas, crossings, overlaps. */
public final class Shape {
    private static final GeometryFactory FACTORY = new GeometryFactory();

    private static final int ROUNDED = 16;
    /** How much farther than asked a grown line may lie: the arc over the chord of a rounded corner. */
    public static final double GROWN_MOST = 1 / Math.cos(Math.PI / (4 * ROUNDED));

    private Shape() {}

    /** Where a closed line crosses itself; empty when it never does. */
    public static Optional<Point> crossing(List<Point> closed) {
        IsValidOp check = new IsValidOp(polygon(closed));
        TopologyValidationError error = check.getValidationError();
        return error == null
                ? Optional.empty()
                : Optional.of(new Point(error.getCoordinate().x, error.getCoordinate().y));
    }

    /** Whether two stretches of a line that do not follow one on the other meet. @param line open, no two points one after the other at one place */
    public static boolean meetsItself(List<Point> line) {
        Meeting meeting = new Meeting(line);
        List<MonotoneChain> chains = MonotoneChainBuilder.getChains(coordinates(line));
        for (int i = 0; i < chains.size() && !meeting.found; i++) {
            // Within itself a chain always goes on the same way: it cannot come back to where it was.
            for (int j = i + 1; j < chains.size() && !meeting.found; j++) {
                chains.get(i).computeOverlaps(chains.get(j), meeting);
            }
        }
        return meeting.found;
    }

    /** Looks at the stretches of two chains that lie near enough to each other to meet. */
    private static final class Meeting extends MonotoneChainOverlapAction {
        private final List<Point> line;
        private boolean found;

        Meeting(List<Point> line) {
            this.line = line;
        }

        @Override
        public void overlap(MonotoneChain one, int a, MonotoneChain other, int b) {
            found = found
                    || Math.abs(a - b) > 1
                            && !Double.isNaN(
                                    LineCrossing.along(line.get(a), line.get(a + 1), line.get(b), line.get(b + 1), 0));
        }
    }

    /** The area of a closed line, mm². */
    public static double area(List<Point> closed) {
        return polygon(closed).getArea();
    }

    /** Whether a closed line has any of its area inside an upright rectangle. */
    public static boolean overlaps(List<Point> closed, Point upperLeft, Point lowerRight) {
        return polygon(closed)
                .intersects(
                        FACTORY.toGeometry(new Envelope(upperLeft.x(), lowerRight.x(), upperLeft.y(), lowerRight.y())));
    }

    /** How far one closed line lies from another at the most (Hausdorff distance between their corners and lines), mm. */
    public static double apart(List<Point> one, List<Point> other) {
        return DiscreteHausdorffDistance.distance(
                polygon(one).getExteriorRing(), polygon(other).getExteriorRing());
    }

    /** Whether one closed line lies less than a distance in mm {@link #apart} from another; it is known at the first corner that does not. */
    public static boolean isWithin(List<Point> one, List<Point> other, double distance) {
        return areWithin(one, closed(other), distance) && areWithin(other, closed(one), distance);
    }

    private static boolean areWithin(List<Point> points, List<Point> line, double distance) {
        return points.stream().allMatch(p -> distance(line, p) < distance);
    }

    private static List<Point> closed(List<Point> line) {
        return Stream.concat(line.stream(), Stream.of(line.get(0))).toList();
    }

    /** How far one closed line lies from another at the nearest, mm; nothing where their areas meet. */
    public static double between(List<Point> one, List<Point> other) {
        return polygon(one).distance(polygon(other));
    }

    /** Left, top, right and bottom of points, mm; endless where there are none. */
    public static double[] box(List<Point> points) {
        double[] box = {
            Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, Double.NEGATIVE_INFINITY, Double.NEGATIVE_INFINITY
        };
        for (Point p : points) {
            box[0] = Math.min(box[0], p.x());
            box[1] = Math.min(box[1], p.y());
            box[2] = Math.max(box[2], p.x());
            box[3] = Math.max(box[3], p.y());
        }
        return box;
    }

    /** The least convex outline round points, closed. @param points at least three that are on no one line */
    public static List<Point> hull(List<Point> points) {
        Coordinate[] all =
                points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
        return Arrays.stream(new ConvexHull(all, new GeometryFactory())
                        .getConvexHull()
                        .getCoordinates())
                .map(c -> new Point(c.x, c.y))
                .toList();
    }

    /** A closed line moved out all round by as much at the least, mm, and by {@link #GROWN_MOST} times as much at the most; corners round. */
    public static List<Point> grown(List<Point> closed, double by) {
        // The chords of a rounded corner lie within its arc: the arc is taken so much wider that they do not come
        // nearer.
        Polygon wide = (Polygon) polygon(closed).buffer(by * GROWN_MOST, ROUNDED);
        return Arrays.stream(wide.getExteriorRing().getCoordinates())
                .map(c -> new Point(c.x, c.y))
                .toList();
    }

    /** How far a point lies from a run of straight lines, mm. */
    public static double distance(List<Point> line, Point point) {
        double least = Double.POSITIVE_INFINITY;
        for (int i = 1; i < line.size(); i++) {
            Point a = line.get(i - 1);
            Vec along = a.to(line.get(i));
            double square = along.dot(along);
            double share = square == 0 ? 0 : Math.max(0, Math.min(1, a.to(point).dot(along) / square));
            double dx = a.x() + along.dx() * share - point.x();
            double dy = a.y() + along.dy() * share - point.y();
            least = Math.min(least, dx * dx + dy * dy);
        }
        return Math.sqrt(least);
    }

    /** Whether a point lies inside a closed line or on it. */
    public static boolean contains(List<Point> closed, Point point) {
        return polygon(closed).intersects(FACTORY.createPoint(new Coordinate(point.x(), point.y())));
    }

    /** A test of many points against one closed line. */
    public static Predicate<Point> inside(List<Point> closed) {
        IndexedPointInAreaLocator area = new IndexedPointInAreaLocator(polygon(closed));
        return p -> area.locate(new Coordinate(p.x(), p.y())) != Location.EXTERIOR;
    }

    /** What two closed lines have in common: one closed line for each part, holes left out. */
    public static List<List<Point>> common(List<Point> one, List<Point> other) {
        return parts(one, other, OverlayNG.INTERSECTION);
    }

    /** What one closed line has and another has not: one closed line for each part, holes left out. */
    public static List<List<Point>> without(List<Point> one, List<Point> other) {
        return parts(one, other, OverlayNG.DIFFERENCE);
    }

    private static List<List<Point>> parts(List<Point> one, List<Point> other, int operation) {
        Geometry both = OverlayNGRobust.overlay(polygon(one), polygon(other), operation);
        List<List<Point>> parts = new ArrayList<>();
        for (int i = 0; i < both.getNumGeometries(); i++) {
            if (both.getGeometryN(i) instanceof Polygon part && !part.isEmpty()) {
                parts.add(Arrays.stream(part.getExteriorRing().getCoordinates())
                        .map(c -> new Point(c.x, c.y))
                        .toList());
            }
        }
        return parts;
    }

    /** How far a point lies outside a closed line, mm; nothing inside it. */
    public static double away(List<Point> closed, Point point) {
        return polygon(closed).distance(FACTORY.createPoint(new Coordinate(point.x(), point.y())));
    }

    /** Whether one closed line contains another, borders touching allowed within a distance in mm. */
    public static boolean contains(List<Point> outer, List<Point> inner, double tolerance) {
        return polygon(outer).buffer(tolerance).contains(polygon(inner));
    }

    /** A place well inside a closed line. */
    public static Point middle(List<Point> closed) {
        Coordinate at = polygon(closed).getInteriorPoint().getCoordinate();
        return new Point(at.x, at.y);
    }

    /** The longest stretch of a level line inside a closed line: its left and its right end; one and the same place where it misses. */
    public static double[] level(List<Point> closed, double y) {
        return upright(closed.stream().map(p -> new Point(p.y(), p.x())).toList(), y);
    }

    /** The longest stretch of an upright line inside a closed line: its upper and its lower end; one and the same depth where it misses. */
    public static double[] upright(List<Point> closed, double x) {
        double[] best = {closed.get(0).y(), closed.get(0).y()};
        List<Double> depths = new ArrayList<>();
        for (int i = 1; i < closed.size(); i++) {
            Point a = closed.get(i - 1);
            Point b = closed.get(i);
            if ((a.x() <= x) != (b.x() <= x)) {
                depths.add(a.y() + (b.y() - a.y()) * (x - a.x()) / (b.x() - a.x()));
            }
        }
        depths.sort(null);
        for (int i = 0; i + 1 < depths.size(); i += 2) {
            if (depths.get(i + 1) - depths.get(i) > best[1] - best[0]) {
                best = new double[] {depths.get(i), depths.get(i + 1)};
            }
        }
        return best;
    }

    private static Polygon polygon(List<Point> closed) {
        List<Point> ring = new ArrayList<>(closed);
        if (ring.get(0).distance(ring.get(ring.size() - 1)) < Tolerance.COINCIDENT) {
            ring.remove(ring.size() - 1);
        }
        ring.add(ring.get(0));
        return FACTORY.createPolygon(coordinates(ring));
    }

    private static Coordinate[] coordinates(List<Point> points) {
        return points.stream().map(p -> new Coordinate(p.x(), p.y())).toArray(Coordinate[]::new);
    }
}
