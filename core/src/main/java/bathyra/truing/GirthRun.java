package bathyra.truing;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.LevelMark;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How the girth of half a garment runs between its levels, measured on the finished pieces: at each step every piece is measured
 * from edge to edge, both edges being as far along their stretch (C7.2).
 *
 * @param between for each pair of neighbouring levels from the top, the half girth at even steps from the upper to the lower one, both included, mm
 */
public record GirthRun(List<double[]> between) {
    /** Steps between two levels. */
    public static final int STEPS = 8;

    public static GirthRun of(Pattern pattern) {
        List<double[]> between = new ArrayList<>();
        for (int i = 0; i + 1 < pattern.levels().size(); i++) {
            between.add(stretch(pattern, pattern.levels().get(i), pattern.levels().get(i + 1)));
        }
        return new GirthRun(between);
    }

    private static double[] stretch(Pattern pattern, PatternLevel above, PatternLevel below) {
        double[] sums = new double[STEPS + 1];
        for (Piece piece : pattern.pieces()) {
            LevelMark top = piece.mark(above.id()).orElseThrow();
            LevelMark bottom = piece.mark(below.id()).orElseThrow();
            Path left = edge(piece, top.from(), bottom.from());
            Path right = edge(piece, top.to(), bottom.to());
            Stretch near = new Stretch(left, left.nearest(top.from()).arc(), left.nearest(bottom.from()).arc());
            Stretch far = new Stretch(right, right.nearest(top.to()).arc(), right.nearest(bottom.to()).arc());
            for (int k = 0; k <= STEPS; k++) {
                sums[k] += near.at(k).distance(far.at(k));
            }
        }
        return sums;
    }

    private record Stretch(Path path, double from, double to) {
        Point at(int step) {
            return path.at(from + (to - from) * step / STEPS).point();
        }
    }

    /** The long edge on which two marks lie. */
    private static Path edge(Piece piece, Point one, Point other) {
        return piece.outline().stream().filter(e -> e.kind() != OutlineEdge.Kind.EDGE).map(e -> e.path())
                .min(Comparator.comparingDouble(path -> path.nearest(one).point().distance(one) + path.nearest(other).point().distance(other))).orElseThrow();
    }
}
