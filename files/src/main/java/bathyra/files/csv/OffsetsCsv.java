package bathyra.files.csv;

import bathyra.hand.Controls;
import bathyra.hand.HandPiece;
import bathyra.hand.Offsets;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/**
 * The figures of pieces as a table {@code piece,what,name,a,b}, mm. {@code height}: name is left or right, a the height above the waist, b
 * from the grain. {@code corner}: name is the edge that begins in it, going round clockwise, a right of the grain, b above the waist.
 * {@code ordinate}: name is the edge, a along its chord, b out of the piece, in their order. {@code seam}, {@code diagonal} and {@code
 * notch} are there to measure by, and are not read back.
 */
public final class OffsetsCsv {
    public static final int BYTES_MOST = 1_000_000;
    private static final int FAULTS_MOST = 12;
    private static final double MOST = 5_000;

    private OffsetsCsv() {}

    /** What a file holds, piece by piece; where there are faults, nothing of it is used. */
    public record Read(List<Offsets> pieces, List<String> faults) {
        public Read {
            pieces = List.copyOf(pieces);
            faults = List.copyOf(faults);
        }
    }

    /** @param pieces each with what is measured on it */
    public static String write(Map<HandPiece, Controls> pieces) {
        StringBuilder out = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(out, CSVFormat.RFC4180)) {
            printer.printRecord("piece", "what", "name", "a", "b");
            for (Map.Entry<HandPiece, Controls> each : pieces.entrySet()) {
                Offsets offsets = each.getKey().offsets();
                for (Offsets.Height h : offsets.heights()) {
                    row(printer, offsets.piece(), "height", h.left() ? "left" : "right", h.up(), h.out());
                }
                for (Offsets.Corner c : offsets.corners()) {
                    row(printer, offsets.piece(), "corner", c.edge(), c.right(), c.up());
                }
                for (Offsets.Ordinate o : offsets.ordinates()) {
                    row(printer, offsets.piece(), "ordinate", o.edge(), o.along(), o.out());
                }
                Controls controls = each.getValue();
                for (Controls.Edge edge : controls.edges()) {
                    row(printer, offsets.piece(), "seam", edge.name(), edge.length(), edge.allowance());
                }
                row(printer, offsets.piece(), "diagonal", "falling", controls.falling(), 0);
                row(printer, offsets.piece(), "diagonal", "rising", controls.rising(), 0);
                for (Controls.Place notch : controls.notches()) {
                    row(printer, offsets.piece(), "notch", notch.edge(), notch.up(), notch.fromWaist() ? 0 : 1);
                }
            }
        } catch (IOException e) {
            throw new UncheckedIOException("a text in memory is always writable", e);
        }
        return out.toString();
    }

    private static void row(CSVPrinter printer, String piece, String what, String name, double a, double b)
            throws IOException {
        printer.printRecord(piece, what, name, figure(a), figure(b));
    }

    private static String figure(double mm) {
        return BigDecimal.valueOf(mm)
                .setScale(3, RoundingMode.HALF_EVEN)
                .stripTrailingZeros()
                .toPlainString();
    }

    public static Read read(byte[] bytes) {
        if (bytes.length > BYTES_MOST) {
            return refused(
                    "The file is larger than a megabyte; the figures of a pattern are a few hundred rows. Choose another file.");
        }
        String text = CsvText.decode(bytes);
        if (text.isBlank()) {
            return refused("The file is empty. It begins with the row piece,what,name,a,b.");
        }
        CSVFormat format = CsvText.format(text);
        try (CSVParser parser = CSVParser.parse(new StringReader(text), format)) {
            return rows(parser.getRecords());
        } catch (IOException | UncheckedIOException | IllegalArgumentException e) {
            return refused(
                    "The file cannot be read as a table: a quotation mark is left open or stands inside a cell. Write it anew from the spreadsheet.");
        }
    }

    private static Read refused(String fault) {
        return new Read(List.of(), List.of(fault));
    }

    private static Read rows(List<CSVRecord> rows) {
        if (rows.isEmpty()
                || !rows.get(0).get(0).equalsIgnoreCase("piece")
                || rows.get(0).size() < 5) {
            return refused("Row 1: is not piece,what,name,a,b.");
        }
        Map<String, Figures> pieces = new LinkedHashMap<>();
        List<String> faults = new ArrayList<>();
        for (int i = 1; i < rows.size() && faults.size() < FAULTS_MOST; i++) {
            take(rows.get(i), i + 1, pieces, faults);
        }
        pieces.forEach((id, f) -> {
            if (f.corners.size() < 3) {
                faults.add("Piece " + id + " has " + f.corners.size() + " corners; an outline has at least three.");
            }
        });
        return faults.isEmpty()
                ? new Read(
                        pieces.entrySet().stream()
                                .map(e -> e.getValue().of(e.getKey()))
                                .toList(),
                        faults)
                : new Read(List.of(), faults);
    }

    /** The figures of a piece while they are read. */
    private static final class Figures {
        private final List<Offsets.Corner> corners = new ArrayList<>();
        private final List<Offsets.Height> heights = new ArrayList<>();
        private final List<Offsets.Ordinate> ordinates = new ArrayList<>();

        private Offsets of(String piece) {
            return new Offsets(piece, corners, heights, ordinates);
        }
    }

    private static void take(CSVRecord row, int line, Map<String, Figures> pieces, List<String> faults) {
        if (row.size() < 5) {
            faults.add("Row " + line + ": has " + row.size() + " cells; piece, what, name, a, b.");
            return;
        }
        String what = row.get(1).toLowerCase(Locale.ROOT);
        if (List.of("seam", "diagonal", "notch").contains(what)) {
            return;
        }
        double a = number(row.get(3), line, 4, faults);
        double b = number(row.get(4), line, 5, faults);
        Figures figures = pieces.computeIfAbsent(row.get(0), id -> new Figures());
        switch (what) {
            case "height" -> {
                String side = row.get(2).toLowerCase(Locale.ROOT);
                if (!side.equals("left") && !side.equals("right")) {
                    faults.add("Row " + line + ", column 3: is “" + row.get(2) + "”; left or right.");
                }
                figures.heights.add(new Offsets.Height(a, side.equals("left"), b));
            }
            case "corner" -> figures.corners.add(new Offsets.Corner(row.get(2), a, b));
            case "ordinate" -> figures.ordinates.add(new Offsets.Ordinate(row.get(2), a, b));
            default ->
                faults.add("Row " + line + ", column 2: is “" + row.get(1)
                        + "”; height, corner, ordinate, seam, diagonal or notch.");
        }
    }

    private static double number(String cell, int line, int column, List<String> faults) {
        try {
            double value = Double.parseDouble(cell.replace(',', '.').replace('−', '-'));
            if (Math.abs(value) <= MOST) {
                return value;
            }
        } catch (NumberFormatException e) {
            // Said below, with its place.
        }
        faults.add("Row " + line + ", column " + column + ": “" + cell + "” is no length in mm.");
        return 0;
    }
}
