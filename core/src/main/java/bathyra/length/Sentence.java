package bathyra.length;

import java.util.List;

/**
 * A sentence for the cutter whose lengths are still lengths, so that it can be said in either unit.
 *
 * @param pattern the words, with {@code {}} where the next part goes
 * @param parts what goes there, in order; a {@link Length} is said in the unit asked for, what is {@link Named} by its label. Names, above all those from outside, are parts:
 *     inside the pattern a name could hold a place of its own
 */
public record Sentence(String pattern, List<Object> parts) {
    private static final String PLACE = "{}";
    private static final double SMALL = 2;

    public Sentence {
        parts = List.copyOf(parts);
        int places = places(pattern);
        if (places != parts.size()) {
            throw new IllegalArgumentException(
                    "the sentence has " + places + " places and was given " + parts.size() + " parts: " + pattern);
        }
    }

    private static int places(String pattern) {
        int count = 0;
        for (int at = pattern.indexOf(PLACE); at >= 0; at = pattern.indexOf(PLACE, at + PLACE.length())) {
            count++;
        }
        return count;
    }

    public static Sentence of(String pattern, Object... parts) {
        return new Sentence(pattern, List.of(parts));
    }

    /** A fault of half a millimetre would read as nothing, or as twice as much, in the cutter's unit: so small a length is said in mm. */
    private static String say(Length length, LengthUnit unit) {
        double size = Math.abs(length.millimetres());
        return LengthText.say(length, size > 0 && size < SMALL ? LengthUnit.MM : unit);
    }

    private static Object said(Object part, LengthUnit unit) {
        if (part instanceof Length length) {
            return say(length, unit);
        }
        return part instanceof Named named ? "“" + named.label() + "”" : part;
    }

    /** The sentence with its lengths in the given unit. */
    public String in(LengthUnit unit) {
        StringBuilder text = new StringBuilder();
        int next = 0;
        int from = 0;
        for (int at = pattern.indexOf(PLACE); at >= 0; at = pattern.indexOf(PLACE, from)) {
            text.append(pattern, from, at);
            Object part = parts.get(next++);
            text.append(said(part, unit));
            from = at + PLACE.length();
        }
        return text.append(pattern.substring(from)).toString();
    }
}
