package bathyra.panel;

import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * One long edge of a panel, from the upper line down to the lower edge, with the marks of the levels on it (C7.2). Above
 * the upper line it may be carried on straight up to a higher upper edge.
 *
 * @param path from the top down
 * @param nodes where the level lines meet the edge
 * @param arcs arc length from the upper mark down to each level's mark
 * @param above arc length above the upper mark; negative where the edge begins below it
 */
public record SeamEdge(Path path, Map<Level, Point> nodes, Map<Level, Double> arcs, double above) {
    public SeamEdge {
        nodes = Map.copyOf(nodes);
        arcs = Map.copyOf(arcs);
    }

    private static final double PACE_MOST = 1.75;
    /** An edge that ends this near where it should is left as it is. */
    private static final double END = 1e-3;

    /** The curve through the level points: along its axis at the waist, free at the outer ends. */
    static SeamEdge through(Map<Level, Point> nodes, Course course) {
        List<Level> levels = new ArrayList<>(new EnumMap<>(nodes).keySet());
        Path path = aboveWaist(nodes, course);
        int waist = levels.indexOf(Level.WAIST);
        if (waist < levels.size() - 1) {
            path = path.then(FairSpline.through(
                    points(nodes, levels.subList(waist, levels.size())),
                    Optional.of(course.atWaist()),
                    Optional.empty()));
        }
        Map<Level, Double> arcs = new EnumMap<>(Level.class);
        double arc = 0;
        int segment = 0;
        for (Level level : levels) {
            arcs.put(level, arc);
            int stretches = level == Level.UNDERBUST && course.guide().isPresent() ? 2 : 1;
            for (int i = 0; i < stretches && segment < path.segments().size(); i++) {
                arc += path.segments().get(segment++).length();
            }
        }
        return new SeamEdge(path, nodes, arcs, 0);
    }

    /** The part down to the waist. Over the apex its two parts meet in one direction. */
    static Path aboveWaist(Map<Level, Point> nodes, Course course) {
        List<Level> levels = new ArrayList<>(new EnumMap<>(nodes).keySet());
        List<Point> points = points(nodes, levels.subList(0, levels.indexOf(Level.WAIST) + 1));
        course.guide()
                .ifPresent(guide -> points.add(
                        points.size() - 1, guide.between(nodes.get(Level.UNDERBUST), nodes.get(Level.WAIST))));
        if (course.rounding().isEmpty()) {
            return FairSpline.through(points, Optional.empty(), Optional.of(course.atWaist()));
        }
        Course.Rounding rounding = course.rounding().get();
        List<Point> below = points.subList(1, points.size());
        Point apex = below.get(0);
        return FairSpline.through(
                        points.subList(0, 2),
                        Optional.empty(),
                        Optional.of(atApex(rounding, points.get(0).distance(apex))))
                .then(FairSpline.through(
                        below,
                        Optional.of(atApex(rounding, apex.distance(below.get(1)))),
                        Optional.of(course.atWaist())));
    }

    private static Vec atApex(Course.Rounding rounding, double chord) {
        return rounding.direction()
                .times(Math.min(PACE_MOST, rounding.longer() * (1 + 3 * rounding.dartEnd() / chord)));
    }

    private static List<Point> points(Map<Level, Point> nodes, List<Level> levels) {
        return new ArrayList<>(levels.stream().map(nodes::get).toList());
    }

    /** The same edge carried on straight above its upper mark; its free end has no curvature, so the run stays smooth. */
    SeamEdge carriedUp(double by) {
        Vec up = path.startTangent().reversed();
        Path longer =
                Path.of(new Line(path.start().plus(up.times(by)), path.start())).then(path);
        return new SeamEdge(longer, nodes, arcs, by);
    }

    /** The same edge without its uppermost stretch, where the upper edge dips below the upper line. @param by mm along the edge */
    SeamEdge cutDown(double by) {
        return new SeamEdge(path.between(by, path.length()), nodes, arcs, -by);
    }

    /** How far to carry the edge up so that it reaches a depth; nothing when it does already. */
    double reachUpTo(double y) {
        Vec up = path.startTangent().reversed();
        double rise = path.start().y() - y;
        return rise <= 0 ? 0 : rise / Math.max(0.2, -up.dy());
    }

    /** The same edge ended at a length below its waist mark; beyond its own end it runs on straight. @param length mm along the edge */
    SeamEdge endedBelowWaist(double length) {
        double wanted = above + arcs.get(Level.WAIST) + length;
        double has = path.length();
        Path ended = wanted < has
                ? path.upTo(wanted)
                : path.then(Path.of(
                        new Line(path.end(), path.end().plus(path.endTangent().times(wanted - has)))));
        return Math.abs(wanted - has) < END ? this : new SeamEdge(ended, nodes, arcs, above);
    }

    /** Where the uppermost level line meets the edge. */
    public Point top() {
        return nodes.get(Arrays.stream(Level.values())
                .filter(nodes::containsKey)
                .findFirst()
                .orElseThrow());
    }

    double stretch(Level from, Level to) {
        return arcs.get(to) - arcs.get(from);
    }
}
