package bathyra.place;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A seam of the half, or the closing edge at centre back: a place where surplus is taken out.
 *
 * @param id the word in files
 * @param label the name on the screen
 * @param part where on the half it lies
 * @param number which of its part it is, from centre front on, 1 for the first
 */
public record SeamPlace(String id, String label, Part part, int number) {
    /** Where on the half a seam lies. */
    public enum Part {
        FRONT,
        SIDE,
        BACK,
        CENTRE_BACK
    }

    public static final SeamPlace PRINCESS_FRONT = new SeamPlace("princess-front", "Princess front", Part.FRONT, 1);
    public static final SeamPlace SIDE = new SeamPlace("side", "Side", Part.SIDE, 1);
    public static final SeamPlace PRINCESS_BACK = new SeamPlace("princess-back", "Princess back", Part.BACK, 1);
    public static final SeamPlace CENTRE_BACK = new SeamPlace("centre-back", "Centre back", Part.CENTRE_BACK, 1);
    private static final Pattern NUMBERED = Pattern.compile("(front|back)-([1-7])");

    /** A seam of a corset's front block. @param number from centre front, 1 for the first */
    public static SeamPlace front(int number) {
        return new SeamPlace("front-" + number, "Front " + number, Part.FRONT, number);
    }

    /** A seam of a corset's back block. @param number from the side, 1 for the first */
    public static SeamPlace back(int number) {
        return new SeamPlace("back-" + number, "Back " + number, Part.BACK, number);
    }

    /** The id tells a seam; tables of soundings ask for it at every figure. */
    @Override
    public boolean equals(Object other) {
        return other instanceof SeamPlace seam && seam.id.equals(id);
    }

    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** The name in running text, which says what it is. */
    public String inWords() {
        return part == Part.CENTRE_BACK
                ? "centre back"
                : NUMBERED.matcher(id).matches()
                        ? part.name().toLowerCase(java.util.Locale.ROOT) + " seam " + number
                        : label.toLowerCase(java.util.Locale.ROOT);
    }

    /** Whether it is a princess seam of a bustier. */
    public boolean isPrincess() {
        return equals(PRINCESS_FRONT) || equals(PRINCESS_BACK);
    }

    /** The same seam under another number when one of its part came or went. @param from the first number that shifts */
    public SeamPlace shifted(Part shifting, int from, int by) {
        if (part != shifting || number < from || isPrincess()) {
            return this;
        }
        return part == Part.FRONT ? front(number + by) : part == Part.BACK ? back(number + by) : this;
    }

    /** The seam of its part whose number is nearest, or the side where there is none. @param seams what a garment has */
    public SeamPlace nearest(List<SeamPlace> seams) {
        return seams.contains(this)
                ? this
                : seams.stream()
                        .filter(s -> s.part() == part)
                        .min(Comparator.comparingInt(s -> Math.abs(s.number() - number)))
                        .orElse(SIDE);
    }

    public static Optional<SeamPlace> ofId(String id) {
        for (SeamPlace seam : new SeamPlace[] {PRINCESS_FRONT, SIDE, PRINCESS_BACK, CENTRE_BACK}) {
            if (seam.id.equals(id)) {
                return Optional.of(seam);
            }
        }
        Matcher numbered = NUMBERED.matcher(id);
        return !numbered.matches()
                ? Optional.empty()
                : Optional.of(
                        numbered.group(1).equals("front")
                                ? front(Integer.parseInt(numbered.group(2)))
                                : back(Integer.parseInt(numbered.group(2))));
    }
}
