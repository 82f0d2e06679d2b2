package bathyra.workplan;

import bathyra.draft.Draft;
import bathyra.plan.OwnStep;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * The steps of a making with what is on record of each.
 *
 * @param steps in the order in which they are done
 */
public record WorkPlan(List<Step> steps) {
    /**
     * One step.
     *
     * @param planned how long it takes, minutes
     * @param waitsFor the step that must be done before; empty for the first
     */
    public record Step(Task task, Reckoned planned, Progress progress, Optional<Task> waitsFor) {
        /** What is still to be done, minutes; nothing of a step that is done. */
        public double left() {
            return progress.done() ? 0 : Math.max(0, planned.value() - progress.minutes());
        }
    }

    public WorkPlan {
        steps = List.copyOf(steps);
    }

    public static WorkPlan of(Draft draft, Plan plan, Pace pace) {
        return of(Counts.of(draft), plan, pace);
    }

    /** The steps of what was counted. */
    public static WorkPlan of(Counts counts, Plan plan, Pace pace) {
        Minutes minutes = new Minutes(counts, pace);
        List<Step> steps = new ArrayList<>();
        Optional<Task> before = Optional.empty();
        for (Task task : tasks(minutes, plan)) {
            steps.add(new Step(task, minutes.of(task, plan.hands().learner()), plan.of(task.id()), before));
            before = Optional.of(task);
        }
        return new WorkPlan(steps);
    }

    /** What there is to do, in the cutter's order where there is one; what that does not name stays behind what the rule has before it. */
    private static List<Task> tasks(Minutes minutes, Plan plan) {
        List<Task> tasks = new ArrayList<>();
        for (StepKind kind : StepKind.values()) {
            if (minutes.has(kind) && !plan.order().leftOut().contains(kind.id())) {
                tasks.add(kind);
            }
        }
        for (OwnStep own : plan.order().own()) {
            tasks.add(new Task.Own(own));
        }
        List<String> order = plan.order().order();
        if (!order.isEmpty()) {
            int[] place = new int[tasks.size()];
            int before = -1;
            for (int i = 0; i < tasks.size(); i++) {
                int at = order.indexOf(tasks.get(i).id());
                before = at < 0 ? before : at;
                place[i] = before;
            }
            List<Task> asPlaced = List.copyOf(tasks);
            tasks.sort(Comparator.comparingInt(t -> place[asPlaced.indexOf(t)]));
        }
        return tasks;
    }

    /** The same without one step; what waited for it waits for the one before. */
    public WorkPlan without(Task task) {
        List<Step> rest = new ArrayList<>();
        Optional<Task> before = Optional.empty();
        for (Step step : steps) {
            if (!step.task().equals(task)) {
                rest.add(new Step(step.task(), step.planned(), step.progress(), before));
                before = Optional.of(step.task());
            }
        }
        return new WorkPlan(rest);
    }

    /** The words of all steps in their order. */
    public List<String> order() {
        return steps.stream().map(s -> s.task().id()).toList();
    }

    /** All of it, minutes. */
    public double planned() {
        return steps.stream().mapToDouble(s -> s.planned().value()).sum();
    }

    /** What was taken so far, minutes. */
    public double taken() {
        return steps.stream().mapToDouble(s -> s.progress().minutes()).sum();
    }

    public double left() {
        return steps.stream().mapToDouble(Step::left).sum();
    }

    /** The first step that is not done. */
    public Optional<Step> next() {
        return steps.stream().filter(s -> !s.progress().done()).findFirst();
    }

    public Optional<Step> step(Task task) {
        return step(task.id());
    }

    public Optional<Step> step(String id) {
        return steps.stream().filter(s -> s.task().id().equals(id)).findFirst();
    }
}
