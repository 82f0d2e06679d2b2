package bathyra.files.csv;

import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.girth.LevelPlan;
import bathyra.layer.Layer;
import bathyra.layer.Strip;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.piece.Piece;
import bathyra.reckon.Reckoned;
import java.io.IOException;
import java.io.StringWriter;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** The lists that go with a pattern, as comma-separated values: the girth plan and what is cut for each layer. */
public final class CuttingLists {
    private CuttingLists() {}

    /** The girth plan, one line a level, in the unit of the commission. */
    public static String girths(Draft draft) throws IOException {
        LengthUnit unit = draft.commission().units();
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord(
                    "level", "body", "ease", "lacing gap", "pattern", "front half", "back half", "unit", "how");
            for (LevelPlan plan : draft.girths().levels()) {
                printer.printRecord(
                        plan.level().id(),
                        figure(plan.body(), unit),
                        figure(plan.ease(), unit),
                        figure(plan.gap(), unit),
                        figure(plan.pattern(), unit),
                        figure(plan.frontHalf(), unit),
                        figure(plan.backHalf(), unit),
                        unit.symbol(),
                        plan.body().estimated() ? "estimated" : "measured");
            }
        }
        return out.toString();
    }

    /** What is cut, one line for each piece of each layer and for each kind of strip. */
    public static String pieces(CuttingPlan plan, LengthUnit unit) throws IOException {
        StringWriter out = new StringWriter();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("layer", "number", "piece", "name", "count", "on fold", "length", "width", "unit");
            for (Layer layer : plan.layers()) {
                for (Piece piece : layer.pieces()) {
                    printer.printRecord(
                            layer.kind().id(),
                            piece.order(),
                            CsvText.defused(piece.id()),
                            CsvText.defused(piece.name()),
                            piece.count(),
                            piece.onFold() ? "yes" : "no",
                            figure(tall(piece), unit),
                            figure(wide(piece), unit),
                            unit.symbol());
                }
                for (Strip strip : layer.strips()) {
                    printer.printRecord(
                            layer.kind().id(),
                            "",
                            "",
                            CsvText.defused(strip.name()) + (strip.bias() ? ", bias" : ""),
                            strip.count(),
                            "no",
                            figure(strip.length(), unit),
                            figure(strip.width(), unit),
                            unit.symbol());
                }
            }
        }
        return out.toString();
    }

    /** How long a piece is along its grain, allowances included. */
    private static Length tall(Piece piece) {
        Piece upright = piece.upright();
        return Length.mm(upright.cutLine().stream()
                        .mapToDouble(p -> p.y())
                        .max()
                        .orElse(0)
                - upright.cutLine().stream().mapToDouble(p -> p.y()).min().orElse(0));
    }

    private static Length wide(Piece piece) {
        Piece upright = piece.upright();
        return Length.mm(upright.cutLine().stream()
                        .mapToDouble(p -> p.x())
                        .max()
                        .orElse(0)
                - upright.cutLine().stream().mapToDouble(p -> p.x()).min().orElse(0));
    }

    private static String figure(Reckoned value, LengthUnit unit) {
        return figure(value.length(), unit);
    }

    private static String figure(Length length, LengthUnit unit) {
        return CsvText.figure(length, unit);
    }
}
