package bathyra.paper;

import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.piece.Dart;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

/**
 * A piece of paper that is being worked on: its edges by name, the level lines on it and the corners that are drawn on purpose.
 * It has no allowance and no grain yet.
 *
 * @param front whether it belongs to the front block
 * @param outline clockwise on the screen and closed
 * @param marks level lines, each from the end nearer centre front; a slash may have cut one into several
 * @param darts what is taken out inside it
 */
public record Sheet(
        String id,
        String name,
        boolean front,
        List<OutlineEdge> outline,
        List<LevelMark> marks,
        List<Piece.Corner> declared,
        List<Dart> darts) {
    private static final double MEETS = 0.01;

    public Sheet {
        outline = List.copyOf(outline);
        marks = List.copyOf(marks);
        declared = List.copyOf(declared);
        darts = List.copyOf(darts);
    }

    /** A sheet without darts. */
    public Sheet(
            String id,
            String name,
            boolean front,
            List<OutlineEdge> outline,
            List<LevelMark> marks,
            List<Piece.Corner> declared) {
        this(id, name, front, outline, marks, declared, List.of());
    }

    /** @throws IllegalArgumentException when the sheet has no such edge */
    public OutlineEdge edge(String edgeName) {
        return outline.get(index(edgeName));
    }

    public boolean has(String edgeName) {
        return outline.stream().anyMatch(e -> e.name().equals(edgeName));
    }

    int index(String edgeName) {
        for (int i = 0; i < outline.size(); i++) {
            if (outline.get(i).name().equals(edgeName)) {
                return i;
            }
        }
        throw new IllegalArgumentException("sheet " + id + " has no edge " + edgeName);
    }

    /** The edge after or before another, going round. */
    public OutlineEdge beside(String edgeName, int steps) {
        return outline.get(Math.floorMod(index(edgeName) + steps, outline.size()));
    }

    public Optional<LevelMark> mark(String level) {
        return marks.stream().filter(m -> m.level().equals(level)).findFirst();
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

    public Sheet named(String nextId, String nextName) {
        return new Sheet(nextId, nextName, front, outline, marks, declared, darts);
    }

    public Sheet withOutline(List<OutlineEdge> next) {
        return new Sheet(id, name, front, next, marks, declared, darts);
    }

    public Sheet withMarks(List<LevelMark> next) {
        return new Sheet(id, name, front, outline, next, declared, darts);
    }

    /** The same sheet with a corner drawn on purpose. */
    public Sheet declaring(Point at, double degrees) {
        List<Piece.Corner> corners = new ArrayList<>(declared);
        corners.removeIf(c -> c.at().distance(at) < MEETS);
        corners.add(new Piece.Corner(at, degrees));
        return new Sheet(id, name, front, outline, marks, corners, darts);
    }

    /** The same sheet with a dart more. */
    public Sheet darted(Dart dart) {
        List<Dart> more = new ArrayList<>(darts);
        more.add(dart);
        return new Sheet(id, name, front, outline, marks, declared, more);
    }

    /** The same sheet with one edge changed. */
    public Sheet with(String edgeName, UnaryOperator<OutlineEdge> change) {
        return withOutline(outline.stream()
                .map(e -> e.name().equals(edgeName) ? change.apply(e) : e)
                .toList());
    }

    public Sheet withPath(String edgeName, Path path) {
        return with(edgeName, e -> new OutlineEdge(e.name(), e.kind(), e.seam(), path));
    }

    /** The same sheet laid elsewhere. */
    public Sheet moved(Motion motion) {
        return new Sheet(
                id,
                name,
                front,
                outline.stream()
                        .map(e -> new OutlineEdge(e.name(), e.kind(), e.seam(), motion.apply(e.path())))
                        .toList(),
                marks.stream()
                        .map(m -> new LevelMark(m.level(), motion.apply(m.from()), motion.apply(m.to())))
                        .toList(),
                declared.stream()
                        .map(c -> new Piece.Corner(motion.apply(c.at()), c.degrees()))
                        .toList(),
                darts.stream().map(d -> d.mapped(motion)).toList());
    }

    /**
     * The same sheet with one of its edges cut in two: what comes after the place takes another name. An end of the edge changes
     * nothing.
     *
     * @param arc mm along the edge, as the outline runs
     */
    public Sheet divided(String edgeName, double arc, String after) {
        OutlineEdge edge = edge(edgeName);
        double length = edge.path().length();
        if (arc < Tolerance.COINCIDENT || arc > length - Tolerance.COINCIDENT) {
            return this;
        }
        List<OutlineEdge> edges = new ArrayList<>(outline);
        int i = index(edgeName);
        edges.set(
                i,
                new OutlineEdge(
                        edge.name(), edge.kind(), edge.seam(), edge.path().between(0, arc)));
        edges.add(
                i + 1,
                new OutlineEdge(after, edge.kind(), edge.seam(), edge.path().between(arc, length)));
        return withOutline(edges);
    }
}
