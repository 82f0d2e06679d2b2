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

/** The draft command: what is written, in which formats, into which folders. */
class DraftCommandTest extends CommandRun {
    @Test
    void draft_oneInput_writesAllFormatsIntoTheFolder() throws IOException {
        assertThat(run("draft", heron, "--out", folder.resolve("out"))).isEqualTo(0);
        assertThat(files(folder.resolve("out"))).containsExactly("pattern.json", "pattern.pdf", "pattern.svg");
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
    void draft_severalInputs_writesAFolderEach_evenWhenTheyShareAName() throws IOException {
        Path other = Files.createDirectories(folder.resolve("other"));
        Path twin = Files.copy(heron, other.resolve("heron.bathyra.json"));
        assertThat(run("draft", heron, twin, "--out", folder.resolve("out"), "--format", "svg", "--paper", "letter"))
                .isEqualTo(0);
        assertThat(files(folder.resolve("out"))).containsExactly("heron-2/pattern.svg", "heron/pattern.svg");
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
}
