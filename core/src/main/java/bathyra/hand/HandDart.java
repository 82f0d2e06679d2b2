package bathyra.hand;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.piece.Dart;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;

/**
 * A dart with the figures by which it is drawn inside its piece: its ends, and how far both its legs stand from the grain at every height that is
 * marked between them.
 *
 * @param places from the end where the legs meet
 */
public record HandDart(String name, List<Place> places) {
    /** An end has no height this near beside it, mm: its own figure is there. */
    private static final double CLOSE = 3;

    private static final double WIDE = 2_000;

    /**
     * Both legs at one height, mm.
     *
     * @param up from the waist
     * @param one how far right of the grain the one leg stands; left where it is less than nothing
     * @param other the same of its other leg; as far at an end where they meet
     */
    public record Place(double up, double one, double other) {}

    public HandDart {
        places = List.copyOf(places);
    }

    /** The darts inside a piece. */
    public static List<HandDart> of(HandPiece hand) {
        return hand.piece().darts().stream().map(dart -> of(dart, hand)).toList();
    }

    private static HandDart of(Dart dart, HandPiece hand) {
        List<Place> places = new ArrayList<>();
        places.add(end(dart.one().start(), dart.other().start()));
        double from = -dart.one().start().y();
        double to = -dart.one().end().y();
        hand.rows().stream()
                .map(HandPiece.Row::up)
                .filter(up -> up < Math.max(from, to) - CLOSE && up > Math.min(from, to) + CLOSE)
                .sorted((a, b) -> from > to ? Double.compare(b, a) : Double.compare(a, b))
                .forEach(up -> {
                    OptionalDouble one = at(dart.one(), up);
                    OptionalDouble other = at(dart.other(), up);
                    if (one.isPresent() && other.isPresent()) {
                        places.add(new Place(up, one.getAsDouble(), other.getAsDouble()));
                    }
                });
        places.add(end(dart.one().end(), dart.other().end()));
        return new HandDart(dart.name(), places);
    }

    private static Place end(Point one, Point other) {
        return new Place(-(one.y() + other.y()) / 2, one.x(), other.x());
    }

    private static OptionalDouble at(Path leg, double up) {
        return leg.crossing(Path.of(new Line(new Point(-WIDE, -up), new Point(WIDE, -up))))
                .map(c -> OptionalDouble.of(leg.at(c.here()).point().x()))
                .orElse(OptionalDouble.empty());
    }
}
