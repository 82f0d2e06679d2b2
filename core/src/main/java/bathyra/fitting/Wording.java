package bathyra.fitting;

import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.Level;
import java.util.Locale;

/** Changes in words, for cards, covers and slips. */
public final class Wording {
    private Wording() {}

    /** A change with where it was found, and on which half. */
    public static Sentence of(Adjustment adjustment) {
        Sentence change = adjustment.change().words();
        String side =
                adjustment.side() == Side.BOTH ? "" : ", " + adjustment.side().label() + " half";
        return new Sentence(
                change.pattern() + side + " (fitting " + adjustment.fitting() + ", mark " + adjustment.mark() + ")",
                change.parts());
    }

    /** A sentence about so much, whichever way it goes. */
    static Sentence of(String pattern, Length by) {
        return Sentence.of(pattern, size(by));
    }

    static Length size(Length by) {
        return Length.mm(Math.abs(by.millimetres()));
    }

    /** The word for which way it goes. */
    static String which(Length by, String less, String more) {
        return by.millimetres() < 0 ? less : more;
    }

    static String low(Level level) {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
