package bathyra.app.stage;

import java.time.format.DateTimeFormatter;
import java.util.Locale;

/** How days are written. */
public enum DayStyle {
    DAY_FIRST("30 Nov", "d MMM"),
    MONTH_FIRST("Nov 30", "MMM d"),
    FIGURES("11-30", "MM-dd");

    private final String label;
    private final DateTimeFormatter format;

    DayStyle(String label, String pattern) {
        this.label = label;
        this.format = DateTimeFormatter.ofPattern(pattern, Locale.ENGLISH);
    }

    /** A day written so. */
    public String label() {
        return label;
    }

    DateTimeFormatter format() {
        return format;
    }
}
