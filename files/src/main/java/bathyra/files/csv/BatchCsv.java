package bathyra.files.csv;

import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.size.Batch;
import bathyra.size.SizeSet;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;

/** What is cut together of several sizes: {@code what,name,count,length}; lengths in the commission's unit. */
public final class BatchCsv {
    private BatchCsv() {}

    public static String write(SizeSet set, Batch batch, LengthUnit unit) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("what", "name", "count", "length (" + unit.symbol() + ")");
            for (int i = 0; i < batch.counts().size(); i++) {
                printer.printRecord(
                        "size",
                        CsvText.defused(set.sizes().get(i).size().label()),
                        batch.counts().get(i),
                        "");
            }
            for (Map.Entry<bathyra.garment.LayerKind, Batch.Cut> each :
                    batch.layers().entrySet()) {
                printer.printRecord(
                        "layer",
                        each.getKey().label(),
                        each.getValue().pieces(),
                        each.getValue()
                                .lay()
                                .map(l -> CsvText.figure(Length.mm(l.bought()), unit))
                                .orElse(""));
            }
            for (Map.Entry<Batch.Bone, Integer> each : batch.bones().entrySet()) {
                printer.printRecord(
                        "bone",
                        each.getKey().kind().label()
                                + String.format(
                                        Locale.ROOT, " %.0f mm", each.getKey().width()),
                        each.getValue(),
                        CsvText.figure(Length.mm(each.getKey().length()), unit));
            }
            for (Map.Entry<String, Integer> each : batch.busks().entrySet()) {
                printer.printRecord("busk", CsvText.defused(each.getKey()), each.getValue(), "");
            }
            printer.printRecord("eyelets", "", batch.eyelets(), "");
            printer.printRecord("cord", "", "", CsvText.figure(Length.mm(batch.cord()), unit));
        } catch (IOException e) {
            throw new UncheckedIOException("a text in memory is always writable", e);
        }
        return out.toString();
    }
}
