package bathyra.intake;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.Sharing;
import bathyra.girth.GirthPlan;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;

/** What the seams of a corset take by their weights (C6): a share of the surplus, in the bust zone most of it at the apex. */
final class PanelRules {
    private static final Rule APEX = Rule.of("C6", "apex share");
    private static final Rule ZIP = Rule.of("C4.1", "centre back taken in");

    private final Block block;
    private final GirthPlan girths;
    private final Garment garment;
    private final SeamAxes axes;

    PanelRules(Block block, GirthPlan girths, Garment garment, SeamAxes axes) {
        this.block = block;
        this.girths = girths;
        this.garment = garment;
        this.axes = axes;
    }

    Wanted front(Level level, Reckoned surplus) {
        List<SeamPlace> seams = garment.seams().stream()
                .filter(s -> s.part() == SeamPlace.Part.FRONT || s.part() == SeamPlace.Part.SIDE)
                .toList();
        SeamWeights weights = SeamWeights.of(garment, axes, seams);
        boolean byTheBust = garment.kind().isOverBust()
                && garment.sharing().apexShare().isEmpty()
                && axes.apex() > 0
                && level != Level.BUST;
        if (byTheBust) {
            ApexFirst first =
                    new ApexFirst(block, girths, weights, nearness(seams, 1), garment.length(LengthOption.SEAM_CAP));
            return first.leavesOthers() ? first.share(level, surplus) : byWeights(level, surplus, weights);
        }
        return byApexShare(level, surplus, weights);
    }

    /** Of the surplus in the bust zone a share of the cutter's own to the apex; all else by the weights. */
    private Wanted byApexShare(Level level, Reckoned surplus, SeamWeights weights) {
        List<SeamPlace> seams = weights.seams();
        double[] apexShares = apexShares(level, seams);
        boolean[] atApex = new boolean[apexShares.length];
        double rest = 1;
        for (int i = 0; i < apexShares.length; i++) {
            atApex[i] = apexShares[i] > 0
                    && (level != Level.BUST || axes.isThroughApex(seams.get(i), block.front(Level.BUST)));
            rest -= level == Level.BUST ? 0 : apexShares[i];
        }
        double ofTheOthers = weights.sum(i -> !atApex[i]);
        if (ofTheOthers <= 0) {
            return byWeights(level, surplus, weights);
        }
        Reckoned left = rest < 1
                ? surplus.times(Given.option("Left by the apex", rest, Quantity.RATIO, "1 − apex share", APEX))
                : surplus;
        List<Reckoned> rules = new ArrayList<>();
        double[] yields = new double[apexShares.length];
        for (int i = 0; i < apexShares.length; i++) {
            if (atApex[i]) {
                rules.add(atTheApex(level, surplus, seams.get(i), apexShares[i]));
                yields[i] = level == Level.BUST ? 0 : apexShares[i];
            } else {
                rules.add(weights.shareOfTheOthers(left, i, ofTheOthers)
                        .named(Wanted.name(seams.get(i), level, true), SeamWeights.SHARE));
                yields[i] = rest * weights.at(i) / ofTheOthers;
            }
        }
        return new Wanted(surplus, seams, rules, yields, yields);
    }

    private static Reckoned atTheApex(Level level, Reckoned surplus, SeamPlace seam, double share) {
        String name = Wanted.name(seam, level, true);
        return level == Level.BUST
                ? Given.option(name, 0, Quantity.LENGTH, "the seam passes through the apex", APEX)
                : surplus.times(Given.option(
                                "Apex share", share, Quantity.RATIO, "of the front in the bust zone", APEX))
                        .named(name, APEX);
    }

    /** What of the front each seam takes for the bust: all to the seam through the apex, or to its two neighbours by nearness. */
    private double[] apexShares(Level level, List<SeamPlace> seams) {
        double[] shares = new double[seams.size()];
        boolean bustZone = level == Level.UPPER || level == Level.BUST || level == Level.UNDERBUST;
        if (!bustZone || !garment.kind().isOverBust() || axes.apex() <= 0) {
            return shares;
        }
        return nearness(seams, garment.sharing().apexShare().orElse(Sharing.APEX_SHARE));
    }

    /** An amount at the apex over the seams: all of it to the one through the apex, or to its two neighbours by nearness. */
    private double[] nearness(List<SeamPlace> seams, double amount) {
        double[] shares = new double[seams.size()];
        double bust = block.front(Level.BUST);
        for (int i = 0; i < shares.length; i++) {
            if (axes.isThroughApex(seams.get(i), bust)) {
                shares[i] = amount;
                return shares;
            }
        }
        int right = 0;
        while (axes.of(seams.get(right)).x(bust) < axes.apex() && right < shares.length - 1) {
            right++;
        }
        double toRight = axes.of(seams.get(right)).x(bust) - axes.apex();
        if (right == 0) {
            shares[0] = amount;
        } else {
            double toLeft = axes.apex() - axes.of(seams.get(right - 1)).x(bust);
            shares[right - 1] = amount * toRight / (toLeft + toRight);
            shares[right] = amount * toLeft / (toLeft + toRight);
        }
        return shares;
    }

    Wanted back(Level level, Reckoned surplus) {
        List<SeamPlace> seams = garment.seams().stream()
                .filter(s -> s.part() != SeamPlace.Part.FRONT)
                .toList();
        return byWeights(level, surplus, SeamWeights.of(garment, axes, seams));
    }

    private Wanted byWeights(Level level, Reckoned surplus, SeamWeights asked) {
        SeamWeights weights = asked.orTheSide();
        List<SeamPlace> seams = weights.seams();
        boolean behind = seams.get(seams.size() - 1).part() == SeamPlace.Part.CENTRE_BACK;
        Reckoned atCentre = behind ? centreBack(level) : surplus;
        Reckoned shared = behind && atCentre.value() != 0 ? surplus.minus(atCentre) : surplus;
        List<Reckoned> rules = new ArrayList<>();
        double[] yields = new double[seams.size()];
        for (int i = 0; i < yields.length; i++) {
            rules.add(
                    seams.get(i).part() == SeamPlace.Part.CENTRE_BACK
                            ? atCentre
                            : weights.share(shared, i)
                                    .named(Wanted.name(seams.get(i), level, !behind), SeamWeights.SHARE));
            yields[i] = weights.at(i) / weights.sum();
        }
        return new Wanted(surplus, seams, rules, yields, yields);
    }

    /** A zip is taken in towards the waist, a lacing edge lies straight (C6). */
    private Reckoned centreBack(Level level) {
        Reckoned atWaist = garment.length(LengthOption.CENTRE_BACK_IN);
        String name = Wanted.name(SeamPlace.CENTRE_BACK, level, false);
        if (atWaist.value() == 0 || level == Level.WAIST) {
            return atWaist.named(name, ZIP);
        }
        double waist = block.side(Level.WAIST);
        double end = level.ordinal() < Level.WAIST.ordinal()
                ? block.centreBackTop().value()
                : block.hipDepth().value();
        double share = Math.min(1, Math.max(0, (end - block.side(level)) / (end - waist)));
        return atWaist.times(Given.option(
                        "Share of the way", level == Level.UPPER ? 0 : share, Quantity.RATIO, "straight legs", ZIP))
                .named(name, ZIP);
    }
}
