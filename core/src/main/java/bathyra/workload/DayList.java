package bathyra.workload;

import bathyra.plan.DateKind;
import bathyra.workplan.Dates;
import bathyra.workplan.StepKind;
import bathyra.workplan.WorkPlan;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/**
 * What a day brings.
 *
 * @param comes who comes to be measured or fitted, or to fetch
 * @param due what is to be done by the end of the day, or was before and is not
 * @param cut what can be cut: its cloth is in, its pattern corrected
 * @param ordered what must be ordered at the latest
 */
public record DayList(List<Line> comes, List<Line> due, List<Line> cut, List<Line> ordered) {
    /** @param job the commission */
    public record Line(long job, String words) {}

    public DayList {
        comes = List.copyOf(comes);
        due = List.copyOf(due);
        cut = List.copyOf(cut);
        ordered = List.copyOf(ordered);
    }

    /** @param wanting whether anything of a commission's materials is missing; where nobody knows, empty */
    public static DayList of(WorkLoad load, LocalDate day, Function<Long, Optional<Boolean>> wanting) {
        List<Line> comes = new ArrayList<>();
        List<Line> due = new ArrayList<>();
        List<Line> cut = new ArrayList<>();
        List<Line> ordered = new ArrayList<>();
        for (Job job : load.jobs()) {
            if (job.dates().isEmpty()) {
                continue;
            }
            Dates dates = job.dates().get();
            for (StepKind meeting : List.of(StepKind.CONSULT, StepKind.FIRST_FITTING, StepKind.SECOND_FITTING)) {
                if (dates.day(meeting.by()).equals(day) && isOpen(job, meeting)) {
                    comes.add(line(job, job.wearer() + ", " + lower(meeting.label()) + ": "));
                }
            }
            if (dates.day(DateKind.DELIVERY).equals(day)) {
                comes.add(line(job, job.wearer() + " is given: "));
            }
            next(load, job, day).ifPresent(due::add);
            if (!dates.day(DateKind.CLOTH_IN).isAfter(day)
                    && !dates.day(DateKind.CORRECTED).isAfter(day)
                    && job.work().next().filter(s -> s.task() == StepKind.CUT).isPresent()) {
                cut.add(line(job, ""));
            }
            boolean wants =
                    wanting.apply(job.id()).orElseGet(() -> job.plan().shelf().isEmpty() && isOpen(job, StepKind.CUT));
            if (wants
                    && !dates.day(DateKind.ORDERED).isAfter(day)
                    && dates.due().isAfter(day)) {
                ordered.add(line(job, ""));
            }
        }
        return new DayList(comes, due, cut, ordered);
    }

    private static Optional<Line> next(WorkLoad load, Job job, LocalDate day) {
        return load.portions(job.id()).stream()
                .filter(p -> !p.until().isAfter(day) && !p.task().isMeeting())
                .findFirst()
                .map(p -> line(job, p.task().label() + ": "));
    }

    private static boolean isOpen(Job job, StepKind kind) {
        return job.work()
                .step(kind)
                .map(WorkPlan.Step::progress)
                .filter(p -> !p.done())
                .isPresent();
    }

    private static Line line(Job job, String words) {
        return new Line(job.id(), words + job.title());
    }

    private static String lower(String label) {
        return label.toLowerCase(Locale.ROOT);
    }

    public boolean isEmpty() {
        return comes.isEmpty() && due.isEmpty() && cut.isEmpty() && ordered.isEmpty();
    }
}
