package bathyra.panel;

import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.girth.Level;
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
 * @param above arc length above the upper mark
 */
public record SeamEdge(Path path, Map<Level, Point> nodes, Map<Level, Double> arcs, double above) {
    public SeamEdge {
        nodes = Map.copyOf(nodes);
        arcs = Map.copyOf(arcs);
    }

    /**
     * How the edge passes the apex.
     *
     * @param direction the unit direction of the edge there, downwards
     * @param dartEnd how far before the apex the dart ends: the seam keeps to its axis so much longer
     * @param radius the smallest radius of curvature wanted there
     * @param longer how much longer still it keeps to its axis so that the radius is reached
     */
    public record Rounding(Vec direction, double dartEnd, double radius, double longer) {
        Rounding fittedTo(Map<Level, Point> nodes, Vec atWaist) {
            return new Rounding(direction, dartEnd, radius, SeamEdge.longer(nodes, this, atWaist));
        }
    }

    private static final double LONGER_STEP = 0.1;
    private static final double LONGER_MOST = 1.5;
    private static final double PACE_MOST = 1.75;
    private static final double NEAR_APEX = 20;
    /** An edge that ends this near where it should is left as it is. */
    private static final double END = 1e-3;

    /** The curve through the level points: along its axis at the waist, free at the outer ends. @param atWaist the axis there, downwards */
    static SeamEdge through(Map<Level, Point> nodes, Optional<Rounding> rounding, Vec atWaist) {
        List<Level> levels = new ArrayList<>(new EnumMap<>(nodes).keySet());
        List<Path> parts = new ArrayList<>();
        int waist = levels.indexOf(Level.WAIST);
        if (rounding.isPresent()) {
            parts.add(overApex(nodes, rounding.get(), rounding.get().longer(), atWaist));
        } else {
            parts.add(FairSpline.through(points(nodes, levels.subList(0, waist + 1)), Optional.empty(), Optional.of(atWaist)));
        }
        if (waist < levels.size() - 1) {
            parts.add(FairSpline.through(points(nodes, levels.subList(waist, levels.size())), Optional.of(atWaist), Optional.empty()));
        }
        Path path = parts.stream().reduce(Path::then).orElseThrow();
        Map<Level, Double> arcs = new EnumMap<>(Level.class);
        double arc = 0;
        for (int i = 0; i < levels.size(); i++) {
            arcs.put(levels.get(i), arc);
            if (i < path.segments().size()) {
                arc += path.segments().get(i).length();
            }
        }
        return new SeamEdge(path, nodes, arcs, 0);
    }

    /**
     * How much longer than usual the seam must keep to its axis at the apex, so that it bends no tighter than wanted. Found
     * once on the points as they are planned: if it changed while the seam is walked, the walk would chase it.
     */
    static double longer(Map<Level, Point> nodes, Rounding rounding, Vec atWaist) {
        double longer = 1;
        while (longer < LONGER_MOST && radiusNear(overApex(nodes, rounding, longer, atWaist), nodes.get(Level.BUST)) < rounding.radius()) {
            longer += LONGER_STEP;
        }
        return longer;
    }

    /** Both parts meet at the apex in one direction. */
    private static Path overApex(Map<Level, Point> nodes, Rounding rounding, double longer, Vec atWaist) {
        Point upper = nodes.get(Level.UPPER);
        Point apex = nodes.get(Level.BUST);
        List<Point> below = points(nodes, List.of(Level.BUST, Level.UNDERBUST, Level.WAIST));
        return FairSpline.through(List.of(upper, apex), Optional.empty(), Optional.of(atApex(rounding, longer, upper.distance(apex))))
                .then(FairSpline.through(below, Optional.of(atApex(rounding, longer, apex.distance(below.get(1)))), Optional.of(atWaist)));
    }

    private static Vec atApex(Rounding rounding, double longer, double chord) {
        return rounding.direction().times(Math.min(PACE_MOST, longer * (1 + 3 * rounding.dartEnd() / chord)));
    }

    private static double radiusNear(Path path, Point apex) {
        double most = 0;
        for (int s = 0; s < 2; s++) {
            for (int i = 0; i <= 8; i++) {
                double t = s == 0 ? 1 - i / 16.0 : i / 16.0;
                if (path.segments().get(s).at(t).distance(apex) < NEAR_APEX) {
                    most = Math.max(most, Math.abs(path.segments().get(s).curvature(t)));
                }
            }
        }
        return most == 0 ? Double.POSITIVE_INFINITY : 1 / most;
    }

    private static List<Point> points(Map<Level, Point> nodes, List<Level> levels) {
        return levels.stream().map(nodes::get).toList();
    }

    /** The same edge carried on straight above its upper mark; its free end has no curvature, so the run stays smooth. */
    SeamEdge carriedUp(double by) {
        Vec up = path.startTangent().reversed();
        Path longer = Path.of(new Line(path.start().plus(up.times(by)), path.start())).then(path);
        return new SeamEdge(longer, nodes, arcs, by);
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
        Path ended = wanted < has ? path.upTo(wanted) : path.then(Path.of(new Line(path.end(), path.end().plus(path.endTangent().times(wanted - has)))));
        return Math.abs(wanted - has) < END ? this : new SeamEdge(ended, nodes, arcs, above);
    }

    /** Where the uppermost level line meets the edge. */
    public Point top() {
        return nodes.get(Arrays.stream(Level.values()).filter(nodes::containsKey).findFirst().orElseThrow());
    }

    double stretch(Level from, Level to) {
        return arcs.get(to) - arcs.get(from);
    }
}
