package bathyra.app.stage;

import java.time.DayOfWeek;
import java.time.format.TextStyle;
import java.time.temporal.WeekFields;
import java.util.Arrays;
import java.util.Locale;

/** On which day weeks begin, in calendars and in the workshop. */
public enum WeekStart {
    MONDAY(DayOfWeek.MONDAY, "mon"),
    SUNDAY(DayOfWeek.SUNDAY, "sun"),
    SATURDAY(DayOfWeek.SATURDAY, "sat");

    /** Under which word the book keeps it. */
    public static final String KEPT = "week-start";

    private final DayOfWeek day;
    private final String word;

    WeekStart(DayOfWeek day, String word) {
        this.day = day;
        this.word = word;
    }

    public DayOfWeek day() {
        return day;
    }

    public String label() {
        return day.getDisplayName(TextStyle.FULL, Locale.ENGLISH);
    }

    /** Monday for any word that is none. */
    public static WeekStart named(String text) {
        return Arrays.stream(values())
                .filter(s -> s.name().equals(text))
                .findFirst()
                .orElse(MONDAY);
    }

    public static WeekStart now() {
        DayOfWeek first =
                WeekFields.of(Locale.getDefault(Locale.Category.FORMAT)).getFirstDayOfWeek();
        return Arrays.stream(values()).filter(s -> s.day == first).findFirst().orElse(MONDAY);
    }

    /** Calendars begin so from now on. The toolkit's calendar asks the locale in which things are written, and nothing else. */
    public static void choose(WeekStart next) {
        Locale.setDefault(Locale.Category.FORMAT, Locale.forLanguageTag("en-GB-u-fw-" + next.word));
    }
}
