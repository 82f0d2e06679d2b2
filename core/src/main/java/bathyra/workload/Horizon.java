package bathyra.workload;

import bathyra.house.House;
import bathyra.house.Maker;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.time.temporal.TemporalAdjusters;

/** The days that can be planned, from today on, by their number: which are worked, in which week they lie. */
final class Horizon {
    /** No plan reaches farther, weeks. */
    static final int WEEKS = 160;

    private static final int DAYS = 7;

    private final House house;
    private final LocalDate today;
    private final DayOfWeek weekStart;
    /** The first day of the present week. */
    private final LocalDate begun;
    /** How many days from today on lie before a day and are worked. */
    private final int[] worked;

    private final double[] atHand = new double[WEEKS];

    Horizon(House house, LocalDate today, DayOfWeek weekStart) {
        this.house = house;
        this.today = today;
        this.weekStart = weekStart;
        this.begun = firstOf(today);
        // The present week has begun already: so many days fewer are left to the end of the last one.
        this.worked = new int[WEEKS * DAYS - gone() + 1];
        for (int day = 0; day < days(); day++) {
            LocalDate date = today.plusDays(day);
            worked[day + 1] = worked[day] + (house.calendar().works(date) ? 1 : 0);
        }
        for (int week = 0; week < WEEKS; week++) {
            for (Maker maker : house.makers()) {
                atHand[week] += atHand(maker, week);
            }
        }
    }

    /** The first day of the week in which a day lies. */
    LocalDate firstOf(LocalDate day) {
        return day.with(TemporalAdjusters.previousOrSame(weekStart));
    }

    DayOfWeek weekStart() {
        return weekStart;
    }

    LocalDate today() {
        return today;
    }

    int days() {
        return worked.length - 1;
    }

    /** The number of a day; that of today for what is past, the last one for what lies beyond. */
    int day(LocalDate date) {
        return (int) Math.max(0, Math.min(days() - 1L, ChronoUnit.DAYS.between(today, date)));
    }

    boolean isWorked(int day) {
        return worked[day + 1] > worked[day];
    }

    /** How many days are worked from one to another, both counted. */
    int worked(int from, int until) {
        return worked[until + 1] - worked[from];
    }

    /** The first day from one on that is worked; the last of all if none is. */
    int next(int day) {
        int at = day;
        while (at < days() - 1 && !isWorked(at)) {
            at++;
        }
        return at;
    }

    int week(int day) {
        return (gone() + day) / DAYS;
    }

    /** How many days of the present week lie before today. */
    private int gone() {
        return (int) ChronoUnit.DAYS.between(begun, today);
    }

    LocalDate date(int day) {
        return today.plusDays(day);
    }

    /** The first day of a week, counted from the present one. */
    LocalDate first(int week) {
        return begun.plusWeeks(week);
    }

    /** What all makers can do in a week from today on, minutes; nothing in weeks that are past or beyond. */
    double atHand(int week) {
        return week < 0 || week >= atHand.length ? 0 : atHand[week];
    }

    private double atHand(Maker maker, int week) {
        int first = Math.max(0, (int) ChronoUnit.DAYS.between(today, first(week)));
        int last = (int) Math.min(days() - 1L, ChronoUnit.DAYS.between(today, first(week)) + DAYS - 1);
        return last < first ? 0 : worked(first, last) * house.minutesADay(maker, first(week));
    }

    /** What a maker can do on a day, minutes. */
    double capacity(Maker maker, int day) {
        return isWorked(day) ? house.minutesADay(maker, first(week(day))) : 0;
    }
}
