package bathyra.intake;

import bathyra.block.Block;
import bathyra.girth.GirthPlan;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * What the front seams of a corset over the bust take (C6.1): the seam over the apex comes first, or its two neighbours by nearness; what it
 * leaves goes by the weights.
 */
final class ApexFirst {
    private static final Rule RULE = Rule.of("C6.1", "the apex seam comes first");

    /** Where one seam stands before the side it takes so much of the front at the waist. */
    private static final double OF_ONLY = 0.58;
    /** Every free seam gives way a little where the others cannot. */
    private static final double LEAST_YIELD = 1e-3;

    private final Block block;
    private final GirthPlan girths;
    private final SeamWeights weights;
    private final double[] near;
    private final Reckoned cap;
    private final Reckoned underbust;

    /** @param weights of the front seams, the side last @param near by nearness to the apex, 1 together @param cap that the house puts on a seam at the waist */
    ApexFirst(Block block, GirthPlan girths, SeamWeights weights, double[] near, Reckoned cap) {
        this.block = block;
        this.girths = girths;
        this.weights = weights;
        this.near = near;
        this.cap = cap;
        this.underbust = ApexIntake.leavingTheSideCalm(
                girths,
                girths.at(Level.BUST)
                        .frontHalf()
                        .minus(girths.at(Level.UNDERBUST).frontHalf())
                        .named("Front half, bust less underbust", RULE));
    }

    /** Whether others are left to share what the seam over the apex does not take. */
    boolean leavesOthers() {
        return ofTheOthers() > 0;
    }

    private double ofTheOthers() {
        return weights.sum(i -> near[i] <= 0);
    }

    /** @param surplus what the front takes at that level; the bust line, where nothing is taken at the apex, is none of this rule's */
    Wanted share(Level level, Reckoned surplus) {
        List<Reckoned> rules = new ArrayList<>();
        double[] yields = new double[near.length];
        Set<SeamPlace> shaping = new HashSet<>();
        Reckoned left = surplus.minus(overTheApex(level, surplus)).named("Left by the apex seam", RULE);
        for (int i = 0; i < near.length; i++) {
            SeamPlace seam = weights.seams().get(i);
            if (near[i] > 0) {
                rules.add(overTheApex(level, surplus, i).named(Wanted.name(seam, level, true), RULE));
                shaping.add(seam);
            } else {
                rules.add(weights.shareOfTheOthers(left, i, ofTheOthers())
                        .named(Wanted.name(seam, level, true), SeamWeights.SHARE));
            }
            yields[i] = Math.max(weights.at(i) / weights.sum(), LEAST_YIELD);
        }
        return new Wanted(surplus, weights.seams(), rules, yields, yields, shaping);
    }

    /** What the seams by the apex take together. */
    private Reckoned overTheApex(Level level, Reckoned surplus) {
        Reckoned taken = null;
        for (int i = 0; i < near.length; i++) {
            if (near[i] > 0) {
                Reckoned takes = overTheApex(level, surplus, i);
                taken = taken == null ? takes : taken.plus(takes);
            }
        }
        return taken.named("Over the apex at the " + level.label().toLowerCase(Locale.ROOT), RULE);
    }

    private Reckoned overTheApex(Level level, Reckoned surplus, int seam) {
        return switch (level) {
            case UPPER, BUST ->
                byNearness(
                        seam,
                        forTheBust(ApexIntake.atTheUpperLine(block, girths, underbust, ApexIntake.OF_HEIGHT), surplus));
            case UNDERBUST -> byNearness(seam, forTheBust(underbust, surplus));
            case WAIST -> atTheWaist(surplus, seam);
            case HIGH_HIP, HIP -> overTheHip(surplus, seam);
        };
    }

    /** By its row, and no less than for the bust; the only seam before the side as much as leaves the side calm. */
    private Reckoned atTheWaist(Reckoned surplus, int seam) {
        Reckoned takes = weights.share(surplus, seam).atLeast(byNearness(seam, forTheBust(underbust, surplus)));
        if (near.length != 2) {
            return takes;
        }
        Reckoned atRib = forTheBust(underbust, surplusAt(Level.UNDERBUST));
        Reckoned only = takes.atLeast(surplus.times(
                Given.option("Least of the only seam", OF_ONLY, Quantity.RATIO, "else the side takes half", RULE)));
        return ApexIntake.leavingTheSideCalmBelow(block, girths, atRib, only);
    }

    /** By its row, and so much that no other seam takes more over the hip than at the waist, which is the narrowest place of a panel. */
    private Reckoned overTheHip(Reckoned surplus, int seam) {
        Reckoned waist = surplusAt(Level.WAIST);
        Reckoned held = cap.times(Given.constant(near.length - 1, Quantity.RATIO));
        Reckoned others = waist.minus(overTheApex(Level.WAIST, waist))
                .atLeast(0)
                .atMost(held)
                .named("What the others take at the waist", RULE);
        return weights.share(surplus, seam)
                .atLeast(byNearness(seam, surplus.minus(others).named("Left by the others", RULE)));
    }

    private Reckoned surplusAt(Level level) {
        return ApexIntake.surplus(girths, level);
    }

    private static Reckoned forTheBust(Reckoned asked, Reckoned surplus) {
        return asked.atMost(surplus.atLeast(0)).named("For the bust", RULE);
    }

    private Reckoned byNearness(int seam, Reckoned amount) {
        return near[seam] == 1
                ? amount
                : amount.times(Given.option("Share by nearness", near[seam], Quantity.RATIO, "of the apex", RULE));
    }
}
