package bathyra.house;

import java.time.LocalDate;
import java.util.Map;
import java.util.TreeMap;

/**
 * Someone who sews.
 *
 * @param hours how many in a usual week
 * @param otherwise how many in weeks that are not usual, by their Mondays
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

    /** The hours of the week that begins on a Monday. */
    public double in(LocalDate monday) {
        return otherwise.getOrDefault(monday, hours);
    }

    public Maker working(double next) {
        return new Maker(name, next, otherwise);
    }

    public Maker workingIn(LocalDate monday, double next) {
        Map<LocalDate, Double> weeks = new TreeMap<>(otherwise);
        weeks.put(monday, next);
        return new Maker(name, hours, weeks);
    }

    /** The same in the week of a Monday as in any. */
    public Maker workingAsUsualIn(LocalDate monday) {
        Map<LocalDate, Double> weeks = new TreeMap<>(otherwise);
        weeks.remove(monday);
        return new Maker(name, hours, weeks);
    }
}
