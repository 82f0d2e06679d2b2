package bathyra.paper;

import bathyra.geometry.FairSpline;
import bathyra.geometry.Line;
import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.piece.EdgeRole;
import bathyra.piece.OutlineEdge;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Spread: a strip is slashed from one long edge to the other and opened like a fan; the edge on which it hinges keeps its length. */
public final class Spread {
    private static final int ROUNDS = 20;

    private Spread() {}

    /**
     * A strip of paper opened evenly.
     *
     * @param width length of the edge that stays, mm
     * @param depth from that edge to the opposite one, mm
     * @param opened by how much the opposite edge grows in all, mm
     * @param strips into how many strips it is slashed, two or more
     * @throws IllegalStateException when the hinge cannot be brought to its length
     * @return a sheet with the edges {@code top}, {@code right}, {@code hem} and {@code left}; its left edge stays upright
     */
    public static Sheet strip(
            String id, String name, boolean front, double width, double depth, double opened, int strips) {
        double each = width / strips;
        double turn = -2 * Math.asin(opened / strips / depth / 2);
        List<Point> top = new ArrayList<>(List.of(new Point(0, 0)));
        List<Point> hem = new ArrayList<>(List.of(new Point(0, depth)));
        Motion motion = Motion.STILL;
        for (int i = 1; i <= strips; i++) {
            Point hinge = motion.apply(new Point(i * each, 0));
            top.add(hinge);
            hem.add(motion.apply(new Point(i * each, depth)));
            if (i < strips) {
                motion = motion.then(Motion.about(hinge, turn));
            }
        }
        Vec down = hem.get(0).to(top.get(0)).unit();
        Vec last = top.get(strips).to(hem.get(strips)).unit();
        Path upper = hinged(top, down.turned(Math.PI / 2), last.turned(-Math.PI / 2), width);
        Path lower =
                smooth(hem, down.turned(Math.PI / 2), last.turned(-Math.PI / 2)).reversed();
        Point right = lower.start();
        List<OutlineEdge> outline = List.of(
                new OutlineEdge(EdgeRole.TOP.id(), OutlineEdge.Kind.SEAM, Optional.empty(), upper),
                new OutlineEdge(
                        "right", OutlineEdge.Kind.SEAM, Optional.empty(), Path.of(new Line(upper.end(), right))),
                new OutlineEdge(EdgeRole.HEM.id(), OutlineEdge.Kind.EDGE, Optional.empty(), lower),
                new OutlineEdge(
                        "left",
                        OutlineEdge.Kind.SEAM,
                        Optional.empty(),
                        Path.of(new Line(lower.end(), upper.start()))));
        return new Sheet(id, name, front, outline, List.of(), List.of());
    }

    /** The blended hinge edge, scaled along itself by the hair that the curve is longer than its chords. */
    private static Path hinged(List<Point> points, Vec start, Vec end, double length) {
        Path path = smooth(points, start, end);
        for (int round = 0; round < ROUNDS && Math.abs(path.length() - length) > Tolerance.WALK; round++) {
            double by = length / path.length();
            Point first = points.get(0);
            points.replaceAll(p -> first.plus(first.to(p).times(by)));
            path = smooth(points, start, end);
        }
        if (Math.abs(path.length() - length) > Tolerance.CHORD) {
            throw new IllegalStateException(
                    "the hinge of a spread strip is " + path.length() + " mm long instead of " + length);
        }
        return path;
    }

    private static Path smooth(List<Point> points, Vec start, Vec end) {
        return FairSpline.through(points, Optional.of(start), Optional.of(end));
    }
}
