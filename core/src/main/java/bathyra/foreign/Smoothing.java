package bathyra.foreign;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;

/**
 * Lays curves through the many short lines by which a drawing from elsewhere gives a curve, so that its bends can be looked at. The
 * curve leaves none of their corners by more than {@link #NEAR}. The method is Schneider's: least squares for the lengths of both
 * end tangents, the points' places along the curve improved by Newton steps, and a division where the curve is farthest off (P. J.
 * Schneider, "An Algorithm for Automatically Fitting Digitized Curves", Graphics Gems, 1990).
 */
final class Smoothing {
    /** How far the curve may leave a corner of the lines, mm. */
    static final double NEAR = 0.02;
    /** Fewer lines are drawn as they are meant. */
    private static final int LINES_LEAST = 5;
    /** Longer lines are drawn as they are meant, mm. */
    private static final double LONG = 20;

    /** A shorter one may be a chord of a curve that is nearly straight, mm. */
    private static final double STRAIGHT = 8;

    private static final double MUCH_LONGER = 2.5;
    private static final int ROUNDS = 6;
    /** Over so much of the line its direction at an end is taken, mm. */
    private static final double END = 2;

    private static final double FLAT = 1e-9;
    private final List<Point> points;
    private final List<Segment> curve = new ArrayList<>();

    private Smoothing(List<Point> points) {
        this.points = points;
    }

    /** The path itself where it is drawn in curves or in a few long lines; a curve through its corners where it is not. */
    static Path of(Path path) {
        List<Segment> all = path.segments();
        boolean flattened = all.size() >= LINES_LEAST
                && all.stream().allMatch(s -> s instanceof Line)
                && path.length() / all.size() < LONG;
        if (!flattened) {
            return path;
        }
        List<Segment> smooth = new ArrayList<>();
        int from = 0;
        for (int i = 0; i <= all.size(); i++) {
            if (i == all.size() || isStraight(all, i)) {
                run(all, from, i, smooth);
                if (i < all.size()) {
                    smooth.add(all.get(i));
                }
                from = i + 1;
            }
        }
        return new Path(smooth);
    }

    /** A line that is much longer than one beside it is drawn straight on purpose: a curve is given in lines of one length. */
    private static boolean isStraight(List<Segment> all, int i) {
        double length = all.get(i).length();
        double shorter = Math.min(
                i == 0 ? Double.POSITIVE_INFINITY : all.get(i - 1).length(),
                i + 1 == all.size() ? Double.POSITIVE_INFINITY : all.get(i + 1).length());
        return length >= STRAIGHT && length > MUCH_LONGER * shorter;
    }

    /** Lays a curve through the lines from one to another; at a straight line it goes on in its direction. */
    private static void run(List<Segment> all, int from, int to, List<Segment> smooth) {
        if (from >= to) {
            return;
        }
        List<Point> points = new ArrayList<>();
        points.add(all.get(from).start());
        all.subList(from, to).forEach(s -> points.add(s.end()));
        Smoothing smoothing = new Smoothing(points);
        int last = points.size() - 1;
        Vec leaving = from == 0
                ? smoothing.direction(0, 1)
                : all.get(from - 1).start().to(all.get(from - 1).end()).unit();
        Vec arriving = to == all.size()
                ? smoothing.direction(last, -1)
                : all.get(to).end().to(all.get(to).start()).unit();
        smoothing.fit(0, last, leaving, arriving);
        smooth.addAll(smoothing.curve);
    }

    /**
     * The direction in which the points leave one of the ends: that of the first chord, turned back by its share of the turn to the
     * second. On an arc that is its tangent.
     */
    private Vec direction(int from, int step) {
        int middle = beyond(from, step);
        Vec first = points.get(from).to(points.get(middle));
        int next = beyond(middle, step);
        if (next == middle) {
            return first.unit();
        }
        Vec second = points.get(middle).to(points.get(next));
        return first.unit().turned(-first.angleTo(second) * first.length() / (first.length() + second.length()));
    }

    /** The next point that lies some way off; the last one where none does. */
    private int beyond(int from, int step) {
        int at = Math.max(0, Math.min(points.size() - 1, from + step));
        while (at + step >= 0 && at + step < points.size() && points.get(from).distance(points.get(at)) < END) {
            at += step;
        }
        return at;
    }

    /** The direction of the line at one of its inner points: of both chords beside it, the shorter counting more. */
    private Vec through(int at) {
        Vec before = points.get(at - 1).to(points.get(at));
        Vec behind = points.get(at).to(points.get(at + 1));
        return before.unit()
                .times(behind.length())
                .plus(behind.unit().times(before.length()))
                .unit();
    }

    private void fit(int first, int last, Vec leaving, Vec arriving) {
        if (last - first == 1) {
            double third = points.get(first).distance(points.get(last)) / 3;
            curve.add(new Cubic(
                    points.get(first),
                    points.get(first).plus(leaving.times(third)),
                    points.get(last).plus(arriving.times(third)),
                    points.get(last)));
            return;
        }
        double[] places = byChords(first, last);
        for (int round = 0; ; round++) {
            Cubic cubic = leastSquares(first, last, places, leaving, arriving);
            int worst = worst(first, last, places, cubic);
            double off = cubic.at(places[worst - first]).distance(points.get(worst));
            if (off <= NEAR) {
                curve.add(cubic);
                return;
            }
            if (round == ROUNDS) {
                // A stretch between two points alone bends as its tangents happen to lie; with a third between them it
                // bends as the line does.
                int at = last - first < 4 ? worst : Math.max(first + 2, Math.min(last - 2, worst));
                Vec along = through(at);
                fit(first, at, leaving, along.reversed());
                fit(at, last, along, arriving);
                return;
            }
            improve(first, places, cubic);
        }
    }

    private double[] byChords(int first, int last) {
        double[] places = new double[last - first + 1];
        for (int i = 1; i < places.length; i++) {
            places[i] = places[i - 1] + points.get(first + i - 1).distance(points.get(first + i));
        }
        double whole = places[places.length - 1];
        for (int i = 1; i < places.length; i++) {
            places[i] /= whole;
        }
        return places;
    }

    private Cubic leastSquares(int first, int last, double[] places, Vec leaving, Vec arriving) {
        Point a = points.get(first);
        Point d = points.get(last);
        double c00 = 0;
        double c01 = 0;
        double c11 = 0;
        double x0 = 0;
        double x1 = 0;
        for (int i = 0; i < places.length; i++) {
            double t = places[i];
            double s = 1 - t;
            Vec fromStart = leaving.times(3 * s * s * t);
            Vec second = arriving.times(3 * s * t * t);
            double toA = s * s * s + 3 * s * s * t;
            Vec rest = new Vec(
                    points.get(first + i).x() - a.x() * toA - d.x() * (1 - toA),
                    points.get(first + i).y() - a.y() * toA - d.y() * (1 - toA));
            c00 += fromStart.dot(fromStart);
            c01 += fromStart.dot(second);
            c11 += second.dot(second);
            x0 += fromStart.dot(rest);
            x1 += second.dot(rest);
        }
        double determinant = c00 * c11 - c01 * c01;
        double chord = a.distance(d);
        double alpha = Math.abs(determinant) < FLAT ? 0 : (x0 * c11 - x1 * c01) / determinant;
        double beta = Math.abs(determinant) < FLAT ? 0 : (x1 * c00 - x0 * c01) / determinant;
        // Where the squares give no forward tangents, a third of the chord is what a gentle curve has.
        if (alpha < chord * 1e-3 || beta < chord * 1e-3 || alpha > chord * 3 || beta > chord * 3) {
            alpha = chord / 3;
            beta = chord / 3;
        }
        return new Cubic(a, a.plus(leaving.times(alpha)), d.plus(arriving.times(beta)), d);
    }

    private int worst(int first, int last, double[] places, Cubic cubic) {
        int worst = first + 1;
        double most = -1;
        for (int i = first + 1; i < last; i++) {
            double off = cubic.at(places[i - first]).distance(points.get(i));
            if (off > most) {
                most = off;
                worst = i;
            }
        }
        return worst;
    }

    /** One Newton step of every point towards its foot on the curve. */
    private void improve(int first, double[] places, Cubic cubic) {
        for (int i = 1; i < places.length - 1; i++) {
            double t = places[i];
            Vec off = points.get(first + i).to(cubic.at(t));
            Vec speed = cubic.velocity(t);
            Vec fromStart =
                    cubic.control1().to(cubic.control2()).minus(cubic.start().to(cubic.control1()));
            Vec second = cubic.control2().to(cubic.end()).minus(cubic.control1().to(cubic.control2()));
            Vec bend = fromStart.times(6 * (1 - t)).plus(second.times(6 * t));
            double slope = speed.dot(speed) + off.dot(bend);
            double next = slope == 0 ? t : t - off.dot(speed) / slope;
            places[i] = Math.min(1, Math.max(0, next));
        }
    }
}
