package bathyra.app.weeks;

/** Titles in words. */
final class WeekWords {
    private WeekWords() {}

    /** A title as far as its first comma, for where there is little room. */
    static String brief(String title) {
        return title.split(",")[0].strip();
    }
}
