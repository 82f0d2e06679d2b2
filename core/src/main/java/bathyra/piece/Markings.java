package bathyra.piece;

import bathyra.geometry.Point;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * What is drawn on a piece inside its sewing line, and said of its corners.
 *
 * @param levels the level lines
 * @param declared corners that are drawn on purpose: the point of a lower edge
 * @param marks what else is marked
 * @param darts what is taken out inside the piece
 */
public record Markings(
        List<LevelMark> levels,
        List<Notch> notches,
        Grain grain,
        List<Piece.Corner> declared,
        List<Mark> marks,
        List<Dart> darts) {
    public Markings {
        levels = List.copyOf(levels);
        notches = List.copyOf(notches);
        declared = List.copyOf(declared);
        marks = List.copyOf(marks);
        darts = List.copyOf(darts);
    }

    /** Levels, notches and grain alone. */
    public Markings(List<LevelMark> levels, List<Notch> notches, Grain grain) {
        this(levels, notches, grain, List.of(), List.of(), List.of());
    }

    public Markings withLevels(List<LevelMark> next) {
        return new Markings(next, notches, grain, declared, marks, darts);
    }

    public Markings withNotches(List<Notch> next) {
        return new Markings(levels, next, grain, declared, marks, darts);
    }

    public Markings declaring(List<Piece.Corner> next) {
        return new Markings(levels, notches, grain, next, marks, darts);
    }

    public Markings marking(List<Mark> next) {
        return new Markings(levels, notches, grain, declared, next, darts);
    }

    public Markings darted(List<Dart> next) {
        return new Markings(levels, notches, grain, declared, marks, next);
    }

    /** All of it laid elsewhere. */
    public Markings mapped(UnaryOperator<Point> way) {
        return new Markings(
                levels.stream()
                        .map(m -> new LevelMark(m.level(), way.apply(m.from()), way.apply(m.to())))
                        .toList(),
                notches.stream()
                        .map(n -> new Notch(n.edge(), way.apply(n.at()), n.twofold(), n.level()))
                        .toList(),
                new Grain(way.apply(grain.from()), way.apply(grain.to())),
                declared.stream()
                        .map(c -> new Piece.Corner(way.apply(c.at()), c.degrees()))
                        .toList(),
                marks.stream().map(m -> new Mark(m.kind(), way.apply(m.at()))).toList(),
                darts.stream().map(d -> d.mapped(way)).toList());
    }
}
