package bathyra.piece;

import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.UnaryOperator;

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
 * @param allowances the width of each edge's allowance by its name, mm; empty where it is not known
 * @param marks what is marked inside it
 */
public record Piece(
        String id,
        String name,
        int order,
        boolean front,
        int count,
        boolean onFold,
        List<OutlineEdge> outline,
        List<LevelMark> levelMarks,
        List<Notch> notches,
        Grain grain,
        List<Point> cutLine,
        List<Corner> declared,
        Map<String, Double> allowances,
        List<Mark> marks) {
    /** A corner drawn on purpose. @param degrees the angle inside the piece */
    public record Corner(Point at, double degrees) {}

    private static final double STRAIGHT = 1e-9;

    public Piece {
        outline = List.copyOf(outline);
        levelMarks = List.copyOf(levelMarks);
        notches = List.copyOf(notches);
        cutLine = List.copyOf(cutLine);
        declared = List.copyOf(declared);
        allowances = Map.copyOf(allowances);
        marks = List.copyOf(marks);
    }

    /** A piece on which no corner is drawn on purpose and nothing is marked. */
    public Piece(
            String id,
            String name,
            int order,
            boolean front,
            int count,
            boolean onFold,
            List<OutlineEdge> outline,
            List<LevelMark> levelMarks,
            List<Notch> notches,
            Grain grain,
            List<Point> cutLine) {
        this(
                id,
                name,
                order,
                front,
                count,
                onFold,
                outline,
                levelMarks,
                notches,
                grain,
                cutLine,
                List.of(),
                Map.of(),
                List.of());
    }

    /** The same piece for one half of an uneven body: cut once, and not on the fold. */
    public Piece cutOnce() {
        return new Piece(
                id,
                name,
                order,
                front,
                1,
                false,
                outline,
                levelMarks,
                notches,
                grain,
                cutLine,
                declared,
                allowances,
                marks);
    }

    /** The same piece under another id. */
    public Piece withId(String next) {
        return new Piece(
                next,
                name,
                order,
                front,
                count,
                onFold,
                outline,
                levelMarks,
                notches,
                grain,
                cutLine,
                declared,
                allowances,
                marks);
    }

    /** The same piece under another name, of the front or of the back. */
    public Piece called(String next, boolean ofFront) {
        return new Piece(
                id,
                next,
                order,
                ofFront,
                count,
                onFold,
                outline,
                levelMarks,
                notches,
                grain,
                cutLine,
                declared,
                allowances,
                marks);
    }

    /** The same piece with other level lines. */
    public Piece withLevels(List<LevelMark> next) {
        return new Piece(
                id,
                name,
                order,
                front,
                count,
                onFold,
                outline,
                next,
                notches,
                grain,
                cutLine,
                declared,
                allowances,
                marks);
    }

    /** The same piece with other edges. */
    public Piece withOutline(List<OutlineEdge> next) {
        return new Piece(
                id,
                name,
                order,
                front,
                count,
                onFold,
                next,
                levelMarks,
                notches,
                grain,
                cutLine,
                declared,
                allowances,
                marks);
    }

    /** The same piece with a corner that is drawn on purpose. */
    public Piece declaring(Corner corner) {
        return new Piece(
                id,
                name,
                order,
                front,
                count,
                onFold,
                outline,
                levelMarks,
                notches,
                grain,
                cutLine,
                List.of(corner),
                allowances,
                marks);
    }

    /** The same piece with other allowances. */
    public Piece cutWith(List<Point> line, Map<String, Double> widths) {
        return new Piece(
                id,
                name,
                order,
                front,
                count,
                onFold,
                outline,
                levelMarks,
                notches,
                grain,
                line,
                declared,
                widths,
                marks);
    }

    /** The same piece with something marked inside it. */
    public Piece marking(List<Mark> next) {
        return new Piece(
                id,
                name,
                order,
                front,
                count,
                onFold,
                outline,
                levelMarks,
                notches,
                grain,
                cutLine,
                declared,
                allowances,
                next);
    }

    /** The same piece with its points laid elsewhere; every edge keeps its name. */
    public Piece mapped(UnaryOperator<Point> way) {
        return new Piece(
                id,
                name,
                order,
                front,
                count,
                onFold,
                outline.stream()
                        .map(e -> new OutlineEdge(
                                e.name(), e.kind(), e.seam(), e.path().mapped(way)))
                        .toList(),
                levelMarks.stream()
                        .map(m -> new LevelMark(m.level(), way.apply(m.from()), way.apply(m.to())))
                        .toList(),
                notches.stream()
                        .map(n -> new Notch(n.edge(), way.apply(n.at()), n.twofold(), n.level()))
                        .toList(),
                new Grain(way.apply(grain.from()), way.apply(grain.to())),
                cutLine.stream().map(way).toList(),
                declared.stream()
                        .map(c -> new Corner(way.apply(c.at()), c.degrees()))
                        .toList(),
                allowances,
                marks.stream().map(m -> new Mark(m.kind(), way.apply(m.at()))).toList());
    }

    /** The turn that makes its grain stand upright. */
    public Motion uprightTurn() {
        double turn = grain.from().to(grain.to()).angleTo(Vec.DOWN.reversed());
        return Math.abs(turn) < STRAIGHT ? Motion.STILL : Motion.about(grain.from(), turn);
    }

    /** The same piece turned until its grain stands upright, as it is written to files. */
    public Piece upright() {
        Motion turn = uprightTurn();
        return turn == Motion.STILL ? this : mapped(turn);
    }

    /** The edge of a name. @throws IllegalArgumentException when the piece has none */
    public OutlineEdge edge(String edgeName) {
        return outline.stream()
                .filter(e -> e.name().equals(edgeName))
                .findFirst()
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

    /** What the piece is. */
    public PieceRole role() {
        return PieceRole.of(id);
    }

    /** The line of a level across the piece. */
    public Optional<LevelMark> mark(Level level) {
        return mark(level.id());
    }
}
