package bathyra.workload;

import bathyra.house.House;
import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.workplan.Counts;
import bathyra.workplan.Dates;
import bathyra.workplan.Pace;
import bathyra.workplan.StepKind;
import bathyra.workplan.WorkPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A commission as work.
 *
 * @param id its number in the book
 * @param work its steps
 * @param dates its days; empty while it has no due day
 */
public record Job(long id, String title, String wearer, Plan plan, WorkPlan work, Optional<Dates> dates) {
    public static Job of(
            long id, String title, String wearer, Counts counts, Plan plan, House house, Pace pace, LocalDate today) {
        return new Job(id, title, wearer, plan, WorkPlan.of(counts, plan, pace), Dates.of(plan, house, today));
    }

    /** The same work under another plan. */
    public Job planned(Plan next, House house, LocalDate today) {
        return new Job(id, title, wearer, next, work, Dates.of(next, house, today));
    }

    /** What is left to be done, minutes. */
    public double left() {
        return work.left();
    }

    /** Who does a step: whoever is named for it and works here, else the maker of the garment. */
    private String maker(WorkPlan.Step step, House house) {
        return house.named(step.progress().who())
                .orElseGet(() -> house.maker(plan.hands().maker()))
                .name();
    }

    /** What is left, step by step in their order; nothing while no due day is set. No step is to be done later than the one after it. */
    public List<Portion> portions(House house, LocalDate today) {
        if (dates.isEmpty()) {
            return List.of();
        }
        List<WorkPlan.Step> open =
                work.steps().stream().filter(s -> s.left() > 0).toList();
        LocalDate[] until = until(open, dates.get(), house);
        List<Portion> portions = new ArrayList<>();
        LocalDate release = today;
        LocalDate from = today;
        for (int i = 0; i < open.size(); i++) {
            WorkPlan.Step step = open.get(i);
            if (i > 0 && until[i].isAfter(until[i - 1])) {
                from = later(from, open.get(i - 1).task().isMeeting() ? until[i - 1] : until[i - 1].plusDays(1));
            }
            if (step.task().isMeeting()) {
                release = later(release, until[i]);
            }
            if (step.task() == StepKind.CUT && step.progress().minutes() == 0) {
                release = later(release, dates.get().day(DateKind.CLOTH_IN));
            }
            portions.add(new Portion(
                    id,
                    step.task(),
                    maker(step, house),
                    step.left(),
                    release,
                    later(today, earlier(later(from, release), until[i])),
                    until[i]));
        }
        return portions;
    }

    private static LocalDate[] until(List<WorkPlan.Step> open, Dates dates, House house) {
        LocalDate[] until = new LocalDate[open.size()];
        for (int i = open.size() - 1; i >= 0; i--) {
            DateKind by = open.get(i).task().by();
            LocalDate day = dates.day(by);
            boolean before = by.isFitting() && !open.get(i).task().isMeeting();
            until[i] = before ? house.calendar().before(day, 1) : day;
            if (i < open.size() - 1) {
                until[i] = earlier(until[i], until[i + 1]);
            }
        }
        return until;
    }

    private static LocalDate later(LocalDate a, LocalDate b) {
        return a.isAfter(b) ? a : b;
    }

    private static LocalDate earlier(LocalDate a, LocalDate b) {
        return a.isBefore(b) ? a : b;
    }
}
