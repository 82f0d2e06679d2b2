package bathyra.files.json;

import bathyra.money.MoneyWriting;
import bathyra.money.Statement;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** A quote or an invoice as it was issued ({@code bathyra-statement} version 1): all that stands on it. */
public final class StatementJson {
    private static final String FORMAT = "bathyra-statement";
    private static final double MOST = 9_999_999;

    private StatementJson() {}

    public static String write(Statement statement) {
        ObjectNode root = Json.MAPPER.createObjectNode();
        root.put("format", FORMAT)
                .put("version", 1)
                .put("heading", statement.heading())
                .put("letterhead", statement.letterhead())
                .put("to", statement.to())
                .put("day", statement.day().toString());
        lines(root.putArray("lines"), statement.lines());
        lines(root.putArray("sums"), statement.sums());
        ArrayNode words = root.putArray("words");
        statement.words().forEach(words::add);
        root.put("currency", statement.writing().currency())
                .put("currencyFirst", statement.writing().first())
                .put("decimalComma", statement.writing().comma());
        return root.toString();
    }

    private static void lines(ArrayNode out, List<Statement.Line> lines) {
        lines.forEach(l -> out.addObject().put("what", l.what()).put("amount", l.amount()));
    }

    /** Reads one. @throws BadDocument naming every field that is wrong */
    public static Statement read(String text) throws BadDocument {
        Fields fields = Fields.root(Json.parse(text));
        if (!fields.text("format").orElse("").equals(FORMAT)) {
            fields.fault("format", "is not " + FORMAT, "\"" + FORMAT + "\"");
        }
        Statement read = new Statement(
                fields.text("heading").orElse(""),
                fields.text("letterhead").orElse(""),
                fields.text("to").orElse(""),
                Days.read(fields, "day").orElse(LocalDate.EPOCH),
                lines(fields, "lines"),
                lines(fields, "sums"),
                fields.texts("words"),
                new MoneyWriting(
                        fields.text("currency").orElse(""),
                        fields.truth("currencyFirst").orElse(false),
                        fields.truth("decimalComma").orElse(false)));
        if (!fields.faults().isEmpty()) {
            throw new BadDocument(fields.faults());
        }
        return read;
    }

    private static List<Statement.Line> lines(Fields fields, String key) {
        List<Statement.Line> lines = new ArrayList<>();
        for (Fields each : fields.objects(key)) {
            lines.add(new Statement.Line(
                    each.text("what").orElse(""),
                    Amounts.read(each, "amount", -MOST, MOST).orElse(0.0)));
        }
        return lines;
    }
}
