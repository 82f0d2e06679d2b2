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
 * @param outline the sewing line, clockwise on the screen and closed
 */
public record Piece(PieceTitle title, CutCount cut, List<OutlineEdge> outline, Markings markings, CuttingLine cutting) {
    /** A corner drawn on purpose. @param degrees the angle inside the piece */
    public record Corner(Point at, double degrees) {}

    private static final double STRAIGHT = 1e-9;

    public Piece {
        outline = List.copyOf(outline);
    }

    public String id() {
        return title.id();
    }

    public String name() {
        return title.name();
    }

    /** The number in sewing order. */
    public int order() {
        return title.order();
    }

    /** Whether it belongs to the front block. */
    public boolean front() {
        return title.front();
    }

    public int count() {
        return cut.count();
    }

    public boolean onFold() {
        return cut.onFold();
    }

    public List<LevelMark> levelMarks() {
        return markings.levels();
    }

    public List<Notch> notches() {
        return markings.notches();
    }

    public Grain grain() {
        return markings.grain();
    }

    public List<Corner> declared() {
        return markings.declared();
    }

    public List<Mark> marks() {
        return markings.marks();
    }

    /** What is taken out inside it. */
    public List<Dart> darts() {
        return markings.darts();
    }

    /** The outline with allowances, closed. */
    public List<Point> cutLine() {
        return cutting.line();
    }

    /** The width of each edge's allowance by its name, mm. */
    public Map<String, Double> allowances() {
        return cutting.widths();
    }

    /** The same piece for one half of an uneven body: cut once, and not on the fold. */
    public Piece cutOnce() {
        return new Piece(title, CutCount.ONCE, outline, markings, cutting);
    }

    /** The same piece under another id. */
    public Piece withId(String next) {
        return titled(new PieceTitle(next, name(), order(), front()));
    }

    /** The same piece under another name, of the front or of the back. */
    public Piece called(String next, boolean ofFront) {
        return titled(new PieceTitle(id(), next, order(), ofFront));
    }

    /** The same piece at another place of the row, of the front or of the back. */
    public Piece standing(int order, boolean ofFront) {
        return titled(new PieceTitle(id(), name(), order, ofFront));
    }

    private Piece titled(PieceTitle next) {
        return new Piece(next, cut, outline, markings, cutting);
    }

    /** The same piece with other level lines. */
    public Piece withLevels(List<LevelMark> next) {
        return marked(markings.withLevels(next));
    }

    /** The same piece with other notches. */
    public Piece withNotches(List<Notch> next) {
        return marked(markings.withNotches(next));
    }

    /** The same piece with a corner that is drawn on purpose. */
    public Piece declaring(Corner corner) {
        return marked(markings.declaring(List.of(corner)));
    }

    /** The same piece with something marked inside it. */
    public Piece marking(List<Mark> next) {
        return marked(markings.marking(next));
    }

    /** The same piece with darts. */
    public Piece darted(List<Dart> next) {
        return marked(markings.darted(next));
    }

    private Piece marked(Markings next) {
        return new Piece(title, cut, outline, next, cutting);
    }

    /** The same piece with other edges. */
    public Piece withOutline(List<OutlineEdge> next) {
        return new Piece(title, cut, next, markings, cutting);
    }

    /** The same piece with other allowances. */
    public Piece cutWith(List<Point> line, Map<String, Double> widths) {
        return new Piece(title, cut, outline, markings, new CuttingLine(line, widths));
    }

    /** The same piece with its points laid elsewhere; every edge keeps its name. */
    public Piece mapped(UnaryOperator<Point> way) {
        return new Piece(
                title,
                cut,
                outline.stream()
                        .map(e -> new OutlineEdge(
                                e.name(), e.kind(), e.seam(), e.path().mapped(way)))
                        .toList(),
                markings.mapped(way),
                cutting.mapped(way));
    }

    /** The turn that makes its grain stand upright. */
    public Motion uprightTurn() {
        double turn = grain().from().to(grain().to()).angleTo(Vec.DOWN.reversed());
        return Math.abs(turn) < STRAIGHT ? Motion.STILL : Motion.about(grain().from(), turn);
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
                .orElseThrow(() -> new IllegalArgumentException("piece " + id() + " has no edge " + edgeName));
    }

    public Optional<LevelMark> mark(String level) {
        return levelMarks().stream().filter(m -> m.level().equals(level)).findFirst();
    }

    /** The sewing line as points, closed. */
    public List<Point> flattened(double chord) {
        return flattened(chord, Double.POSITIVE_INFINITY);
    }

    /** The same, no line of a curve longer than so much. */
    public List<Point> flattened(double chord, double longest) {
        List<Point> points = new ArrayList<>();
        for (OutlineEdge edge : outline) {
            List<Point> part = edge.path().flattened(chord, longest);
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
        return cut.words();
    }

    /** What the piece is. */
    public PieceRole role() {
        return PieceRole.of(id());
    }

    /** The line of a level across the piece. */
    public Optional<LevelMark> mark(Level level) {
        return mark(level.id());
    }
}
