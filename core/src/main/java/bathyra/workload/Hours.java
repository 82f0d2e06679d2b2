package bathyra.workload;

import java.util.Locale;

/** How an amount of work is said: by the half hour where one plans, to the minute where one counts. */
public final class Hours {
    private static final int MINUTES = 60;

    private Hours() {}

    /** Minutes in hours, to the nearest half. */
    public static double toHalf(double minutes) {
        return Math.round(minutes / MINUTES * 2) / 2.0;
    }

    /** To the half hour: "3 h", "12.5 h". */
    public static String said(double minutes) {
        double hours = toHalf(minutes);
        return String.format(Locale.ROOT, hours == Math.rint(hours) ? "%.0f h" : "%.1f h", hours);
    }

    /** To the minute: "3 h 5 min". */
    public static String counted(double minutes) {
        long all = Math.round(minutes);
        return all / MINUTES + " h " + all % MINUTES + " min";
    }

    /** Hours as one types them: "38", "7.5". */
    public static String typed(double hours) {
        return hours == Math.rint(hours) ? String.format(Locale.ROOT, "%.0f", hours) : Double.toString(hours);
    }
}
