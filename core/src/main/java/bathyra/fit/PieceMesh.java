package bathyra.fit;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Triangulation;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.function.Predicate;

/**
 * One piece cut into triangles: its outline divided as the seams ask, its inside filled evenly, Delaunay between (C21).
 *
 * @param points on the paper: first those of the outline, clockwise on the screen
 * @param triangles as indices into the points, all turning the same way
 * @param edges the points of each edge by its name, in the direction of the outline, both ends included
 */
record PieceMesh(Piece piece, List<Point> points, List<int[]> triangles, Map<String, int[]> edges) {
    private static final double CLEAR = 0.55;
    private static final int SMOOTHINGS = 3;
    private static final double OWN = 0.4;

    /** @param arcs where each edge is divided, by its name, mm along it from its start to its end */
    static PieceMesh of(Piece piece, Map<String, double[]> arcs, double spacing) {
        List<Point> points = new ArrayList<>();
        Map<String, int[]> edges = new java.util.LinkedHashMap<>();
        for (OutlineEdge edge : piece.outline()) {
            double[] at = arcs.get(edge.name());
            int[] indices = new int[at.length];
            Path path = edge.path();
            for (int i = 0; i + 1 < at.length; i++) {
                indices[i] = points.size();
                points.add(i == 0 ? path.start() : path.at(at[i]).point());
            }
            edges.put(edge.name(), indices);
        }
        int boundary = points.size();
        List<OutlineEdge> outline = piece.outline();
        for (int e = 0; e < outline.size(); e++) {
            int[] own = edges.get(outline.get(e).name());
            own[own.length - 1] =
                    edges.get(outline.get((e + 1) % outline.size()).name())[0];
        }
        List<Point> ring = new ArrayList<>(points);
        ring.add(points.get(0));
        fill(points, ring, spacing);
        Predicate<Point> inside = Shape.inside(ring);
        List<int[]> triangles = within(Triangulation.of(points), points, inside);
        for (int round = 0; round < SMOOTHINGS; round++) {
            smooth(points, triangles, boundary);
        }
        return new PieceMesh(piece, points, within(Triangulation.of(points), points, inside), edges);
    }

    /** A place by the triangle that it lies in, or next to. */
    record Place(int[] corners, double[] weights) {}

    Place place(Point p) {
        int[] best = triangles.get(0);
        double least = Double.NEGATIVE_INFINITY;
        double[] weights = new double[3];
        for (int[] corners : triangles) {
            Point a = points.get(corners[0]);
            Point b = points.get(corners[1]);
            Point c = points.get(corners[2]);
            double twice = a.to(b).cross(a.to(c));
            double second = a.to(p).cross(a.to(c)) / twice;
            double third = a.to(b).cross(a.to(p)) / twice;
            double inside = Math.min(1 - second - third, Math.min(second, third));
            if (inside > least) {
                least = inside;
                best = corners;
                weights = new double[] {1 - second - third, second, third};
                if (inside >= 0) {
                    break;
                }
            }
        }
        return new Place(best, weights);
    }

    /** A grid of equal triangles, as far as it stays clear of the outline. */
    private static void fill(List<Point> points, List<Point> ring, double spacing) {
        Predicate<Point> inside = Shape.inside(ring);
        double left = ring.stream().mapToDouble(Point::x).min().orElseThrow();
        double right = ring.stream().mapToDouble(Point::x).max().orElseThrow();
        double top = ring.stream().mapToDouble(Point::y).min().orElseThrow();
        double bottom = ring.stream().mapToDouble(Point::y).max().orElseThrow();
        double down = spacing * Math.sqrt(3) / 2;
        for (int row = 0; top + (row + 0.5) * down < bottom; row++) {
            for (int column = 0; left + column * spacing < right; column++) {
                Point p =
                        new Point(left + column * spacing + (row % 2 == 0 ? 0 : spacing / 2), top + (row + 0.5) * down);
                if (inside.test(p) && Shape.distance(ring, p) > CLEAR * spacing) {
                    points.add(p);
                }
            }
        }
    }

    private static List<int[]> within(List<int[]> triangles, List<Point> points, Predicate<Point> inside) {
        List<int[]> kept = new ArrayList<>();
        for (int[] t : triangles) {
            Point a = points.get(t[0]);
            Point b = points.get(t[1]);
            Point c = points.get(t[2]);
            double twice = a.to(b).cross(a.to(c));
            double longest = Math.max(a.distance(b), Math.max(b.distance(c), c.distance(a)));
            boolean flat = Math.abs(twice) < 1e-3 * longest * longest;
            if (!flat && inside.test(new Point((a.x() + b.x() + c.x()) / 3, (a.y() + b.y() + c.y()) / 3))) {
                kept.add(twice > 0 ? t : new int[] {t[0], t[2], t[1]});
            }
        }
        return kept;
    }

    private static void smooth(List<Point> points, List<int[]> triangles, int boundary) {
        @SuppressWarnings("unchecked")
        TreeSet<Integer>[] beside = new TreeSet[points.size()];
        Arrays.setAll(beside, i -> new TreeSet<>());
        for (int[] t : triangles) {
            for (int a : t) {
                for (int b : t) {
                    if (a != b) {
                        beside[a].add(b);
                    }
                }
            }
        }
        List<Point> before = List.copyOf(points);
        for (int i = boundary; i < points.size(); i++) {
            if (beside[i].isEmpty()) {
                continue;
            }
            double x = 0;
            double y = 0;
            for (int other : beside[i]) {
                x += before.get(other).x() / beside[i].size();
                y += before.get(other).y() / beside[i].size();
            }
            Point p = before.get(i);
            points.set(i, new Point(OWN * p.x() + (1 - OWN) * x, OWN * p.y() + (1 - OWN) * y));
        }
    }
}
