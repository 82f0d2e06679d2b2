package bathyra.files.csv;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.size.Size;
import bathyra.size.SizeChart;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * A chart of sizes as a table: a first row {@code size,} or {@code size,cup,} and then the measurements with their unit ({@code bustGirth
 * (cm)}), one row a size. Reading takes what a spreadsheet makes of it.
 */
public final class SizeChartCsv {
    /** A chart has a few dozen rows; a file of this size is something else. */
    public static final int BYTES_MOST = 1_000_000;

    private static final Pattern HEAD = Pattern.compile("(.*?)\\s*[(\\[]\\s*([^)\\]]+?)\\s*[)\\]]\\s*");
    private static final Set<String> SIZE_WORDS = Set.of("size", "sizes", "name");
    private static final int FAULTS_MOST = 12;

    private SizeChartCsv() {}

    /** What a file holds: a chart, or why it is none, a sentence each with its row and column. */
    public record Read(Optional<SizeChart> chart, List<String> faults) {
        public Read {
            faults = List.copyOf(faults);
        }
    }

    /** What a column holds. */
    private record Column(MeasurementKey key, LengthUnit unit) {}

    public static String write(SizeChart chart, LengthUnit unit) {
        StringBuilder out = new StringBuilder();
        boolean cups = chart.hasCups();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            List<String> head = new ArrayList<>(cups ? List.of("size", "cup") : List.of("size"));
            chart.columns().forEach(key -> head.add(key.key() + " (" + unit.symbol() + ")"));
            printer.printRecord(head);
            for (Size size : chart.sizes()) {
                List<String> row = new ArrayList<>(List.of(CsvText.defused(size.name())));
                if (cups) {
                    row.add(CsvText.defused(size.cup()));
                }
                chart.columns()
                        .forEach(key -> row.add(
                                size.at(key).map(l -> CsvText.figure(l, unit)).orElse("")));
                printer.printRecord(row);
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text in memory is always writable", e);
        }
        return out.toString();
    }

    /** Reads a file, or what was copied from a spreadsheet. @param unit meant where a column names none */
    public static Read read(byte[] bytes, String name, LengthUnit unit) {
        if (bytes.length > BYTES_MOST) {
            return refused("The file is larger than a megabyte; a chart has a few dozen rows. Choose another file.");
        }
        String text = CsvText.decode(bytes);
        if (text.isBlank()) {
            return refused(
                    "The file is empty. A chart begins with a row such as size, bustGirth (cm), waistGirth (cm).");
        }
        CSVFormat format = CsvText.format(text);
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            return chart(parser.getRecords(), name, unit);
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            return refused(
                    "The file cannot be read as a table: a quotation mark is left open or stands inside a cell. Write it anew from the spreadsheet.");
        }
    }

    private static Read refused(String fault) {
        return new Read(Optional.empty(), List.of(fault));
    }

    private static Read chart(List<CSVRecord> rows, String name, LengthUnit unit) {
        List<String> faults = new ArrayList<>();
        CSVRecord head = rows.get(0);
        if (!SIZE_WORDS.contains(head.get(0).strip().toLowerCase(Locale.ROOT))) {
            return refused(
                    "Row 1, column 1: is “" + head.get(0)
                            + "”; the first row begins with size, then the measurements: size, bustGirth (cm), waistGirth (cm).");
        }
        boolean cups = head.size() > 1 && head.get(1).strip().equalsIgnoreCase("cup");
        Map<Integer, Column> columns = columns(head, cups ? 2 : 1, unit, faults);
        if (rows.size() - 1 > SizeChart.SIZES_MOST) {
            faults.add("The chart has " + (rows.size() - 1) + " sizes; up to " + SizeChart.SIZES_MOST + " are taken.");
        }
        List<Size> sizes = new ArrayList<>();
        Set<String> names = new HashSet<>();
        for (int i = 1; i < rows.size() && faults.size() < FAULTS_MOST; i++) {
            Size size = size(rows.get(i), i + 1, cups, columns, faults);
            if (size.figures().isEmpty()) {
                faults.add("Row " + (i + 1) + ": size " + size.label() + " has no figures.");
            }
            if (!names.add(size.label())) {
                faults.add("Row " + (i + 1) + ", column 1: size " + size.label()
                        + " stands in a row above already; give it another name.");
            }
            sizes.add(size);
        }
        if (sizes.isEmpty() && faults.isEmpty()) {
            faults.add("The file has a heading and no rows. Each row is a size.");
        }
        return faults.isEmpty()
                ? new Read(
                        Optional.of(new SizeChart(
                                name, columns.values().stream().map(Column::key).toList(), sizes)),
                        faults)
                : new Read(Optional.empty(), faults);
    }

    private static Map<Integer, Column> columns(CSVRecord head, int from, LengthUnit unit, List<String> faults) {
        Map<Integer, Column> columns = new TreeMap<>();
        Set<MeasurementKey> seen = new HashSet<>();
        for (int i = from; i < head.size(); i++) {
            String said = head.get(i).strip();
            if (said.isEmpty()) {
                continue;
            }
            Matcher matcher = HEAD.matcher(said);
            boolean united = matcher.matches();
            Optional<MeasurementKey> key = MeasurementCsv.key(united ? matcher.group(1) : said);
            Optional<LengthUnit> in = united ? LengthUnit.named(matcher.group(2)) : Optional.of(unit);
            String where = "Row 1, column " + (i + 1) + ": ";
            if (key.isEmpty()) {
                faults.add(where + "“" + said + "” is no measurement known here, such as bustGirth (cm).");
            } else if (in.isEmpty()) {
                faults.add(where + "“" + matcher.group(2) + "” is no unit; mm, cm or in.");
            } else if (!seen.add(key.get())) {
                faults.add(where + key.get().label() + " stands in a column before already.");
            } else {
                columns.put(i, new Column(key.get(), in.get()));
            }
        }
        return columns;
    }

    private static Size size(
            CSVRecord cells, int row, boolean cups, Map<Integer, Column> columns, List<String> faults) {
        String name = cells.get(0).strip();
        if (name.isEmpty()) {
            faults.add("Row " + row + ", column 1: the size has no name.");
        }
        Size size = new Size(name, cups && cells.size() > 1 ? cells.get(1).strip() : "", Map.of());
        for (Map.Entry<Integer, Column> each : columns.entrySet()) {
            String cell =
                    each.getKey() < cells.size() ? cells.get(each.getKey()).strip() : "";
            if (cell.isEmpty()) {
                continue;
            }
            MeasurementKey key = each.getValue().key();
            String where = "Row " + row + ", column " + (each.getKey() + 1) + ": ";
            LengthText.Reading reading = LengthText.read(cell, each.getValue().unit());
            if (reading instanceof LengthText.Read read && key.isPossible(read.length())) {
                size = size.with(key, Optional.of(Length.mm(read.length().millimetres())));
            } else if (reading instanceof LengthText.Read) {
                faults.add(where + "“" + cell + "” is no " + key.label().toLowerCase(Locale.ROOT) + " that a body has; "
                        + LengthText.figure(key.possibleLeast(), each.getValue().unit()) + " to "
                        + LengthText.say(key.possibleMost(), each.getValue().unit()) + ".");
            } else {
                faults.add(where + "“" + cell + "” is no length.");
            }
        }
        return size;
    }
}
