package bathyra.bench;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVPrinter;
import org.apache.commons.csv.CSVRecord;

/** Every figure that was ever measured, a line each, and the table that is made of them. */
final class Ledger {
    private static final String BEGIN = "<!-- made from benchmarks.csv -->";
    private static final String END = "<!-- end of what is made -->";
    private static final CSVFormat FORMAT = CSVFormat.DEFAULT
            .builder()
            .setHeader(
                    "date",
                    "commit",
                    "figure",
                    "median ms",
                    "high ms",
                    "yardstick ms",
                    "target ms",
                    "command",
                    "objects ms")
            .setRecordSeparator("\n")
            .get();

    /** The column that lines of before it do not have. */
    private static final int OBJECTS = 8;

    private Ledger() {}

    /**
     * A measured figure.
     *
     * @param median of many turns, ms
     * @param high what all but a few keep under, ms: the 99th percentile, of a drag the 95th
     * @param yardstick what fixed work took in the same process; before 2026-12-01 its loop alone, its objects being no number
     * @param target for both, in words; empty for none
     */
    record Figure(
            String date,
            String commit,
            String name,
            double median,
            double high,
            Yardstick yardstick,
            String target,
            String command) {
        /** How many yardsticks it is: of those that make objects, where another has them too. */
        private double ratio(Figure beside) {
            boolean both = !Double.isNaN(yardstick.objects()) && !Double.isNaN(beside.yardstick.objects());
            return median / (both ? yardstick.objects() : yardstick.loop());
        }
    }

    static void append(Path file, List<Figure> figures) throws IOException {
        boolean fresh = !Files.exists(file);
        StringBuilder lines = new StringBuilder();
        try (CSVPrinter printer = new CSVPrinter(
                lines, FORMAT.builder().setSkipHeaderRecord(!fresh).get())) {
            for (Figure f : figures) {
                printer.printRecord(
                        f.date(),
                        f.commit(),
                        f.name(),
                        number(f.median()),
                        number(f.high()),
                        number(f.yardstick().loop()),
                        f.target(),
                        f.command(),
                        number(f.yardstick().objects()));
            }
        }
        Files.writeString(file, lines, StandardOpenOption.CREATE, StandardOpenOption.APPEND);
    }

    private static String number(double value) {
        return String.format(Locale.ROOT, "%.3f", value);
    }

    static List<Figure> read(Path file) throws IOException {
        List<Figure> figures = new ArrayList<>();
        try (CSVParser parser = CSVParser.parse(
                file,
                StandardCharsets.UTF_8,
                FORMAT.builder().setSkipHeaderRecord(true).get())) {
            for (CSVRecord r : parser) {
                figures.add(new Figure(
                        r.get(0),
                        r.get(1),
                        r.get(2),
                        Double.parseDouble(r.get(3)),
                        Double.parseDouble(r.get(4)),
                        new Yardstick(
                                Double.parseDouble(r.get(5)),
                                r.size() > OBJECTS ? Double.parseDouble(r.get(OBJECTS)) : Double.NaN),
                        r.get(6),
                        r.get(7)));
            }
        }
        return figures;
    }

    /** Writes the last line of each figure into the page, beside how many times the yardstick it is and was before. */
    static void page(Path csv, Path page) throws IOException {
        Map<String, List<Figure>> byName = new LinkedHashMap<>();
        read(csv).forEach(f -> byName.computeIfAbsent(f.name(), k -> new ArrayList<>())
                .add(f));
        StringBuilder table = new StringBuilder(
                BEGIN + "\n\n| what | target, ms | median / high, ms | yardsticks | before | command, date, commit |\n"
                        + "|---|---|---|---|---|---|\n");
        byName.forEach((name, all) -> {
            Figure last = all.get(all.size() - 1);
            Figure former = all.size() > 1 ? all.get(all.size() - 2) : last;
            String before = all.size() > 1 ? String.format(Locale.ROOT, "%.2f", former.ratio(last)) : "–";
            table.append(String.format(
                    Locale.ROOT,
                    "| %s | %s | %.1f / %.1f | %.2f | %s | `%s`, %s, %s |%n",
                    name,
                    last.target().isEmpty() ? "–" : last.target(),
                    last.median(),
                    last.high(),
                    last.ratio(former),
                    before,
                    last.command(),
                    last.date(),
                    last.commit()));
        });
        String text = Files.readString(page);
        int from = text.indexOf(BEGIN);
        int to = text.indexOf(END);
        if (from < 0 || to < from) {
            throw new IOException(page + " has no place for the table: it needs the lines " + BEGIN + " and " + END);
        }
        Files.writeString(page, text.substring(0, from) + table + "\n" + text.substring(to));
    }

    /** Makes the page anew. {@code FILE.csv PAGE.md} */
    public static void main(String[] arguments) throws IOException {
        page(Path.of(arguments[0]), Path.of(arguments[1]));
    }
}
