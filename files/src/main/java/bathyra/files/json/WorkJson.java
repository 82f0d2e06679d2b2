package bathyra.files.json;

import bathyra.bill.Bill;
import bathyra.garment.Closure;
import bathyra.workplan.Counts;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/** What the book keeps of a drafted commission to plan it without drafting it again: what there is to do, and what it is made from. */
public final class WorkJson {
    private static final double MOST = 9_999_999;
    private static final int COUNT_MOST = 100_000;

    private WorkJson() {}

    /**
     * @param counts what there is to do
     * @param bill what it is made from; empty until that was laid
     */
    public record Work(Counts counts, Optional<Bill> bill) {}

    public static String write(Work work) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        Counts counts = work.counts();
        root.put("paper", counts.cutting().paper())
                .put("cloth", counts.cutting().cloth())
                .put("mounted", counts.cutting().mounted())
                .put("seams", counts.sewing().panels())
                .put("cupSeams", counts.sewing().cups())
                .put("lined", counts.sewing().lined())
                .put("edge", counts.sewing().edge())
                .put("seamChannels", counts.boned().seamChannels())
                .put("otherChannels", counts.boned().otherChannels())
                .put("eyelets", counts.boned().eyelets())
                .put("cups", counts.build().cups())
                .put("wired", counts.build().wired())
                .put("overBust", counts.build().overBust())
                .put("busk", counts.build().busk())
                .put("closure", counts.build().closure().id())
                .put("modesty", counts.build().modesty());
        work.bill().ifPresent(bill -> {
            root.put("currency", bill.currency());
            ArrayNode lines = root.putArray("bill");
            bill.lines().forEach(l -> lines.addObject()
                    .put("part", l.part().name().toLowerCase(Locale.ROOT))
                    .put("what", l.what())
                    .put("how", l.how())
                    .put("quantity", l.quantity())
                    .put("unit", l.unit())
                    .put("price", l.price()));
            ArrayNode missing = root.putArray("missing");
            bill.missing().forEach(missing::add);
        });
        return root.toString();
    }

    /** Reads one. @throws BadDocument naming every field that is wrong */
    public static Work read(String text) throws BadDocument {
        Fields fields = Fields.root(Json.parse(text));
        Counts counts = new Counts(
                new Counts.Cutting(count(fields, "paper"), count(fields, "cloth"), count(fields, "mounted")),
                new Counts.Sewing(
                        count(fields, "seams"),
                        count(fields, "cupSeams"),
                        count(fields, "lined"),
                        amount(fields, "edge")),
                new Counts.Boned(
                        count(fields, "seamChannels"), count(fields, "otherChannels"), count(fields, "eyelets")),
                new Counts.Build(
                        fields.truth("cups").orElse(false),
                        fields.truth("wired").orElse(false),
                        fields.truth("overBust").orElse(false),
                        fields.truth("busk").orElse(false),
                        GarmentJson.choice(fields, "closure", Closure.class, Closure.BACK_LACING),
                        fields.truth("modesty").orElse(false)));
        Optional<Bill> bill = fields.has("bill") ? Optional.of(bill(fields)) : Optional.empty();
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        return new Work(counts, bill);
    }

    private static Bill bill(Fields fields) {
        List<Bill.Line> lines = new ArrayList<>();
        for (Fields each : fields.objects("bill")) {
            String part = each.text("part").orElse("").toUpperCase(Locale.ROOT);
            lines.add(new Bill.Line(
                    Bill.Part.valueOf(
                            List.of("CLOTH", "BONES", "NOTIONS", "WORK").contains(part) ? part : "NOTIONS"),
                    each.text("what").orElse(""),
                    each.text("how").orElse(""),
                    amount(each, "quantity"),
                    each.text("unit").orElse(""),
                    amount(each, "price")));
        }
        return new Bill(fields.text("currency").orElse(""), lines, fields.texts("missing"));
    }

    private static int count(Fields fields, String key) {
        return Amounts.whole(fields, key, 0, COUNT_MOST).orElse(0);
    }

    private static double amount(Fields fields, String key) {
        return Amounts.read(fields, key, 0, MOST).orElse(0.0);
    }
}
