package bathyra.intake;

import bathyra.block.Block;
import bathyra.girth.GirthPlan;
import bathyra.girth.LevelPlan;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;

/** What the seam over the apex takes under the bust (C6.1): of half the difference between bust and underbust a share that grows with it. */
final class ApexIntake {
    private static final Rule RULE = Rule.of("C6.1", "the apex seam comes first");
    private static final double SMALL = 130;
    private static final double LARGE = 200;
    private static final double OF_SMALL = 0.55;
    private static final double OF_LARGE = 0.70;
    /** More than this of it makes a cup that stands off by itself. */
    private static final double MOST = 0.72;
    /** So much of what the front takes between bust and rib may go to its half of the side, mm: a calm line from underarm to waist. */
    private static final double CALM_SIDE = 6;

    /** A curve that gains so much of its height from mark to mark is steepest at some 20 degrees, for it is upright at the waist. */
    private static final double CALM_LEAN = 0.28;

    /** One that goes in and out again turns at both ends, and the level it stands on falls towards the side by some five degrees. */
    private static final double CALM_SWING = 0.15;

    /** Of its height over the apex so much is taken at the upper line at the most: half of it on either leg leans 25 degrees. */
    static final double OF_HEIGHT = 0.93;

    private static final Rule CALM = Rule.of("C6.1", "the side stays calm");
    private static final Rule LEG = Rule.of("C6", "princess seam");

    private ApexIntake() {}

    /** The share by the difference between bust and underbust, mm. */
    static double share(double difference) {
        double t = Math.max(0, Math.min(1, (difference - SMALL) / (LARGE - SMALL)));
        return OF_SMALL + (OF_LARGE - OF_SMALL) * t;
    }

    private static Reckoned half(GirthPlan girths) {
        return girths.at(Level.BUST)
                .body()
                .minus(girths.at(Level.UNDERBUST).body())
                .atLeast(0)
                .over(2)
                .named("Half of bust less underbust", RULE);
    }

    /** By the bust alone. */
    static Reckoned byBust(GirthPlan girths) {
        Reckoned half = half(girths);
        return half.times(Given.option(
                        "Share of the apex seam", share(2 * half.value()), Quantity.RATIO, "by the bust", RULE))
                .atMost(UnderbustIntake.MOST)
                .named("Apex seam at the underbust", RULE);
    }

    /**
     * By the bust, and as much more as leaves the side calm.
     *
     * @param freed what the front takes more at the underbust than at the bust
     */
    static Reckoned leavingTheSideCalm(GirthPlan girths, Reckoned freed) {
        Reckoned half = half(girths);
        Reckoned most = half.times(Given.option("Most of the apex seam", MOST, Quantity.RATIO, "by rule", RULE))
                .named("Most the apex seam takes", RULE);
        Reckoned calm = freed.minus(Given.option("Left to the side", CALM_SIDE, Quantity.LENGTH, "a calm line", RULE))
                .atMost(most)
                .named("What leaves the side calm", RULE);
        return byBust(girths).atLeast(calm).atMost(UnderbustIntake.MOST).named("Under-bust intake", RULE);
    }

    /** What the front must lose at a level. */
    static Reckoned surplus(GirthPlan girths, Level level) {
        return girths.widestFront().minus(girths.at(level).frontHalf()).named("To take out of the front", RULE);
    }

    /**
     * What the seam takes at the waist, held so that the front's half of the side, all of which lies in one edge, leans no more from rib to
     * waist than cloth bears there, inwards or outwards. Inwards it gives nothing back for that.
     *
     * @param atRib what the seam takes at the underbust
     * @param takes what it takes at the waist otherwise
     */
    static Reckoned leavingTheSideCalmBelow(Block block, GirthPlan girths, Reckoned atRib, Reckoned takes) {
        Reckoned sideAtRib =
                surplus(girths, Level.UNDERBUST).minus(atRib).named("Front half of the side at the rib", CALM);
        Reckoned height = block.heights()
                .front()
                .get(Level.WAIST)
                .minus(block.heights().front().get(Level.UNDERBUST))
                .named("Rib above the waist", CALM);
        Reckoned more = height.times(Given.option(
                        "Of its height an edge bears", CALM_LEAN, Quantity.RATIO, "its steepest at 20°", CALM))
                .named("What the side may take more at the waist", CALM);
        Reckoned less = height.times(Given.option(
                        "Of its height an edge bears that turns back",
                        CALM_SWING,
                        Quantity.RATIO,
                        "upright at both ends",
                        CALM))
                .named("What the side may take less at the waist", CALM);
        Reckoned surplus = surplus(girths, Level.WAIST);
        Reckoned least =
                surplus.minus(sideAtRib.plus(more)).atMost(surplus).named("Least that leaves the side calm", CALM);
        Reckoned most = surplus.minus(sideAtRib.minus(less)).atLeast(0).named("Most that leaves the side calm", CALM);
        return takes.atLeast(least).atMost(most);
    }

    /** The rule speaks of the seam's upper end; the upper line crosses the straight leg on the way there. */
    static Reckoned upTheLeg(Block block) {
        Reckoned apex = block.heights().front().get(Level.BUST);
        Reckoned line = apex.minus(block.heights().front().get(Level.UPPER)).named("Upper line above the apex", LEG);
        return line.over(apex.minus(block.crest()).named("Crest above the apex", LEG));
    }

    /** Closing the side dart turns the part above it about the apex: by similar triangles the seam opens so much at the upper line. */
    static Reckoned opened(Block block, GirthPlan girths) {
        LevelPlan bust = girths.at(Level.BUST);
        Reckoned height = block.heights()
                .front()
                .get(Level.BUST)
                .minus(block.heights().front().get(Level.UPPER))
                .named("Upper line above the apex", LEG);
        Reckoned apexToSide = bust.frontHalf().minus(block.frontAxis()).named("Apex to side", LEG);
        return block.sideDart()
                .times(height.over(apexToSide))
                .named("Opened by the closed side dart", Rule.of("C7.5", "closing a dart"));
    }

    /**
     * At the upper line the seam takes what leaves the side as it is at the bust, besides what the closed dart opens: the breast is in front, and
     * the body under the arm is upright. No more than under the bust, and no more than a leg bears that leans from the apex to there.
     *
     * @param underbust what the seam takes under the bust
     * @param ofHeight of the upper line's height over the apex so much is taken at the most
     */
    static Reckoned atTheUpperLine(Block block, GirthPlan girths, Reckoned underbust, double ofHeight) {
        Reckoned calm = girths.at(Level.BUST)
                .frontHalf()
                .minus(girths.at(Level.UPPER).frontHalf())
                .atLeast(0)
                .named("What leaves the side calm", RULE);
        Reckoned height = block.heights()
                .front()
                .get(Level.BUST)
                .minus(block.heights().front().get(Level.UPPER))
                .named("Upper line above the apex", RULE);
        Reckoned borne = height.times(
                        Given.option("Of its height a leg bears", ofHeight, Quantity.RATIO, "a lean of 25°", RULE))
                .named("What the leg bears", RULE);
        return calm.atMost(underbust).atMost(borne);
    }
}
