package bathyra.block;

import bathyra.finding.Finding;
import bathyra.garment.BlockMethod;
import bathyra.geometry.Path;
import bathyra.geometry.Segment;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A whole block with shoulders, as it is drafted on paper: step by step, with every point named.
 *
 * @param steps in the order of the work
 * @param front the finished outline of the front, clockwise from the neck at centre front
 * @param back the finished outline of the back, from the neck at centre back
 * @param notes what the cutter should know of it, such as a tape that won over a rule
 */
public record BlockDrawing(
        BlockMethod method,
        List<Step> steps,
        List<BlockEdge> front,
        List<BlockEdge> back,
        List<BlockDart> darts,
        List<Finding> notes) {
    public BlockDrawing {
        steps = List.copyOf(steps);
        front = List.copyOf(front);
        back = List.copyOf(back);
        darts = List.copyOf(darts);
        notes = List.copyOf(notes);
    }

    public List<BlockPoint> points() {
        return steps.stream().flatMap(s -> s.points().stream()).toList();
    }

    /** A point as it stands at the end: a later step may have moved it. */
    public Optional<BlockPoint> last(Half half, String name) {
        return points().stream()
                .filter(p -> p.half() == half && p.name().equals(name))
                .reduce((first, second) -> second);
    }

    /** A point by its name, where it was first put down. */
    public Optional<BlockPoint> find(Half half, String name) {
        return points().stream()
                .filter(p -> p.half() == half && p.name().equals(name))
                .findFirst();
    }

    /** A point that every method has. */
    public BlockPoint point(Half half, String name) {
        return find(half, name)
                .orElseThrow(() -> new IllegalArgumentException(
                        method.label() + " has no point " + name + " in the " + half.label()));
    }

    public List<BlockEdge> outline(Half half) {
        return half == Half.FRONT ? front : back;
    }

    /** The outline as one closed path. */
    public Path closed(Half half) {
        List<Segment> segments = new ArrayList<>();
        outline(half).forEach(edge -> segments.addAll(edge.path().segments()));
        return new Path(segments);
    }

    /** The length of an edge without the darts in it. */
    public double length(Half half, BlockEdge.Name name) {
        return outline(half).stream()
                .filter(e -> e.name() == name)
                .mapToDouble(e -> e.path().length())
                .sum();
    }
}
