package bathyra.bone;

import bathyra.finding.Finding;
import bathyra.finding.FindingKind;
import bathyra.garment.Experience;
import bathyra.garment.Garment;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;

/**
 * The eyelets of one lacing edge, from the top: evenly down to the waist pull, closer there, evenly down to the end.
 *
 * @param piece the panel that they stand in
 * @param points where
 * @param above how far apart they stand above the waist
 * @param pull how far apart the two of the waist pull stand
 * @param below how far apart they stand below the waist
 * @param spacesAbove how many spaces there are above the waist pull
 * @param spacesBelow how many below it
 * @param finding whether their rims have room
 */
public record Eyelets(
        String piece,
        List<Point> points,
        Reckoned above,
        Reckoned pull,
        Reckoned below,
        int spacesAbove,
        int spacesBelow,
        Finding finding) {
    private static final Rule RULE =
            Rule.of("C13", "first 10 to 12 from each end, then every 20 to 25, 12 at the waist pull");
    private static final Rule CORD = Rule.of("C13", "cord");
    private static final Rule DRESSED = Rule.of("C13.1", "gap for dressing");
    /** So far apart the edges are when one gets in, and more for who is not used to it, mm. */
    private static final double DRESSING = 150;

    private static final double DRESSING_FIRST = 200;
    private static final double FIRST = 11;
    private static final double APART = 22.5;
    private static final double USUAL_LEAST = 20;
    private static final double USUAL_MOST = 25;
    private static final double PULL = 12;
    private static final double LOOPS_AND_TAILS = 2 * 600 + 400;

    public Eyelets {
        points = List.copyOf(points);
    }

    /**
     * @param edge the lacing edge, from the top down
     * @param waist how far down it the waist lies, mm
     */
    static Eyelets of(String piece, Path edge, double waist, Garment garment) {
        Reckoned wanted = Given.option(
                "Eyelets apart",
                garment.boning().eyelets().map(Length::millimetres).orElse(APART),
                Quantity.LENGTH,
                garment.boning().eyelets().isPresent() ? "yours" : "rule",
                RULE);
        Reckoned first = Given.option("First from the end", FIRST, Quantity.LENGTH, "rule", RULE);
        Reckoned pull = Given.option("Waist pull", PULL, Quantity.LENGTH, "rule", RULE);
        Reckoned upper = Given.option("Edge above the waist", waist, Quantity.LENGTH, "measured on the pieces", RULE)
                .minus(first)
                .minus(pull.over(2))
                .named("Room above the waist pull", RULE);
        Reckoned lower = Given.option(
                        "Edge below the waist", edge.length() - waist, Quantity.LENGTH, "measured on the pieces", RULE)
                .minus(first)
                .minus(pull.over(2))
                .named("Room below the waist pull", RULE);
        int up = spaces(upper.value(), wanted.value());
        int down = spaces(lower.value(), wanted.value());
        Reckoned above = upper.over(up).named("Apart above the waist", RULE);
        Reckoned below = lower.over(down).named("Apart below the waist", RULE);
        List<Point> points = new ArrayList<>();
        double inside = LacingEdge.of(garment).eyelets();
        double arc = FIRST;
        for (int i = 0; i <= up; i++) {
            points.add(inside(edge, arc + i * above.value(), inside));
        }
        arc = waist + PULL / 2;
        for (int i = 0; i <= down; i++) {
            points.add(inside(edge, arc + i * below.value(), inside));
        }
        double least = Math.min(PULL, Math.min(above.value(), below.value()));
        return new Eyelets(piece, points, above, pull, below, up, down, finding(least));
    }

    private static int spaces(double room, double wanted) {
        return Math.max(1, (int) Math.round(room / wanted));
    }

    private static Point inside(Path edge, double arc, double distance) {
        Path.Place place = edge.at(arc);
        return place.point().plus(place.tangent().turned(Math.PI / 2).times(distance));
    }

    private static Finding finding(double least) {
        double room = LacingEdge.RIM + 1;
        return least < room
                ? Finding.of(
                        FindingKind.EYELET_SPACING,
                        "eyelets",
                        Finding.Status.FAULT,
                        least,
                        room,
                        Sentence.of(
                                "The eyelets stand {} apart and their rims are {} across: they would overlap. Set them {} apart or more; {} to {} is usual.",
                                Length.mm(least),
                                Length.mm(LacingEdge.RIM),
                                Length.mm(room),
                                Length.mm(USUAL_LEAST),
                                Length.mm(USUAL_MOST)))
                : Finding.of(
                        FindingKind.EYELET_SPACING,
                        "eyelets",
                        Finding.Status.OK,
                        least,
                        room,
                        Sentence.of(
                                "The closest eyelets stand {} apart; their rims need {}.",
                                Length.mm(least),
                                Length.mm(room)));
    }

    /**
     * How long the cord is when one dresses, for then the edges stand farthest apart: over and back between each pair, two loops at the waist,
     * two tails.
     *
     * @param planned the gap when it is worn
     */
    Reckoned cord(Reckoned planned, Experience wearer) {
        double opened = wearer == Experience.FIRST ? DRESSING_FIRST : DRESSING;
        Reckoned gap = planned.atLeast(
                        Given.option("Gap for dressing", opened, Quantity.LENGTH, wearer.label(), DRESSED))
                .named("Gap for dressing", DRESSED);
        Reckoned crossings = gap.hypotenuse(above)
                .times(2)
                .times(spacesAbove)
                .plus(gap.hypotenuse(pull).times(2))
                .plus(gap.hypotenuse(below).times(2).times(spacesBelow))
                .named("Over the gap", CORD);
        return crossings
                .plus(Given.option("Loops and tails", LOOPS_AND_TAILS, Quantity.LENGTH, "rule", CORD))
                .named("Cord", CORD);
    }
}
