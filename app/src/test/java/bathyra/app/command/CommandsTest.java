package bathyra.app.command;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.home.DemoBook;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;

/** The other commands as a script sees them. */
class CommandsTest extends CommandRun {
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
    void plan_writesTheStepsAndTheirMinutes_andTheDaysOfWhatHasADueDay() throws IOException {
        Path undated = write("undated.bathyra.json", DemoBook.document("the-lamplighter"));
        assertThat(run("plan", undated, "--out", folder.resolve("undated"))).isEqualTo(0);
        assertThat(files(folder.resolve("undated"))).containsExactly("plan.json", "plan.pdf");
        Path queen = write("queen.bathyra.json", DemoBook.document("the-salt-queen"));
        assertThat(run("plan", queen, "--out", folder.resolve("queen"))).isEqualTo(0);
        assertThat(files(folder.resolve("queen"))).containsExactly("plan.ics", "plan.json", "plan.pdf");
        assertThat(Files.readString(folder.resolve("queen/plan.ics")))
                .contains("DTSTART;VALUE=DATE:20261210")
                .doesNotContain("Maren");
        assertThat(Files.readString(folder.resolve("queen/plan.json"))).doesNotContain("Maren");
        Path none = write("none.bathyra.json", DemoBook.document("the-heron").replace("\"waistGirth\": 72.0,", ""));
        assertThat(run("plan", none, "--out", folder.resolve("none"))).isEqualTo(2);
        assertThat(err).contains("Waist");
        assertThat(files(folder.resolve("none"))).isEmpty();
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
}
