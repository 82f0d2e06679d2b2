package bathyra.intake;

import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/**
 * What the seams of one block would take at a level by their rules, before locks and caps.
 *
 * @param surplus what they must take together
 * @param seams from centre front to centre back; the side is the last of the front block and the first of the back block
 * @param rules what each takes by its rule; the side of a bustier takes the rest
 * @param first how readily each gives way at first, 0 for not at all
 * @param pressed how readily each gives way when those cannot
 * @param shaping the seams that shape the bust: no house cap holds them under what they take by rule
 * @param kept whether these are values that a commission keeps: no house bound holds them
 * @param sideBears how much the side takes at the most by the house, all of which lies in one edge here, mm
 */
record Wanted(
        Reckoned surplus,
        List<SeamPlace> seams,
        List<Reckoned> rules,
        double[] first,
        double[] pressed,
        Set<SeamPlace> shaping,
        boolean kept,
        double sideBears) {
    Wanted(Reckoned surplus, List<SeamPlace> seams, List<Reckoned> rules, double[] first, double[] pressed) {
        this(surplus, seams, rules, first, pressed, Set.of());
    }

    Wanted(
            Reckoned surplus,
            List<SeamPlace> seams,
            List<Reckoned> rules,
            double[] first,
            double[] pressed,
            Set<SeamPlace> shaping) {
        this(surplus, seams, rules, first, pressed, shaping, false, Double.POSITIVE_INFINITY);
    }

    /** The same seams, which keep what they were given. */
    Wanted keeping(List<Reckoned> values) {
        return new Wanted(surplus, seams, values, first, pressed, shaping, true, sideBears);
    }

    /** The same seams with a side that takes no more than so much, mm. */
    Wanted withSideBearing(double most) {
        return new Wanted(surplus, seams, rules, first, pressed, shaping, kept, most);
    }

    /** What a sounding is called. @param front whether it is the front's part of the side */
    static String name(SeamPlace seam, Level level, boolean front) {
        String half = seam.equals(SeamPlace.SIDE) ? front ? ", front half," : ", back half," : "";
        return seam.label() + half + " at the " + level.label().toLowerCase(Locale.ROOT);
    }

    int side() {
        return seams.indexOf(SeamPlace.SIDE);
    }

    double[] values() {
        return rules.stream().mapToDouble(Reckoned::value).toArray();
    }
}
