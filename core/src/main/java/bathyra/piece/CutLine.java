package bathyra.piece;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Shape;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;
import java.util.function.ToDoubleFunction;

/** The seam allowances of a piece (offset curves): a layer of its own, a width for each edge (C12). */
final class CutLine {
    private static final double FLATTEN = Tolerance.CHORD / 2;
    private static final int SAMPLES = 8;
    /** A corner may reach this many widths out before it is trimmed square. */
    private static final double TRIM = 2.5;

    private CutLine() {}

    /** The outline with allowances, closed. */
    static List<Point> of(List<OutlineEdge> outline, ToDoubleFunction<OutlineEdge> allowance) {
        List<List<Point>> lines = new ArrayList<>();
        double widest = 0;
        for (OutlineEdge edge : outline) {
            double width = allowance.applyAsDouble(edge);
            widest = Math.max(widest, width);
            lines.add(outside(edge.path(), width));
        }
        List<Point> ring = new ArrayList<>();
        for (int i = 0; i < lines.size(); i++) {
            List<Point> line = lines.get(i);
            List<Point> next = lines.get((i + 1) % lines.size());
            Point corner = outline.get(i).path().end();
            ring.addAll(line.subList(1, line.size() - 1));
            ring.addAll(corner(line, next, corner, TRIM * Math.max(widest, 1)));
        }
        ring.add(ring.get(0));
        return ring;
    }

    /**
     * Every point moved out along its own normal; exact wherever the edge's hollows are wider than the allowance. Where one
     * is tighter, such a line would loop, and the plane-geometry library takes the loop out.
     */
    private static List<Point> outside(Path path, double width) {
        if (tightestHollow(path) < width * 1.1) {
            return Shape.outside(path.flattened(FLATTEN), width);
        }
        List<Point> points = new ArrayList<>();
        for (Segment segment : path.segments()) {
            for (double t : segment.steps(FLATTEN)) {
                Vec along = segment.velocity(t).unit();
                points.add(segment.at(t).plus(along.turned(-Math.PI / 2).times(width)));
            }
        }
        return points;
    }

    private static double tightestHollow(Path path) {
        double most = 0;
        for (Segment segment : path.segments()) {
            for (int i = 0; i <= SAMPLES; i++) {
                most = Math.max(most, -segment.curvature((double) i / SAMPLES));
            }
        }
        return most == 0 ? Double.POSITIVE_INFINITY : 1 / most;
    }

    /** Where two allowances meet: their tangents at the corner intersect, unless that lies too far out. */
    private static List<Point> corner(List<Point> line, List<Point> next, Point corner, double reach) {
        Point a = line.get(line.size() - 1);
        Vec da = line.get(line.size() - 2).to(a).unit();
        Point b = next.get(0);
        Vec db = b.to(next.get(1)).unit();
        double cross = da.cross(db);
        if (Math.abs(cross) < 1e-6) {
            return List.of(a, b);
        }
        double along = a.to(b).cross(db) / cross;
        Point meet = a.plus(da.times(along));
        return meet.distance(corner) <= reach ? List.of(meet) : List.of(a, b);
    }
}
