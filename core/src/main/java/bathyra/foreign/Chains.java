package bathyra.foreign;

import bathyra.foreign.ForeignLine.Role;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/** Joins lines end to end: drawings from elsewhere give an outline as one line or as many. */
final class Chains {
    /** Ends that lie no farther apart are one place, mm: a slip of the hand with the drawing tool. */
    static final double JOINED = 0.5;

    private final Map<Long, List<Integer>> ends = new HashMap<>();
    private final List<ForeignLine> lines;
    private final boolean[] used;

    /** What could be joined. @param open chains that do not close, each as one path */
    record Joined(List<Ring> rings, List<Chain> open) {}

    /** Lines joined end to end. */
    record Chain(String name, Path path) {
        double gap() {
            return path.start().distance(path.end());
        }
    }

    private Chains(List<ForeignLine> lines) {
        this.lines = lines;
        this.used = new boolean[lines.size()];
        for (int i = 0; i < lines.size(); i++) {
            add(lines.get(i).path().start(), i);
            add(lines.get(i).path().end(), i);
        }
    }

    /** Joins the lines of one group, mm. */
    static Joined join(List<ForeignLine> lines) {
        return new Chains(lines).joined();
    }

    private Joined joined() {
        List<Ring> rings = new ArrayList<>();
        List<Chain> open = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            if (!used[i]) {
                chain(i, rings, open);
            }
        }
        return new Joined(rings, open);
    }

    private void chain(int first, List<Ring> rings, List<Chain> open) {
        used[first] = true;
        ForeignLine begin = lines.get(first);
        Set<Role> roles = EnumSet.of(begin.role());
        List<Segment> segments = new ArrayList<>(begin.path().segments());
        boolean turned = false;
        while (!isClosed(segments)) {
            int next = next(end(segments));
            if (next >= 0) {
                used[next] = true;
                roles.add(lines.get(next).role());
                append(segments, lines.get(next).path());
            } else if (!turned) {
                // Nothing goes on from this end: the other one may have a neighbour.
                segments = new ArrayList<>(new Path(segments).reversed().segments());
                turned = true;
            } else {
                break;
            }
        }
        if (isClosed(segments)) {
            close(segments);
            rings.add(Ring.of(
                    begin.name(),
                    begin.group(),
                    roles,
                    new Path(segments),
                    segments.size() == begin.path().segments().size() ? begin.edges() : List.of()));
        } else {
            open.add(new Chain(begin.name(), turned ? new Path(segments).reversed() : new Path(segments)));
        }
    }

    private static Point end(List<Segment> segments) {
        return segments.get(segments.size() - 1).end();
    }

    /** One straight stretch goes nowhere and back; what is closed comes back to where it set out by another way. */
    private static boolean isClosed(List<Segment> segments) {
        return segments.get(0).start().distance(end(segments)) <= JOINED
                && (segments.size() > 1 || segments.get(0).length() > 2 * JOINED);
    }

    private static void close(List<Segment> segments) {
        Point start = segments.get(0).start();
        int last = segments.size() - 1;
        if (!end(segments).equals(start)) {
            segments.set(last, moved(segments.get(last), segments.get(last).start(), start));
        }
    }

    private static void append(List<Segment> segments, Path path) {
        Point end = end(segments);
        Path next = path.start().distance(end) <= path.end().distance(end) ? path : path.reversed();
        List<Segment> more = new ArrayList<>(next.segments());
        more.set(0, moved(more.get(0), end, more.get(0).end()));
        segments.addAll(more);
    }

    private static Segment moved(Segment segment, Point start, Point end) {
        return segment instanceof Cubic c ? new Cubic(start, c.control1(), c.control2(), end) : new Line(start, end);
    }

    /** The unused line that begins or ends nearest to a place; less than nothing for none. */
    private int next(Point at) {
        int best = -1;
        double least = JOINED;
        long column = (long) Math.floor(at.x() / JOINED);
        long row = (long) Math.floor(at.y() / JOINED);
        for (long dx = -1; dx <= 1; dx++) {
            for (long dy = -1; dy <= 1; dy++) {
                for (int i : ends.getOrDefault(key(column + dx, row + dy), List.of())) {
                    double distance = Math.min(
                            lines.get(i).path().start().distance(at),
                            lines.get(i).path().end().distance(at));
                    if (!used[i] && distance <= least) {
                        least = distance;
                        best = i;
                    }
                }
            }
        }
        return best;
    }

    private void add(Point at, int line) {
        ends.computeIfAbsent(
                        key((long) Math.floor(at.x() / JOINED), (long) Math.floor(at.y() / JOINED)),
                        k -> new ArrayList<>())
                .add(line);
    }

    private static long key(long column, long row) {
        return column * 4_000_037L + row;
    }
}
