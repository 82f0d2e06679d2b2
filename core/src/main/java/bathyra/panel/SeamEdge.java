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
    /** No edge runs farther beside the straight line between two levels, mm. */
    private static final double BESIDE = 200;
    /** An edge that ends this near where it should is left as it is. */
    private static final double END = 1e-3;

    /** The curve through the level points: along its axis at the waist, free at the outer ends. */
    static SeamEdge through(Map<Level, Point> nodes, Course course) {
        Stretches stretches = Stretches.of(nodes, course);
        List<Level> levels = stretches.levels();
        Path path = aboveWaist(stretches, course);
        int waist = levels.indexOf(Level.WAIST);
        if (waist < levels.size() - 1) {
            path = path.then(FairSpline.through(
                    stretches.points(waist, levels.size() - 1), Optional.of(course.atWaist()), course.atEnd()));
        }
        Map<Level, Double> arcs = new EnumMap<>(Level.class);
        arcs.put(levels.get(0), 0.0);
        double arc = 0;
        int segment = 0;
        for (int i = 0; i + 1 < levels.size(); i++) {
            int count = 1 + stretches.between().get(i).size();
            for (int k = 0; k < count; k++) {
                arc += path.segments().get(segment++).length();
            }
            arcs.put(levels.get(i + 1), arc);
        }
        return new SeamEdge(path, nodes, arcs, 0);
    }

    /** The part down to the waist. Over the apex its two parts meet in one direction. */
    static Path aboveWaist(Map<Level, Point> nodes, Course course) {
        return aboveWaist(Stretches.of(nodes, course), course);
    }

    private static Path aboveWaist(Stretches stretches, Course course) {
        int waist = stretches.levels().indexOf(Level.WAIST);
        if (course.rounding().isEmpty()) {
            return FairSpline.through(stretches.points(0, waist), course.atTop(), Optional.of(course.atWaist()));
        }
        int bust = stretches.levels().indexOf(Level.BUST);
        Optional<Vec> atApex = Optional.of(course.rounding().get().direction());
        return FairSpline.through(stretches.points(0, bust), course.atTop(), atApex)
                .then(FairSpline.through(stretches.points(bust, waist), atApex, Optional.of(course.atWaist())));
    }

    /**
     * What an edge runs through, level by level.
     *
     * @param nodes at each level, from the top
     * @param between what the course puts between a level and the next
     */
    private record Stretches(List<Level> levels, List<Point> nodes, List<List<Point>> between) {
        static Stretches of(Map<Level, Point> nodes, Course course) {
            List<Level> levels = new ArrayList<>();
            List<Point> points = new ArrayList<>();
            new EnumMap<>(nodes).forEach((level, point) -> {
                levels.add(level);
                points.add(point);
            });
            List<List<Point>> between = new ArrayList<>();
            for (int i = 0; i + 1 < levels.size(); i++) {
                between.add(course.between(levels.get(i), points.get(i), levels.get(i + 1), points.get(i + 1)));
            }
            return new Stretches(levels, points, between);
        }

        /** Everything from one level to another, both included. */
        List<Point> points(int from, int to) {
            List<Point> points = new ArrayList<>(List.of(nodes.get(from)));
            for (int i = from; i < to; i++) {
                points.addAll(between.get(i));
                points.add(nodes.get(i + 1));
            }
            return points;
        }
    }

    /** Where a share of the way along the edge from one level to another lies. */
    Point at(Level from, Level to, double share) {
        return path.at(above + arcs.get(from) + stretch(from, to) * share).point();
    }

    /** How far the edge runs beside the straight line between two level points, where a guide stands, mm. */
    double aside(Course.Guide guide) {
        Level before = Level.values()[guide.after().ordinal() + 1];
        Point straight =
                new Course.Guide(guide.after(), guide.share(), 0).between(nodes.get(guide.after()), nodes.get(before));
        Point from = straight.plus(Vec.RIGHT.times(-BESIDE));
        return path.between(above + arcs.get(guide.after()), above + arcs.get(before))
                .crossing(Path.of(new Line(from, straight.plus(Vec.RIGHT.times(BESIDE)))))
                .map(c -> c.there() - BESIDE)
                .orElse(0.0);
    }

    /** How far along its stretch the edge comes nearest to a depth-share of the straight way between two levels, 0 to 1. */
    double shareAlong(Between line, List<Course.Guide> guides) {
        double aside = guides.stream()
                .filter(g -> g.after() == line.after() && g.share() == line.share())
                .mapToDouble(Course.Guide::aside)
                .findFirst()
                .orElse(0);
        Point wanted = new Course.Guide(line.after(), line.share(), aside)
                .between(nodes.get(line.after()), nodes.get(line.before()));
        double arc = path.nearest(wanted).arc() - above - arcs.get(line.after());
        return Math.min(1, Math.max(0, arc / stretch(line.after(), line.before())));
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
