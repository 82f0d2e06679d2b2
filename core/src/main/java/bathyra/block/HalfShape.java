package bathyra.block;

import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The corners of a drafted half, before its curves are drawn.
 *
 * @param neckCentre the neck on the centre line
 * @param shoulder from the neck end to the tip; with a shoulder dart the dart's legs and tip stand between
 * @param armhole what the armhole passes through between tip and underarm
 * @param side from the underarm down to the hem
 * @param sideDart the dart that opens in the side
 * @param centre from the hem up to below the neck
 */
record HalfShape(
        Half half,
        Point neckCentre,
        List<Point> shoulder,
        List<Point> armhole,
        List<Point> side,
        Optional<SideDart> sideDart,
        List<Point> centre) {
    /** A corner of the side nearer than this to a dart's mouth would bend its allowance: the mouth stands for it, mm. */
    private static final double BESIDE_DART = 2;

    /** @param after how many of the side's corners lie above it */
    record SideDart(Point upper, Point tip, Point lower, int after) {}

    HalfShape {
        shoulder = List.copyOf(shoulder);
        armhole = List.copyOf(armhole);
        side = List.copyOf(side);
        centre = List.copyOf(centre);
    }

    Point tip() {
        return shoulder.get(shoulder.size() - 1);
    }

    Point underarm() {
        return side.get(0);
    }

    boolean hasShoulderDart() {
        return shoulder.size() > 2;
    }

    /** @param fallen how many of the corners above the dart are gone */
    HalfShape withSide(List<Point> next, int fallen) {
        Optional<SideDart> dart = sideDart.map(d -> new SideDart(d.upper(), d.tip(), d.lower(), d.after() - fallen));
        return new HalfShape(half, neckCentre, shoulder, armhole, next, dart, centre);
    }

    HalfShape withUnderarm(Point next) {
        List<Point> moved = new ArrayList<>(side);
        moved.set(0, next);
        return withSide(moved, 0);
    }

    /** The side above the dart, or all of it. */
    List<Point> sideAbove() {
        if (sideDart.isEmpty()) {
            return side;
        }
        Point upper = sideDart.get().upper();
        List<Point> above = new ArrayList<>(side.subList(0, sideDart.get().after()));
        above.removeIf(p -> p != underarm() && p.distance(upper) < BESIDE_DART);
        above.add(upper);
        return above;
    }

    List<Point> sideBelow() {
        Point lower = sideDart.orElseThrow().lower();
        List<Point> below = new ArrayList<>(List.of(lower));
        side.subList(sideDart.get().after(), side.size()).stream()
                .filter(p -> p.distance(lower) >= BESIDE_DART)
                .forEach(below::add);
        return below;
    }

    /** The length of the side with its dart closed. */
    double sideLength() {
        return length(sideAbove()) + (sideDart.isPresent() ? length(sideBelow()) : 0);
    }

    private static double length(List<Point> points) {
        double sum = 0;
        for (int i = 0; i + 1 < points.size(); i++) {
            sum += points.get(i).distance(points.get(i + 1));
        }
        return sum;
    }
}
