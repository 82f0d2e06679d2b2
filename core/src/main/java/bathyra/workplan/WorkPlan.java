package bathyra.workplan;

import bathyra.draft.Draft;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
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
    public record Step(StepKind kind, Reckoned planned, Progress progress, Optional<StepKind> waitsFor) {
        /** What is still to be done, minutes; nothing of a step that is done. */
        public double left() {
            return progress.done() ? 0 : Math.max(0, planned.value() - progress.minutes());
        }
    }

    public WorkPlan {
        steps = List.copyOf(steps);
    }

    public static WorkPlan of(Draft draft, Plan plan) {
        return of(Counts.of(draft), plan);
    }

    /** The steps of what was counted. */
    public static WorkPlan of(Counts counts, Plan plan) {
        Minutes minutes = new Minutes(counts);
        List<Step> steps = new ArrayList<>();
        Optional<StepKind> before = Optional.empty();
        for (StepKind kind : StepKind.values()) {
            if (minutes.has(kind)) {
                steps.add(new Step(kind, minutes.of(kind, plan.learner()), plan.of(kind.id()), before));
                before = Optional.of(kind);
            }
        }
        return new WorkPlan(steps);
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

    public Optional<Step> step(StepKind kind) {
        return steps.stream().filter(s -> s.kind() == kind).findFirst();
    }
}
