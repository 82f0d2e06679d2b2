package bathyra.intake;

import static bathyra.place.SeamPlace.CENTRE_BACK;
import static bathyra.place.SeamPlace.PRINCESS_BACK;
import static bathyra.place.SeamPlace.PRINCESS_FRONT;
import static bathyra.place.SeamPlace.SIDE;

import bathyra.block.Block;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.UnderbustSchool;
import bathyra.girth.GirthPlan;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.List;
import java.util.Locale;

/** What the seams of a princess bustier take by their schools (C6): the princess seams and centre back by rule, the side the rest of its half. */
final class PrincessRules {
    static final Rule SIDE_RULE = Rule.of("C6", "the side takes the rest");
    private static final Rule PRINCESS = Rule.of("C6", "princess seam");
    private static final Rule BACK = Rule.of("C4.1", "back dart");
    private static final Rule ZIP = Rule.of("C4.1", "centre back taken in");
    private static final Rule CALM = Rule.of("C6.1", "the side stays calm");
    private static final Rule WHOLE = Rule.of("C6.3", "a dart comes in whole");
    /** Of what a block takes at the waist its princess seam takes so much, its half of the side the rest. */
    private static final double OF_FRONT = 0.58;

    /** A leg that takes as much at the waist as at the rib swings between them; so much more and it runs fair, mm. */
    private static final double WAIST_OVER_RIB = 4;

    /** Of its height over the apex so much is taken at the upper line at the most: two thirds of it on one leg lean 25 degrees. */
    private static final double OF_HEIGHT_CARRIED = 0.7;

    private static final double OF_BACK = 0.55;
    /** More at centre back flares at the hem, as the form shows. */
    private static final double BESIDE_SEAM = 2.0 / 3;

    private static final double BACK_DART_BELOW_CHEST = 25;
    private static final double DART_ABOVE_HIP = 51;

    private final Block block;
    private final GirthPlan girths;
    private final Garment garment;

    PrincessRules(Block block, GirthPlan girths, Garment garment) {
        this.block = block;
        this.girths = girths;
        this.garment = garment;
    }

    Wanted front(Level level, Reckoned surplus, Reckoned underbust, Reckoned opened) {
        Reckoned princess = garment.school() == UnderbustSchool.BODY
                ? byTheBust(level, surplus, underbust, opened)
                : princessFront(level, underbust, opened);
        Reckoned side = surplus.minus(princess).named("Side, front half", SIDE_RULE);
        double yields = level == Level.BUST ? 0 : 1;
        return new Wanted(
                surplus, List.of(PRINCESS_FRONT, SIDE), List.of(princess, side), new double[] {0, 1}, new double[] {
                    yields, 1
                });
    }

    Wanted back(Level level, Reckoned surplus) {
        Reckoned centre = tapered(level, CENTRE_BACK, centreBack());
        boolean shares = garment.school() == UnderbustSchool.BODY && !garment.isSet(LengthOption.BACK_DART);
        Reckoned princess = !shares
                ? tapered(level, PRINCESS_BACK, block.backDart())
                : garment.isDartedBehind()
                        ? tapered(level, PRINCESS_BACK, behindByShare(Level.WAIST))
                        : behindByShare(level, surplus, centre);
        Reckoned side = surplus.minus(princess).minus(centre).named("Side, back half", SIDE_RULE);
        double[] pressed = {1, Math.max(princess.value(), 1), Math.max(centre.value(), 0)};
        return new Wanted(
                surplus,
                List.of(SIDE, PRINCESS_BACK, CENTRE_BACK),
                List.of(side, princess, centre),
                new double[] {1, 0, 0},
                pressed);
    }

    /** Under the bust what the bust asks, at the waist no less, over the hip in the same proportion; the side stays calm (C6.1). */
    private Reckoned byTheBust(Level level, Reckoned surplus, Reckoned underbust, Reckoned opened) {
        String name = "Princess front at the " + low(level);
        return switch (level) {
            case UPPER -> {
                Reckoned byLeg = princessFront(level, underbust, opened);
                // What the cutter has set is taken.
                yield garment.isSet(LengthOption.UPPER_LESS) || garment.isCutInOneAbove()
                        ? byLeg
                        : ApexIntake.atTheUpperLine(block, girths, underbust, ofHeight())
                                .plus(opened)
                                .named(name, CALM);
            }
            case BUST -> nothing(name, "the seam passes through the apex");
            case UNDERBUST -> underTheBust(underbust).named(name, CALM);
            case WAIST -> atTheWaist(underbust).named(name, CALM);
            case HIGH_HIP, HIP -> {
                Reckoned waist = ApexIntake.surplus(girths, Level.WAIST);
                Reckoned at = atTheWaist(underbust);
                yield waist.value() <= 0
                        ? nothing(name, "nothing is taken at the waist")
                        : surplus.times(at.over(waist).atMost(Given.constant(1, Quantity.RATIO)))
                                .named(name, CALM);
            }
        };
    }

    /** Divided half and half it leans on either leg alike; where the seam is carried up two thirds lie on one leg. */
    private double ofHeight() {
        return garment.endsAtUpperEdge() ? ApexIntake.OF_HEIGHT : OF_HEIGHT_CARRIED;
    }

    /** Its share, no less than at the rib, so that centre front does not widen towards the waist (but the side gives nothing back for that), and as much as leaves the side calm. */
    private Reckoned atTheWaist(Reckoned underbust) {
        Reckoned surplus = ApexIntake.surplus(girths, Level.WAIST);
        Reckoned calm = underbust.plus(WAIST_OVER_RIB).atMost(surplus).named("What leaves the side calm", CALM);
        Reckoned whole = block.darts().atWaist().atMost(surplus).named("Waist dart of the school", WHOLE);
        Reckoned takes =
                surplus.times(share("Share of the princess seam", OF_FRONT)).atLeast(calm);
        return ApexIntake.leavingTheSideCalmBelow(block, girths, underbust, takes)
                .atLeast(whole);
    }

    /** Behind, the princess seam takes its share at every level; under a shoulder it runs out towards the chest line. */
    private Reckoned behindByShare(Level level, Reckoned surplus, Reckoned centre) {
        double atWaist = girths.widestBack().value()
                - girths.at(Level.WAIST).backHalf().value()
                - tapered(Level.WAIST, CENTRE_BACK, centreBack()).value();
        double cap = garment.length(LengthOption.SEAM_CAP).value();
        // At the waist no more than its cap, and at the other levels in the same proportion.
        double ratio = atWaist * OF_BACK > cap ? cap / atWaist : OF_BACK;
        Reckoned all = surplus.minus(centre).times(share("Share of the princess seam", ratio));
        boolean runsOut = garment.top().cover() != Cover.STRAPLESS && level.ordinal() < Level.WAIST.ordinal();
        Reckoned takes = runsOut ? all.times(level == Level.UPPER ? share(0) : aboveWaist(level, false)) : all;
        return takes.named(PRINCESS_BACK.label() + " at the " + low(level), CALM);
    }

    private static Reckoned share(String name, double value) {
        return Given.option(name, value, Quantity.RATIO, "by rule", CALM);
    }

    private Reckoned princessFront(Level level, Reckoned underbust, Reckoned opened) {
        String name = "Princess front at the " + low(level);
        return switch (level) {
            case UPPER ->
                garment.isCutInOneAbove()
                        ? opened.named(name, PRINCESS)
                        : underbust
                                .minus(garment.length(LengthOption.UPPER_LESS))
                                .atLeast(0)
                                .named("Intake at the crest by rule", PRINCESS)
                                .times(ApexIntake.upTheLeg(block))
                                .named("Upper intake by rule", PRINCESS)
                                .plus(opened)
                                .named(name, PRINCESS);
            case BUST -> nothing(name, "the seam passes through the apex");
            case UNDERBUST -> underTheBust(underbust).named(name, PRINCESS);
            case WAIST ->
                block.darts().atWaist().value() > underbust.value()
                        ? block.darts().atWaist().named(name, WHOLE)
                        : underbust.named(name, Rule.of("C6", "the same as under the bust"));
            case HIGH_HIP, HIP ->
                underbust.times(belowWaist(level)).named(name, Rule.of("C4.1", "runs out above the hip"));
        };
    }

    /** A contour wedge to either side of the seam takes more here, and the side gives it back: the girth stays as planned. */
    private Reckoned underTheBust(Reckoned underbust) {
        double wedge = garment.wedge(ContourWedge.UNDER_BUST);
        return wedge == 0
                ? underbust
                : underbust.plus(Given.option(
                        "Contour under the bust, both sides",
                        2 * wedge,
                        Quantity.LENGTH,
                        "contour",
                        Rule.of("C9", "under bust")));
    }

    /** What a dart of a back takes at the waist: as much as a seam would (C6.1). */
    private Reckoned behindByShare(Level level) {
        Reckoned surplus =
                girths.widestBack().minus(girths.at(level).backHalf()).named("To take out of the back", CALM);
        return behindByShare(level, surplus, tapered(level, CENTRE_BACK, centreBack()))
                .atLeast(0)
                .named("Back dart at the waist", CALM);
    }

    /** @param atWaist what a dart takes at the waist, from where its straight legs run out */
    private Reckoned tapered(Level level, SeamPlace seam, Reckoned atWaist) {
        String name = seam.label() + " at the " + low(level);
        boolean zip = seam == CENTRE_BACK;
        Rule rule = zip ? ZIP : BACK;
        return switch (level) {
            case UPPER -> nothing(name, zip ? "nothing at the chest" : "begins below the chest line");
            case BUST, UNDERBUST -> atWaist.times(aboveWaist(level, zip)).named(name, rule);
            case WAIST -> atWaist.named(name, rule);
            case HIGH_HIP, HIP ->
                atWaist.times(zip ? toHip(level) : belowWaistBehind(level)).named(name, rule);
        };
    }

    /** What the zip is taken in at the waist: with a back seam that shares the shaping two thirds of the block's, unless the cutter has set it. */
    private Reckoned centreBack() {
        boolean shares = garment.school() == UnderbustSchool.BODY && !garment.isSet(LengthOption.CENTRE_BACK_IN);
        return shares
                ? block.centreBackIn()
                        .times(share("Beside a shaped seam", BESIDE_SEAM))
                        .named("Centre back at the waist", CALM)
                : block.centreBackIn();
    }

    private Reckoned aboveWaist(Level level, boolean zip) {
        double top = zip ? block.centreBackTop().value() : block.chestDepth().value() + BACK_DART_BELOW_CHEST;
        return share((block.side(level) - top) / (block.side(Level.WAIST) - top));
    }

    private Reckoned belowWaist(Level level) {
        return runningOut(level, block.hipDepth().value() - DART_ABOVE_HIP);
    }

    /** A dart of the back that would end just under the edge of a garment to the high hip runs out at it. */
    private Reckoned belowWaistBehind(Level level) {
        boolean shorter =
                garment.isDartedBehind() && girths.levels().stream().noneMatch(plan -> plan.level() == Level.HIP);
        double end = block.hipDepth().value() - DART_ABOVE_HIP;
        return runningOut(level, shorter ? Math.min(end, block.side(Level.HIGH_HIP)) : end);
    }

    private Reckoned runningOut(Level level, double end) {
        return share((end - block.side(level)) / (end - block.side(Level.WAIST)));
    }

    private Reckoned toHip(Level level) {
        double end = block.hipDepth().value();
        return share((end - block.side(level)) / (end - block.side(Level.WAIST)));
    }

    private static Reckoned share(double value) {
        return Given.option(
                "Share of the way",
                Math.min(1, Math.max(0, value)),
                Quantity.RATIO,
                "straight legs",
                Rule.of("C4.1", "straight dart legs"));
    }

    private static Reckoned nothing(String name, String why) {
        return Given.option(name, 0, Quantity.LENGTH, why, PRINCESS);
    }

    private static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
