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
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** What the seams of a corset take by their weights (C6): a share of the surplus, in the bust zone most of it at the apex. */
final class PanelRules {
    private static final Rule SHARE = Rule.of("C6", "A × w ÷ Σw");
    private static final Rule APEX_FIRST = Rule.of("C6.1", "the apex seam comes first");
    private static final Rule APEX = Rule.of("C6", "apex share");
    private static final Rule ZIP = Rule.of("C4.1", "centre back taken in");

    /** Of its height over the apex so much is taken at the upper line at the most: half of it on either leg leans 25 degrees. */
    private static final double OF_HEIGHT = 0.93;

    /** Where one seam stands before the side it takes so much of the front at the waist. */
    private static final double OF_ONLY = 0.58;
    /** Every free seam gives way a little where the others cannot. */
    private static final double LEAST_YIELD = 1e-3;

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

    private double weight(SeamPlace seam) {
        return axes.weight(garment, seam);
    }

    Wanted front(Level level, Reckoned surplus) {
        List<SeamPlace> seams = garment.seams().stream()
                .filter(s -> s.part() == SeamPlace.Part.FRONT || s.part() == SeamPlace.Part.SIDE)
                .toList();
        if (garment.kind().isOverBust()
                && garment.sharing().apexShare().isEmpty()
                && axes.apex() > 0
                && (level == Level.UPPER || level == Level.UNDERBUST || level == Level.WAIST)) {
            return byTheBust(level, surplus, seams);
        }
        double[] apexShares = apexShares(level, seams);
        double[] weights = seams.stream().mapToDouble(s -> weight(s)).toArray();
        boolean[] atApex = new boolean[weights.length];
        double rest = 1;
        double sum = 0;
        for (int i = 0; i < weights.length; i++) {
            atApex[i] = level == Level.BUST
                    ? apexShares[i] > 0 && axes.isThroughApex(seams.get(i), block.front(Level.BUST))
                    : apexShares[i] > 0;
            rest -= level == Level.BUST ? 0 : apexShares[i];
            sum += atApex[i] ? 0 : weights[i];
        }
        if (sum <= 0) {
            return byWeights(level, surplus, seams, weights);
        }
        List<Reckoned> rules = new ArrayList<>();
        double[] yields = new double[weights.length];
        for (int i = 0; i < weights.length; i++) {
            if (atApex[i]) {
                rules.add(
                        level == Level.BUST
                                ? Given.option(
                                        name(seams.get(i), level),
                                        0,
                                        Quantity.LENGTH,
                                        "the seam passes through the apex",
                                        APEX)
                                : surplus.times(Given.option(
                                                "Apex share",
                                                apexShares[i],
                                                Quantity.RATIO,
                                                "of the front in the bust zone",
                                                APEX))
                                        .named(name(seams.get(i), level), APEX));
                yields[i] = level == Level.BUST ? 0 : apexShares[i];
            } else {
                Reckoned left = rest < 1
                        ? surplus.times(Given.option("Left by the apex", rest, Quantity.RATIO, "1 − apex share", APEX))
                        : surplus;
                rules.add(left.times(given(seams.get(i), weights[i])
                                .over(Given.option("All weights", sum, Quantity.RATIO, "of this block", SHARE)))
                        .named(name(seams.get(i), level, true), SHARE));
                yields[i] = rest * weights[i] / sum;
            }
        }
        return new Wanted(surplus, seams, rules, yields, yields);
    }

    /** At the underbust the apex seam takes what the bust asks, at the waist no less; what is left goes by the weights (C6.1). */
    private Wanted byTheBust(Level level, Reckoned surplus, List<SeamPlace> seams) {
        double[] near = nearness(seams, 1);
        double[] weights = seams.stream().mapToDouble(s -> weight(s)).toArray();
        double all = 0;
        double rest = 0;
        for (int i = 0; i < weights.length; i++) {
            all += weights[i];
            rest += near[i] > 0 ? 0 : weights[i];
        }
        if (rest <= 0) {
            return byWeights(level, surplus, seams, weights);
        }
        Reckoned underbust = ApexIntake.leavingTheSideCalm(
                girths,
                girths.at(Level.BUST)
                        .frontHalf()
                        .minus(girths.at(Level.UNDERBUST).frontHalf())
                        .named("Front half, bust less underbust", APEX_FIRST));
        Reckoned bust = (level == Level.UPPER
                        ? ApexIntake.atTheUpperLine(block, girths, underbust, OF_HEIGHT)
                        : underbust)
                .atMost(surplus.atLeast(0))
                .named("For the bust", APEX_FIRST);
        List<Reckoned> rules = new ArrayList<>();
        Reckoned taken = null;
        for (int i = 0; i < weights.length; i++) {
            if (near[i] <= 0) {
                rules.add(null);
                continue;
            }
            Reckoned forBust =
                    bust.times(Given.option("Share by nearness", near[i], Quantity.RATIO, "of the apex", APEX_FIRST));
            Reckoned byRow = surplus.times(given(seams.get(i), weights[i])
                    .over(Given.option("All weights", all, Quantity.RATIO, "of this block", SHARE)));
            Reckoned atWaist = byRow.atLeast(forBust);
            if (seams.size() == 2) {
                atWaist = atWaist.atLeast(surplus.times(Given.option(
                        "Least of the only seam", OF_ONLY, Quantity.RATIO, "else the side takes half", APEX_FIRST)));
            }
            Reckoned takes = (level == Level.WAIST ? atWaist : forBust).named(name(seams.get(i), level), APEX_FIRST);
            rules.add(takes);
            taken = taken == null ? takes : taken.plus(takes);
        }
        Reckoned left = surplus.minus(taken).named("Left by the apex seam", APEX_FIRST);
        double[] yields = new double[weights.length];
        for (int i = 0; i < weights.length; i++) {
            if (near[i] <= 0) {
                rules.set(
                        i,
                        left.times(given(seams.get(i), weights[i])
                                        .over(Given.option(
                                                "Their weights", rest, Quantity.RATIO, "of the others", SHARE)))
                                .named(name(seams.get(i), level, true), SHARE));
            }
            yields[i] = Math.max(weights[i] / all, LEAST_YIELD);
        }
        Set<SeamPlace> shaping = new HashSet<>();
        for (int i = 0; i < near.length; i++) {
            if (near[i] > 0) {
                shaping.add(seams.get(i));
            }
        }
        return new Wanted(surplus, seams, rules, yields, yields, shaping);
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
        return byWeights(
                level,
                surplus,
                seams,
                seams.stream().mapToDouble(s -> weight(s)).toArray());
    }

    private Wanted byWeights(Level level, Reckoned surplus, List<SeamPlace> seams, double[] asked) {
        double[] weights = asked.clone();
        double sum = 0;
        for (double w : weights) {
            sum += w;
        }
        if (sum <= 0) {
            // With every weight drawn to nothing the side, where all blocks meet, takes it.
            weights[seams.indexOf(SeamPlace.SIDE)] = 1;
            sum = 1;
        }
        boolean behind = seams.get(seams.size() - 1).part() == SeamPlace.Part.CENTRE_BACK;
        Reckoned atCentre = behind ? centreBack(level) : surplus;
        Reckoned shared = behind && atCentre.value() != 0 ? surplus.minus(atCentre) : surplus;
        List<Reckoned> rules = new ArrayList<>();
        for (int i = 0; i < weights.length; i++) {
            rules.add(
                    seams.get(i).part() == SeamPlace.Part.CENTRE_BACK
                            ? atCentre
                            : shared.times(given(seams.get(i), weights[i])
                                            .over(Given.option(
                                                    "All weights", sum, Quantity.RATIO, "of this block", SHARE)))
                                    .named(name(seams.get(i), level, !behind), SHARE));
            weights[i] /= sum;
        }
        return new Wanted(surplus, seams, rules, weights, weights);
    }

    private Reckoned given(SeamPlace seam, double weight) {
        boolean own = garment.sharing().weights().containsKey(seam.id());
        return Given.option(
                "Weight",
                weight,
                Quantity.RATIO,
                own ? "yours" : garment.sharing().preset().label().toLowerCase(Locale.ROOT),
                Rule.of("C6", "weights"));
    }

    /** A zip is taken in towards the waist, a lacing edge lies straight (C6). */
    private Reckoned centreBack(Level level) {
        Reckoned atWaist = garment.length(LengthOption.CENTRE_BACK_IN);
        String name = name(SeamPlace.CENTRE_BACK, level);
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

    private static String name(SeamPlace seam, Level level, boolean front) {
        return seam.equals(SeamPlace.SIDE)
                ? (front ? "Side, front half, at the " : "Side, back half, at the ")
                        + level.label().toLowerCase(Locale.ROOT)
                : name(seam, level);
    }

    private static String name(SeamPlace seam, Level level) {
        return seam.label() + " at the " + level.label().toLowerCase(Locale.ROOT);
    }
}
