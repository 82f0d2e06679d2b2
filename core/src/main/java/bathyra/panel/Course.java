package bathyra.panel;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import bathyra.place.Level;
import java.util.Map;
import java.util.Optional;

/**
 * How a long edge runs through its level points (C7.2), settled once on the points as they are planned: if it changed while the
 * seam is walked, the walk would chase it.
 *
 * @param atWaist the seam's axis at the waist, downwards: there the edge runs along it
 * @param rounding how the edge passes the apex, if it does
 * @param guide keeps the edge from swinging past its level points between underbust and waist
 */
record Course(Vec atWaist, Optional<Rounding> rounding, Optional<Guide> guide) {
    private static final double LONGER_STEP = 0.1;
    private static final double LONGER_MOST = 1.5;
    private static final double NEAR_APEX = 20;
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
        private Rounding kept(double next) {
            return new Rounding(direction, dartEnd, radius, next);
        }
    }

    /**
     * A point between underbust and waist through which the edge runs. A curve that comes from the bust with continuous curvature
     * would swing past the underbust before it turns to the waist, and pinch the body there.
     *
     * @param share how far down the stretch it stands
     * @param aside how far it stands beside the straight line between the two level points, mm
     */
    record Guide(double share, double aside) {
        Point between(Point underbust, Point waist) {
            return new Point(
                    underbust.x() + (waist.x() - underbust.x()) * share + aside,
                    underbust.y() + (waist.y() - underbust.y()) * share);
        }
    }

    /** Along its axis at the waist and free elsewhere. */
    static Course along(Vec atWaist) {
        return new Course(atWaist, Optional.empty(), Optional.empty());
    }

    /** Over the apex. */
    static Course overApex(Vec atWaist, Vec direction, double dartEnd, double radius) {
        return new Course(atWaist, Optional.of(new Rounding(direction, dartEnd, radius, 1)), Optional.empty());
    }

    /** The course that suits planned points. */
    Course fittedTo(Map<Level, Point> nodes) {
        Course rounded = rounding.isEmpty()
                ? this
                : new Course(atWaist, Optional.of(rounding.get().kept(longer(nodes))), Optional.empty());
        return new Course(atWaist, rounded.rounding, rounded.guide(nodes));
    }

    /** How much longer than usual the seam must keep to its axis at the apex, so that it bends no tighter than wanted. */
    private double longer(Map<Level, Point> nodes) {
        Rounding asked = rounding.orElseThrow();
        double longer = 1;
        while (longer < LONGER_MOST) {
            Course course = new Course(atWaist, Optional.of(asked.kept(longer)), Optional.empty());
            if (radiusNear(SeamEdge.aboveWaist(nodes, course), nodes.get(Level.BUST)) >= asked.radius()) {
                break;
            }
            longer += LONGER_STEP;
        }
        return longer;
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
            Optional<Guide> guide = Optional.of(new Guide(share, x - straight));
            if (SeamEdge.aboveWaist(nodes, new Course(atWaist, rounding, guide))
                            .inflections(p -> true)
                            .size()
                    <= FAIR) {
                return guide;
            }
        }
        return Optional.empty();
    }
}
