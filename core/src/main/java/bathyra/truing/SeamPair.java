package bathyra.truing;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Point;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * The two edges of a seam laid beside each other from the top, with the arc lengths of their level marks found on the
 * finished curves.
 *
 * @param names what bounds each stretch from above: "top", then the levels
 * @param stretchesA the stretches of the edge nearer centre front, mm
 * @param stretchesB the stretches of its partner, mm
 */
public record SeamPair(SeamJoin seam, List<String> names, List<Double> stretchesA, List<Double> stretchesB) {
    private static final double ON_EDGE = 1.0;
    private static final double NEAR_EDGE = 12;

    /** Reads a seam off a pattern. */
    public static SeamPair of(Pattern pattern, SeamJoin seam) {
        Path first = pattern.edge(seam.a()).path();
        Path second = pattern.edge(seam.b()).path();
        boolean runsDown = first.start().y() <= first.end().y();
        Path a = runsDown ? first : first.reversed();
        // Outlines run clockwise, so two edges that are sewn together run against each other.
        Path b = runsDown == seam.a().equals(seam.b()) ? second : second.reversed();
        List<String> names = new ArrayList<>(List.of("top"));
        List<Double> arcsA = new ArrayList<>(List.of(0.0));
        List<Double> arcsB = new ArrayList<>(List.of(0.0));
        for (PatternLevel level : pattern.levels()) {
            List<Point> markA = marks(pattern.piece(seam.a().piece()), level.id(), a);
            List<Point> markB = marks(pattern.piece(seam.b().piece()), level.id(), b);
            if (!markA.isEmpty() && !markB.isEmpty()) {
                double[] met = met(a, markA, b, markB);
                names.add(level.id());
                arcsA.add(met[0]);
                arcsB.add(met[1]);
            }
        }
        arcsA.add(a.length());
        arcsB.add(b.length());
        return new SeamPair(seam, names, differences(arcsA), differences(arcsB));
    }

    /** Where a level meets an edge; a level line that ends far from it has nothing to do with this seam. */
    private static List<Point> marks(Piece piece, String level, Path edge) {
        return piece.levelMarks().stream().filter(m -> m.level().equals(level)).flatMap(m -> Stream.of(m.from(), m.to())).filter(p -> ends(piece, edge, p)).toList();
    }

    /** Whether a level line ends at an edge, or near it and at no other. */
    private static boolean ends(Piece piece, Path edge, Point end) {
        return edge.isNear(end, ON_EDGE) || edge.isNear(end, NEAR_EDGE) && piece.outline().stream().noneMatch(e -> e.path().isNear(end, ON_EDGE));
    }

    /** A level line that a cut has divided may meet an edge more than once: the two ends that belong together lie nearest to each other. */
    private static double[] met(Path a, List<Point> marksA, Path b, List<Point> marksB) {
        double[] best = null;
        for (Point markA : marksA) {
            for (Point markB : marksB) {
                double[] arcs = {arc(a, markA), arc(b, markB)};
                if (best == null || Math.abs(arcs[0] - arcs[1]) < Math.abs(best[0] - best[1])) {
                    best = arcs;
                }
            }
        }
        return best;
    }

    /** The place of a mark; one that lies off its edge counts with its distance, so that it cannot pass unseen. */
    private static double arc(Path path, Point mark) {
        Path.Place place = path.nearest(mark);
        double off = place.point().distance(mark);
        return off > ON_EDGE ? place.arc() + off : place.arc();
    }

    /** A path from its upper to its lower end. */
    public static Path downwards(Path path) {
        return path.start().y() <= path.end().y() ? path : path.reversed();
    }

    private static List<Double> differences(List<Double> arcs) {
        List<Double> stretches = new ArrayList<>();
        for (int i = 1; i < arcs.size(); i++) {
            stretches.add(arcs.get(i) - arcs.get(i - 1));
        }
        return stretches;
    }

    public double totalA() {
        return stretchesA.stream().mapToDouble(Double::doubleValue).sum();
    }

    public double totalB() {
        return stretchesB.stream().mapToDouble(Double::doubleValue).sum();
    }

    /** The greatest difference of any stretch or of the whole, mm. */
    public double worst() {
        double worst = Math.abs(totalA() - totalB());
        for (int i = 0; i < stretchesA.size(); i++) {
            worst = Math.max(worst, Math.abs(stretchesA.get(i) - stretchesB.get(i)));
        }
        return worst;
    }
}
