package bathyra.files.json;

import bathyra.plan.DateKind;
import bathyra.plan.OwnStep;
import bathyra.plan.Progress;
import bathyra.plan.StepOrder;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/** How a cutter works otherwise than the rule has it, in a commission document and in the workshop's own: {@code order}. */
final class OrderJson {
    static final String FIELD = "order";

    private OrderJson() {}

    static StepOrder read(Fields parent) {
        Fields fields = parent.object(FIELD);
        fields.only(List.of("own", "order", "leftOut"));
        List<OwnStep> own = new ArrayList<>();
        for (Fields each : fields.objects("own")) {
            own(each).ifPresent(own::add);
        }
        return new StepOrder(own, fields.texts("order"), Set.copyOf(fields.texts("leftOut")));
    }

    private static Optional<OwnStep> own(Fields fields) {
        fields.only(List.of("id", "label", "minutes", "by"));
        String id = fields.text("id").orElse("");
        if (!id.matches(OwnStep.PREFIX + "\\d{1,4}")) {
            fields.fault("id", "is " + id, OwnStep.PREFIX + "1, " + OwnStep.PREFIX + "2 …");
            return Optional.empty();
        }
        double minutes = Amounts.read(fields, "minutes", 0, Progress.MOST).orElse(0.0);
        Optional<DateKind> by = fields.text("by").flatMap(DateKind::ofId);
        if (by.isEmpty()) {
            fields.fault("by", "is no day of the plan", "such as made-up");
            return Optional.empty();
        }
        return Optional.of(new OwnStep(id, fields.text("label").orElse(""), minutes, by.get()));
    }

    static void write(ObjectNode parent, StepOrder order) {
        if (order.equals(StepOrder.RULE)) {
            return;
        }
        ObjectNode out = parent.putObject(FIELD);
        if (!order.own().isEmpty()) {
            ArrayNode own = out.putArray("own");
            order.own().forEach(o -> own.addObject()
                    .put("id", o.id())
                    .put("label", o.label())
                    .put("minutes", o.minutes())
                    .put("by", o.by().id()));
        }
        if (!order.order().isEmpty()) {
            ArrayNode all = out.putArray("order");
            order.order().forEach(all::add);
        }
        if (!order.leftOut().isEmpty()) {
            ArrayNode out2 = out.putArray("leftOut");
            new TreeSet<>(order.leftOut()).forEach(out2::add);
        }
    }
}
