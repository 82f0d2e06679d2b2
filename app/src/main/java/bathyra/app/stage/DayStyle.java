package bathyra.app.stage;

import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Locale;

/** How days are written. */
public enum DayStyle {
    DAY_FIRST("30 Nov", "d MMM", "d MMM uuuu", "d MMMM", "d MMMM uuuu"),
    MONTH_FIRST("Nov 30", "MMM d", "MMM d, uuuu", "MMMM d", "MMMM d, uuuu"),
    FIGURES("11-30", "MM-dd", "uuuu-MM-dd", "MM-dd", "uuuu-MM-dd");

    /** Under which word the book keeps it. */
    public static final String KEPT = "dates";

    private final String label;
    private final DateTimeFormatter brief;
    private final DateTimeFormatter briefWithYear;
    private final DateTimeFormatter whole;
    private final DateTimeFormatter wholeWithYear;

    DayStyle(String label, String brief, String briefWithYear, String whole, String wholeWithYear) {
        this.label = label;
        this.brief = format(brief);
        this.briefWithYear = format(briefWithYear);
        this.whole = format(whole);
        this.wholeWithYear = format(wholeWithYear);
    }

    private static DateTimeFormatter format(String pattern) {
        return DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH);
    }

    /** The day first for any word that is none. */
    public static DayStyle named(String word) {
        return Arrays.stream(values())
                .filter(s -> s.name().equals(word))
                .findFirst()
                .orElse(DAY_FIRST);
    }

    /** A day written so. */
    public String label() {
        return label;
    }

    DateTimeFormatter brief() {
        return brief;
    }

    DateTimeFormatter briefWithYear() {
        return briefWithYear;
    }

    DateTimeFormatter whole() {
        return whole;
    }

    DateTimeFormatter wholeWithYear() {
        return wholeWithYear;
    }
}
