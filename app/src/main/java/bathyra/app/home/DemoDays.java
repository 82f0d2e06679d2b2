package bathyra.app.home;

import bathyra.garment.Commission;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Map;
import java.util.Optional;

/** The days of the demo book, moved so that it is always in the middle of its work: by whole weeks, so that a Monday stays one. */
final class DemoDays {
    /** The shipped documents stand on this day. */
    static final LocalDate WRITTEN = LocalDate.of(2026, 11, 29);

    private final long weeks;

    DemoDays(LocalDate today) {
        weeks = Math.floorDiv(ChronoUnit.DAYS.between(WRITTEN, today), 7L);
    }

    LocalDate moved(LocalDate day) {
        return day.plusWeeks(weeks);
    }

    Commission moved(Commission commission) {
        Plan plan = commission.plan().due(commission.plan().due().map(this::moved));
        for (Map.Entry<DateKind, LocalDate> fixed : commission.plan().fixed().entrySet()) {
            plan = plan.fixing(fixed.getKey(), Optional.of(moved(fixed.getValue())));
        }
        for (Map.Entry<String, Supply> material : commission.plan().shelf().entrySet()) {
            Supply supply = material.getValue();
            plan = plan.supplied(
                    material.getKey(),
                    new Supply(supply.state(), supply.amount(), supply.comes().map(this::moved)));
        }
        plan = plan.dealing(plan.deal().quoted(plan.deal().quoted().map(this::moved)));
        return commission
                .withPlan(plan)
                .withFittings(commission.fittings().stream()
                        .map(f -> f.on(f.day().map(this::moved)))
                        .toList());
    }
}
