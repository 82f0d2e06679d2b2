package bathyra.correction;

import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;

/** What the gap at the lacing looks like from top to hem, and what that means (C15.4, C15.6). */
public enum GapShape {
    UNMEASURED,
    PARALLEL,
    WIDER_BELOW,
    WIDER_ABOVE,
    WAISTED,
    BOWED,
    SKEWED;

    /** A gap is parallel within this, mm; after the second fitting within {@link #GOOD}. */
    private static final double EVEN = 15;
    /** Its middle runs straight down the back within this, mm. */
    private static final double STRAIGHT = 10;
    /** As even as it should be in the end, mm. */
    public static final double GOOD = 5;

    /** The readings of a fitting, from the top; the hem, which lies at no level, last. */
    public static List<Mark> readings(Fitting fitting) {
        List<Mark> gaps = new ArrayList<>(
                fitting.marks().stream().filter(m -> m.kind() == MarkKind.GAP).toList());
        gaps.sort(Comparator.comparingInt(
                m -> m.spot().level().map(Level::ordinal).orElse(Level.values().length)));
        return gaps;
    }

    public static GapShape of(Fitting fitting) {
        List<Double> gaps =
                readings(fitting).stream().map(m -> m.amount().millimetres()).toList();
        if (gaps.size() < 2) {
            return UNMEASURED;
        }
        if (lean(fitting) > STRAIGHT) {
            return SKEWED;
        }
        double least = gaps.stream().mapToDouble(g -> g).min().orElseThrow();
        double most = gaps.stream().mapToDouble(g -> g).max().orElseThrow();
        if (most - least <= EVEN) {
            return PARALLEL;
        }
        double top = gaps.get(0);
        double hem = gaps.get(gaps.size() - 1);
        if (least < Math.min(top, hem) - EVEN / 2) {
            return WAISTED;
        }
        if (most > Math.max(top, hem) + EVEN / 2) {
            return BOWED;
        }
        return hem > top ? WIDER_BELOW : WIDER_ABOVE;
    }

    /** How far the middle of the gap runs to one side from top to hem, mm; level by level it is measured from the spine. */
    private static double lean(Fitting fitting) {
        double[] middles = readings(fitting).stream()
                .mapToDouble(m -> m.across().millimetres())
                .toArray();
        return middles.length == 0
                ? 0
                : Arrays.stream(middles).max().getAsDouble()
                        - Arrays.stream(middles).min().getAsDouble();
    }

    /** What it means, with how far apart the readings lie. */
    public Sentence meaning(Fitting fitting) {
        double[] gaps = readings(fitting).stream()
                .mapToDouble(m -> m.amount().millimetres())
                .toArray();
        Length apart = Length.mm(
                gaps.length == 0
                        ? 0
                        : Arrays.stream(gaps).max().getAsDouble()
                                - Arrays.stream(gaps).min().getAsDouble());
        return switch (this) {
            case UNMEASURED -> Sentence.of("Measure the gap at the top, the rib, the waist, the high hip and the hem.");
            case PARALLEL -> Sentence.of("Parallel within {}: the girths stand to each other as planned.", apart);
            case WIDER_BELOW ->
                Sentence.of(
                        "A V, {} wider below: the hips need more girth, or the top less. If it leans to one side, write down the right half too.",
                        apart);
            case WIDER_ABOVE -> Sentence.of("A V, {} wider above: the top needs more girth, or the hips less.", apart);
            case WAISTED ->
                Sentence.of(
                        "It closes {} more in the middle than at its ends: the waist has girth too much there, or top and hem too little.",
                        apart);
            case SKEWED ->
                Sentence.of(
                        "Skewed: its middle runs {} to one side from top to hem. One half is longer or fuller than the other, or a panel is turned: look whether she stands straight, and write down the marks of the right half too.",
                        Length.mm(lean(fitting)));
            case BOWED ->
                Sentence.of(
                        "It gapes by {} more in the middle than at its ends: the waist needs more girth, or top and hem less.",
                        apart);
        };
    }
}
