package bathyra.geometry;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;

/** A continuous line of straight and curved stretches, each beginning where the one before ends. */
public final class Path {
    private static final double JOINED = 1e-6;
    private static final int NEWTON_ROUNDS = 12;
    /** Enough to bring a parameter from the whole stretch to the last bit. */
    private static final int HALVINGS = 60;

    /** Where the search for the nearest place ends, as a share of a stretch. */
    private static final double PARAMETER = 1e-11;

    private static final int SAMPLES = 24;
    /** A stretch that moves on by less than this, mm, stands still; its direction is then looked for so far beside, as a share of it. */
    private static final double STILL = Tolerance.COINCIDENT;

    private static final double BESIDE = 0.01;
    private static final int FLEX_SAMPLES = 12;
    /** A stretch that turns by less than two degrees in all is straight to the eye, radians. */
    private static final double SEEN_TURN = Math.toRadians(2);
    /** How coarsely two paths are looked at for where they cross, before the place is refined. */
    private static final double COARSE = 0.3;

    private static final double FLAT = 1e-12;
    private static final double NEARLY = 1e-3;

    private final List<Segment> segments;
    /** How long each stretch is, found out when it is first asked for: the same paths are measured again and again, from several threads. */
    private volatile double[] lengths;

    /** @param stretches in order, at least one */
    public Path(List<Segment> stretches) {
        segments = List.copyOf(stretches);
        if (segments.isEmpty()) {
            throw new IllegalArgumentException("a path needs at least one stretch");
        }
        for (int i = 1; i < segments.size(); i++) {
            double gap = segments.get(i - 1).end().distance(segments.get(i).start());
            if (gap > JOINED) {
                throw new IllegalArgumentException(
                        "stretch " + i + " begins " + gap + " mm from where the one before ended");
            }
        }
    }

    /** The stretches in order. */
    public List<Segment> segments() {
        return segments;
    }

    private double[] lengths() {
        double[] known = lengths;
        if (known == null) {
            known = new double[segments.size()];
            for (int i = 0; i < known.length; i++) {
                known[i] = segments.get(i).length();
            }
            lengths = known;
        }
        return known;
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Path path && path.segments.equals(segments);
    }

    @Override
    public int hashCode() {
        return segments.hashCode();
    }

    @Override
    public String toString() {
        return "Path" + segments;
    }

    public static Path of(Segment... segments) {
        return new Path(List.of(segments));
    }

    /** A place on a path. */
    public record Place(double arc, Point point, Vec tangent) {}

    public Point start() {
        return segments.get(0).start();
    }

    public Point end() {
        return segments.get(segments.size() - 1).end();
    }

    /** The arc length, mm. */
    public double length() {
        double sum = 0;
        for (double length : lengths()) {
            sum += length;
        }
        return sum;
    }

    /** The unit direction in which the path sets out. */
    public Vec startTangent() {
        return direction(segments.get(0), 0);
    }

    /** The unit direction in which the path arrives. */
    public Vec endTangent() {
        return direction(segments.get(segments.size() - 1), 1);
    }

    public Path reversed() {
        List<Segment> back = new ArrayList<>();
        for (int i = segments.size() - 1; i >= 0; i--) {
            back.add(segments.get(i).reversed());
        }
        return new Path(back);
    }

    public Path moved(Vec by) {
        return new Path(segments.stream().map(s -> s.moved(by)).toList());
    }

    /** The path carried elsewhere by a rigid motion. */
    public Path mapped(UnaryOperator<Point> motion) {
        return new Path(segments.stream().map(s -> s.mapped(motion)).toList());
    }

    public Path then(Path next) {
        List<Segment> all = new ArrayList<>(segments);
        all.addAll(next.segments);
        return new Path(all);
    }

    /** A stretch that bends to one side. @param from where it begins @param turn by how much it turns in all, radians */
    private record Bent(Point from, double turn) {
        Bent and(double more) {
            return new Bent(from, turn + more);
        }

        boolean isSeen() {
            return Math.abs(turn) > SEEN_TURN;
        }
    }

    /**
     * Where the path changes the side to which it bends, at the places of interest. A stretch that turns by less than can be seen is no bend.
     */
    public List<Point> inflections(Predicate<Point> place) {
        List<Bent> bends = new ArrayList<>();
        for (Segment segment : segments) {
            double step = segment.length() / FLEX_SAMPLES;
            for (int i = 1; i < FLEX_SAMPLES; i++) {
                double t = (double) i / FLEX_SAMPLES;
                Point at = segment.at(t);
                double turn = segment.curvature(t) * step;
                if (!place.test(at)) {
                    continue;
                }
                int last = bends.size() - 1;
                if (last >= 0 && turn * bends.get(last).turn() >= 0) {
                    bends.set(last, bends.get(last).and(turn));
                } else {
                    bends.add(new Bent(at, turn));
                }
            }
        }
        List<Point> found = new ArrayList<>();
        double last = 0;
        for (Bent bent : bends) {
            if (bent.isSeen()) {
                if (bent.turn() * last < 0) {
                    found.add(bent.from());
                }
                last = bent.turn();
            }
        }
        return found;
    }

    /** The part from the start to an arc length. @param arc mm, more than nothing and less than the whole */
    public Path upTo(double arc) {
        return between(0, arc);
    }

    /** The part from one arc length to another. @param from mm, less than {@code to} */
    public Path between(double from, double to) {
        List<Segment> kept = new ArrayList<>();
        double run = 0;
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            double length = lengths()[i];
            double a = Math.max(from, run) - run;
            double b = Math.min(to, run + length) - run;
            if (b - a > JOINED) {
                kept.add(
                        a <= JOINED && b >= length - JOINED
                                ? segment
                                : segment.part(
                                        a <= JOINED ? 0 : parameterAt(segment, a, length),
                                        b >= length - JOINED ? 1 : parameterAt(segment, b, length)));
            }
            run += length;
        }
        return new Path(kept);
    }

    /** The direction of a stretch; where it stands still, as at an end whose handle has no length, the direction close by. */
    private static Vec direction(Segment segment, double t) {
        Vec velocity = segment.velocity(t);
        if (velocity.length() > STILL) {
            return velocity.unit();
        }
        Vec near = segment.at(Math.max(0, t - BESIDE)).to(segment.at(Math.min(1, t + BESIDE)));
        return near.length() > STILL
                ? near.unit()
                : velocity.length() > 0 ? velocity.times(1 / velocity.length()) : Vec.DOWN;
    }

    /** The smallest radius of curvature anywhere on the path, mm. */
    public double tightest() {
        double most = 1e-9;
        for (Segment segment : segments) {
            for (int i = 0; i <= SAMPLES; i++) {
                most = Math.max(most, Math.abs(segment.curvature((double) i / SAMPLES)));
            }
        }
        return 1 / most;
    }

    /** Where two paths cross: how far along either, mm. */
    public record Crossing(double here, double there) {}

    /** The first place along this path where another crosses or touches it; empty when they stay apart. */
    public Optional<Crossing> crossing(Path other) {
        List<Point> mine = flattened(COARSE);
        List<Point> others = other.flattened(COARSE);
        for (int i = 1; i < mine.size(); i++) {
            Point a = mine.get(i - 1);
            Point b = mine.get(i);
            for (int k = 1; k < others.size(); k++) {
                double along = LineCrossing.along(a, b, others.get(k - 1), others.get(k), NEARLY);
                if (!Double.isNaN(along)) {
                    Point guess = a.plus(a.to(b).times(along));
                    Crossing crossing = refined(
                            other, nearest(guess).arc(), other.nearest(guess).arc());
                    // The flattened lines may cross where the curves themselves only come close: that is no crossing.
                    if (at(crossing.here())
                                    .point()
                                    .distance(other.at(crossing.there()).point())
                            <= NEARLY) {
                        return Optional.of(crossing);
                    }
                }
            }
        }
        return Optional.empty();
    }

    /** Newton steps on the two tangents; the caller judges how far apart the two places still are. */
    private Crossing refined(Path other, double here, double there) {
        double mine = here;
        double others = there;
        for (int round = 0; round < NEWTON_ROUNDS; round++) {
            Place a = at(mine);
            Place b = other.at(others);
            Vec gap = a.point().to(b.point());
            double cross = a.tangent().cross(b.tangent());
            if (gap.length() < Tolerance.COINCIDENT / 10 || Math.abs(cross) < FLAT) {
                break;
            }
            mine = Math.min(length(), Math.max(0, mine + gap.cross(b.tangent()) / cross));
            others = Math.min(other.length(), Math.max(0, others + gap.cross(a.tangent()) / cross));
        }
        return new Crossing(mine, others);
    }

    /** The place at an arc length from the start; lengths outside the path give its ends. */
    public Place at(double arc) {
        double left = Math.max(0, arc);
        double before = 0;
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            double length = lengths()[i];
            if (left <= length || i == segments.size() - 1) {
                double t = parameterAt(segment, Math.min(left, length), length);
                return new Place(before + Math.min(left, length), segment.at(t), direction(segment, t));
            }
            left -= length;
            before += length;
        }
        throw new IllegalStateException("a path has stretches");
    }

    /**
     * Places all along, the ends of the path among them, for whoever looks at it everywhere and not at given arc lengths: those have to be
     * searched for, which takes five times as long.
     *
     * @param apart how far one place may lie from the next, mm; on a curve they lie evenly by its parameter, so that some lie a little farther
     */
    public List<Place> along(double apart) {
        List<Place> places = new ArrayList<>(List.of(new Place(0, start(), startTangent())));
        double arc = 0;
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            int steps = Math.max(1, (int) Math.ceil(lengths()[i] / apart));
            for (int k = 1; k <= steps; k++) {
                double t = (double) k / steps;
                arc += segment.length((k - 1.0) / steps, t);
                places.add(new Place(arc, segment.at(t), direction(segment, t)));
            }
        }
        return places;
    }

    private static double parameterAt(Segment segment, double arc, double length) {
        if (segment instanceof Line || length < JOINED) {
            return length < JOINED ? 0 : arc / length;
        }
        double t = arc / length;
        for (int round = 0; round < NEWTON_ROUNDS; round++) {
            double error = segment.length(0, t) - arc;
            if (Math.abs(error) < Tolerance.COINCIDENT) {
                return t;
            }
            t = Math.min(1, Math.max(0, t - error / segment.speed(t)));
        }
        return halved(segment, arc);
    }

    /** Where Newton's steps do not settle, as beside a point where the curve stands still: the length grows with the parameter, so halving finds it. */
    private static double halved(Segment segment, double arc) {
        double low = 0;
        double high = 1;
        for (int i = 0; i < HALVINGS; i++) {
            double middle = (low + high) / 2;
            if (segment.length(0, middle) < arc) {
                low = middle;
            } else {
                high = middle;
            }
        }
        return (low + high) / 2;
    }

    /** Whether a point lies no farther from the path than a distance. */
    public boolean isNear(Point point, double distance) {
        return near(point, distance).isPresent();
    }

    /** The place nearest to a point that lies no farther from the path than a distance; empty, and quickly so, when it lies farther. */
    public Optional<Place> near(Point point, double distance) {
        for (Segment segment : segments) {
            if (segment.atLeastAway(point) <= distance) {
                return Optional.of(nearest(point)).filter(place -> place.point().distance(point) <= distance);
            }
        }
        return Optional.empty();
    }

    /** The place on the path nearest to a point; its arc length counts from the start. */
    public Place nearest(Point point) {
        double[] guesses = new double[segments.size()];
        double[] distances = new double[segments.size()];
        double least = start().distance(point);
        for (Segment segment : segments) {
            least = Math.min(least, segment.end().distance(point));
        }
        for (int s = 0; s < guesses.length; s++) {
            distances[s] = Double.POSITIVE_INFINITY;
            // A stretch that lies wholly farther away than a joint is not looked at more closely.
            if (segments.get(s).atLeastAway(point) > least + Tolerance.COINCIDENT) {
                continue;
            }
            for (int i = 0; i <= SAMPLES; i++) {
                double distance = segments.get(s).distance(point, (double) i / SAMPLES);
                if (distance < distances[s]) {
                    distances[s] = distance;
                    guesses[s] = (double) i / SAMPLES;
                }
            }
            least = Math.min(least, distances[s]);
        }
        Place best = null;
        double before = 0;
        for (int s = 0; s < guesses.length; s++) {
            Segment segment = segments.get(s);
            double length = lengths()[s];
            // Beside a joint the sample that lies nearest may belong to the wrong stretch: look at every one that may
            // win.
            if (distances[s] <= least + length / SAMPLES) {
                double t = refine(segment, point, guesses[s]);
                if (best == null || segment.distance(point, t) < best.point().distance(point)) {
                    best = new Place(before + segment.length(0, t), segment.at(t), direction(segment, t));
                }
            }
            before += length;
        }
        return best;
    }

    /** The foot of the perpendicular lies where the way to the point turns from forward to backward: false position, each end that stays halved (Dowell and Jarratt 1971). */
    private static double refine(Segment segment, Point point, double guess) {
        double low = Math.max(0, guess - 1.0 / SAMPLES);
        double high = Math.min(1, guess + 1.0 / SAMPLES);
        double before = segment.onward(point, low);
        double after = segment.onward(point, high);
        double foot = before <= 0 ? low : after > 0 ? high : guess;
        int stayed = 0;
        for (int i = 0; before > 0 && after <= 0 && i < HALVINGS && high - low > PARAMETER; i++) {
            double next = low + (high - low) * before / (before - after);
            boolean settled = Math.abs(next - foot) < PARAMETER && i > 0;
            foot = next;
            double onward = segment.onward(point, foot);
            if (settled || onward == 0) {
                break;
            }
            if (onward > 0) {
                low = foot;
                before = onward;
                after = stayed > 0 ? after / 2 : after;
                stayed = 1;
            } else {
                high = foot;
                after = onward;
                before = stayed < 0 ? before / 2 : before;
                stayed = -1;
            }
        }
        return segment.distance(point, guess) < segment.distance(point, foot) ? guess : foot;
    }

    /** Points along the path, both ends included, such that no chord leaves the curve by more than a distance in mm. */
    public List<Point> flattened(double chord) {
        return flattened(chord, Double.POSITIVE_INFINITY);
    }

    /** The same, no line of a curve longer than so much: a curve that is nearly straight is still told from a straight line. */
    public List<Point> flattened(double chord, double longest) {
        List<Point> points = new ArrayList<>();
        points.add(start());
        for (Segment segment : segments) {
            int steps = segment.steps(chord).length - 1;
            int n = segment instanceof Line ? steps : Math.max(steps, (int) Math.ceil(segment.length() / longest));
            for (int i = 1; i <= n; i++) {
                points.add(segment.at((double) i / n));
            }
        }
        return points;
    }
}
