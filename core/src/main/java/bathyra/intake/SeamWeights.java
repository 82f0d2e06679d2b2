package bathyra.intake;

import bathyra.garment.Garment;
import bathyra.place.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.function.IntPredicate;
import java.util.stream.IntStream;

/** By what weights the seams of one block share in its surplus, from centre front to centre back (C6). */
final class SeamWeights {
    static final Rule SHARE = Rule.of("C6", "A × w ÷ Σw");
    private static final Rule WEIGHTS = Rule.of("C6", "weights");

    private final Garment garment;
    private final List<SeamPlace> seams;
    private final double[] weights;

    private SeamWeights(Garment garment, List<SeamPlace> seams, double[] weights) {
        this.garment = garment;
        this.seams = seams;
        this.weights = weights;
    }

    static SeamWeights of(Garment garment, SeamAxes axes, List<SeamPlace> seams) {
        return new SeamWeights(
                garment,
                seams,
                seams.stream().mapToDouble(s -> axes.weight(garment, s)).toArray());
    }

    /** The same; with every weight drawn to nothing the side, where all blocks meet, takes it. */
    SeamWeights orTheSide() {
        if (sum() > 0) {
            return this;
        }
        double[] sideAlone = weights.clone();
        sideAlone[seams.indexOf(SeamPlace.SIDE)] = 1;
        return new SeamWeights(garment, seams, sideAlone);
    }

    List<SeamPlace> seams() {
        return seams;
    }

    double at(int seam) {
        return weights[seam];
    }

    double sum() {
        return Arrays.stream(weights).sum();
    }

    /** The weights of some of the seams together. */
    double sum(IntPredicate those) {
        return IntStream.range(0, weights.length)
                .filter(those)
                .mapToDouble(i -> weights[i])
                .sum();
    }

    /** What a seam takes of an amount that is shared by all of them. */
    Reckoned share(Reckoned amount, int seam) {
        return share(amount, seam, Given.option("All weights", sum(), Quantity.RATIO, "of this block", SHARE));
    }

    /** What a seam takes of an amount that is shared by some of them. @param sum their weights together */
    Reckoned shareOfTheOthers(Reckoned amount, int seam, double sum) {
        return share(amount, seam, Given.option("Their weights", sum, Quantity.RATIO, "of the others", SHARE));
    }

    private Reckoned share(Reckoned amount, int seam, Reckoned all) {
        boolean own = garment.sharing().weights().containsKey(seams.get(seam).id());
        return amount.times(Given.option(
                        "Weight",
                        weights[seam],
                        Quantity.RATIO,
                        own ? "yours" : garment.sharing().preset().label().toLowerCase(Locale.ROOT),
                        WEIGHTS)
                .over(all));
    }
}
