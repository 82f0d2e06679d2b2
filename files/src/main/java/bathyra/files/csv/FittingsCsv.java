package bathyra.files.csv;

import bathyra.fitting.Adjustment;
import bathyra.fitting.Fitting;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.garment.Commission;
import bathyra.length.LengthUnit;
import java.io.IOException;
import java.io.StringWriter;
import java.util.List;
import java.util.stream.Collectors;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The record of a commission's fittings as a table, one line a mark (C15.1). */
public final class FittingsCsv {
    private FittingsCsv() {}

    public static String write(Commission commission) throws IOException {
        LengthUnit unit = commission.units();
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(
                    "fitting",
                    "what",
                    "day",
                    "mark",
                    "seen",
                    "seam",
                    "level",
                    "above waist",
                    "half",
                    "amount",
                    "across",
                    "unit",
                    "taken",
                    "decided",
                    "why",
                    "words",
                    "draft follows");
            for (Fitting fitting : commission.fittings()) {
                for (Mark mark : fitting.marks()) {
                    printer.printRecord(row(commission, fitting, mark, unit));
                }
            }
        }
        return out.toString();
    }

    private static List<String> row(Commission commission, Fitting fitting, Mark mark, LengthUnit unit) {
        Spot spot = mark.spot();
        return List.of(
                Integer.toString(fitting.number()),
                fitting.kind().id(),
                fitting.day().map(Object::toString).orElse(""),
                Integer.toString(mark.number()),
                mark.kind().id(),
                spot.seam().map(s -> s.id()).orElse(""),
                spot.level().map(l -> l.id()).orElse(""),
                isAtAHeight(mark) ? CsvText.figure(spot.above(), unit) : "",
                mark.side().id(),
                CsvText.figure(mark.amount(), unit),
                CsvText.figure(mark.across(), unit),
                unit.symbol(),
                mark.taken().id(),
                mark.decision().id(),
                CsvText.defused(mark.reason()),
                CsvText.defused(mark.seen()),
                followed(commission, fitting, mark, unit));
    }

    /** What is seen along an edge, or at a level, lies at no height of its own. */
    private static boolean isAtAHeight(Mark mark) {
        return mark.spot().level().isEmpty()
                && mark.kind() != MarkKind.EDGE
                && mark.kind() != MarkKind.DIGS
                && mark.kind() != MarkKind.GAP;
    }

    private static String followed(Commission commission, Fitting fitting, Mark mark, LengthUnit unit) {
        return commission.adjustments().stream()
                .filter(a -> a.moves() && a.fitting() == fitting.number() && a.mark() == mark.number())
                .map(Adjustment::change)
                .map(c -> c.words().in(unit))
                .collect(Collectors.joining("; "));
    }
}
