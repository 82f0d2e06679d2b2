package bathyra.cutting;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.paper.PaperPattern;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;

/**
 * What the bust becomes once the wedges round the apex are closed, measured on the sheets (C8): the flat circle becomes a cone.
 *
 * @param upper the wedge above the apex, as an angle
 * @param lower the wedge below it
 * @param base radius of the closed cup's rim
 * @param depth how high its middle rises
 * @param innerAbove the place on the inner edge where the upper wedge was measured
 * @param outerAbove the same on the outer edge
 * @param innerBelow the place on the inner edge where the lower wedge was measured
 * @param outerBelow the same on the outer edge
 */
public record CupShape(
        Reckoned radius,
        Reckoned upper,
        Reckoned lower,
        Reckoned total,
        Reckoned base,
        Reckoned depth,
        Point innerAbove,
        Point outerAbove,
        Point innerBelow,
        Point outerBelow) {
    private static final Rule CUP = Rule.of("C8", "depth of the cup");

    static CupShape of(PaperPattern whole, Apex apex, Reckoned radius) {
        Path inner = whole.sheet(apex.inner()).edge(apex.seam()).path();
        Path outer = whole.sheet(apex.outer()).edge(apex.seam()).path().reversed();
        double i = inner.nearest(apex.atInner()).arc();
        double o = outer.nearest(apex.atOuter()).arc();
        double up = Math.min(radius.value(), Math.min(i, o));
        double down = Math.min(radius.value(), Math.min(inner.length() - i, outer.length() - o));
        Point ia = inner.at(i - up).point();
        Point oa = outer.at(o - up).point();
        Point ib = inner.at(i + down).point();
        Point ob = outer.at(o + down).point();
        Reckoned upper = wedge("Upper wedge", apex, ia, oa, 1);
        Reckoned lower = wedge("Lower wedge", apex, ib, ob, -1);
        Reckoned total = upper.plus(lower).named("All wedges", CUP);
        Reckoned turn = Given.option("Full turn", 2 * Math.PI, Quantity.ANGLE, "round the apex", CUP);
        Reckoned left =
                Given.constant(1, Quantity.RATIO).minus(total.over(turn)).named("What stays of the circle", CUP);
        Reckoned base = radius.times(left).named("Radius of the closed rim", CUP);
        return new CupShape(
                radius, upper, lower, total, base, radius.upright(base).named("Depth of the cup", CUP), ia, oa, ib, ob);
    }

    /** The angle between the two edges as seen from the apex: what a seam takes out there. */
    private static Reckoned wedge(String name, Apex apex, Point inner, Point outer, int sign) {
        double angle = sign * apex.atInner().to(inner).angleTo(apex.atOuter().to(outer));
        return Given.option(name, angle, Quantity.ANGLE, "measured on the sheets", CUP);
    }
}
