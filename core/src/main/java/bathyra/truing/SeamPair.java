package bathyra.truing;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Point;
import bathyra.piece.Pattern;
import bathyra.piece.PatternLevel;
import bathyra.piece.Piece;
import bathyra.piece.SeamJoin;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
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
            Optional<Point> markA = mark(pattern.piece(seam.a().piece()), level.id(), a);
            Optional<Point> markB = mark(pattern.piece(seam.b().piece()), level.id(), b);
            if (markA.isPresent() && markB.isPresent()) {
                names.add(level.id());
                arcsA.add(arc(a, markA.get()));
                arcsB.add(arc(b, markB.get()));
            }
        }
        arcsA.add(a.length());
        arcsB.add(b.length());
        return new SeamPair(seam, names, differences(arcsA), differences(arcsB));
    }

    /** Where a level meets an edge; a level line that ends far from it has nothing to do with this seam. */
    private static Optional<Point> mark(Piece piece, String level, Path edge) {
        return piece.levelMarks().stream().filter(m -> m.level().equals(level)).flatMap(m -> Stream.of(m.from(), m.to()))
                .min(Comparator.comparingDouble(p -> edge.nearest(p).point().distance(p))).filter(p -> edge.nearest(p).point().distance(p) < NEAR_EDGE);
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
