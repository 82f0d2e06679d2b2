package bathyra.files.csv;

import bathyra.money.Statement;
import java.io.IOException;
import java.io.StringWriter;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** A quote or an invoice as comma-separated values: one line each, then the sums. */
public final class Statements {
    private Statements() {}

    public static String write(Statement statement) throws IOException {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("heading", "day", "to", "kind", "what", "amount", "currency");
            for (Statement.Line line : statement.lines()) {
                row(printer, statement, "line", line);
            }
            for (Statement.Line sum : statement.sums()) {
                row(printer, statement, "sum", sum);
            }
        }
        return out.toString();
    }

    private static void row(CSVPrinter printer, Statement of, String kind, Statement.Line line) throws IOException {
        printer.printRecord(
                CsvText.defused(of.heading()),
                of.day(),
                CsvText.defused(of.to()),
                kind,
                CsvText.defused(line.what()),
                String.format(Locale.ROOT, "%.2f", line.amount()),
                CsvText.defused(of.writing().currency()));
    }
}
