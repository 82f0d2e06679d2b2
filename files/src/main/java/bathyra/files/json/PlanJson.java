package bathyra.files.json;

import bathyra.plan.DateKind;
import bathyra.plan.Hands;
import bathyra.plan.Occasion;
import bathyra.plan.OwnStep;
import bathyra.plan.Plan;
import bathyra.plan.Progress;
import bathyra.plan.Supply;
import bathyra.workplan.StepKind;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Stream;

/** The record of the making: {@code plan} inside a commission document (C16), or alone as the book reads it out of one. */
public final class PlanJson {
    static final String FIELD = "plan";

    private PlanJson() {}

    static Plan read(Fields root) {
        return root.has(FIELD) ? plan(root.object(FIELD)) : Plan.NONE;
    }

    /** Reads the part alone. @throws BadDocument naming every field that is wrong */
    public static Plan read(String text) throws BadDocument {
        Fields fields = Fields.root(Json.parse(text));
        Plan plan = plan(fields);
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        return plan;
    }

    private static Plan plan(Fields fields) {
        fields.only(List.of(
                "due", "occasion", "maker", "learner", OrderJson.FIELD, "steps", "dates", DealJson.FIELD, "materials"));
        Plan plan = Plan.NONE
                .due(Days.read(fields, "due"))
                .on(occasion(fields))
                .by(new Hands(
                        fields.text("maker").orElse(""), fields.truth("learner").orElse(false)))
                .ordered(OrderJson.read(fields))
                .dealing(DealJson.read(fields));
        plan = steps(plan, fields.object("steps"));
        Fields dates = fields.object("dates");
        dates.only(Arrays.stream(DateKind.values()).map(DateKind::id).toList());
        for (DateKind kind : DateKind.values()) {
            plan = plan.fixing(kind, Days.read(dates, kind.id()));
        }
        Fields shelf = fields.object("materials");
        for (String what : shelf.keys()) {
            plan = plan.supplied(what, supply(shelf.object(what)));
        }
        return plan;
    }

    private static Occasion occasion(Fields fields) {
        Optional<String> word = fields.text("occasion");
        Optional<Occasion> occasion = word.flatMap(Occasion::ofId);
        if (word.isPresent() && occasion.isEmpty()) {
            fields.fault("occasion", "is " + word.get(), "everyday, bridal or stage");
        }
        return occasion.orElse(Occasion.EVERYDAY);
    }

    private static Plan steps(Plan plan, Fields steps) {
        List<String> known = Stream.concat(
                        Arrays.stream(StepKind.values()).map(StepKind::id),
                        plan.order().own().stream().map(OwnStep::id))
                .toList();
        steps.only(known);
        Plan next = plan;
        for (String key : steps.keys()) {
            if (known.contains(key)) {
                next = next.with(key, progress(steps.object(key)));
            }
        }
        return next;
    }

    private static Progress progress(Fields step) {
        step.only(List.of("minutes", "done", "who", "note", "parts"));
        return new Progress(
                Amounts.read(step, "minutes", 0, Progress.MOST).orElse(0.0),
                step.truth("done").orElse(false),
                step.text("who").orElse(""),
                step.text("note").orElse(""),
                Set.copyOf(step.texts("parts")));
    }

    private static Supply supply(Fields fields) {
        fields.only(List.of("state", "amount", "comes"));
        Optional<Supply.State> state = fields.text("state").flatMap(Supply.State::ofId);
        if (state.isEmpty()) {
            fields.fault("state", "is none of the known", "missing, ordered, ready or used");
        }
        return new Supply(
                state.orElse(Supply.State.MISSING),
                Amounts.read(fields, "amount", 0, Supply.MOST).orElse(0.0),
                Days.read(fields, "comes"));
    }

    static void write(ObjectNode root, Plan plan) {
        if (plan.equals(Plan.NONE)) {
            return;
        }
        ObjectNode out = root.putObject(FIELD);
        plan.due().ifPresent(due -> out.put("due", due.toString()));
        if (plan.occasion() != Occasion.EVERYDAY) {
            out.put("occasion", plan.occasion().id());
        }
        if (!plan.hands().maker().isEmpty()) {
            out.put("maker", plan.hands().maker());
        }
        if (plan.hands().learner()) {
            out.put("learner", true);
        }
        OrderJson.write(out, plan.order());
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
        DealJson.write(out, plan.deal());
        if (!plan.shelf().isEmpty()) {
            ObjectNode shelf = out.putObject("materials");
            new TreeMap<>(plan.shelf()).forEach((what, supply) -> write(shelf.putObject(what), supply));
        }
    }

    private static void write(ObjectNode out, Supply supply) {
        out.put("state", supply.state().id());
        if (supply.amount() > 0) {
            out.put("amount", supply.amount());
        }
        supply.comes().ifPresent(day -> out.put("comes", day.toString()));
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
        if (!progress.parts().isEmpty()) {
            ArrayNode parts = out.putArray("parts");
            new TreeSet<>(progress.parts()).forEach(parts::add);
        }
    }
}
