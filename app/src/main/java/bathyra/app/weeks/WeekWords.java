package bathyra.app.weeks;

import java.util.Locale;

/** Hours in words. */
final class WeekWords {
    private static final double HOUR = 60;

    private WeekWords() {}

    /** A title as far as its first comma, for where there is little room. */
    static String brief(String title) {
        return title.split(",")[0].strip();
    }

    /** Under ten hours to the half, above to the hour. */
    static String hours(double minutes) {
        double hours = minutes / HOUR;
        double half = Math.round(hours * 2) / 2.0;
        return half < 10 && half != Math.rint(half)
                ? String.format(Locale.ROOT, "%.1f h", half)
                : String.format(Locale.ROOT, "%d h", Math.round(hours));
    }
}
