package bathyra.app.command;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.Main;
import bathyra.app.home.DemoBook;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The commands as a script sees them: exit codes, files and what is said on which stream. */
class CommandsTest {
    @TempDir
    private Path folder;

    private Path heron;
    private String out;
    private String err;

    @BeforeEach
    void shipped() throws IOException {
        heron = write("heron.bathyra.json", DemoBook.document("the-heron"));
    }

    private Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    private int run(Object... arguments) {
        PrintStream stdout = System.out;
        PrintStream stderr = System.err;
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        ByteArrayOutputStream wrong = new ByteArrayOutputStream();
        System.setOut(new PrintStream(said, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(wrong, true, StandardCharsets.UTF_8));
        try {
            return Main.run(Stream.of(arguments).map(Object::toString).toArray(String[]::new));
        } finally {
            System.setOut(stdout);
            System.setErr(stderr);
            out = said.toString(StandardCharsets.UTF_8);
            err = wrong.toString(StandardCharsets.UTF_8);
            assertThat(out + err).doesNotContain("Exception").doesNotContain("\tat ");
        }
    }

    private List<String> files(Path where) throws IOException {
        if (!Files.exists(where)) {
            return List.of();
        }
        try (Stream<Path> all = Files.walk(where)) {
            return all.filter(Files::isRegularFile)
                    .map(p -> where.relativize(p).toString().replace('\\', '/'))
                    .sorted()
                    .toList();
        }
    }

    @Test
    void fit_writesHowTheGarmentSits_andSaysWhyItCannot() throws IOException {
        assertThat(run("fit", heron, "--out", folder.resolve("fit"))).isEqualTo(0);
        assertThat(files(folder.resolve("fit")))
                .containsExactly("fit.json", "fit.pdf", "fit.svg", "form.obj", "garment.obj");
        assertThat(out).contains("Waist: planned 710 mm, sits at 71");
        assertThat(Files.readString(folder.resolve("fit/fit.json")))
                .doesNotContain("Nerea")
                .doesNotContain("\"vertices\": [");
        Path none = write("none.bathyra.json", DemoBook.document("the-heron").replace("\"waistGirth\": 72.0,", ""));
        assertThat(run("fit", none, "--out", folder.resolve("none"))).isEqualTo(2);
        assertThat(err).contains("Waist");
        assertThat(run("fit", folder.resolve("absent.json"), "--out", folder.resolve("none")))
                .isEqualTo(2);
        assertThat(files(folder.resolve("none"))).isEmpty();
    }

    @Test
    void draft_oneInput_writesAllFormatsIntoTheFolder() throws IOException {
        assertThat(run("draft", heron, "--out", folder.resolve("out"))).isEqualTo(0);
        assertThat(files(folder.resolve("out"))).containsExactly("pattern.json", "pattern.pdf", "pattern.svg");
    }

    @ParameterizedTest
    @MethodSource("bathyra.app.home.DemoBook#all")
    void check_ofEveryShippedCommissionsPattern_holds(String name) throws IOException {
        Path input = write(name + ".json", DemoBook.document(name));
        assertThat(run("draft", input, "--out", folder.resolve("out"), "--format", "json"))
                .as(() -> err)
                .isEqualTo(0);
        assertThat(run("check", folder.resolve("out/pattern.json"))).isEqualTo(0);
        assertThat(out.lines()).hasSizeGreaterThan(30).allMatch(l -> l.startsWith("ok ") || l.startsWith("note "));
    }

    @Test
    void draft_ofCorsets_writesEveryPanel_andASecondPatternForAnUnevenBody() throws IOException {
        Path queen = folder.resolve("queen.bathyra.json");
        Files.writeString(queen, DemoBook.document("the-salt-queen"));
        assertThat(run("draft", queen, "--out", folder.resolve("q"), "--format", "json"))
                .isEqualTo(0);
        assertThat(Files.readString(folder.resolve("q/pattern.json")))
                .contains("\"method\" : \"panel\"")
                .contains("\"Second back\"")
                .contains("\"front-2\"");
        assertThat(run("check", folder.resolve("q/pattern.json"))).isEqualTo(0);
        Path ringmaster = folder.resolve("ringmaster.bathyra.json");
        Files.writeString(ringmaster, DemoBook.document("the-ringmaster"));
        assertThat(run("draft", ringmaster, "--out", folder.resolve("r"), "--format", "json,svg"))
                .isEqualTo(0);
        assertThat(files(folder.resolve("r")))
                .containsExactly("pattern-right.json", "pattern-right.svg", "pattern.json", "pattern.svg");
        assertThat(run("check", folder.resolve("r/pattern-right.json"))).isEqualTo(0);
        assertThat(out).contains("ok seam-length").doesNotContain("fault ");
    }

    @Test
    void draft_ofACorsetWhoseCapsCannotBeMet_says3AndTheShortfall() throws IOException {
        Path tight = folder.resolve("tight.bathyra.json");
        Files.writeString(
                tight,
                DemoBook.document("the-salt-queen")
                        .replace(
                                "\"easeRow\"",
                                "\"caps\": { \"waist\": { \"front-1\": 1, \"front-2\": 1, \"side\": 1 } }, \"easeRow\""));
        assertThat(run("draft", tight, "--out", folder.resolve("t"))).isEqualTo(3);
        assertThat(err)
                .contains("The free seams of the front at the waist can take 3.0 cm of the")
                .contains("Raise a cap, add a seam or take");
        assertThat(files(folder.resolve("t"))).isEmpty();
    }

    @Test
    void draft_severalInputs_writesAFolderEach_evenWhenTheyShareAName() throws IOException {
        Path other = Files.createDirectories(folder.resolve("other"));
        Path twin = Files.copy(heron, other.resolve("heron.bathyra.json"));
        assertThat(run("draft", heron, twin, "--out", folder.resolve("out"), "--format", "svg", "--paper", "letter"))
                .isEqualTo(0);
        assertThat(files(folder.resolve("out"))).containsExactly("heron-2/pattern.svg", "heron/pattern.svg");
    }

    @Test
    void draft_oneWrongInputAmongGoodOnes_writesTheOthersAndNamesIt() throws IOException {
        Path wrong = write(
                "wrong.bathyra.json",
                DemoBook.document("the-heron").replace("\"waistGirth\": 72.0", "\"waistGirth\": 720"));
        Path wide = write(
                "wide.bathyra.json",
                DemoBook.document("the-heron").replace("\"backLength\": 43.9", "\"backLength\": 39.0"));
        Path twin = write("twin.bathyra.json", DemoBook.document("the-heron"));
        assertThat(run("draft", heron, wrong, wide, twin, "--out", folder.resolve("out"), "--format", "svg"))
                .as("the largest code")
                .isEqualTo(3);
        assertThat(err.lines())
                .hasSize(2)
                .anyMatch(l -> l.startsWith("wrong.bathyra.json: measurements.waistGirth: "))
                .anyMatch(l -> l.startsWith("wide.bathyra.json: frontLength: "));
        assertThat(files(folder.resolve("out"))).containsExactly("heron/pattern.svg", "twin/pattern.svg");
    }

    @Test
    void draft_ofNamesThatLeadElsewhere_staysBelowItsFolder() throws IOException {
        Files.createDirectories(folder.resolve("in"));
        Path dots = write("in/...bathyra.json", DemoBook.document("the-heron"));
        Path dot = write("in/.bathyra.json", DemoBook.document("the-heron"));
        Path capital = write("in/HERON.bathyra.json", DemoBook.document("the-heron"));
        assertThat(run("draft", heron, dots, dot, capital, "--out", folder.resolve("out/deep"), "--format", "svg"))
                .isEqualTo(0);
        assertThat(files(folder.resolve("out")))
                .containsExactly(
                        "deep/HERON-2/pattern.svg",
                        "deep/commission-2/pattern.svg",
                        "deep/commission/pattern.svg",
                        "deep/heron/pattern.svg");
    }

    @Test
    void draft_ofABlock_writesItWithItsDartsAndSteps() throws IOException {
        Path block = write(
                "block.bathyra.json",
                DemoBook.document("the-heron").replace("\"kind\": \"bustier\"", "\"kind\": \"block\""));
        assertThat(run("draft", block, "--out", folder.resolve("b")))
                .as(() -> err)
                .isEqualTo(0);
        assertThat(files(folder.resolve("b")))
                .containsExactly("block-pieces.pdf", "block.json", "block.pdf", "block.svg");
        assertThat(Files.readString(folder.resolve("b/block.json")))
                .contains("\"steps\"", "\"kind\" : \"dart\"", "\"half\" : \"front\"");
        assertThat(run("check", folder.resolve("b/block.json"))).isIn(0, 3);
        assertThat(run("draft", block, "--out", folder.resolve("d"), "--format", "dxf,hpgl"))
                .isEqualTo(0);
        assertThat(files(folder.resolve("d"))).containsExactly("block.dxf", "block.hpgl");
        assertThat(run("draft", block, "--out", folder.resolve("c"), "--format", "csv"))
                .isEqualTo(2);
        assertThat(err).contains("no block is written");
    }

    @Test
    void whatIsNoFileOrNoNumber_says2() {
        assertThat(run("check", "/")).isEqualTo(2);
        assertThat(run("import", "/", "--out", folder.resolve("p.json"))).isEqualTo(2);
        assertThat(run("draft", "/", "--out", folder.resolve("out"))).isEqualTo(2);
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--format", ","))
                .isEqualTo(2);
        for (String square : new String[] {"x", "49x50x51", "", "NaN", "50x"}) {
            assertThat(run("draft", heron, "--out", folder.resolve("out"), "--printed-square", square))
                    .as(square)
                    .isEqualTo(2);
        }
        assertThat(run("plotter-simulator", "--port", "-1")).isEqualTo(2);
        assertThat(run("tape-simulator", "--port", "70000")).isEqualTo(2);
    }

    @Test
    void draft_allOrNone_writesNothingWhenOneInputIsWrong() throws IOException {
        Path wrong = write(
                "wrong.bathyra.json",
                DemoBook.document("the-heron").replace("\"waistGirth\": 72.0", "\"waistGirth\": 720"));
        assertThat(run("draft", heron, wrong, "--out", folder.resolve("out"), "--all-or-none"))
                .isEqualTo(2);
        assertThat(err)
                .isEqualTo(
                        "wrong.bathyra.json: measurements.waistGirth: Waist is 720.0 cm; plausible is from 48.0 cm to 150.0 cm. "
                                + "It looks like a figure in millimetres: type mm behind it.; from 48.0 cm to 150.0 cm"
                                + System.lineSeparator());
        assertThat(files(folder.resolve("out"))).isEmpty();
    }

    @Test
    void draft_ofAPatternThatCannotExist_says3AndWhatWouldHelp() throws IOException {
        Path wide = write(
                "wide.json", DemoBook.document("the-heron").replace("\"backLength\": 43.9", "\"backLength\": 39.0"));
        assertThat(run("draft", wide, "--out", folder.resolve("out"))).isEqualTo(3);
        assertThat(err)
                .contains(
                        "frontLength: The front is 7.8 cm longer than the back. A side bust dart over 7.0 cm cannot be closed: take both lengths again.");
    }

    @Test
    void draft_withAMeasurementMissing_says2AndNamesIt() throws IOException {
        Path missing = write("missing.json", DemoBook.document("the-heron").replace("\"backLength\": 43.9,", ""));
        assertThat(run("draft", missing, "--out", folder.resolve("out"))).isEqualTo(2);
        assertThat(err).startsWith("backLength: To the waist, back is absent and this garment needs it.");
    }

    @Test
    void draft_ofAFileThatIsFarTooLarge_says2_withoutReadingItToItsEnd() throws IOException {
        Path huge = write("huge.json", "{" + " ".repeat(1_000_001));
        assertThat(run("draft", huge, "--out", folder.resolve("out"))).isEqualTo(2);
        assertThat(err).startsWith("document: is larger than such a document ever is; one of at most 1 MB");
    }

    @Test
    void draft_pastTheTopLevelOfReduction_printsOnlyWhatIsOnRecord() throws IOException {
        String tight = DemoBook.document("the-heron")
                .replace("\"kind\": \"bustier\",", "\"kind\": \"bustier\", \"ease\": { \"waist\": -16 },");
        Path input = write("tight.json", tight);
        assertThat(run("draft", input, "--out", folder.resolve("out"))).isEqualTo(2);
        assertThat(err).startsWith("spoken: is missing for a waist drawn in by 22 %");
        assertThat(run("draft", input, "--out", folder.resolve("out"), "--format", "json"))
                .as("the document alone is not held back")
                .isZero();
        Path agreed = write(
                "agreed.json",
                tight.replace("\"title\"", "\"spoken\": { \"date\": \"2026-11-20\", \"reduction\": 0.23 }, \"title\""));
        assertThat(run("draft", agreed, "--out", folder.resolve("out")))
                .as(() -> err)
                .isZero();
    }

    /** The Salt Queen is laced; a document that says she is not to be is obeyed, printed on every sheet, and says no reason. */
    @Test
    void draft_ofOneWhoIsNotToBeLaced_obeys() throws IOException {
        Path queen = write(
                "queen.bathyra.json",
                DemoBook.document("the-salt-queen").replaceFirst("\\{", "{ \"restricted\": \"no-lacing\","));
        assertThat(run("draft", queen, "--out", folder.resolve("q"), "--format", "json,pdf"))
                .as(() -> err)
                .isEqualTo(0);
        String json = Files.readString(folder.resolve("q/pattern.json"));
        assertThat(json).contains("not to be laced").doesNotContain("pregnan", "Under 16");
        assertThat(json)
                .containsPattern(
                        "\"id\" : \"waist\",\\s+\"bodyGirth\" : ([0-9.]+),\\s+\"ease\" : 0.0,\\s+\"lacingGap\" : 0.0,\\s+\"patternGirth\" : \\1");
        try (PDDocument pdf = Loader.loadPDF(folder.resolve("q/pattern.pdf").toFile())) {
            PDFTextStripper text = new PDFTextStripper();
            for (int page : new int[] {1, pdf.getNumberOfPages()}) {
                text.setStartPage(page);
                text.setEndPage(page);
                assertThat(text.getText(pdf).replaceAll("\\s+", " "))
                        .as("page " + page)
                        .contains("not to be laced");
            }
        }
        Path odd = write(
                "odd.bathyra.json", DemoBook.document("the-heron").replaceFirst("\\{", "{ \"restricted\": \"never\","));
        assertThat(run("draft", odd, "--out", folder.resolve("o"))).isEqualTo(2);
        assertThat(err).contains("restricted: is never; no-lacing");
    }

    @Test
    void draft_carriesTheNameOnlyWhenAsked() throws IOException {
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--format", "pdf"))
                .isZero();
        assertThat(words(folder.resolve("out/pattern.pdf"))).contains("N. H.").doesNotContain("Nerea");
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--format", "pdf", "--named"))
                .isZero();
        assertThat(words(folder.resolve("out/pattern.pdf"))).contains("Nerea Holloway");
    }

    private static String words(Path pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf.toFile())) {
            return new PDFTextStripper().getText(document);
        }
    }

    @Test
    void draft_ofFilesThatAreNoDocuments_says2() throws IOException {
        Path latin = Files.write(folder.resolve("latin.json"), new byte[] {(byte) 0xe9, (byte) 0xff});
        assertThat(run("draft", latin, "--out", folder.resolve("out"))).isEqualTo(2);
        assertThat(run("draft", folder.resolve("absent.json"), "--out", folder.resolve("out")))
                .isEqualTo(2);
        assertThat(run("draft", write("empty.json", ""), "--out", folder.resolve("out")))
                .isEqualTo(2);
        assertThat(run("draft", heron)).isEqualTo(2);
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--format", "dwg"))
                .isEqualTo(2);
        assertThat(err).startsWith("--format: is dwg, which this version does not write; json, svg, pdf");
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--paper", "60x60"))
                .isEqualTo(2);
        assertThat(err)
                .startsWith("--paper: is 60x60: margins of 10 mm, the overlap and the test square leave no room");
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--printed-square", "46"))
                .isEqualTo(2);
        assertThat(err).startsWith("--printed-square: is 46.0 mm for the 50 mm square, which is more than 5 % off");
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--layers", "wool"))
                .isEqualTo(2);
        assertThat(err).startsWith("--layers: is wool, which is no layer; fashion, ");
        assertThat(files(folder.resolve("out"))).isEmpty();
    }

    @Test
    void draft_thatCannotBeWritten_says4AndLeavesWhatWasThere() throws IOException {
        Path blocked = Files.createDirectories(folder.resolve("out/pattern.svg/inside"));
        Files.writeString(folder.resolve("out/pattern.json"), "as before");
        assertThat(run("draft", heron, "--out", folder.resolve("out"))).isEqualTo(4);
        assertThat(Files.readString(folder.resolve("out/pattern.json"))).isEqualTo("as before");
        assertThat(blocked).exists();
        assertThat(files(folder.resolve("out"))).containsExactly("pattern.json");
    }

    @Test
    void check_ofASpoiltPattern_says3AndNamesTheSeam() throws IOException {
        run("draft", heron, "--out", folder.resolve("out"), "--format", "json");
        Path pattern = folder.resolve("out/pattern.json");
        String text = Files.readString(pattern);
        int waist = text.indexOf("\"level\" : \"waist\"");
        int to = text.indexOf("\"to\"", waist);
        String spoilt = text.substring(0, to)
                + text.substring(to).replaceFirst("\\[ ([\\d.]+), ([\\d.]+) \\]", "[ $1, 470.5 ]");
        assertThat(run("check", write("spoilt.json", spoilt))).isEqualTo(3);
        assertThat(out).contains("fault seam-length S1");
        assertThat(run("check", heron)).isEqualTo(0);
        assertThat(out)
                .contains("ok seam-length S1", "on the body: ", "the toile decides")
                .doesNotContain("Nerea");
        Path none = write("none.bathyra.json", DemoBook.document("the-heron").replace("\"waistGirth\": 72.0,", ""));
        assertThat(run("check", none)).isEqualTo(2);
        assertThat(err).contains("Waist");
    }

    @Test
    void draft_inEveryFormat_andOnEveryPaper() throws IOException {
        assertThat(run(
                        "draft",
                        heron,
                        "--out",
                        folder.resolve("out"),
                        "--format",
                        "json,svg,pdf,dxf,csv,hpgl",
                        "--paper",
                        "roll:610",
                        "--layers",
                        "fashion"))
                .as(() -> err)
                .isZero();
        assertThat(files(folder.resolve("out")))
                .containsExactly(
                        "cutting-list.csv",
                        "girth-plan.csv",
                        "pattern.dxf",
                        "pattern.hpgl",
                        "pattern.json",
                        "pattern.pdf",
                        "pattern.svg");
        assertThat(Files.readString(folder.resolve("out/cutting-list.csv"))).doesNotContain("lining");
        assertThat(run("draft", heron, "--out", folder.resolve("narrow"), "--format", "pdf", "--paper", "roll:240"))
                .isEqualTo(3);
        assertThat(err).contains("can be drawn across this roll. Take a wider roll, or sheets.");
        assertThat(files(folder.resolve("narrow"))).isEmpty();
    }

    @Test
    void draft_withAnAllowanceThatHasNoRoom_says3AndTheWidthThatHas() throws IOException {
        Path yoked = write(
                "keyhole.json",
                DemoBook.document("the-beekeeper")
                        .replaceFirst(
                                "\"garment\"\\s*:\\s*\\{",
                                "\"garment\": { \"allowances\": { \"upper-edge\": \"40 mm\" },"));
        int code = run("draft", yoked, "--out", folder.resolve("out"));
        assertThat(code).as(() -> out + err).isEqualTo(3);
        assertThat(err)
                .contains("its allowance runs into another of the same piece by")
                .contains("There is room for");
        assertThat(files(folder.resolve("out"))).isEmpty();
    }

    @Test
    void check_readsWhatOtherFormatsHold() throws IOException {
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--format", "json,svg,dxf"))
                .isZero();
        for (String file : List.of("pattern.svg", "pattern.dxf")) {
            assertThat(run("check", folder.resolve("out").resolve(file)))
                    .as(() -> out + err)
                    .isZero();
            assertThat(out)
                    .contains("ok seam-length S1")
                    .contains("ok joined-edge")
                    .contains("ok curvature")
                    .doesNotContain("fault");
        }
    }

    @Test
    void check_ofADrawingWithoutAUnit_asksForIt_withTheSizesItWouldHave() throws IOException {
        Path drawing = write(
                "panels.svg",
                "<svg viewBox='0 0 60 60'><path id='Front' d='M0 0H12V40H0Z'/><path id='Back' d='M20 0H31V39.6H20Z'/></svg>");
        assertThat(run("check", drawing)).isEqualTo(2);
        assertThat(err)
                .startsWith(
                        "--unit: is missing, and the file does not say in what it is drawn; mm (it would be 31 by 40 mm), cm (it would be 310 by 400 mm)");
        assertThat(run("check", drawing, "--unit", "cm")).isEqualTo(3);
        assertThat(out)
                .contains(
                        "fault seam-length S1: 4.00 (limit 0.50) mm · Front to Back: the two edges differ by 4.0 mm between two marks; 0.5 mm allowed. Walk the seam again.");
        assertThat(err).contains("P1/edge2:P2/edge4");
        assertThat(run("check", drawing, "--unit", "ell")).isEqualTo(2);
        assertThat(err).startsWith("--unit: is ell, which is no unit; mm, cm, in, px, pt");
    }

    @Test
    void import_makesAPatternDocument_withTheSeamsThatAreNamed() throws IOException {
        Path drawing = write(
                "panels.svg",
                "<svg width='60cm' viewBox='0 0 60 60'><path id='Front' d='M0 0H12V40H0Z'/><path id='Back' d='M20 0H31V40H20Z'/></svg>");
        assertThat(run("import", drawing, "--out", folder.resolve("p.json"), "--sew", "P1/edge4:P2/edge2"))
                .as(() -> err)
                .isZero();
        assertThat(run("check", folder.resolve("p.json"))).as(() -> out + err).isZero();
        assertThat(out).contains("ok seam-length S1: 0.00").contains("ok partner P1.edge4");
        assertThat(run("import", drawing, "--out", folder.resolve("q.json"), "--sew", "P1/hem:P2/edge2"))
                .isEqualTo(2);
        assertThat(err).startsWith("--sew: names the edge P1/hem, which there is not; P1/edge1, P1/edge2");
        Path open =
                write("open.svg", "<svg width='60cm' viewBox='0 0 60 60'><path id='Front' d='M0 0H12V40H0V2'/></svg>");
        assertThat(run("import", open, "--out", folder.resolve("r.json"))).isEqualTo(2);
        assertThat(err)
                .contains("Front is open: between its ends, at 0.0, 0.0 mm and at 0.0, 20.0 mm, there are 20.0 mm.");
        assertThat(folder.resolve("r.json")).doesNotExist();
        assertThat(run("import", drawing, "--out", "/proc/nowhere/p.json")).isEqualTo(4);
    }

    @Test
    void aPatternOfNothingButNoughts_isRefusedEdgeByEdge() throws IOException {
        assertThat(run("draft", heron, "--out", folder.resolve("out"), "--format", "json"))
                .isEqualTo(0);
        String noughts = Files.readString(folder.resolve("out/pattern.json")).replaceAll("-?\\d+\\.\\d+", "0.0");
        assertThat(run("check", write("noughts.json", noughts))).isEqualTo(2);
        assertThat(err).contains("pieces.F1.princess-front: goes nowhere; an edge that has a length");
    }
}
