package bathyra.paper;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;

/** Moves the ends of a path by a hair, so that neighbouring edges meet in one and the same point. */
final class Ends {
    private Ends() {}

    static Path moved(Path path, Point start, Point end) {
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
