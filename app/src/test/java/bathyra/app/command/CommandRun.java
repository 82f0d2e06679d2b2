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
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

/** Runs commands as a script does: exit codes, files and what is said on which stream. */
abstract class CommandRun {
    @TempDir
    Path folder;

    Path heron;
    String out;
    String err;

    @BeforeEach
    void shipped() throws IOException {
        heron = write("heron.bathyra.json", DemoBook.document("the-heron"));
    }

    Path write(String name, String text) throws IOException {
        return Files.writeString(folder.resolve(name), text);
    }

    int run(Object... arguments) {
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

    List<String> files(Path where) throws IOException {
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
}
