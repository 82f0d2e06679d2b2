package bathyra.workplan;

import bathyra.length.Sentence;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * The days of a commission, planned back from the day on which it is due, in working days (C16.3). A day that was set by hand stands, and takes
 * the ones before it along no farther than they have to go.
 *
 * @param days one for each kind, in order
 * @param said what does not go together
 */
public record Dates(LocalDate due, Map<DateKind, LocalDate> days, List<Sentence> said) {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    public Dates {
        days = new EnumMap<>(days);
        said = List.copyOf(said);
    }

    /** @return empty while no due day is set */
    public static Optional<Dates> of(Plan plan, WorkingDays calendar, LocalDate today) {
        return plan.due().map(due -> new Dates(due, days(plan, due, calendar), said(plan, due, calendar, today)));
    }

    private static Map<DateKind, LocalDate> days(Plan plan, LocalDate due, WorkingDays calendar) {
        Map<DateKind, LocalDate> days = new EnumMap<>(DateKind.class);
        for (DateKind kind : DateKind.values()) {
            days.put(kind, plan.fixed().getOrDefault(kind, calendar.before(due, kind.before())));
        }
        return days;
    }

    private static List<Sentence> said(Plan plan, LocalDate due, WorkingDays calendar, LocalDate today) {
        List<Sentence> said = new ArrayList<>();
        Map<DateKind, LocalDate> days = days(plan, due, calendar);
        DateKind before = null;
        for (DateKind kind : DateKind.values()) {
            LocalDate day = days.get(kind);
            if (before != null && day.isBefore(days.get(before))) {
                said.add(Sentence.of(
                        kind.label() + " on {} lies before " + before.label().toLowerCase(Locale.ROOT)
                                + " on {}. Move one of them.",
                        DAY.format(day),
                        DAY.format(days.get(before))));
            }
            if (kind.isFitting() && !calendar.works(day)) {
                said.add(Sentence.of(
                        kind.label() + " on {} lies on a day off. Move it, or take the day in.", DAY.format(day)));
            }
            before = kind;
        }
        LocalDate first = days.get(DateKind.MEASURED);
        if (plan.progress().isEmpty() && first.isBefore(today)) {
            int late = calendar.between(first, today);
            if (late > 0) {
                said.add(Sentence.of(
                        "It starts " + late + (late == 1 ? " working day" : " working days")
                                + " too late to be measured on {}: leave out the second toile or fitting, take a second maker, or agree on a later day.",
                        DAY.format(first)));
            }
        }
        if (due.isBefore(today) && !plan.of(StepKind.FINISHING.id()).done()) {
            said.add(Sentence.of("It was due on {} and is not finished.", DAY.format(due)));
        }
        return said;
    }

    public LocalDate day(DateKind kind) {
        return days.get(kind);
    }

    /** The next day that is not past. */
    public Optional<DateKind> next(LocalDate today) {
        return days.entrySet().stream()
                .filter(e -> !e.getValue().isBefore(today))
                .map(Map.Entry::getKey)
                .findFirst();
    }
}
