package bathyra.app.weeks;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;

/** Which weeks are in view, and where a day lies. */
final class Span {
    static final int WEEKS_LEAST = 4;
    static final int WEEKS_MOST = 26;
    /** So many weeks before the present one, to begin with. */
    private static final int BEFORE = 3;

    private static final int BEGUN = 8;
    private static final int DAYS = 7;

    private LocalDate first;
    private int weeks = BEGUN;

    /** @param week the first day of the present one */
    Span(LocalDate week) {
        first = week.minusWeeks(BEFORE);
    }

    LocalDate first() {
        return first;
    }

    int weeks() {
        return weeks;
    }

    void zoom(int by) {
        weeks = Math.max(WEEKS_LEAST, Math.min(WEEKS_MOST, weeks + by));
    }

    void move(int by) {
        first = first.plusWeeks(by);
    }

    double x(LocalDate day, double width) {
        return ChronoUnit.DAYS.between(first, day) * width / (weeks * DAYS);
    }

    LocalDate day(double x, double width) {
        return first.plusDays(Math.round(x * weeks * DAYS / Math.max(1, width)));
    }

    /** The first day of a week in view. */
    LocalDate week(int index) {
        return first.plusWeeks(index);
    }
}
