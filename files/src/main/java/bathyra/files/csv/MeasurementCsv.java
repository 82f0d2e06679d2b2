package bathyra.files.csv;

import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Plausibility;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Measurements as a table: {@code key,value,unit,how}, quoted per RFC 4180. Reading takes what a spreadsheet makes of it. */
public final class MeasurementCsv {
    /** A measuring sheet has a few dozen lines; a file of this size is something else. */
    public static final int BYTES_MOST = 1_000_000;

    private static final int ROWS_MOST = 2000;
    private static final String MEASURED = "measured";
    private static final String ESTIMATED = "estimated";
    private static final String RIGHT = "right";
    /** How a figure was come by, as people write it. */
    private static final Set<String> TAKEN = Set.of(MEASURED, "taken", "tape", "left");

    private MeasurementCsv() {}

    /**
     * A row of a table that is to be taken in.
     *
     * @param line the line of the file, from 1
     * @param text what stands there
     * @param key the measurement it is about, if it is known
     * @param right whether it is the right side of a pair
     * @param length the figure, if it is one
     * @param taken whether it will be taken
     * @param sentence what will be done with it, or why not
     */
    public record Row(
            int line,
            String text,
            Optional<MeasurementKey> key,
            boolean right,
            Optional<Length> length,
            boolean taken,
            String sentence) {}

    /**
     * What a file holds.
     *
     * @param rows one a line that is not the heading
     * @param fault why nothing of the file can be used, empty when its rows can be looked at
     */
    public record Preview(List<Row> rows, String fault) {
        public Preview {
            rows = List.copyOf(rows);
        }

        public long takes() {
            return rows.stream().filter(Row::taken).count();
        }

        /** A set with what the rows take put into it. */
        public MeasurementSet into(MeasurementSet set) {
            MeasurementSet next = set;
            for (Row row : rows) {
                if (row.taken()) {
                    next = row.right()
                            ? next.withRight(row.key().orElseThrow(), row.length())
                            : next.with(row.key().orElseThrow(), row.length().orElseThrow());
                }
            }
            return next;
        }
    }

    /** The table of a set, in a unit, with its estimates marked as such. */
    public static String write(MeasurementSet set, LengthUnit unit) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("key", "value", "unit", "how");
            for (MeasurementKey key : MeasurementKey.values()) {
                if (set.isTaken(key)) {
                    printer.printRecord(key.key(), CsvText.figure(set.taken().get(key), unit), unit.symbol(), MEASURED);
                    if (set.right().containsKey(key)) {
                        printer.printRecord(
                                key.key(), CsvText.figure(set.right().get(key), unit), unit.symbol(), RIGHT);
                    }
                } else if (set.find(key).isPresent()) {
                    printer.printRecord(
                            key.key(), CsvText.figure(set.find(key).get().length(), unit), unit.symbol(), ESTIMATED);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text in memory is always writable", e);
        }
        return out.toString();
    }

    /** Looks at a file without taking anything. @param unit meant where a row names none */
    public static Preview read(byte[] bytes, LengthUnit unit) {
        if (bytes.length > BYTES_MOST) {
            return new Preview(
                    List.of(),
                    "The file is larger than a megabyte; a measuring sheet has a few dozen lines. Choose another file.");
        }
        String text = CsvText.decode(bytes);
        if (text.isBlank()) {
            return new Preview(
                    List.of(), "The file is empty. A measuring sheet has the columns key, value, unit and how.");
        }
        CSVFormat format = CsvText.format(text);
        List<Row> rows = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            Columns columns = null;
            Set<String> seen = new HashSet<>();
            for (CSVRecord cells : parser) {
                int line = (int) parser.getCurrentLineNumber();
                if (columns == null) {
                    columns = Columns.of(cells);
                    if (columns.heading()) {
                        continue;
                    }
                }
                if (rows.size() >= ROWS_MOST) {
                    return new Preview(
                            List.of(),
                            "The file has more than " + ROWS_MOST
                                    + " rows; a measuring sheet has a few dozen. Choose another file.");
                }
                rows.add(row(cells, line, columns, unit, seen));
            }
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            return new Preview(
                    List.of(),
                    "After row " + rows.size()
                            + " the file cannot be read as a table: a quotation mark is left open or stands inside a cell. Write it anew from the spreadsheet.");
        }
        return rows.isEmpty()
                ? new Preview(
                        List.of(),
                        "The file has a heading and no rows. Each row is a measurement: key, value, unit, how.")
                : new Preview(rows, "");
    }

    /** Which cell holds what. */
    private record Columns(boolean heading, int key, int value, int unit, int how) {
        private static final List<List<String>> NAMES = List.of(
                List.of("key", "measurement", "name", "measure"),
                List.of("value", "figure", "length", "size"),
                List.of("unit", "units"),
                List.of("how", "source", "taken"));

        static Columns of(CSVRecord first) {
            int[] at = {-1, -1, -1, -1};
            for (int i = 0; i < first.size(); i++) {
                String cell = plain(first.get(i));
                for (int c = 0; c < at.length; c++) {
                    if (at[c] < 0 && NAMES.get(c).contains(cell)) {
                        at[c] = i;
                    }
                }
            }
            return at[0] >= 0 && at[1] >= 0
                    ? new Columns(true, at[0], at[1], at[2], at[3])
                    : new Columns(false, 0, 1, 2, 3);
        }
    }

    private static String cell(CSVRecord cells, int column) {
        return column >= 0 && column < cells.size() ? cells.get(column).strip() : "";
    }

    private static Row row(CSVRecord cells, int line, Columns columns, LengthUnit unit, Set<String> seen) {
        String text = String.join(" · ", cells.toList());
        String shown = text.length() > 80 ? text.substring(0, 80) + "…" : text;
        String where = "Row " + line + ", column " + (columns.key() + 1) + ": ";
        Optional<MeasurementKey> key = key(cell(cells, columns.key()));
        if (key.isEmpty()) {
            String said = cell(cells, columns.key());
            return new Row(
                    line,
                    shown,
                    key,
                    false,
                    Optional.empty(),
                    false,
                    where
                            + (said.isEmpty()
                                    ? "no measurement is named."
                                    : "“" + cut(said) + "” is no measurement known here."));
        }
        String how = plain(cell(cells, columns.how()));
        boolean right = how.equals(RIGHT);
        String column = "Row " + line + ", column " + (columns.value() + 1) + ": ";
        if (how.startsWith("estimat")) {
            return new Row(
                    line, shown, key, false, Optional.empty(), false, where + "an estimate; it is found anew here.");
        }
        if (!right && !how.isEmpty() && !TAKEN.contains(how)) {
            return new Row(
                    line,
                    shown,
                    key,
                    false,
                    Optional.empty(),
                    false,
                    "Row " + line + ", column " + (columns.how() + 1) + ": was it measured? “"
                            + cut(cell(cells, columns.how())) + "” does not say; write measured, right or estimated.");
        }
        if (right && !key.get().isPaired()) {
            return new Row(
                    line,
                    shown,
                    key,
                    true,
                    Optional.empty(),
                    false,
                    where + key.get().label() + " has no right side.");
        }
        String value = cell(cells, columns.value());
        String inUnit = cell(cells, columns.unit());
        LengthText.Reading reading = LengthText.read(
                inUnit.isEmpty() || value.matches(".*[a-zA-Z\"″].*") ? value : value + " " + inUnit, unit);
        if (reading instanceof LengthText.Unread) {
            return new Row(
                    line,
                    shown,
                    key,
                    right,
                    Optional.empty(),
                    false,
                    column
                            + (value.isEmpty()
                                    ? "no figure stands there."
                                    : "“" + cut((value + " " + inUnit).strip()) + "” is no length."));
        }
        Length length = ((LengthText.Read) reading).length();
        // Of a girth the right side is half of it.
        Length whole = right && key.get().isHalved() ? Length.mm(2 * length.millimetres()) : length;
        Optional<String> odd =
                Plausibility.inRange(key.get(), whole).map(r -> r.sentence().in(unit));
        if (odd.isPresent()) {
            return new Row(line, shown, key, right, Optional.of(length), false, column + odd.get());
        }
        if (!seen.add(key.get() + (right ? RIGHT : ""))) {
            return new Row(
                    line,
                    shown,
                    key,
                    right,
                    Optional.of(length),
                    false,
                    where + key.get().label() + " stands in a row above already.");
        }
        return new Row(
                line,
                shown,
                key,
                right,
                Optional.of(length),
                true,
                key.get().label() + (right ? ", right" : "") + " will be " + LengthText.say(length, unit) + ".");
    }

    private static String cut(String text) {
        return text.length() > 40 ? text.substring(0, 40) + "…" : text;
    }

    /** A key or a label, however it is spelled. */
    static Optional<MeasurementKey> key(String said) {
        String plain = plain(said);
        return Arrays.stream(MeasurementKey.values())
                .filter(k -> plain(k.key()).equals(plain) || plain(k.label()).equals(plain))
                .findFirst();
    }

    private static String plain(String text) {
        return text.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]", "");
    }
}
