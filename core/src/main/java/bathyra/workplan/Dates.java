package bathyra.workplan;

import bathyra.house.House;
import bathyra.length.Sentence;
import bathyra.plan.DateKind;
import bathyra.plan.Occasion;
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
    /** For a wedding one measures and fits no longer before, weeks (C16.3). */
    private static final int MEASURED_WEEKS = 8;

    private static final int FITTED_WEEKS = 3;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMMM uuuu", Locale.ENGLISH);

    public Dates {
        days = new EnumMap<>(days);
        said = List.copyOf(said);
    }

    /** @return empty while no due day is set */
    public static Optional<Dates> of(Plan plan, House house, LocalDate today) {
        return plan.due().map(due -> {
            Map<DateKind, LocalDate> days = days(plan, due, house);
            return new Dates(due, days, said(plan, due, days, house, today));
        });
    }

    private static Map<DateKind, LocalDate> days(Plan plan, LocalDate due, House house) {
        Map<DateKind, LocalDate> days = new EnumMap<>(DateKind.class);
        for (DateKind kind : DateKind.values()) {
            days.put(
                    kind,
                    plan.fixed().getOrDefault(kind, house.calendar().before(due, house.before(plan.occasion(), kind))));
        }
        return days;
    }

    private static List<Sentence> said(
            Plan plan, LocalDate due, Map<DateKind, LocalDate> days, House house, LocalDate today) {
        List<Sentence> said = new ArrayList<>();
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
            if (kind.isFitting() && !house.calendar().works(day)) {
                said.add(Sentence.of(
                        kind.label() + " on {} lies on a day off. Move it, or take the day in.", DAY.format(day)));
            }
            before = kind;
        }
        if (due.isBefore(days.get(DateKind.MEASURED))) {
            said.add(Sentence.of(
                    "It is due on {}, before it is measured on {}. One of the two is a slip.",
                    DAY.format(due),
                    DAY.format(days.get(DateKind.MEASURED))));
        }
        if (plan.occasion() == Occasion.BRIDAL) {
            early(said, days, due, DateKind.MEASURED, MEASURED_WEEKS);
            early(said, days, due, DateKind.SECOND_FITTING, FITTED_WEEKS);
        }
        LocalDate first = days.get(DateKind.MEASURED);
        if (plan.progress().isEmpty() && first.isBefore(today)) {
            int late = house.calendar().between(first, today);
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

    /** A bride's body changes before the wedding. */
    private static void early(
            List<Sentence> said, Map<DateKind, LocalDate> days, LocalDate due, DateKind kind, int weeks) {
        if (days.get(kind).isBefore(due.minusWeeks(weeks))) {
            said.add(Sentence.of(
                    kind.label() + " on {} is more than " + weeks
                            + " weeks before the wedding: what was fitted then may not fit her on the day. Move it later.",
                    DAY.format(days.get(kind))));
        }
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
