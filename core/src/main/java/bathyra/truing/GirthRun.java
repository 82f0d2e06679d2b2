package bathyra.truing;

import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * How the girth of half a garment runs between its levels, measured on the finished pieces: at each step every piece is measured
 * from edge to edge, both edges being as far along their stretch (C7.2).
 *
 * @param between for each pair of neighbouring levels from the top, the half girth at even steps from the upper to the lower one, both included, mm
 */
public record GirthRun(List<double[]> between) {
    /** Steps between two levels. */
    public static final int STEPS = 8;

    /** @return empty where a piece ends between the levels, as a cup or a yoke does, so that no girth runs through all of them */
    public static Optional<GirthRun> of(Pattern pattern) {
        if (pattern.levels().size() < 2
                || !pattern.levels().stream().allMatch(level -> pattern.pieces().stream()
                        .allMatch(p -> p.mark(level.id()).isPresent()))) {
            return Optional.empty();
        }
        List<double[]> between = new ArrayList<>();
        for (int i = 0; i + 1 < pattern.levels().size(); i++) {
            between.add(new double[STEPS + 1]);
        }
        for (Piece piece : pattern.pieces()) {
            List<List<Point>> edges = piece.outline().stream()
                    .filter(e -> e.kind() != OutlineEdge.Kind.EDGE)
                    .map(e -> e.path().flattened(Side.CHORD))
                    .toList();
            Side near = Side.of(edges, piece, pattern.levels(), true);
            Side far = Side.of(edges, piece, pattern.levels(), false);
            for (int i = 0; i < between.size(); i++) {
                for (int k = 0; k <= STEPS; k++) {
                    between.get(i)[k] += near.at(i, k).distance(far.at(i, k));
                }
            }
        }
        return Optional.of(new GirthRun(between));
    }

    /**
     * A long edge of a piece as a fine line of chords, with the places of the level marks on it. A tenth of a millimetre between
     * chord and curve is nothing beside the hundredth part of a girth that is looked at.
     */
    private record Side(List<Point> line, double[] passed, double[] marks) {
        private static final double CHORD = 0.1;

        static Side of(List<List<Point>> edges, Piece piece, List<PatternLevel> levels, boolean near) {
            Point[] at = levels.stream()
                    .map(level -> mark(piece.mark(level.id()).orElseThrow(), near))
                    .toArray(Point[]::new);
            List<Point> line = edges.stream()
                    .min(Comparator.comparingDouble(points -> away(points, at[0]) + away(points, at[at.length - 1])))
                    .orElseThrow();
            double[] passed = new double[line.size()];
            for (int i = 1; i < passed.length; i++) {
                passed[i] = passed[i - 1] + line.get(i - 1).distance(line.get(i));
            }
            return new Side(
                    line,
                    passed,
                    Arrays.stream(at).mapToDouble(p -> place(line, passed, p)).toArray());
        }

        private static Point mark(LevelMark mark, boolean near) {
            return near ? mark.from() : mark.to();
        }

        private static double away(List<Point> line, Point point) {
            double least = Double.POSITIVE_INFINITY;
            for (int i = 1; i < line.size(); i++) {
                least = Math.min(
                        least, square(line.get(i - 1), line.get(i), point, share(line.get(i - 1), line.get(i), point)));
            }
            return Math.sqrt(least);
        }

        /** How far along a chord the foot of a point lies, 0 to 1. */
        private static double share(Point a, Point b, Point point) {
            double dx = b.x() - a.x();
            double dy = b.y() - a.y();
            double length = dx * dx + dy * dy;
            return length == 0
                    ? 0
                    : Math.min(1, Math.max(0, ((point.x() - a.x()) * dx + (point.y() - a.y()) * dy) / length));
        }

        private static double square(Point a, Point b, Point point, double share) {
            double dx = a.x() + (b.x() - a.x()) * share - point.x();
            double dy = a.y() + (b.y() - a.y()) * share - point.y();
            return dx * dx + dy * dy;
        }

        private static double place(List<Point> line, double[] passed, Point point) {
            double least = Double.POSITIVE_INFINITY;
            double arc = 0;
            for (int i = 1; i < line.size(); i++) {
                double share = share(line.get(i - 1), line.get(i), point);
                double square = square(line.get(i - 1), line.get(i), point, share);
                if (square < least) {
                    least = square;
                    arc = passed[i - 1] + (passed[i] - passed[i - 1]) * share;
                }
            }
            return arc;
        }

        Point at(int stretch, int step) {
            double arc = marks[stretch] + (marks[stretch + 1] - marks[stretch]) * step / STEPS;
            int found = Arrays.binarySearch(passed, arc);
            int i = Math.min(passed.length - 1, Math.max(1, found >= 0 ? found : -found - 1));
            double length = passed[i] - passed[i - 1];
            return line.get(i - 1)
                    .plus(line.get(i - 1).to(line.get(i)).times(length == 0 ? 0 : (arc - passed[i - 1]) / length));
        }
    }
}
