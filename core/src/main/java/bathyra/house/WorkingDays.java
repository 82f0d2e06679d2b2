package bathyra.house;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.Set;

/** On which days the workshop works. @param off single days on which it does not */
public record WorkingDays(Set<DayOfWeek> weekend, Set<LocalDate> off) {
    /** Monday to Friday, no day off. */
    public static final WorkingDays USUAL = new WorkingDays(Set.of(DayOfWeek.SATURDAY, DayOfWeek.SUNDAY), Set.of());

    /** So many days without work in a row, and the calendar is wrong. */
    private static final int OFF_MOST = 400;

    public WorkingDays {
        weekend = Set.copyOf(weekend);
        off = Set.copyOf(off);
        if (weekend.size() > 6) {
            throw new IllegalArgumentException("a workshop that never works has no plan");
        }
    }

    public boolean works(LocalDate day) {
        return !weekend.contains(day.getDayOfWeek()) && !off.contains(day);
    }

    /** The working day so many working days before another day. */
    public LocalDate before(LocalDate day, int days) {
        return away(day, days, -1);
    }

    /** The working day so many working days after another day. */
    public LocalDate after(LocalDate day, int days) {
        return away(day, days, 1);
    }

    private LocalDate away(LocalDate day, int days, int way) {
        if (days <= 0) {
            return day;
        }
        // Whole weeks at a time; the last days one by one, and as many more as were off in those weeks.
        int perWeek = DayOfWeek.values().length - weekend.size();
        int weeks = (days - 1) / perWeek;
        LocalDate at = day.plusWeeks((long) way * weeks);
        int left = days - weeks * perWeek + offBetween(day, at, way);
        int idle = 0;
        while (left > 0 && idle < OFF_MOST) {
            at = at.plusDays(way);
            if (works(at)) {
                left--;
                idle = 0;
            } else {
                idle++;
            }
        }
        return at;
    }

    /** How many days that would be worked are off after one day up to another, on the way to it. */
    private int offBetween(LocalDate from, LocalDate to, int way) {
        return (int) off.stream()
                .filter(d -> !weekend.contains(d.getDayOfWeek()))
                .filter(d -> way > 0 ? d.isAfter(from) && !d.isAfter(to) : d.isBefore(from) && !d.isBefore(to))
                .count();
    }

    /** How many working days lie from one day on before another; negative where the other lies before it. */
    public int between(LocalDate from, LocalDate to) {
        int count = 0;
        LocalDate at = from;
        int way = to.isBefore(from) ? -1 : 1;
        while (!at.equals(to)) {
            LocalDate next = at.plusDays(way);
            if (works(way > 0 ? at : next)) {
                count += way;
            }
            at = next;
        }
        return count;
    }
}
