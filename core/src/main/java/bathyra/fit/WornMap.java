package bathyra.fit;

import java.util.Arrays;
import java.util.List;

/** What of a worn garment is shown all over it, in bands with their words (C22). */
public enum WornMap {
    NEAR(
            "How near",
            Arrays.stream(Closeness.values())
                    .map(c -> new Band(c.label(), c.most(), c.ordinal(), c.isPressing()))
                    .toList()),
    PRESSURE(
            "Pressure",
            List.of(
                    Band.plain("presses not at all", Worn.NOT_AT_ALL, 3),
                    Band.plain("light, under 1 kPa", Worn.LIGHT, 2),
                    Band.plain("firm, 1 to 3 kPa", Worn.FIRM, 1),
                    Band.strong("hard, over 3 kPa", Double.POSITIVE_INFINITY, 0))),
    PULL(
            "Pull",
            List.of(
                    Band.plain("slack", 5, 7),
                    Band.plain("under 100 N/m", 100, 3),
                    Band.plain("100 to 200 N/m", 200, 4),
                    Band.plain("200 to 400 N/m", 400, 5),
                    Band.plain("400 to 600 N/m", 600, 6),
                    Band.strong("over 600 N/m", Double.POSITIVE_INFINITY, 0)));

    private final String label;
    private final List<Band> bands;

    /**
     * A band of readings.
     *
     * @param most the largest reading that belongs to it
     * @param tone which of the eight tones of cloth it is shown in, from hardest pressed over touching, 3, to farthest away
     * @param hatched whether it is hatched as well
     */
    public record Band(String words, double most, int tone, boolean hatched) {
        private static Band plain(String words, double most, int tone) {
            return new Band(words, most, tone, false);
        }

        private static Band strong(String words, double most, int tone) {
            return new Band(words, most, tone, true);
        }
    }

    WornMap(String label, List<Band> bands) {
        this.label = label;
        this.bands = bands;
    }

    public String label() {
        return label;
    }

    /** From the smallest reading on. */
    public List<Band> bands() {
        return bands;
    }

    public Band band(double reading) {
        int i = 0;
        while (reading > bands.get(i).most()) {
            i++;
        }
        return bands.get(i);
    }

    /** The reading at every vertex of a worn half: mm, kPa or N for each metre. */
    public double[] readings(OnForm worn) {
        return switch (this) {
            case NEAR -> worn.away();
            case PRESSURE -> worn.overTriangles(worn.pressures());
            case PULL -> worn.pulls();
        };
    }
}
