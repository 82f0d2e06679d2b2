package bathyra.paper;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Tolerance;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Slash: a sheet is cut in two along a line that runs from one place of its outline to another. */
public final class Slash {
    private static final double ON_OUTLINE = 0.01;
    private static final double COARSE = 0.5;

    private Slash() {}

    /**
     * The two parts.
     *
     * @param along the part that keeps the outline from where the line starts, clockwise, to where it ends
     * @param rest the other part
     */
    public record Parts(Sheet along, Sheet rest) {}

    /**
     * Cuts a sheet. Both parts keep its id and its names; the cut itself becomes an edge of either. Where a line starts and ends on
     * one edge, the rest has that edge twice, the second time with {@code -2} behind its name.
     *
     * @param line from a place of the outline to another, inside the sheet between
     * @param cut the name of the new edge in both parts
     * @throws IllegalArgumentException when an end does not lie on the outline
     */
    public static Parts along(Sheet sheet, Path line, String cut) {
        Place from = Place.of(sheet, line.start());
        Place to = Place.of(sheet, line.end());
        List<OutlineEdge> along = new ArrayList<>(stretch(sheet, from, to));
        along.add(new OutlineEdge(cut, OutlineEdge.Kind.SEAM, Optional.empty(), line.reversed()));
        List<OutlineEdge> rest = new ArrayList<>(stretch(sheet, to, from));
        rest.add(new OutlineEdge(cut, OutlineEdge.Kind.SEAM, Optional.empty(), line));
        Sheet first = bare(sheet, snapped(along));
        Sheet second = bare(sheet, snapped(distinct(rest)));
        List<Point> ring = first.flattened(COARSE);
        List<Point> other = second.flattened(COARSE);
        return new Parts(marked(first, sheet, line, ring, other), marked(second, sheet, line, other, ring));
    }

    private record Place(int edge, double arc) {
        static Place of(Sheet sheet, Point point) {
            Place best = null;
            double least = ON_OUTLINE;
            for (int i = 0; i < sheet.outline().size(); i++) {
                Optional<Path.Place> place = sheet.outline().get(i).path().near(point, least);
                if (place.isPresent()) {
                    least = place.get().point().distance(point);
                    best = new Place(i, place.get().arc());
                }
            }
            if (best == null) {
                throw new IllegalArgumentException(
                        "a slash of sheet " + sheet.id() + " ends off its outline, at " + point);
            }
            return best;
        }
    }

    private static List<OutlineEdge> stretch(Sheet sheet, Place from, Place to) {
        List<OutlineEdge> edges = new ArrayList<>();
        int n = sheet.outline().size();
        boolean within = from.edge() == to.edge() && from.arc() < to.arc();
        int steps = within ? 0 : Math.floorMod(to.edge() - from.edge(), n);
        steps = !within && steps == 0 ? n : steps;
        for (int k = 0; k <= steps; k++) {
            OutlineEdge edge = sheet.outline().get((from.edge() + k) % n);
            double start = k == 0 ? from.arc() : 0;
            double length = edge.path().length();
            double end = k == steps ? to.arc() : length;
            if (end - start > ON_OUTLINE) {
                edges.add(
                        start == 0 && end == length
                                ? edge
                                : new OutlineEdge(
                                        edge.name(),
                                        edge.kind(),
                                        edge.seam(),
                                        edge.path().between(start, end)));
            }
        }
        return edges;
    }

    private static List<OutlineEdge> distinct(List<OutlineEdge> edges) {
        List<OutlineEdge> next = new ArrayList<>();
        for (OutlineEdge edge : edges) {
            boolean twice = next.stream().anyMatch(e -> e.name().equals(edge.name()));
            next.add(twice ? new OutlineEdge(edge.name() + "-2", edge.kind(), edge.seam(), edge.path()) : edge);
        }
        return next;
    }

    /** The line may end up to a hundredth of a millimetre off the outline; the cut edge is moved onto it there. */
    private static List<OutlineEdge> snapped(List<OutlineEdge> edges) {
        List<OutlineEdge> next = new ArrayList<>(edges);
        OutlineEdge last = edges.get(edges.size() - 1);
        Point start = edges.get(edges.size() - 2).path().end();
        Point end = edges.get(0).path().start();
        next.set(
                next.size() - 1,
                new OutlineEdge(last.name(), last.kind(), last.seam(), Ends.moved(last.path(), start, end)));
        return next;
    }

    private static Sheet bare(Sheet sheet, List<OutlineEdge> outline) {
        return new Sheet(sheet.id(), sheet.name(), sheet.front(), outline, List.of(), List.of());
    }

    private static Sheet marked(Sheet part, Sheet whole, Path line, List<Point> ring, List<Point> other) {
        List<LevelMark> marks = whole.marks().stream()
                .flatMap(m -> inside(m, line, ring, other).stream())
                .toList();
        List<Piece.Corner> declared = whole.declared().stream()
                .filter(c -> part.outline().stream().anyMatch(e -> e.path().isNear(c.at(), ON_OUTLINE)))
                .toList();
        return new Sheet(part.id(), part.name(), part.front(), part.outline(), marks, declared);
    }

    /** The stretches of a level line that lie in one part; a line along the very edge belongs to the part that is nearer. */
    private static List<LevelMark> inside(LevelMark mark, Path line, List<Point> ring, List<Point> other) {
        List<Double> cuts = new ArrayList<>(List.of(0.0));
        double length = mark.length();
        double at = 0;
        while (length - at > Tolerance.COINCIDENT) {
            Path rest = Path.of(new Line(mark.from().between(mark.to(), at / length), mark.to()));
            Optional<Path.Crossing> crossing = rest.crossing(line);
            if (crossing.isEmpty() || at + crossing.get().here() > length - ON_OUTLINE) {
                break;
            }
            if (crossing.get().here() > ON_OUTLINE) {
                cuts.add(at + crossing.get().here());
            }
            at += Math.max(crossing.get().here(), 0) + 2 * ON_OUTLINE;
        }
        cuts.add(length);
        List<LevelMark> kept = new ArrayList<>();
        for (int i = 0; i + 1 < cuts.size(); i++) {
            Point from = mark.from().between(mark.to(), cuts.get(i) / length);
            Point to = mark.from().between(mark.to(), cuts.get(i + 1) / length);
            Point middle = from.between(to, 0.5);
            if (Shape.away(ring, middle) < Shape.away(other, middle)) {
                kept.add(new LevelMark(mark.level(), from, to));
            }
        }
        return kept;
    }
}
