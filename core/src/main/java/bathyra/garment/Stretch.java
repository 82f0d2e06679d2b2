package bathyra.garment;

import bathyra.length.Length;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;

/**
 * A stretch test: one sample of the cloth, relaxed, pulled comfortably across and along, and a minute after it was let go (C5).
 *
 * @param relaxed the sample at rest
 * @param across what it measures pulled across, in the direction that goes round the body
 * @param along what it measures pulled along, in the direction that goes up and down
 * @param returned what it measures across a minute after it was let go
 * @param use the share of the stretch that is used: 0.3 for a light hold, 0.5, 0.7 for a firm one
 */
public record Stretch(Length relaxed, Length across, Length along, Length returned, double use) {
    public static final double LIGHT = 0.3;
    public static final double USUAL = 0.5;
    public static final double FIRM = 0.7;
    /** A sample that stays this much longer wears out: the cloth will bag. */
    public static final double GROWTH_NOTED = 0.05;

    private static final Rule RULE = Rule.of("C5", "stretch cloth");

    /** The sample that stands in the fields before anything was measured: 100 mm that do not stretch. */
    public static Stretch unmeasured() {
        Length sample = Length.mm(100);
        return new Stretch(sample, sample, sample, sample, USUAL);
    }

    /** What is wrong with the figures, in words, if they cannot be a test. */
    public java.util.Optional<String> fault() {
        double rest = relaxed.millimetres();
        if (rest < 20 || rest > 500) {
            return java.util.Optional.of("relaxed must lie from 20 to 500 mm");
        }
        for (Length pulled : new Length[] {across, along, returned}) {
            if (pulled.millimetres() < rest || pulled.millimetres() > 3 * rest) {
                return java.util.Optional.of(
                        "a pulled or returned sample measures from the relaxed one to three times that");
            }
        }
        if (returned.millimetres() > across.millimetres()) {
            return java.util.Optional.of("the returned sample cannot be longer than the pulled one");
        }
        return use < 0.1 || use > 0.9
                ? java.util.Optional.of("the share that is used lies from 0.1 to 0.9")
                : java.util.Optional.empty();
    }

    /** By how much of its length the sample stays longer. */
    public double growth() {
        return (returned.millimetres() - relaxed.millimetres()) / relaxed.millimetres();
    }

    /** The share of a girth that is taken off: what stretches across and comes back, times its use. */
    public Reckoned offGirths() {
        return given("Pulled across", across)
                .minus(given("After a minute", returned))
                .over(given("Sample relaxed", relaxed))
                .named("Stretch across", RULE)
                .times(used())
                .named("Taken off girths", RULE);
    }

    /** The share of a length that is taken off. */
    public Reckoned offLengths() {
        return given("Pulled along", along)
                .minus(given("Sample relaxed", relaxed))
                .over(given("Sample relaxed", relaxed))
                .named("Stretch along", RULE)
                .times(used())
                .named("Taken off lengths", RULE);
    }

    private Reckoned used() {
        return Given.option("Used of it", use, Quantity.RATIO, "yours", RULE);
    }

    private static Reckoned given(String name, Length length) {
        return Given.option(name, length.millimetres(), Quantity.LENGTH, "stretch test", RULE);
    }
}
