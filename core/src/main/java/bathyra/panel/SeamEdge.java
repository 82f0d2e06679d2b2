package bathyra.panel;

import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.girth.Level;
import java.util.ArrayList;
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
     */
    public record Rounding(Vec direction, double dartEnd, double radius) {}

    private static final double WIDEN = 1.12;
    private static final int WIDEN_ROUNDS = 12;
    private static final double NEAR_APEX = 20;

    /** The curve through the level points: upright at the waist, free at the outer ends. */
    static SeamEdge through(Map<Level, Point> nodes, Optional<Rounding> rounding) {
        List<Level> levels = new ArrayList<>(new EnumMap<>(nodes).keySet());
        List<Path> parts = new ArrayList<>();
        int waist = levels.indexOf(Level.WAIST);
        if (rounding.isPresent()) {
            parts.add(overApex(nodes, rounding.get()));
        } else {
            parts.add(FairSpline.through(points(nodes, levels.subList(0, waist + 1)), Optional.empty(), Optional.of(Vec.DOWN)));
        }
        if (waist < levels.size() - 1) {
            parts.add(FairSpline.through(points(nodes, levels.subList(waist, levels.size())), Optional.of(Vec.DOWN), Optional.empty()));
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

    /** Both parts meet at the apex in one direction; the seam is kept to its axis for longer until it is round enough. */
    private static Path overApex(Map<Level, Point> nodes, Rounding rounding) {
        Point upper = nodes.get(Level.UPPER);
        Point apex = nodes.get(Level.BUST);
        List<Point> below = points(nodes, List.of(Level.BUST, Level.UNDERBUST, Level.WAIST));
        double longer = 1;
        Path path = null;
        for (int round = 0; round < WIDEN_ROUNDS; round++) {
            double paceAbove = longer * (1 + 3 * rounding.dartEnd() / upper.distance(apex));
            double paceBelow = longer * (1 + 3 * rounding.dartEnd() / apex.distance(below.get(1)));
            path = FairSpline.through(List.of(upper, apex), Optional.empty(), Optional.of(rounding.direction().times(paceAbove)))
                    .then(FairSpline.through(below, Optional.of(rounding.direction().times(paceBelow)), Optional.of(Vec.DOWN)));
            if (radiusNear(path, apex) >= rounding.radius()) {
                break;
            }
            longer *= WIDEN;
        }
        return path;
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

    double stretch(Level from, Level to) {
        return arcs.get(to) - arcs.get(from);
    }
}
