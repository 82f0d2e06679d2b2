package bathyra.piece;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import java.util.List;
import java.util.function.UnaryOperator;

/**
 * A dart on a piece, closed by sewing its legs to each other. One that lies in the middle of the piece has both its ends where its legs meet;
 * one that opens in an edge has its mouth at its other end.
 *
 * @param name what it is called
 * @param one one leg, from the end where the legs meet
 * @param other the leg that is sewn to it, the same way and as long
 */
public record Dart(String name, Path one, Path other) {
    /** Along its legs it is measured at so many places. */
    private static final int PLACES = 48;

    /** The line on which it is folded to be sewn. */
    public Path fold() {
        return Path.of(
                new Line(one.start().between(other.start(), 0.5), one.end().between(other.end(), 0.5)));
    }

    /** Everything that is drawn of it: both legs and the fold. */
    public List<Path> lines() {
        return List.of(one, other, fold());
    }

    /** How much it takes where it takes most, mm across. */
    public double width() {
        double widest = 0;
        for (int i = 0; i <= PLACES; i++) {
            double share = (double) i / PLACES;
            widest = Math.max(
                    widest,
                    one.at(one.length() * share)
                            .point()
                            .distance(other.at(other.length() * share).point()));
        }
        return widest;
    }

    /** Where its legs meet: one place, or two where it lies in the middle of the piece. @param meets places nearer each other are one, mm */
    public List<Point> tips(double meets) {
        Point first = one.start();
        return one.end().distance(other.end()) > meets ? List.of(first) : List.of(first, one.end());
    }

    /** The same dart laid elsewhere. */
    public Dart mapped(UnaryOperator<Point> way) {
        return new Dart(name, one.mapped(way), other.mapped(way));
    }
}
