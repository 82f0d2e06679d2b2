package bathyra.piece;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * One piece to cut.
 *
 * @param order the number in sewing order
 * @param front whether it belongs to the front block
 * @param count how often it is cut
 * @param onFold whether it is cut on the fold and given as its half
 * @param outline the sewing line, clockwise on the screen and closed
 * @param cutLine the outline with allowances, closed, chord error under 0.05 mm
 * @param declared corners that are drawn on purpose: the point of a lower edge
 */
public record Piece(String id, String name, int order, boolean front, int count, boolean onFold, List<OutlineEdge> outline,
        List<LevelMark> levelMarks, List<Notch> notches, Grain grain, List<Point> cutLine, List<Corner> declared) {
    /** A corner drawn on purpose. @param degrees the angle inside the piece */
    public record Corner(Point at, double degrees) {}

    public Piece {
        outline = List.copyOf(outline);
        levelMarks = List.copyOf(levelMarks);
        notches = List.copyOf(notches);
        cutLine = List.copyOf(cutLine);
        declared = List.copyOf(declared);
    }

    /** A piece on which no corner is drawn on purpose. */
    public Piece(String id, String name, int order, boolean front, int count, boolean onFold, List<OutlineEdge> outline,
            List<LevelMark> levelMarks, List<Notch> notches, Grain grain, List<Point> cutLine) {
        this(id, name, order, front, count, onFold, outline, levelMarks, notches, grain, cutLine, List.of());
    }

    /** The same piece for one half of an uneven body: cut once, and not on the fold. */
    public Piece cutOnce() {
        return new Piece(id, name, order, front, 1, false, outline, levelMarks, notches, grain, cutLine, declared);
    }

    /** The same piece with a corner that is drawn on purpose. */
    public Piece declaring(Corner corner) {
        return new Piece(id, name, order, front, count, onFold, outline, levelMarks, notches, grain, cutLine, List.of(corner));
    }

    /** The edge of a name. @throws IllegalArgumentException when the piece has none */
    public OutlineEdge edge(String edgeName) {
        return outline.stream().filter(e -> e.name().equals(edgeName)).findFirst()
                .orElseThrow(() -> new IllegalArgumentException("piece " + id + " has no edge " + edgeName));
    }

    public Optional<LevelMark> mark(String level) {
        return levelMarks.stream().filter(m -> m.level().equals(level)).findFirst();
    }

    /** The sewing line as points, closed. */
    public List<Point> flattened(double chord) {
        List<Point> points = new ArrayList<>();
        for (OutlineEdge edge : outline) {
            List<Point> part = edge.path().flattened(chord);
            points.addAll(part.subList(0, part.size() - 1));
        }
        points.add(points.get(0));
        return points;
    }

    /** The outline as one closed path. */
    public Path path() {
        return outline.stream().map(OutlineEdge::path).reduce(Path::then).orElseThrow();
    }

    /** How the piece is cut, in words. */
    public String cutWords() {
        return onFold ? "cut " + count + " on the fold" : "cut " + count;
    }
}
