package bathyra.foreign;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.util.List;
import java.util.Set;

/**
 * A closed line of a drawing, mm, clockwise on the screen.
 *
 * @param roles of the lines of which it was joined
 * @param points the path flattened, closed
 */
record Ring(
        String name,
        String group,
        Set<ForeignLine.Role> roles,
        Path path,
        List<ForeignLine.NamedEdge> edges,
        List<Point> points) {
    private static final double CHORD = 0.05;

    static Ring of(
            String name, String group, Set<ForeignLine.Role> roles, Path closed, List<ForeignLine.NamedEdge> edges) {
        List<Point> points = closed.flattened(CHORD);
        // Seen with y down, a clockwise line has a positive area by the usual sum.
        boolean clockwise = twiceArea(points) > 0;
        Path path = clockwise ? closed : closed.reversed();
        return new Ring(
                name, group, roles, path, clockwise ? edges : List.of(), clockwise ? points : path.flattened(CHORD));
    }

    private static double twiceArea(List<Point> closed) {
        double sum = 0;
        for (int i = 1; i < closed.size(); i++) {
            sum += closed.get(i - 1).x() * closed.get(i).y()
                    - closed.get(i).x() * closed.get(i - 1).y();
        }
        return sum;
    }

    double area() {
        return Math.abs(twiceArea(points)) / 2;
    }

    boolean contains(Ring other) {
        return !bounds().isApartFrom(other.bounds()) && Shape.contains(points, other.points, CHORD);
    }

    boolean contains(Point point) {
        return bounds().contains(point) && Shape.contains(points, point);
    }

    Bounds bounds() {
        return Bounds.of(points);
    }
}
