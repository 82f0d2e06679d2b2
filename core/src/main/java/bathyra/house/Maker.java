package bathyra.house;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.TemporalAdjusters;
import java.util.Map;
import java.util.TreeMap;

/**
 * Someone who sews.
 *
 * @param hours how many in a usual week
 * @param otherwise how many in weeks that are not usual, by the Monday that lies in each
 */
public record Maker(String name, double hours, Map<LocalDate, Double> otherwise) {
    /** A week has no more. */
    public static final double MOST = 100;

    public Maker {
        require(hours);
        otherwise.values().forEach(Maker::require);
        otherwise = Map.copyOf(otherwise);
    }

    public Maker(String name, double hours) {
        this(name, hours, Map.of());
    }

    private static void require(double hours) {
        if (!(hours >= 0 && hours <= MOST)) {
            throw new IllegalArgumentException("a week has 0 to " + MOST + " hours, was " + hours);
        }
    }

    /** The hours of a week. @param first its first day, on whichever day weeks begin */
    public double in(LocalDate first) {
        return otherwise.getOrDefault(mondayOf(first), hours);
    }

    /** Whether a week has hours of its own. @param first its first day */
    public boolean worksOtherwiseIn(LocalDate first) {
        return otherwise.containsKey(mondayOf(first));
    }

    private static LocalDate mondayOf(LocalDate first) {
        return first.with(TemporalAdjusters.nextOrSame(DayOfWeek.MONDAY));
    }

    public Maker working(double next) {
        return new Maker(name, next, otherwise);
    }

    public Maker workingIn(LocalDate first, double next) {
        Map<LocalDate, Double> weeks = new TreeMap<>(otherwise);
        weeks.put(mondayOf(first), next);
        return new Maker(name, hours, weeks);
    }

    /** The same in a week as in any. @param first its first day */
    public Maker workingAsUsualIn(LocalDate first) {
        Map<LocalDate, Double> weeks = new TreeMap<>(otherwise);
        weeks.remove(mondayOf(first));
        return new Maker(name, hours, weeks);
    }
}
