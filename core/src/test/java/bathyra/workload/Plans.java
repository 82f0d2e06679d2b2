package bathyra.workload;

import bathyra.garment.Closure;
import bathyra.house.House;
import bathyra.house.Maker;
import bathyra.house.WorkingDays;
import bathyra.plan.DateKind;
import bathyra.plan.Hands;
import bathyra.plan.Occasion;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.workplan.Counts;
import bathyra.workplan.Pace;
import bathyra.workplan.StepKind;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** Work and workshops for the tests. */
final class Plans {
    /** An overbust corset of six panels with a busk, counted by hand. */
    static final Counts OVERBUST = new Counts(
            new Counts.Cutting(8, 36, 12),
            new Counts.Sewing(10, 0, 12, 1.9),
            new Counts.Boned(10, 4, 24),
            new Counts.Build(false, false, true, true, Closure.BACK_LACING, true));

    private Plans() {}

    /** One maker who can be planned for so many minutes on each working day, nothing kept back. */
    static House house(double minutesADay, WorkingDays calendar) {
        return house(
                List.of(new Maker("Ida", minutesADay * (7 - calendar.weekend().size()) / 60)), calendar);
    }

    static House house(List<Maker> makers, WorkingDays calendar) {
        House usual = House.USUAL;
        return new House(
                makers,
                calendar,
                0,
                usual.before(),
                usual.order(),
                usual.terms(),
                usual.letter(),
                usual.suppliers(),
                usual.shelf());
    }

    static Job job(long id, Plan plan, House house, LocalDate today) {
        return Job.of(id, "Garment " + id, "Wearer " + id, OVERBUST, plan, house, Pace.UNKNOWN, today);
    }

    /** Everything done but some steps. */
    static Plan only(LocalDate due, StepKind... open) {
        Plan plan = Plan.NONE.due(Optional.of(due));
        for (StepKind kind : StepKind.values()) {
            if (!Set.of(open).contains(kind)) {
                plan = plan.with(kind.id(), Progress.NONE.finished(true));
            }
        }
        return plan;
    }

    static Plan random(Random random, LocalDate today, House house) {
        Plan plan = Plan.NONE
                .on(Occasion.values()[random.nextInt(3)])
                .by(new Hands(
                        house.makers()
                                .get(random.nextInt(house.makers().size()))
                                .name(),
                        random.nextInt(4) == 0));
        if (random.nextInt(8) > 0) {
            plan = plan.due(Optional.of(today.plusDays(random.nextInt(140) - 30)));
        }
        for (StepKind kind : StepKind.values()) {
            if (random.nextInt(3) == 0) {
                plan = plan.with(
                        kind.id(), Progress.NONE.lasting(random.nextInt(200)).finished(random.nextBoolean()));
            }
        }
        for (DateKind kind : DateKind.values()) {
            if (random.nextInt(5) == 0) {
                plan = plan.fixing(kind, Optional.of(today.plusDays(random.nextInt(100) - 20)));
            }
        }
        return plan;
    }

    static House random(Random random, LocalDate today) {
        Set<LocalDate> off = IntStream.range(0, random.nextInt(20))
                .mapToObj(i -> today.plusDays(random.nextInt(100)))
                .collect(Collectors.toSet());
        List<Maker> makers = IntStream.rangeClosed(1, 1 + random.nextInt(3))
                .mapToObj(i -> new Maker("Maker " + i, random.nextInt(40)))
                .toList();
        return house(makers, new WorkingDays(WorkingDays.USUAL.weekend(), off));
    }
}
