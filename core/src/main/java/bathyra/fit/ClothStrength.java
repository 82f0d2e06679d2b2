package bathyra.fit;

import bathyra.garment.Garment;
import bathyra.garment.LayerKind;
import bathyra.length.Sentence;
import bathyra.place.Level;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;

/**
 * Whether the cloth bears what the garment pulls (C13.1): three times the tension at the waist against what the layers bear, by their class.
 *
 * @param pulls what the waist pulls on each metre of height, N/m
 * @param asked three times that
 * @param bears what the layers bear, N/m
 */
public record ClothStrength(Reckoned pulls, Reckoned asked, Reckoned bears) {
    private static final Rule RULE = Rule.of("C13.1", "cloth strength");
    private static final double SAFETY = 3;

    /** What a layer of a class bears in its seams, N/m: house figures, on the careful side. */
    private enum Bears {
        LIGHT(1200, "light fashion cloth alone"),
        MOUNTED(2500, "fashion cloth with an interlining"),
        STRENGTH(8000, "a strength layer");

        private final double figure;
        private final String label;

        Bears(double figure, String label) {
            this.figure = figure;
            this.label = label;
        }

        static Bears of(Garment garment) {
            return garment.makes(LayerKind.STRENGTH)
                    ? STRENGTH
                    : garment.makes(LayerKind.INTERLINING) ? MOUNTED : LIGHT;
        }
    }

    /** What the garment pulls as it sits. */
    public static ClothStrength of(Garment garment, List<Worn.LevelReading> readings) {
        Reckoned pulls = readings.stream()
                .filter(r -> r.level() == Level.WAIST)
                .map(Worn.LevelReading::pulls)
                .max(Comparator.comparingDouble(Reckoned::value))
                .orElseGet(() -> Given.option("Pull at the waist", 0, Quantity.RATIO, "no waist to read", RULE));
        Bears bears = Bears.of(garment);
        return new ClothStrength(
                pulls,
                pulls.atLeast(Given.constant(0, Quantity.RATIO)).times(SAFETY).named("Asked of the cloth", RULE),
                Given.option("What the cloth bears", bears.figure, Quantity.RATIO, bears.label, RULE));
    }

    public boolean holds() {
        return asked.value() <= bears.value();
    }

    /** What is said of it. */
    public Sentence sentence() {
        String figures = String.format(
                Locale.ROOT,
                "At the waist it pulls %.0f N/m; three times that, %.0f, against the %.0f that %s bears",
                pulls.value(),
                asked.value(),
                bears.value(),
                bears.source());
        return Sentence.of(
                holds()
                        ? figures + ": the cloth holds it."
                        : figures + ": the seams will slip or tear. "
                                + (bears.value() < Bears.STRENGTH.figure
                                        ? "Make a strength layer, or reduce less."
                                        : "Reduce less, or cut the strength layer double."));
    }
}
