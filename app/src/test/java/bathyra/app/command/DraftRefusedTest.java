package bathyra.app.command;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

/** The draft command where it cannot do what is asked: exit codes, and what is said. */
class DraftRefusedTest extends CommandRun {
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
}
