package bathyra.app.stage;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;

/** Days in words, and typed. */
public final class Days {
    /** Days of other centuries are slips of the hand. */
    private static final int YEAR_LEAST = 1900;

    private static final int YEAR_MOST = 2200;
    private static final DateTimeFormatter SHORT = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private Days() {}

    public static String say(LocalDate day) {
        return SHORT.format(day);
    }

    public static Optional<LocalDate> read(String text) {
        try {
            return Optional.of(LocalDate.parse(text.strip()))
                    .filter(d -> d.getYear() >= YEAR_LEAST && d.getYear() <= YEAR_MOST);
        } catch (DateTimeException e) {
            return Optional.empty();
        }
    }
}
