package bathyra.app.stage;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.util.Optional;

/** Days in words, and typed. */
public final class Days {
    /** Days of other centuries are slips of the hand. */
    private static final int YEAR_LEAST = 1900;

    private static final int YEAR_MOST = 2200;
    /** One for the program, as its language is. */
    private static DayStyle style = DayStyle.DAY_FIRST;

    private Days() {}

    public static DayStyle style() {
        return style;
    }

    /** How days are written from now on. */
    public static void write(DayStyle next) {
        style = next;
    }

    public static String say(LocalDate day) {
        return style.format().format(day);
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
