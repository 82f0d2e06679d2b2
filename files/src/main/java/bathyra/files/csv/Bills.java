package bathyra.files.csv;

import bathyra.bill.Bill;
import bathyra.bill.Shopping;
import bathyra.layer.Strip;
import bathyra.stock.CuttingStock;
import java.io.IOException;
import java.io.StringWriter;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.List;
import java.util.Locale;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The bill and the shopping list as comma-separated values. */
public final class Bills {
    private static final int MONEY = 2;
    private static final int FIGURE = 3;

    private Bills() {}

    /** The bill, one line each, the total last. */
    public static String bill(Bill bill) throws IOException {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("part", "what", "quantity", "unit", "price", "amount", "currency", "how");
            for (Bill.Line line : bill.lines()) {
                printer.printRecord(
                        line.part().label(),
                        CsvText.defused(line.what()),
                        figure(line.quantity(), FIGURE),
                        line.unit(),
                        figure(line.price(), MONEY),
                        figure(line.amount(), MONEY),
                        CsvText.defused(bill.currency()),
                        CsvText.defused(line.how()));
            }
            printer.printRecord(
                    "Total", "", "", "", "", figure(bill.total(), MONEY), CsvText.defused(bill.currency()), "");
        }
        return out.toString();
    }

    /** What is bought for bones, busk and lacing, and what is cut from what; lengths in mm. */
    public static String shopping(Shopping shopping) throws IOException {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("what", "stock", "cut", "left over", "unit");
            for (Shopping.BoneLot lot : shopping.bones()) {
                for (CuttingStock.Cut cut : lot.plan().cuts()) {
                    List<String> pieces = cut.lengths().stream()
                            .map(l -> String.format(Locale.ROOT, "%.0f", l))
                            .toList();
                    printer.printRecord(
                            lot.kind().label() + " " + figure(lot.width(), 0) + " mm",
                            figure(cut.from().length(), 0),
                            String.join(" + ", pieces),
                            figure(cut.rest(), 0),
                            "mm");
                }
            }
            if (shopping.busk().isPresent()) {
                printer.printRecord("Busk", figure(shopping.busk().get().length(), 0), "", "", "mm");
            }
            if (shopping.eyelets() > 0) {
                printer.printRecord("Eyelets", shopping.eyelets(), "", "", "pieces");
            }
            if (shopping.cord().isPresent()) {
                printer.printRecord("Cord", figure(shopping.cord().get().value(), 0), "", "", "mm");
            }
            if (shopping.wires().isPresent()) {
                printer.printRecord(
                        "Cup wires", figure(shopping.wires().get().wire().value(), 0), "2 wires", "", "mm");
            }
            for (Strip strip : shopping.binding()) {
                printer.printRecord(
                        CsvText.defused(strip.name()), figure(strip.length().value(), 0), strip.cutWords(), "", "mm");
            }
            printer.printRecord(
                    "Waist tape", figure(shopping.tape().value(), 0), shopping.tapes() + " lengths", "", "mm");
        }
        return out.toString();
    }

    private static String figure(double value, int decimals) {
        return BigDecimal.valueOf(value)
                .setScale(decimals, RoundingMode.HALF_UP)
                .toPlainString();
    }
}
