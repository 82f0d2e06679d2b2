package bathyra.files.csv;

import bathyra.supply.OrderList;
import java.io.IOException;
import java.io.StringWriter;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The order list as comma-separated values, one line a thing. */
public final class Orders {
    private Orders() {}

    public static String write(OrderList list) throws IOException {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("supplier", "what", "amount", "unit", "order by", "for");
            for (OrderList.Line line : list.lines()) {
                printer.printRecord(
                        CsvText.defused(line.supplier()),
                        CsvText.defused(line.what()),
                        String.format(Locale.ROOT, "%.3f", line.amount()),
                        CsvText.defused(line.unit()),
                        line.by().map(Object::toString).orElse(""),
                        CsvText.defused(String.join("; ", line.garments())));
            }
        }
        return out.toString();
    }
}
