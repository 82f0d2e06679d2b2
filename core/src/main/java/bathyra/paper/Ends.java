package bathyra.paper;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import bathyra.piece.OutlineEdge;
import java.util.ArrayList;
import java.util.List;

/** Moves the ends of a path by a hair, so that neighbouring edges meet in one and the same point. */
public final class Ends {
    /** Edges that miss each other by more are wrong somewhere else, mm. */
    private static final double MOST = 0.2;

    private Ends() {}

    /** An outline whose edges end where the next one begins. */
    public static List<OutlineEdge> met(List<OutlineEdge> outline) {
        List<OutlineEdge> next = new ArrayList<>(outline);
        for (int i = 0; i < next.size(); i++) {
            OutlineEdge edge = next.get(i);
            Point end = next.get((i + 1) % next.size()).path().start();
            double gap = edge.path().end().distance(end);
            if (gap > 0 && gap < MOST) {
                next.set(
                        i,
                        new OutlineEdge(
                                edge.name(),
                                edge.kind(),
                                edge.seam(),
                                moved(edge.path(), edge.path().start(), end)));
            }
        }
        return next;
    }

    /** The same path with its ends moved; its first and last stretch follow. */
    public static Path moved(Path path, Point start, Point end) {
        List<Segment> segments = new ArrayList<>(path.segments());
        segments.set(0, from(segments.get(0), start));
        int last = segments.size() - 1;
        segments.set(last, from(segments.get(last).reversed(), end).reversed());
        return new Path(segments);
    }

    private static Segment from(Segment segment, Point start) {
        if (segment instanceof Cubic cubic) {
            Vec by = cubic.start().to(start);
            return new Cubic(start, cubic.control1().plus(by), cubic.control2(), cubic.end());
        }
        return new Line(start, segment.end());
    }
}
