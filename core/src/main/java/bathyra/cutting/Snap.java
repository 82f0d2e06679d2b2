package bathyra.cutting;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.piece.OutlineEdge;
import java.util.ArrayList;
import java.util.List;

/** Makes neighbouring edges of an outline meet in one and the same point, where they miss each other by less than can be seen. */
final class Snap {
    private static final double MOST = 0.2;

    private Snap() {}

    static List<OutlineEdge> closed(List<OutlineEdge> outline) {
        List<OutlineEdge> next = new ArrayList<>(outline);
        for (int i = 0; i < next.size(); i++) {
            OutlineEdge edge = next.get(i);
            Point end = next.get((i + 1) % next.size()).path().start();
            double gap = edge.path().end().distance(end);
            if (gap > 0 && gap < MOST) {
                next.set(i, new OutlineEdge(edge.name(), edge.kind(), edge.seam(), ending(edge.path(), end)));
            }
        }
        return next;
    }

    private static Path ending(Path path, Point end) {
        List<Segment> segments = new ArrayList<>(path.segments());
        Segment last = segments.get(segments.size() - 1);
        segments.set(segments.size() - 1, last instanceof Cubic cubic ? new Cubic(cubic.start(), cubic.control1(), cubic.control2().plus(cubic.end().to(end)), end) : new Line(last.start(), end));
        return new Path(segments);
    }
}
