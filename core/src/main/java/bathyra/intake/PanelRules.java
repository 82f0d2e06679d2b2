package bathyra.intake;

import bathyra.block.Block;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/** What the seams of a corset take by their weights (C6): a share of the surplus, in the bust zone most of it at the apex. */
final class PanelRules {
    private static final Rule SHARE = Rule.of("C6", "A × w ÷ Σw");
    private static final Rule APEX = Rule.of("C6", "apex share");
    private static final Rule ZIP = Rule.of("C4.1", "centre back taken in");

    private final Block block;
    private final Garment garment;
    private final SeamAxes axes;

    PanelRules(Block block, Garment garment, SeamAxes axes) {
        this.block = block;
        this.garment = garment;
        this.axes = axes;
    }

    private double weight(SeamPlace seam) {
        return garment.sharing().weight(seam, axes.round(seam));
    }

    Wanted front(Level level, Reckoned surplus) {
        List<SeamPlace> seams = garment.seams().stream()
                .filter(s -> s.part() == SeamPlace.Part.FRONT || s.part() == SeamPlace.Part.SIDE)
                .toList();
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

    /** What of the front each seam takes for the bust: all to the seam through the apex, or to its two neighbours by nearness. */
    private double[] apexShares(Level level, List<SeamPlace> seams) {
        double[] shares = new double[seams.size()];
        boolean bustZone = level == Level.UPPER || level == Level.BUST || level == Level.UNDERBUST;
        if (!bustZone || !garment.kind().isOverBust() || axes.apex() <= 0) {
            return shares;
        }
        double bust = block.front(Level.BUST);
        for (int i = 0; i < shares.length; i++) {
            if (axes.isThroughApex(seams.get(i), bust)) {
                shares[i] = garment.sharing().apexShare();
                return shares;
            }
        }
        int right = 0;
        while (axes.of(seams.get(right)).x(bust) < axes.apex() && right < shares.length - 1) {
            right++;
        }
        double toRight = axes.of(seams.get(right)).x(bust) - axes.apex();
        if (right == 0) {
            shares[0] = garment.sharing().apexShare();
        } else {
            double toLeft = axes.apex() - axes.of(seams.get(right - 1)).x(bust);
            shares[right - 1] = garment.sharing().apexShare() * toRight / (toLeft + toRight);
            shares[right] = garment.sharing().apexShare() * toLeft / (toLeft + toRight);
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
