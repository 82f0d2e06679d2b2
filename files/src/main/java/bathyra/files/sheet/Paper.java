package bathyra.files.sheet;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A paper on which a pattern is printed.
 *
 * @param id the word for it
 * @param width mm
 * @param height mm; of a roll no more than a name, it is cut off where the drawing ends
 * @param roll whether it comes off a roll
 */
public record Paper(String id, double width, double height, boolean roll) {
    /** What stays white along every side. */
    public static final double MARGIN = 10;
    /** How far one sheet lies over the next. */
    public static final double OVERLAP = 10;

    public static final Paper A4 = new Paper("a4", 210, 297, false);
    public static final Paper LETTER = new Paper("letter", 215.9, 279.4, false);
    public static final Paper A3 = new Paper("a3", 297, 420, false);
    public static final Paper A0 = new Paper("a0", 841, 1189, false);
    public static final Paper ROLL = new Paper("roll", 914, 914, true);
    public static final List<Paper> ALL = List.of(A4, LETTER, A3, A0, ROLL);
    /** The least that leaves room for the test squares beside the margins. */
    private static final double LEAST = 100;

    private static final double MOST = 5000;
    /** From this width on a sheet is large: the cover goes before it on a small one. */
    private static final double LARGE = 500;

    private static final Pattern OWN = Pattern.compile("(roll:)?(\\d+(?:\\.\\d+)?)(?:x(\\d+(?:\\.\\d+)?))?");

    /** One of the usual papers. */
    public static Optional<Paper> ofId(String id) {
        return ALL.stream().filter(p -> p.id.equals(id)).findFirst();
    }

    /**
     * A usual paper by its word, another by its size ({@code 300x400}), or a roll by its width ({@code roll:610}), in mm.
     *
     * @throws IllegalArgumentException with what is wrong and what is accepted
     */
    public static Paper read(String text) {
        Optional<Paper> usual = ofId(text.toLowerCase(Locale.ROOT));
        if (usual.isPresent()) {
            return usual.get();
        }
        Matcher own = OWN.matcher(text.toLowerCase(Locale.ROOT));
        if (!own.matches() || (own.group(1) == null) == (own.group(3) == null)) {
            throw new IllegalArgumentException(
                    "is " + text
                            + ", which is no paper; a4, letter, a3, a0, roll, a size in mm such as 300x400, or a roll such as roll:610");
        }
        double width = Double.parseDouble(own.group(2));
        double height = own.group(3) == null ? width : Double.parseDouble(own.group(3));
        if (Math.min(width, height) < LEAST || Math.max(width, height) > MOST) {
            throw new IllegalArgumentException(String.format(
                    Locale.ROOT,
                    "is %s: margins of %.0f mm, the overlap and the test square leave no room for a pattern on it; from %.0f to %.0f mm a side",
                    text,
                    MARGIN,
                    LEAST,
                    MOST));
        }
        return new Paper(text.toLowerCase(Locale.ROOT), width, height, own.group(1) != null);
    }

    /**
     * How wide a piece can be that comes off a roll, mm: the margins and the test squares beside it are taken off. Empty for sheets, on
     * which a piece goes on from one to the next.
     */
    public OptionalDouble acrossRoll(PrintScale scale) {
        return roll
                ? OptionalDouble.of((width - 2 * MARGIN) / scale.across() - Sheets.TEST_COLUMN)
                : OptionalDouble.empty();
    }

    public boolean isLarge() {
        return width > LARGE;
    }
}
