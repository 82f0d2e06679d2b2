package bathyra.app.command;

import static org.assertj.core.api.Assertions.assertThat;

import bathyra.app.Main;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class ManualCommandTest {
    @TempDir
    private Path folder;

    @Test
    void thePageTellsOfEveryCommand_andTheShellUnderstandsTheCompletions() throws Exception {
        assertThat(Main.run("manual", "--out", folder.toString())).isZero();
        String page = Files.readString(folder.resolve("bathyra.1"));
        assertThat(page.lines().filter(line -> line.startsWith(".SS ")))
                .contains(".SS draft", ".SS check", ".SS fit", ".SS plan", ".SS import", ".SS demo")
                .doesNotContain(".SS manual");
        assertThat(page.lines()).as("no line is an order by accident").noneMatch(line -> line.matches("\\.[^A-Z].*"));
        Process bash =
                new ProcessBuilder("bash", "-n", folder.resolve("bathyra").toString()).start();
        assertThat(bash.waitFor()).isZero();
        assertThat(folder.resolve("bathyra")).content().contains("--all-or-none");
    }

    @Test
    void aFolderThatCannotBeWritten_isSaid() throws Exception {
        Path file = Files.writeString(folder.resolve("file"), "");
        assertThat(Main.run("manual", "--out", file.toString())).isEqualTo(Exit.NOT_WRITTEN);
    }
}
