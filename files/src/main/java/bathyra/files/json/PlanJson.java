package bathyra.files.json;

import bathyra.plan.DateKind;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.workplan.StepKind;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.TreeMap;

/** The record of the making inside a commission document: {@code plan} (C16). */
final class PlanJson {
    static final String FIELD = "plan";

    private PlanJson() {}

    static Plan read(Fields root) {
        if (!root.has(FIELD)) {
            return Plan.NONE;
        }
        Fields fields = root.object(FIELD);
        fields.only(List.of("due", "learner", "steps", "dates"));
        Plan plan = Plan.NONE
                .due(Days.read(fields, "due"))
                .byLearner(fields.truth("learner").orElse(false));
        Fields steps = fields.object("steps");
        List<String> known = Arrays.stream(StepKind.values()).map(StepKind::id).toList();
        steps.only(known);
        for (String key : steps.keys()) {
            if (known.contains(key)) {
                plan = plan.with(key, progress(steps.object(key)));
            }
        }
        Fields dates = fields.object("dates");
        dates.only(Arrays.stream(DateKind.values()).map(DateKind::id).toList());
        for (DateKind kind : DateKind.values()) {
            plan = plan.fixing(kind, Days.read(dates, kind.id()));
        }
        return plan;
    }

    private static Progress progress(Fields step) {
        step.only(List.of("minutes", "done", "who", "note"));
        double minutes = step.share("minutes").orElse(0.0);
        if (!(minutes >= 0 && minutes <= Progress.MOST)) {
            step.fault("minutes", "is " + minutes, "0 to " + (int) Progress.MOST);
            minutes = 0;
        }
        return new Progress(
                minutes,
                step.truth("done").orElse(false),
                step.text("who").orElse(""),
                step.text("note").orElse(""));
    }

    static void write(ObjectNode root, Plan plan) {
        if (plan.equals(Plan.NONE)) {
            return;
        }
        ObjectNode out = root.putObject(FIELD);
        plan.due().ifPresent(due -> out.put("due", due.toString()));
        if (plan.learner()) {
            out.put("learner", true);
        }
        if (!plan.progress().isEmpty()) {
            ObjectNode steps = out.putObject("steps");
            new TreeMap<>(plan.progress()).forEach((id, progress) -> write(steps.putObject(id), progress));
        }
        if (!plan.fixed().isEmpty()) {
            ObjectNode dates = out.putObject("dates");
            for (DateKind kind : DateKind.values()) {
                Optional.ofNullable(plan.fixed().get(kind)).ifPresent(day -> dates.put(kind.id(), day.toString()));
            }
        }
    }

    private static void write(ObjectNode out, Progress progress) {
        out.put("minutes", progress.minutes());
        if (progress.done()) {
            out.put("done", true);
        }
        if (!progress.who().isEmpty()) {
            out.put("who", progress.who());
        }
        if (!progress.note().isEmpty()) {
            out.put("note", progress.note());
        }
    }
}
