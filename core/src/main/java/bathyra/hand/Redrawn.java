package bathyra.hand;

import bathyra.geometry.FairSpline;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * A piece drawn from its figures alone: a fair curve through the points of each edge, from corner to corner.
 *
 * @param edges by their names, clockwise; x to the right of the grain, y down from the waist, mm
 */
public record Redrawn(Map<String, Path> edges) {
    public Redrawn {
        edges = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(edges));
    }

    /** @throws IllegalArgumentException where an edge has two points in one place */
    public static Redrawn of(Offsets offsets) {
        Map<String, Path> edges = new LinkedHashMap<>();
        List<Offsets.Corner> corners = offsets.corners();
        for (int i = 0; i < corners.size(); i++) {
            Point from = point(corners.get(i));
            Point to = point(corners.get((i + 1) % corners.size()));
            edges.put(
                    corners.get(i).edge(),
                    through(from, points(offsets, corners.get(i).edge(), from, to), to));
        }
        return new Redrawn(edges);
    }

    /** On the sheet. */
    static Point point(Offsets.Corner corner) {
        return new Point(corner.right(), -corner.up());
    }

    /** What of the figures lies on an edge, in its order. */
    private static List<Point> points(Offsets offsets, String edge, Point from, Point to) {
        // In the order in which they are given: an edge may turn back beyond its chord.
        List<Offsets.Ordinate> beside =
                offsets.ordinates().stream().filter(o -> o.edge().equals(edge)).toList();
        if (!beside.isEmpty()) {
            Vec along = from.to(to).unit();
            return beside.stream().map(o -> onChord(from, along, o)).toList();
        }
        if (isFlat(from.to(to))) {
            return List.of();
        }
        boolean up = to.y() < from.y();
        double least = Math.min(-from.y(), -to.y()) + Tolerance.COINCIDENT;
        double most = Math.max(-from.y(), -to.y()) - Tolerance.COINCIDENT;
        Stream<Offsets.Height> own = offsets.heights().stream()
                .filter(h -> h.left() == up && h.up() > least && h.up() < most)
                .sorted(Comparator.comparingDouble(h -> up ? h.up() : -h.up()));
        return own.map(h -> new Point(h.right(), -h.up())).toList();
    }

    private static Point onChord(Point from, Vec along, Offsets.Ordinate ordinate) {
        return from.plus(along.times(ordinate.along())).plus(new Vec(along.dy(), -along.dx()).times(ordinate.out()));
    }

    /** Whether an edge runs so flat that heights would say nothing of it. */
    static boolean isFlat(Vec chord) {
        return Math.abs(chord.dy()) < HandPiece.FLAT * chord.length();
    }

    private static Path through(Point from, List<Point> between, Point to) {
        List<Point> all = new ArrayList<>();
        all.add(from);
        all.addAll(between);
        all.add(to);
        return FairSpline.through(all, Optional.empty(), Optional.empty());
    }

    /** How far an edge lies from what it was drawn after, mm, looked at from both, and where on that. */
    static Off off(Path drawn, Path after) {
        Off most = new Off(0, after.start());
        int steps = Math.max(8, (int) Math.ceil(after.length() / 5));
        for (int i = 0; i <= steps; i++) {
            Point there = after.at(after.length() * i / steps).point();
            double away = drawn.nearest(there).point().distance(there);
            if (away > most.by()) {
                most = new Off(away, there);
            }
            Point here = drawn.at(drawn.length() * i / steps).point();
            Point nearest = after.nearest(here).point();
            double back = nearest.distance(here);
            if (back > most.by()) {
                most = new Off(back, nearest);
            }
        }
        return most;
    }

    /** The farthest place. */
    record Off(double by, Point at) {}
}
