package bathyra.app.command;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** The check and import commands. */
class CheckCommandTest extends CommandRun {
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
