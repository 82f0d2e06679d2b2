package bathyra.block;

import bathyra.geometry.LineCrossing;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;

/**
 * A dart folded closed, the edge drawn straight over it, and opened again: so its legs come out alike and the sewn edge straight.
 *
 * @param near the mouth on the part that stays
 * @param far the mouth on the part that is folded, opened again
 * @param folded where the end of the edge lies while the dart is closed
 */
record Folding(Point near, Point far, Point folded) {
    /**
     * @param from the end of the edge on the part that stays
     * @param to the end of the edge on the part that is folded
     * @param leg where the leg on the part that stays meets the edge by the rule
     * @param other where the other leg does
     */
    static Folding of(Point from, Point to, Point leg, Point other, Point tip) {
        double turn = tip.to(other).angleTo(tip.to(leg));
        Point folded = turned(to, tip, turn);
        Vec along = from.to(folded);
        Vec across = tip.to(leg);
        Point near = from.plus(along.times(LineCrossing.of(from, along, tip, across)
                .map(LineCrossing::here)
                .orElseThrow()));
        return new Folding(near, turned(near, tip, -turn), folded);
    }

    private static Point turned(Point point, Point about, double radians) {
        return about.plus(about.to(point).turned(radians));
    }
}
