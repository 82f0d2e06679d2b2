package bathyra.files.plan;

import bathyra.garment.Commission;
import bathyra.plan.DateKind;
import bathyra.workplan.Dates;
import bathyra.workplan.WorkPlan;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.SerializationFeature;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;

/** The making plan as a document ({@code plan.json}, format {@code bathyra-plan} version 1): steps with their minutes, and days. */
public final class PlanReport {
    private static final ObjectMapper MAPPER = new ObjectMapper().enable(SerializationFeature.INDENT_OUTPUT);

    private PlanReport() {}

    public static String write(Commission commission, WorkPlan plan, Optional<Dates> dates) {
        ObjectNode root = MAPPER.createObjectNode();
        root.put("format", "bathyra-plan").put("version", 1).put("title", commission.title());
        root.put("minutesPlanned", rounded(plan.planned()))
                .put("minutesTaken", rounded(plan.taken()))
                .put("minutesLeft", rounded(plan.left()));
        ArrayNode steps = root.putArray("steps");
        for (WorkPlan.Step step : plan.steps()) {
            ObjectNode out = steps.addObject();
            out.put("id", step.task().id())
                    .put("label", step.task().label())
                    .put("planned", rounded(step.planned().value()))
                    .put("taken", rounded(step.progress().minutes()))
                    .put("done", step.progress().done())
                    .put("by", step.task().by().id());
            step.waitsFor().ifPresent(w -> out.put("waitsFor", w.id()));
        }
        dates.ifPresent(d -> {
            ObjectNode days = root.putObject("dates");
            for (DateKind kind : DateKind.values()) {
                days.put(kind.id(), d.day(kind).toString());
            }
            days.put("due", d.due().toString());
        });
        try {
            return MAPPER.writeValueAsString(root);
        } catch (JsonProcessingException e) {
            throw new IllegalStateException("a tree in memory is always writable", e);
        }
    }

    private static double rounded(double minutes) {
        return Math.round(minutes * 10) / 10.0;
    }
}
