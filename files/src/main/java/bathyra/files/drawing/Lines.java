package bathyra.files.drawing;

import bathyra.files.json.BadDocument;
import bathyra.foreign.ForeignLine;
import bathyra.foreign.ForeignLine.NamedEdge;
import bathyra.foreign.ForeignLine.Role;
import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;

/** Collects the lines of a drawing as its file gives them, within bounds that no drawing of a garment leaves. */
final class Lines {
    private static final int STRETCHES_MOST = 600_000;
    private static final int LINES_MOST = 100_000;
    private static final double FARTHEST = 1e6;
    /** Shorter stretches are a point drawn twice; they have no direction. */
    private static final double NOTHING = 1e-7;

    private final List<ForeignLine> lines = new ArrayList<>();
    private int stretches;

    List<ForeignLine> all() {
        return lines;
    }

    /** Adds the parts of a shape, each as a line of its own. */
    void add(String name, String group, Role role, Shape shape, AffineTransform way, List<NamedEdge> edges)
            throws BadDocument {
        List<Segment> part = new ArrayList<>();
        double[] c = new double[6];
        Point start = new Point(0, 0);
        Point at = start;
        for (PathIterator i = shape.getPathIterator(way); !i.isDone(); i.next()) {
            int kind = i.currentSegment(c);
            requireNear(name, c, kind);
            if (kind == PathIterator.SEG_MOVETO) {
                put(name, group, role, part, edges);
                start = new Point(c[0], c[1]);
                at = start;
                continue;
            }
            Point to =
                    switch (kind) {
                        case PathIterator.SEG_LINETO -> new Point(c[0], c[1]);
                        case PathIterator.SEG_QUADTO -> new Point(c[2], c[3]);
                        case PathIterator.SEG_CUBICTO -> new Point(c[4], c[5]);
                        default -> start;
                    };
            Segment next = kind == PathIterator.SEG_QUADTO
                    ? raised(at, new Point(c[0], c[1]), to)
                    : kind == PathIterator.SEG_CUBICTO
                            ? new Cubic(at, new Point(c[0], c[1]), new Point(c[2], c[3]), to)
                            : new Line(at, to);
            if (isSomething(next)) {
                count(name);
                part.add(next);
            }
            at = part.isEmpty() ? at : part.get(part.size() - 1).end();
        }
        put(name, group, role, part, edges);
    }

    /** Adds a run of points. */
    void add(String name, String group, Role role, List<Point> points, boolean closed) throws BadDocument {
        List<Segment> part = new ArrayList<>();
        for (int i = 1; i < points.size() + (closed ? 1 : 0); i++) {
            Point from =
                    part.isEmpty() ? points.get(0) : part.get(part.size() - 1).end();
            Line next = new Line(from, points.get(i % points.size()));
            requireNear(
                    name,
                    new double[] {next.end().x(), next.end().y(), from.x(), from.y(), 0, 0},
                    PathIterator.SEG_CUBICTO);
            if (isSomething(next)) {
                count(name);
                part.add(next);
            }
        }
        put(name, group, role, part, List.of());
    }

    private void put(String name, String group, Role role, List<Segment> part, List<NamedEdge> edges)
            throws BadDocument {
        if (part.isEmpty()) {
            return;
        }
        if (lines.size() >= LINES_MOST) {
            throw new BadDocument("drawing: has more than " + LINES_MOST + " lines; the outlines of the pieces alone");
        }
        lines.add(new ForeignLine(name, group, role, new Path(part), edges));
        part.clear();
    }

    private void count(String name) throws BadDocument {
        if (++stretches > STRETCHES_MOST) {
            throw new BadDocument("drawing: has more than " + STRETCHES_MOST + " stretches, the last of them in " + name
                    + "; the outlines of the pieces alone");
        }
    }

    private static void requireNear(String name, double[] c, int kind) throws BadDocument {
        int numbers = kind == PathIterator.SEG_CLOSE
                ? 0
                : kind == PathIterator.SEG_CUBICTO ? 6 : kind == PathIterator.SEG_QUADTO ? 4 : 2;
        for (int i = 0; i < numbers; i++) {
            if (!(Math.abs(c[i]) <= FARTHEST)) {
                throw new BadDocument(
                        name + ": has a point at " + c[i] + ", farther out than any pattern; figures up to a million");
            }
        }
    }

    private static boolean isSomething(Segment s) {
        return s.start().distance(s.end()) > NOTHING
                || s instanceof Cubic c
                        && (c.control1().distance(c.start()) > NOTHING
                                || c.control2().distance(c.end()) > NOTHING);
    }

    /** A curve with one control point as the same curve with two. */
    private static Cubic raised(Point from, Point control, Point to) {
        Vec first = from.to(control).times(2.0 / 3);
        Vec second = to.to(control).times(2.0 / 3);
        return new Cubic(from, from.plus(first), to.plus(second), to);
    }
}
