package bathyra.piece;

import bathyra.garment.CornerShape;
import bathyra.geometry.LineCrossing;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Shape;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/** The seam allowances of a piece (offset curves): a layer of its own, a width for each edge (C12). */
public final class CutLine {
    private static final int STRETCHES_A_BOX = 16;
    private static final double FLATTEN = Tolerance.CHORD / 2;
    /** A corner may reach this many widths out before it is trimmed square. */
    private static final double TRIM = 2.5;
    /** Farther than any piece reaches, mm. */
    private static final double FAR = 10_000;

    private CutLine() {}

    /** An edge with the width of its allowance, and what becomes of the corners at its ends if it is no seam. */
    public record Side(OutlineEdge edge, double width, CornerShape corners) {}

    /** The outline with allowances, closed. */
    public static List<Point> of(List<Side> sides) {
        double widest = sides.stream().mapToDouble(Side::width).max().orElse(0);
        List<List<Point>> lines =
                sides.stream().map(s -> outside(s.edge().path(), s.width())).toList();
        List<List<Point>> corners = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            int before = (i + lines.size() - 1) % lines.size();
            corners.add(CutCorner.between(
                    sides.get(before), lines.get(before), sides.get(i), lines.get(i), TRIM * Math.max(widest, 1)));
        }
        List<Point> ring = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            // From corner to corner, so that a loop inside an edge never lies across the ring's own start.
            add(ring, corners.get(i));
            add(ring, trimmed(lines.get(i), corners.get(i), corners.get((i + 1) % lines.size())));
        }
        List<Point> clean = withoutLoops(ring);
        clean.add(clean.get(0));
        return beforeTheFold(clean, sides);
    }

    /** No cloth is cut beyond the fold: where an allowance would reach over it, as at the tip of a keyhole, it ends there. */
    private static List<Point> beforeTheFold(List<Point> ring, List<Side> sides) {
        Optional<Path> fold = sides.stream()
                .filter(s -> s.edge().kind() == OutlineEdge.Kind.FOLD)
                .map(s -> s.edge().path())
                .findFirst();
        if (fold.isEmpty()) {
            return ring;
        }
        Point at = fold.get().start();
        Vec along = at.to(fold.get().end()).unit();
        Vec in = along.turned(Math.PI / 2);
        // A line that crosses itself has no inside to be cut off; the check of crossings says where.
        if (ring.stream().allMatch(p -> at.to(p).dot(in) > -Tolerance.COINCIDENT)
                || Shape.crossing(ring).isPresent()) {
            return ring;
        }
        Point from = at.plus(along.times(-FAR));
        Point to = at.plus(along.times(FAR));
        List<List<Point>> parts =
                Shape.common(ring, List.of(from, to, to.plus(in.times(FAR)), from.plus(in.times(FAR)), from));
        return parts.stream()
                .max(Comparator.comparingDouble(Shape::area))
                .map(CutLine::clockwise)
                .orElse(ring);
    }

    private static List<Point> clockwise(List<Point> closed) {
        double sum = 0;
        for (int i = 1; i < closed.size(); i++) {
            sum += closed.get(i - 1).x() * closed.get(i).y()
                    - closed.get(i).x() * closed.get(i - 1).y();
        }
        List<Point> points = new ArrayList<>(closed);
        if (sum < 0) {
            Collections.reverse(points);
        }
        return points;
    }

    /** Adds points that lie apart from the one before: two at one place would make a crossing too small to see. */
    private static void add(List<Point> ring, List<Point> more) {
        for (Point point : more) {
            if (ring.isEmpty() || ring.get(ring.size() - 1).distance(point) > Tolerance.COINCIDENT) {
                ring.add(point);
            }
        }
    }

    /** A line without its ends, and without what lies beyond the corners that have been cut. */
    private static List<Point> trimmed(List<Point> line, List<Point> first, List<Point> last) {
        Point from = first.get(first.size() - 1);
        Point to = last.get(0);
        Vec setsOut = line.get(0).to(line.get(1));
        Vec arrives = line.get(line.size() - 2).to(line.get(line.size() - 1));
        int start = 1;
        int end = line.size() - 1;
        while (start < end && from.to(line.get(start)).dot(setsOut) < 0) {
            start++;
        }
        while (end > start && to.to(line.get(end - 1)).dot(arrives) > 0) {
            end--;
        }
        return line.subList(start, end);
    }

    /**
     * Every point moved out along its own normal. Where a hollow is tighter than the allowance such a line makes a loop, which
     * is cut out where the line meets itself. (The plane-geometry library's offset, tried first, left crossings beside tight
     * hollows on 17 of 100 random bodies.)
     */
    private static List<Point> outside(Path path, double width) {
        List<Point> points = new ArrayList<>();
        for (Segment segment : path.segments()) {
            for (double t : segment.steps(FLATTEN)) {
                Vec along = segment.velocity(t);
                if (along.length() < Tolerance.COINCIDENT) {
                    continue;
                }
                Point point =
                        segment.at(t).plus(along.unit().turned(-Math.PI / 2).times(width));
                if (points.isEmpty() || points.get(points.size() - 1).distance(point) > Tolerance.COINCIDENT) {
                    points.add(point);
                }
            }
        }
        return points;
    }

    private static List<Point> withoutLoops(List<Point> points) {
        List<Point> clean = new ArrayList<>(points);
        if (!Shape.meetsItself(points)) {
            return clean;
        }
        List<Box> stretches = stretches(clean);
        List<Box> boxes = together(stretches);
        for (int i = 0; i + 1 < clean.size(); i++) {
            int j = lastCrossing(clean, stretches, boxes, i);
            if (j > 0) {
                Point meet = meet(clean.get(i), clean.get(i + 1), clean.get(j), clean.get(j + 1))
                        .orElseThrow();
                clean.subList(i + 1, j + 1).clear();
                clean.add(i + 1, meet);
                stretches = stretches(clean);
                boxes = together(stretches);
            }
        }
        return clean;
    }

    /** The last stretch that crosses stretch i and does not touch it at its end; 0 for none. */
    private static int lastCrossing(List<Point> line, List<Box> stretches, List<Box> boxes, int i) {
        Box own = stretches.get(i);
        for (int box = boxes.size() - 1; box >= 0 && (box + 1) * STRETCHES_A_BOX > i + 1; box--) {
            if (own.isApartFrom(boxes.get(box))) {
                continue;
            }
            int last = Math.min(stretches.size() - 1, (box + 1) * STRETCHES_A_BOX - 1);
            for (int j = last; j > i + 1 && j >= box * STRETCHES_A_BOX; j--) {
                if (!own.isApartFrom(stretches.get(j))
                        && meet(line.get(i), line.get(i + 1), line.get(j), line.get(j + 1))
                                .isPresent()) {
                    return j;
                }
            }
        }
        return 0;
    }

    /** What some stretches of a line cover. Nearly all pairs of stretches lie apart; boxes tell so many at a time. */
    private record Box(double left, double top, double right, double bottom) {
        static Box of(Point a, Point b) {
            return new Box(
                    Math.min(a.x(), b.x()), Math.min(a.y(), b.y()), Math.max(a.x(), b.x()), Math.max(a.y(), b.y()));
        }

        Box with(Box other) {
            return new Box(
                    Math.min(left, other.left),
                    Math.min(top, other.top),
                    Math.max(right, other.right),
                    Math.max(bottom, other.bottom));
        }

        boolean isApartFrom(Box other) {
            return right < other.left || left > other.right || bottom < other.top || top > other.bottom;
        }
    }

    private static List<Box> stretches(List<Point> line) {
        List<Box> stretches = new ArrayList<>(line.size());
        for (int i = 0; i + 1 < line.size(); i++) {
            stretches.add(Box.of(line.get(i), line.get(i + 1)));
        }
        return stretches;
    }

    private static List<Box> together(List<Box> stretches) {
        List<Box> boxes = new ArrayList<>();
        for (int from = 0; from < stretches.size(); from += STRETCHES_A_BOX) {
            boxes.add(stretches.subList(from, Math.min(from + STRETCHES_A_BOX, stretches.size())).stream()
                    .reduce(Box::with)
                    .orElseThrow());
        }
        return boxes;
    }

    /** Where two short stretches cross, if they do. */
    private static Optional<Point> meet(Point a, Point b, Point c, Point d) {
        double along = LineCrossing.along(a, b, c, d, 0);
        return Double.isNaN(along)
                ? Optional.empty()
                : Optional.of(a.plus(a.to(b).times(along)));
    }
}
