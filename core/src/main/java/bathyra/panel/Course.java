package bathyra.panel;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/**
 * How a long edge runs through its level points (C7.2), settled once on the points as they are planned: if it changed while the
 * seam is walked, the walk would chase it.
 *
 * @param atWaist the seam's axis at the waist, downwards: there the edge runs along it
 * @param rounding how the edge passes the apex, if it does
 * @param guides what it runs through between its level points, from the top
 * @param atTop how it runs at its uppermost level, downwards; free unless a dart runs out there
 * @param atEnd how it runs at its lowest level, downwards; free where nothing hangs from there
 */
record Course(Vec atWaist, Optional<Rounding> rounding, List<Guide> guides, Optional<Vec> atTop, Optional<Vec> atEnd) {
    /** No more than so much of the way up the leg is bent, and at the least so many millimetres of it. */
    private static final double LEG_BENDS_MOST = 0.4;

    private static final double LEG_BENDS_LEAST = 6;
    /** The turn hangs on where the leg ends, and that on the turn. */
    private static final int ROUNDS = 4;

    /** To either side of the waist an edge is round over so much, mm, or such a part of a short stretch. */
    private static final double ROUND_AT_WAIST = 20;

    private static final double ROUND_SHARE = 0.2;
    private static final double LONGER_STEP = 0.1;
    private static final double LONGER_MOST = 1.5;
    private static final double NEAR_APEX = 20;
    private static final double AT_APEX = 1e-9;
    private static final int SAMPLES = 16;
    /** A swing of less than this is left to the curve, mm. */
    private static final double SWING = 0.5;
    /** The guide stands clear of either end of its stretch. */
    private static final double GUIDE_LEAST = 0.15;
    /** It stands above the place of the widest swing, by trial on random bodies. */
    private static final double EARLIER = 0.65;
    /** How much of the swing is left, the least first: what is taken away entirely may bend the edge to and fro. */
    private static final double[] LEFT_OF_IT = {-0.2, 0, 0.1, 0.2, 0.35};
    /** More inflections above the waist are not fair (C7.3). */
    private static final int FAIR = 2;

    /**
     * How the edge passes the apex.
     *
     * @param direction the unit direction of the edge there, downwards
     * @param dartEnd how far before the apex the dart ends: the seam keeps to its axis so much longer
     * @param radius the smallest radius of curvature wanted there
     * @param longer how much longer still it keeps to its axis so that the radius is reached
     */
    record Rounding(Vec direction, double dartEnd, double radius, double longer) {
        /**
         * Where the leg above the apex begins to bend towards it. From the upper line down to there it runs straight, as a dart is
         * drawn: a leg that bends all the way leans the farther out the higher it goes, and the edge above cuts in.
         */
        Point onTheLeg(Point top, Point apex) {
            return bending(top, apex, direction.reversed());
        }

        /** The same below the apex, where the leg goes on to the rib. */
        Point below(Point rib, Point apex) {
            return bending(rib, apex, direction);
        }

        private Point bending(Point top, Point apex, Vec away) {
            double half = LEG_BENDS_MOST * top.distance(apex);
            double before = Math.min(half, dartEnd);
            for (int round = 0; round < ROUNDS; round++) {
                Vec leg = apex.plus(away.times(before)).to(top);
                double turn = Math.abs(leg.angleTo(away));
                before = Math.min(half, Math.max(dartEnd, radius * Math.tan(turn / 2)));
            }
            Point end = apex.plus(away.times(before));
            Vec leg = end.to(top);
            return end.plus(
                    leg.unit().times(Math.max(LEG_BENDS_LEAST, Math.min(before, LEG_BENDS_MOST * leg.length()))));
        }

        private Rounding kept(double next) {
            return new Rounding(direction, dartEnd, radius, next);
        }
    }

    /**
     * A point between two levels through which the edge runs: at a line that the cutter put there, or between underbust and waist, where a curve
     * that comes from the bust with continuous curvature would swing past the underbust before it turns to the waist, and pinch the body.
     *
     * @param after the level above it
     * @param share how far down the stretch it stands
     * @param aside how far it stands beside the straight line between the two level points, mm
     * @param fromCurve whether it is counted from where the edge would run without it instead
     */
    record Guide(Level after, double share, double aside, boolean fromCurve) {
        Guide(Level after, double share, double aside) {
            this(after, share, aside, false);
        }

        Point between(Point above, Point below) {
            return new Point(
                    above.x() + (below.x() - above.x()) * share + aside, above.y() + (below.y() - above.y()) * share);
        }
    }

    /**
     * The place beside the waist from which on an edge runs straight to the next level: it is round at the waist over about 20 mm to either
     * side, and no farther (C7.7).
     *
     * @param next where the edge goes from the waist, above it or below
     */
    private Point roundedAt(Point waist, Point next) {
        double reach = Math.min(ROUND_AT_WAIST / 2, ROUND_SHARE * waist.distance(next));
        Vec away = next.y() < waist.y() ? atWaist.reversed() : atWaist;
        Point corner = waist.plus(away.times(reach));
        return corner.plus(corner.to(next).unit().times(reach));
    }

    /** What the edge runs through from one level down to the next, without the two, from the top. A seam that comes from the apex has bends enough between rib and waist: it runs into the waist as it comes. */
    List<Point> between(Level after, Point above, Level before, Point below) {
        List<Point> points = new ArrayList<>();
        for (Guide guide : guides) {
            if (guide.after() == after) {
                points.add(guide.between(above, below));
            }
        }
        if (before == Level.WAIST && rounding.isEmpty()) {
            points.add(roundedAt(below, points.isEmpty() ? above : points.get(points.size() - 1)));
        }
        if (after == Level.WAIST) {
            points.add(0, roundedAt(above, points.isEmpty() ? below : points.get(0)));
        }
        rounding.filter(r -> after == Level.UPPER).ifPresent(r -> points.add(r.onTheLeg(above, below)));
        rounding.filter(r -> after == Level.BUST).ifPresent(r -> points.add(r.below(below, above)));
        points.sort(Comparator.comparingDouble(Point::y));
        return points;
    }

    /** Along its axis at the waist and free elsewhere. */
    static Course along(Vec atWaist) {
        return new Course(atWaist, Optional.empty(), List.of(), Optional.empty(), Optional.empty());
    }

    /** Over the apex. */
    static Course overApex(Vec atWaist, Vec direction, double dartEnd, double radius) {
        return new Course(
                atWaist,
                Optional.of(new Rounding(direction, dartEnd, radius, 1)),
                List.of(),
                Optional.empty(),
                Optional.empty());
    }

    /** The same course, ending along its axis. */
    Course hanging() {
        return new Course(atWaist, rounding, guides, atTop, Optional.of(atWaist));
    }

    /** The same course, beginning along its axis. */
    Course upright() {
        return new Course(atWaist, rounding, guides, Optional.of(atWaist), atEnd);
    }

    /** The same course through points of the cutter's own between the levels. */
    Course through(List<Guide> own) {
        return new Course(atWaist, rounding, own, atTop, atEnd);
    }

    /** The course that suits planned points. */
    Course fittedTo(Map<Level, Point> nodes) {
        return counted(nodes, through(List.of()).fitted(nodes)).fitted(nodes);
    }

    /** The same with its guides counted from the straight lines between the level points. @param free the course without them */
    Course counted(Map<Level, Point> nodes, Course free) {
        if (guides.stream().noneMatch(Guide::fromCurve)) {
            return this;
        }
        SeamEdge edge = SeamEdge.through(nodes, free);
        return through(guides.stream()
                .map(g -> g.fromCurve() ? new Guide(g.after(), g.share(), g.aside() + edge.aside(g)) : g)
                .toList());
    }

    private Course fitted(Map<Level, Point> nodes) {
        Course rounded = rounding.isEmpty()
                ? this
                : new Course(atWaist, Optional.of(rounding.get().kept(longer(nodes))), guides, atTop, atEnd);
        return guides.stream().anyMatch(g -> g.after() == Level.UNDERBUST)
                ? rounded
                : rounded.guide(nodes)
                        .map(g -> rounded.through(
                                Stream.concat(guides.stream(), Stream.of(g)).toList()))
                        .orElse(rounded);
    }

    /** How much longer than usual the seam must keep to its axis at the apex, so that it bends no tighter than wanted. */
    private double longer(Map<Level, Point> nodes) {
        Rounding asked = rounding.orElseThrow();
        double longer = 1;
        while (longer < LONGER_MOST) {
            Course course = new Course(atWaist, Optional.of(asked.kept(longer)), guides, atTop, atEnd);
            if (radiusNear(SeamEdge.aboveWaist(nodes, course), nodes.get(Level.BUST)) >= asked.radius()) {
                break;
            }
            longer += LONGER_STEP;
        }
        return longer;
    }

    /** The tightest bend just below the apex. */
    private static double radiusNear(Path path, Point apex) {
        Segment below = path.segments().stream()
                .filter(s -> s.start().distance(apex) < AT_APEX)
                .findFirst()
                .orElseThrow();
        double most = 0;
        for (int i = 0; i <= 8; i++) {
            double t = i / 16.0;
            if (below.at(t).distance(apex) < NEAR_APEX) {
                most = Math.max(most, Math.abs(below.curvature(t)));
            }
        }
        return most == 0 ? Double.POSITIVE_INFINITY : 1 / most;
    }

    private Optional<Guide> guide(Map<Level, Point> nodes) {
        if (!nodes.containsKey(Level.BUST)) {
            return Optional.empty();
        }
        Point underbust = nodes.get(Level.UNDERBUST);
        Point waist = nodes.get(Level.WAIST);
        Path path = SeamEdge.aboveWaist(nodes, this);
        Segment stretch = path.segments().get(path.segments().size() - 1);
        double low = Math.min(underbust.x(), waist.x());
        double high = Math.max(underbust.x(), waist.x());
        double worst = SWING;
        Point at = null;
        for (int i = 1; i < SAMPLES; i++) {
            Point p = stretch.at((double) i / SAMPLES);
            double past = Math.max(low - p.x(), p.x() - high);
            if (past > worst) {
                worst = past;
                at = p;
            }
        }
        if (at == null) {
            return Optional.empty();
        }
        double share = Math.max(GUIDE_LEAST, EARLIER * (at.y() - underbust.y()) / (waist.y() - underbust.y()));
        double straight = underbust.x() + (waist.x() - underbust.x()) * share;
        for (double left : LEFT_OF_IT) {
            double x = at.x() < low ? low - left * worst : high + left * worst;
            Guide guide = new Guide(Level.UNDERBUST, share, x - straight);
            Course guided =
                    through(Stream.concat(guides.stream(), Stream.of(guide)).toList());
            if (SeamEdge.aboveWaist(nodes, guided).inflections(p -> true).size() <= FAIR) {
                return Optional.of(guide);
            }
        }
        return Optional.empty();
    }
}
