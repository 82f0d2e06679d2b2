package bathyra.house;

import bathyra.plan.DateKind;
import bathyra.plan.Occasion;
import bathyra.plan.StepOrder;
import bathyra.plan.Withdrawal;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The workshop: its people, its days, its terms.
 *
 * @param makers the first is meant where nobody is named
 * @param buffer what is kept back of the hours for what nobody foresees, as a share of what is planned (C16.3)
 * @param before how many working days before the due day each day lies, by occasion; what is not named follows the rule
 * @param order its own order of working, a template
 * @param letter how it writes money
 * @param suppliers by name
 * @param shelf what it keeps
 */
public record House(
        List<Maker> makers,
        WorkingDays calendar,
        double buffer,
        Map<Occasion, Map<DateKind, Integer>> before,
        StepOrder order,
        Terms terms,
        Letter letter,
        List<Supplier> suppliers,
        List<Kept> shelf) {
    /** By C16.3. */
    private static final double BUFFER = 0.15;

    private static final double HOURS = 30;

    /** Until the workshop has said otherwise. */
    public static final House USUAL = new House(
            List.of(new Maker("The workshop", HOURS)),
            WorkingDays.USUAL,
            BUFFER,
            Map.of(),
            StepOrder.RULE,
            Terms.USUAL,
            Letter.USUAL,
            List.of(),
            List.of());

    public House {
        if (makers.isEmpty()) {
            throw new IllegalArgumentException("in a workshop somebody works");
        }
        if (!(buffer >= 0 && buffer <= 1)) {
            throw new IllegalArgumentException("a buffer is a share from 0 to 1, was " + buffer);
        }
        makers = List.copyOf(makers);
        before = Map.copyOf(before);
        suppliers = List.copyOf(suppliers);
        shelf = List.copyOf(shelf);
    }

    /** How many working days before the due day a day lies. */
    public int before(Occasion occasion, DateKind kind) {
        Map<DateKind, Integer> own = before.getOrDefault(occasion, Map.of());
        if (own.containsKey(kind)) {
            return own.get(kind);
        }
        return switch (kind) {
            // What takes longer to come is ordered earlier, and nothing is ordered before it is measured for.
            case ORDERED -> Math.max(kind.before(), before(occasion, DateKind.CLOTH_IN) + longestDelivery());
            case MEASURED ->
                Math.max(kind.before(), before(occasion, DateKind.ORDERED) + kind.before() - DateKind.ORDERED.before());
            default -> kind.before();
        };
    }

    private int longestDelivery() {
        return suppliers.stream().mapToInt(Supplier::days).max().orElse(0);
    }

    /** Who is meant by a name; the first where there is nobody of that name any more. */
    public Maker maker(String name) {
        return named(name).orElse(makers.get(0));
    }

    public Optional<Maker> named(String name) {
        return makers.stream().filter(m -> m.name().equals(name)).findFirst();
    }

    /** What can be planned of a maker's working day in a week, minutes: the buffer is kept back. */
    public double minutesADay(Maker maker, LocalDate week) {
        int days = DayOfWeek.values().length - calendar.weekend().size();
        return maker.in(week) * 60 / days / (1 + buffer);
    }

    public House making(List<Maker> next) {
        return new House(next, calendar, buffer, before, order, terms, letter, suppliers, shelf);
    }

    /** With another of the makers in the place of the one of that name. */
    public House with(Maker maker) {
        return making(makers.stream()
                .map(m -> m.name().equals(maker.name()) ? maker : m)
                .toList());
    }

    /** A day is taken out, or in again. */
    public House off(LocalDate day, boolean off) {
        Set<LocalDate> days = new HashSet<>(calendar.off());
        if (off) {
            days.add(day);
        } else {
            days.remove(day);
        }
        return new House(
                makers,
                new WorkingDays(calendar.weekend(), days),
                buffer,
                before,
                order,
                terms,
                letter,
                suppliers,
                shelf);
    }

    /** With one change of who works and when taken back, where it still stands as it was left. */
    public House withdrawing(House from, House to) {
        return new House(
                Withdrawal.of(makers, from.makers, to.makers),
                Withdrawal.of(calendar, from.calendar, to.calendar),
                buffer,
                before,
                order,
                terms,
                letter,
                suppliers,
                shelf);
    }

    public House keepingBack(double next) {
        return new House(makers, calendar, next, before, order, terms, letter, suppliers, shelf);
    }

    /** With days of its own for one kind of occasion; none gives them back to the rule. */
    public House planning(Occasion occasion, Map<DateKind, Integer> days) {
        Map<Occasion, Map<DateKind, Integer>> next = new EnumMap<>(Occasion.class);
        next.putAll(before);
        next.remove(occasion);
        if (!days.isEmpty()) {
            next.put(occasion, Map.copyOf(days));
        }
        return new House(makers, calendar, buffer, next, order, terms, letter, suppliers, shelf);
    }

    public House ordering(StepOrder next) {
        return new House(makers, calendar, buffer, before, next, terms, letter, suppliers, shelf);
    }

    public House on(Terms next) {
        return new House(makers, calendar, buffer, before, order, next, letter, suppliers, shelf);
    }

    public House writing(Letter next) {
        return new House(makers, calendar, buffer, before, order, terms, next, suppliers, shelf);
    }

    public House suppliedBy(List<Supplier> next) {
        return new House(makers, calendar, buffer, before, order, terms, letter, next, shelf);
    }

    public House keeping(List<Kept> next) {
        return new House(makers, calendar, buffer, before, order, terms, letter, suppliers, next);
    }
}
