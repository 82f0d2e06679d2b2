package bathyra.app.command;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.Main;
import bathyra.app.home.DemoBook;
import bathyra.app.plotter.Plot;
import bathyra.app.tape.TapeLine;
import bathyra.draft.Bodies;
import bathyra.draft.Choices;
import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.files.CuttingPlan;
import bathyra.files.csv.MeasurementCsv;
import bathyra.files.dxf.DxfPattern;
import bathyra.files.hpgl.HpglPattern;
import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.files.json.PatternJson;
import bathyra.files.json.PriceListJson;
import bathyra.files.svg.SvgPattern;
import bathyra.garment.Commission;
import bathyra.length.LengthUnit;
import bathyra.stock.PriceList;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/**
 * Everything that is read, spoilt by a seeded {@link Mutator}: it is taken, or refused in sentences and with the exit code of the contract, soon and
 * within the memory of a small machine. A test run spoils few of each; {@code bench/run fuzz} spoils four thousand.
 */
class FuzzTest {
    private static final int ROUNDS = Integer.getInteger("bathyra.fuzz", 120);
    private static final int COMBINED = 25;
    private static final Duration SOON = Duration.ofSeconds(5);

    @TempDir
    private Path folder;

    private final Draft draft = (Draft) Drafter.draft(commission("the-heron"));
    private final CuttingPlan plan = CuttingPlan.of(draft);

    private interface Deed {
        /** @return the exit code, or 0 when it was taken and 2 when it was refused */
        int on(String text) throws Exception;
    }

    private static Commission commission(String name) {
        try {
            return CommissionJson.read(DemoBook.document(name));
        } catch (BadDocument | IOException e) {
            throw new IllegalStateException(e);
        }
    }

    private static void spoil(String what, long seed, List<String> good, Deed deed) {
        Mutator mutator = new Mutator(seed, good);
        List<String> broken = new ArrayList<>();
        TreeMap<Integer, Integer> codes = new TreeMap<>();
        long slowest = 0;
        for (int i = 0; i < ROUNDS; i++) {
            String text = mutator.spoilt(good.get(i % good.size()));
            long began = System.nanoTime();
            try {
                int code = deed.on(text);
                codes.merge(code, 1, Integer::sum);
                if (!Set.of(Exit.DONE, Exit.INPUT, Exit.NO_PATTERN).contains(code)) {
                    broken.add(i + ": exit " + code);
                }
            } catch (Exception | AssertionError | OutOfMemoryError | StackOverflowError e) {
                broken.add(i + ": " + e + " at " + (e.getStackTrace().length > 0 ? e.getStackTrace()[0] : ""));
            }
            slowest = Math.max(slowest, System.nanoTime() - began);
        }
        System.out.printf(
                "%s: %d spoilt, by exit code %s, the slowest %d ms%n", what, ROUNDS, codes, slowest / 1_000_000);
        assertThat(broken).as(what).isEmpty();
        assertThat(codes.size()).as("both taken and refused").isGreaterThan(1);
        assertThat(Duration.ofNanos(slowest)).as(what).isLessThan(SOON);
    }

    private int run(Object... arguments) {
        PrintStream stdout = System.out;
        PrintStream stderr = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream heard = new PrintStream(said, true, StandardCharsets.UTF_8);
        System.setOut(heard);
        System.setErr(heard);
        int code;
        try {
            String[] words = new String[arguments.length];
            for (int i = 0; i < words.length; i++) {
                words[i] = arguments[i].toString();
            }
            code = Main.run(words);
        } finally {
            System.setOut(stdout);
            System.setErr(stderr);
        }
        String text = said.toString(StandardCharsets.UTF_8);
        assertThat(text).doesNotContain("Exception").doesNotContain("\tat ").doesNotContain("null found");
        assertThat(code == 0 || !text.isBlank()).as("a refusal says why").isTrue();
        return code;
    }

    private int on(String name, String text, String... command) throws IOException {
        Path file = Files.writeString(folder.resolve(name), text);
        List<Object> words = new ArrayList<>(List.of(command));
        words.add(1, file);
        return run(words.toArray());
    }

    @Test
    void commissions() throws IOException {
        List<String> good = new ArrayList<>();
        for (String demo :
                List.of("the-heron", "the-salt-queen", "the-quay-widow", "the-ringmaster", "the-tide-bride")) {
            good.add(DemoBook.document(demo));
        }
        // Every choice that there is stands in one of these.
        Choices.pairwise(3, true).stream()
                .limit(COMBINED)
                .map(c -> CommissionJson.write(Choices.commission(c, Bodies.withArms(Bodies.nerea()))))
                .forEach(good::add);
        spoil(
                "commissions",
                31,
                good,
                text -> on(
                        "c.bathyra.json",
                        text,
                        "draft",
                        "--format",
                        "json",
                        "--out",
                        folder.resolve("out").toString()));
    }

    @Test
    void patterns() {
        String good = PatternJson.write(draft.pattern(), List.of(), "1");
        spoil("patterns", 32, List.of(good), text -> on("p.json", text, "check"));
    }

    @Test
    void svgs() throws IOException {
        spoil(
                "SVG",
                33,
                List.of(SvgPattern.write(plan)),
                text -> on(
                        "d.svg",
                        text,
                        "import",
                        "--out",
                        folder.resolve("taken.json").toString(),
                        "--unit",
                        "mm"));
    }

    @Test
    void dxfs() throws IOException {
        spoil(
                "DXF",
                34,
                List.of(DxfPattern.write(plan)),
                text -> on(
                        "d.dxf",
                        text,
                        "import",
                        "--out",
                        folder.resolve("taken.json").toString(),
                        "--unit",
                        "mm"));
    }

    @Test
    void tables() {
        String good = MeasurementCsv.write(draft.commission().measurements(), LengthUnit.IN);
        spoil("CSV", 35, List.of(good), text -> {
            MeasurementCsv.Preview preview = MeasurementCsv.read(text.getBytes(StandardCharsets.UTF_8), LengthUnit.CM);
            preview.into(draft.commission().measurements());
            assertThat(preview.fault().isEmpty() ? "said" : preview.fault()).isNotBlank();
            return preview.takes() > 0 ? Exit.DONE : Exit.INPUT;
        });
    }

    @Test
    void prices() {
        spoil("prices", 36, List.of(PriceListJson.write(PriceList.invented())), text -> {
            try {
                PriceListJson.read(text);
                return Exit.DONE;
            } catch (BadDocument e) {
                assertThat(e.faults())
                        .isNotEmpty()
                        .allSatisfy(f -> assertThat(f).contains(": ").doesNotContain("Exception"));
                return Exit.INPUT;
            }
        });
    }

    @Test
    void tapes() {
        spoil(
                "tape",
                37,
                List.of("reading 912.5 mm", "reading 36 1/2 in", "tape 1"),
                text -> TapeLine.reading(text).isPresent() ? Exit.DONE : Exit.INPUT);
    }

    @Test
    void plots() {
        spoil(
                "plotter",
                38,
                List.of(HpglPattern.write(plan, HpglPattern.ROLL)),
                text -> Plot.read(text).strokes().size() > 40 ? Exit.DONE : Exit.INPUT);
    }
}
