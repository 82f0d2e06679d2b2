package bathyra.edge;

import bathyra.geometry.Cubic;
import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The upper or lower edge of one panel, curved between its corners. */
final class EdgeCurve {
    private static final double STRAIGHT = 10.5;
    /** An edge keeps at least half of its length for the curve. */
    private static final double STRAIGHT_SHARE = 0.25;
    /** Between two seams that stand close the curve needs nearly all of the edge, or it would bend too tightly. */
    private static final double CLOSE = 75;

    private static final double CLOSE_SHARE = 0.1;
    private static final double HANDLE = 0.38;
    /** With handles of a third a cubic goes along its chord at an even pace, as the design does. */
    private static final double EVEN = 1.0 / 3;

    /** So near a straight end it is drawn through no point of its own, mm. */
    private static final double CLEAR = 8;

    private EdgeCurve() {}

    /**
     * Straight for about 10 mm at either corner (C10): for an edge of which no more is known than where its corners lie.
     *
     * @param from the corner nearer centre front
     * @param leaving the unit direction in which the edge leaves it
     * @param fromCentre whether that corner is centre front
     * @param to the corner nearer centre back
     * @param arriving the unit direction in which the edge arrives there
     * @param toCentre whether that corner is centre back
     */
    static Path between(Point from, Vec leaving, boolean fromCentre, Point to, Vec arriving, boolean toCentre) {
        double length = from.distance(to);
        return between(from, leaving, straight(length, fromCentre), to, arriving, straight(length, toCentre), HANDLE);
    }

    /** Part of a curve that was designed over the closed half (C10.1): it runs over the seams as it comes, and is straight at the centres alone, as the square is laid there. */
    static Path designed(Point from, Vec leaving, boolean fromCentre, Point to, Vec arriving, boolean toCentre) {
        double length = from.distance(to);
        return between(
                from,
                leaving,
                fromCentre ? straight(length, true) : 0,
                to,
                arriving,
                toCentre ? straight(length, true) : 0,
                EVEN);
    }

    /** Whether a curve bends away from its first corner sooner than the angle there can be laid with a square. */
    static boolean leavesItsPoint(Path curve) {
        Vec laid = curve.start()
                .to(curve.at(Math.min(Tolerance.SQUARE_OVER, curve.length())).point());
        return Math.toDegrees(Math.abs(curve.startTangent().angleTo(laid))) > Tolerance.SQUARE_DEGREES;
    }

    private static Path between(
            Point from, Vec leaving, double straightFrom, Point to, Vec arriving, double straightTo, double share) {
        Point a = from.plus(leaving.times(straightFrom));
        Point b = to.plus(arriving.times(-straightTo));
        double handle = a.distance(b) * share;
        List<Segment> segments = new ArrayList<>();
        if (straightFrom > 0) {
            segments.add(new Line(from, a));
        }
        segments.add(new Cubic(a, a.plus(leaving.times(handle)), b.plus(arriving.times(-handle)), b));
        if (straightTo > 0) {
            segments.add(new Line(b, to));
        }
        return new Path(segments);
    }

    /** A curve moved upwards at even steps along it, its ends and their directions kept; where it is straight at an end it stays so. @param by mm, one a step; none: the curve itself */
    static Path moved(Path curve, List<Double> by) {
        if (by.isEmpty()) {
            return curve;
        }
        List<Segment> segments = curve.segments();
        double from = straight(segments.get(0));
        double to = curve.length() - straight(segments.get(segments.size() - 1));
        List<Point> points = new ArrayList<>(List.of(curve.at(from).point()));
        for (int i = 0; i < by.size(); i++) {
            double arc = curve.length() * (i + 1) / (by.size() + 1);
            if (arc > from + CLEAR && arc < to - CLEAR) {
                Path.Place place = curve.at(arc);
                points.add(
                        place.point().plus(place.tangent().turned(-Math.PI / 2).times(by.get(i))));
            }
        }
        points.add(curve.at(to).point());
        Path middle = FairSpline.through(points, Optional.of(curve.startTangent()), Optional.of(curve.endTangent()));
        Path before = from == 0 ? middle : Path.of(segments.get(0)).then(middle);
        return to == curve.length() ? before : before.then(Path.of(segments.get(segments.size() - 1)));
    }

    private static double straight(Segment segment) {
        return segment instanceof Line ? segment.length() : 0;
    }

    private static double straight(double length, boolean centre) {
        return Math.min(STRAIGHT, length * (centre || length > CLOSE ? STRAIGHT_SHARE : CLOSE_SHARE));
    }
}
