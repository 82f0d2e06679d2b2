package bathyra.panel;

import bathyra.geometry.Cubic;
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

    /** Above the upper line it bends no tighter than this, mm. */
    private static final double BENDS_UPRIGHT = 60;
    /** A bend that leaves a straight line by less is none, mm. */
    private static final double STRAIGHT = 1e-3;
    /** An edge that ends this near where it should is left as it is. */
    private static final double END = 1e-3;

    /** The curve through the level points: along its axis at the waist, free at the outer ends. */
    static SeamEdge through(Map<Level, Point> nodes, Course course) {
        List<Level> levels = new ArrayList<>(new EnumMap<>(nodes).keySet());
        Path path = aboveWaist(nodes, course);
        int waist = levels.indexOf(Level.WAIST);
        if (waist < levels.size() - 1) {
            List<Point> below = points(nodes, levels.subList(waist, levels.size()));
            below.add(1, course.roundedAt(below.get(0), below.get(1)));
            path = path.then(FairSpline.through(below, Optional.of(course.atWaist()), Optional.empty()));
        }
        Map<Level, Double> arcs = new EnumMap<>(Level.class);
        double arc = 0;
        int segment = 0;
        for (Level level : levels) {
            arcs.put(level, arc);
            int stretches = 1 + course.pointsAfter(level);
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
        if (course.isRoundAtWaistAbove()) {
            Point waist = points.get(points.size() - 1);
            points.add(points.size() - 1, course.roundedAt(waist, points.get(points.size() - 2)));
        }
        if (course.rounding().isEmpty()) {
            return FairSpline.through(points, Optional.empty(), Optional.of(course.atWaist()));
        }
        Course.Rounding rounding = course.rounding().get();
        List<Point> below = new ArrayList<>(points.subList(1, points.size()));
        Point apex = below.get(0);
        below.add(1, rounding.below(below.get(1), apex));
        return FairSpline.through(
                        List.of(points.get(0), rounding.onTheLeg(points.get(0), apex), apex),
                        Optional.empty(),
                        Optional.of(rounding.direction()))
                .then(FairSpline.through(below, Optional.of(rounding.direction()), Optional.of(course.atWaist())));
    }

    private static List<Point> points(Map<Level, Point> nodes, List<Level> levels) {
        return new ArrayList<>(levels.stream().map(nodes::get).toList());
    }

    /**
     * The same edge carried on above its upper mark, or ended below it where the upper edge dips. Above the upper line no more is taken than
     * there: the edge bends upright.
     *
     * @param by mm along the edge above the upper mark; negative below it
     * @param upright the unit direction, upwards, in which it would take no more
     */
    SeamEdge endedAbove(double by, Vec upright) {
        if (by < 0) {
            return new SeamEdge(path.between(-by, path.length()), nodes, arcs, by);
        }
        Vec up = path.startTangent().reversed();
        double lean = up.angleTo(upright);
        double turn = Math.signum(lean) * Math.min(Math.abs(lean), by / BENDS_UPRIGHT);
        return new SeamEdge(arc(path.start(), up, turn, by).reversed().then(path), nodes, arcs, by);
    }

    /** An arc of a circle of a length, from a place on in a direction; straight where it turns by nothing. */
    private static Path arc(Point from, Vec along, double turn, double length) {
        if (Math.abs(turn) * length < STRAIGHT) {
            return Path.of(new Line(from, from.plus(along.times(length))));
        }
        double radius = length / Math.abs(turn);
        double chord = 2 * radius * Math.sin(Math.abs(turn) / 2);
        Point to = from.plus(along.turned(turn / 2).times(chord));
        double handle = 4.0 / 3 * Math.tan(Math.abs(turn) / 4) * radius;
        return Path.of(new Cubic(
                from, from.plus(along.times(handle)), to.plus(along.turned(turn).times(-handle)), to));
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
