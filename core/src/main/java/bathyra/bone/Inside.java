package bathyra.bone;

import bathyra.geometry.FairSpline;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.piece.Piece;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

/** Cuts a line off where it leaves a piece. */
final class Inside {
    private static final double CHORD = 0.2;
    /** The line is lengthened by so much at either end, so that it reaches an edge that is curved outwards, mm. */
    private static final double BEYOND = 120;

    private static final double STEP = 8;
    private static final double FINE = 0.05;
    private static final double LEAST = 20;

    private Inside() {}

    /** The longest part of a line through stations that lies inside a piece, from the top down; empty when next to nothing does. */
    static Optional<Path> longest(Piece piece, List<Point> stations) {
        List<Point> line = new ArrayList<>();
        Vec up = stations.get(1).to(stations.get(0)).unit();
        Vec down = stations.get(stations.size() - 2)
                .to(stations.get(stations.size() - 1))
                .unit();
        line.add(stations.get(0).plus(up.times(BEYOND)));
        line.addAll(stations);
        line.add(stations.get(stations.size() - 1).plus(down.times(BEYOND)));
        Path whole = FairSpline.through(line, Optional.empty(), Optional.empty());
        Predicate<Point> inside = Shape.inside(piece.flattened(CHORD));
        double best = 0;
        double bestFrom = 0;
        double from = -1;
        double last = 0;
        int steps = (int) Math.ceil(whole.length() / STEP);
        for (int i = 0; i <= steps; i++) {
            double arc = Math.min(whole.length(), i * STEP);
            boolean in = i < steps && inside.test(whole.at(arc).point());
            if (in && from < 0) {
                from = border(whole, inside, last, arc);
            } else if (!in && from >= 0) {
                double length = border(whole, inside, arc, last) - from;
                if (length > best) {
                    best = length;
                    bestFrom = from;
                }
                from = -1;
            }
            last = arc;
        }
        return best < LEAST ? Optional.empty() : Optional.of(whole.between(bestFrom, bestFrom + best));
    }

    /** Where a line passes the border between a place outside and one inside, by halving. */
    private static double border(Path whole, Predicate<Point> inside, double outside, double within) {
        double out = outside;
        double in = within;
        while (Math.abs(in - out) > FINE) {
            double middle = (in + out) / 2;
            if (inside.test(whole.at(middle).point())) {
                in = middle;
            } else {
                out = middle;
            }
        }
        return in;
    }
}
