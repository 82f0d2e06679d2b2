package bathyra.app.stage;

import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import java.util.Optional;

/** Days in words, and typed. */
public final class Days {
    /** Days of other centuries are slips of the hand. */
    private static final int YEAR_LEAST = 1900;

    private static final int YEAR_MOST = 2200;
    private static final DateTimeFormatter HOUR = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    /** One for the program, as its language is. */
    private static DayStyle style = DayStyle.DAY_FIRST;

    private Days() {}

    public static DayStyle style() {
        return style;
    }

    /** How days are written from now on. */
    public static void choose(DayStyle next) {
        style = next;
    }

    /** A day, its month in short. */
    public static String say(LocalDate day) {
        return style.brief().format(day);
    }

    public static String sayWithYear(LocalDate day) {
        return style.briefWithYear().format(day);
    }

    /** A day with its month written out. */
    public static String write(LocalDate day) {
        return style.whole().format(day);
    }

    public static String writeWithYear(LocalDate day) {
        return style.wholeWithYear().format(day);
    }

    /** A day and its hour. */
    public static String writeWithHour(LocalDateTime time) {
        return writeWithYear(time.toLocalDate()) + ", " + HOUR.format(time);
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
