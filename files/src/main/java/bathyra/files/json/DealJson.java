package bathyra.files.json;

import bathyra.plan.Deal;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;

/** What was agreed on money, inside the plan of a commission: {@code deal}. */
final class DealJson {
    static final String FIELD = "deal";
    private static final int FITTINGS_MOST = 20;

    private DealJson() {}

    static Deal read(Fields parent) {
        Fields fields = parent.object(FIELD);
        fields.only(List.of("agreed", "deposit", "rush", "fittings", "changes", "quoted"));
        List<Deal.Change> changes = new ArrayList<>();
        for (Fields each : fields.objects("changes")) {
            each.only(List.of("what", "amount"));
            changes.add(new Deal.Change(
                    each.text("what").orElse(""),
                    Amounts.read(each, "amount", -Deal.MOST, Deal.MOST).orElse(0.0)));
        }
        return new Deal(
                Amounts.read(fields, "agreed", 0, Deal.MOST),
                Amounts.read(fields, "deposit", 0, Deal.MOST).orElse(0.0),
                fields.truth("rush").orElse(false),
                Amounts.whole(fields, "fittings", 0, FITTINGS_MOST),
                changes,
                Days.read(fields, "quoted"));
    }

    static void write(ObjectNode parent, Deal deal) {
        if (deal.equals(Deal.NONE)) {
            return;
        }
        ObjectNode out = parent.putObject(FIELD);
        deal.agreed().ifPresent(a -> out.put("agreed", a));
        if (deal.deposit() > 0) {
            out.put("deposit", deal.deposit());
        }
        if (deal.rush()) {
            out.put("rush", true);
        }
        deal.fittings().ifPresent(f -> out.put("fittings", f));
        if (!deal.changes().isEmpty()) {
            ArrayNode changes = out.putArray("changes");
            deal.changes()
                    .forEach(c -> changes.addObject().put("what", c.what()).put("amount", c.amount()));
        }
        deal.quoted().ifPresent(q -> out.put("quoted", q.toString()));
    }
}
