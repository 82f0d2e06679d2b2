package bathyra.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The start script's build, with a stand-in for the build tool: what a broken build leaves behind, and two starts at once. */
class BuildScriptTest {
    @TempDir
    private Path folder;

    private Path project;

    @BeforeEach
    void project() throws IOException {
        project = folder.resolve("project");
        for (String module : List.of("core", "files", "book", "app")) {
            Files.createDirectories(project.resolve(module + "/src/main"));
            Files.writeString(project.resolve(module + "/pom.xml"), "");
        }
        Files.createDirectories(project.resolve("docs/formats"));
        Files.createDirectories(project.resolve("scripts"));
        Files.writeString(project.resolve("pom.xml"), "");
        Path here = Path.of("").toAbsolutePath();
        Path root = Files.exists(here.resolve("scripts/setup.sh")) ? here : here.getParent();
        Files.copy(root.resolve("scripts/setup.sh"), project.resolve("scripts/setup.sh"));
        executable(project.resolve("scripts/share-classes.sh"), "exit 0");
    }

    private static void executable(Path file, String script) throws IOException {
        Files.createDirectories(file.getParent());
        Files.writeString(file, "#!/bin/sh\n" + script + "\n");
        Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rwxr-xr-x"));
    }

    /** @param mvn what the stand-in for the build tool does; its calls are noted in {@code calls} */
    private Process start(String mvn) throws IOException {
        executable(
                folder.resolve("bin/mvn"),
                "echo \"$*\" >> " + folder.resolve("calls") + "\nmkdir -p " + project + "/app/target\n" + mvn);
        ProcessBuilder builder = new ProcessBuilder(
                "sh", "-c", ". " + project + "/scripts/setup.sh; build_if_stale " + project + "; echo built");
        builder.environment().put("PATH", folder.resolve("bin") + ":" + System.getenv("PATH"));
        builder.environment().put("TMPDIR", folder.toString());
        return builder.redirectErrorStream(true).start();
    }

    private static String said(Process process) throws Exception {
        String said = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        process.waitFor();
        return said;
    }

    private List<String> calls() throws IOException {
        return Files.readAllLines(folder.resolve("calls"));
    }

    @Test
    void halfABuild_isBuiltAnewFromClean() throws Exception {
        assertThat(said(start("case \"$*\" in *clean*) exit 0;; *) echo '[ERROR] zip file is empty'; exit 1;; esac")))
                .endsWith("built\n");
        assertThat(calls()).hasSize(3);
        assertThat(calls().get(2)).contains("clean");
        assertThat(project.resolve("app/target/.built")).exists();
        assertThat(said(start("exit 1")))
                .as("a finished build is not built again")
                .isEqualTo("built\n");
    }

    @Test
    void failedBuild_saysInOneLineWhat_andWhereTheLogIs() throws Exception {
        Process process = start(
                "i=0; while [ $i -lt 160 ]; do echo \"line $i\"; i=$((i+1)); done; echo '[ERROR] Length.java: class expected'; exit 1");
        List<String> lines = said(process).lines().toList();
        assertThat(process.exitValue()).isEqualTo(4);
        assertThat(lines).hasSize(2);
        assertThat(lines.get(1)).startsWith("The build failed: Length.java: class expected The whole log is ");
        Path log = Path.of(lines.get(1).replaceAll(".* is (.*)\\.$", "$1"));
        assertThat(Files.readString(log)).contains("line 159");
        assertThat(project.resolve("app/target/.built")).doesNotExist();
    }

    @Test
    void twoStartsAtOnce_buildOnce() throws Exception {
        String slow = "[ -e " + folder + "/busy ] && echo both >> " + folder + "/both; touch " + folder
                + "/busy; sleep 1; rm " + folder + "/busy; exit 0";
        Process one = start(slow);
        Process other = start(slow);
        assertThat(said(one)).endsWith("built\n");
        assertThat(said(other)).endsWith("built\n");
        assertThat(folder.resolve("both")).doesNotExist();
        assertThat(calls()).hasSize(1);
    }
}
