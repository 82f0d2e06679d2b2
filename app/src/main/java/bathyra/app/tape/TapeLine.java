package bathyra.app.tape;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.Locale;
import java.util.Optional;

/**
 * The line protocol of a digital tape, version 1: UTF-8 lines over a local socket. The tape greets with {@code tape 1}; each reading is
 * {@code reading 912.5 mm}. Lines that begin otherwise are passed over, so that a tape may say more.
 */
public final class TapeLine {
    /** The first line that a tape says. */
    public static final String GREETING = "tape 1";
    /** The port that is tried when none is named. */
    public static final int PORT = 47412;
    /** A longer line is none of a tape's. */
    static final int LONGEST = 200;

    private static final String READING = "reading ";

    private TapeLine() {}

    /** The line of a reading, in tenths of a millimetre. */
    public static String of(Length length) {
        return READING + String.format(Locale.ROOT, "%.1f", length.millimetres()) + " mm";
    }

    /** The reading of a line; empty when the line holds none. */
    public static Optional<Length> reading(String line) {
        if (!line.startsWith(READING)) {
            return Optional.empty();
        }
        return LengthText.read(line.substring(READING.length()), LengthUnit.MM) instanceof LengthText.Read read
                        && read.length().millimetres() > 0
                ? Optional.of(read.length())
                : Optional.empty();
    }
}
