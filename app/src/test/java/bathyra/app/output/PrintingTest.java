package bathyra.app.output;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PrintingTest {
    @TempDir
    private Path folder;

    @Test
    void whatWasSet_isKept_andNonsenseInTheFileIsTheUsual() throws IOException {
        Path file = folder.resolve("printing.properties");
        Printing own = Printing.USUAL.withMeasured(49.6, 50.2).withPort(9101);
        own.keep(file);
        assertThat(Printing.kept(file, said -> {})).isEqualTo(own);
        Files.writeString(file, "across=12\nport=x\n");
        assertThat(Printing.kept(file, said -> {})).isEqualTo(Printing.USUAL);
        assertThat(Printing.kept(folder.resolve("none"), said -> {})).isEqualTo(new Printing(50, 50, 9100));
    }

    @Test
    void filesAreWritten_allOrNone() throws IOException {
        Path good = Files.writeString(folder.resolve("good.svg"), "before");
        Files.createDirectories(folder.resolve("blocked.svg/inside"));
        Map<Path, byte[]> files = new LinkedHashMap<>();
        files.put(good, "after".getBytes(StandardCharsets.US_ASCII));
        files.put(folder.resolve("blocked.svg"), "after".getBytes(StandardCharsets.US_ASCII));
        assertThatThrownBy(() -> AllOrNone.write(files)).isInstanceOf(IOException.class);
        assertThat(good).hasContent("before");
        try (var left = Files.list(folder)) {
            assertThat(left.map(p -> p.getFileName().toString())).containsExactlyInAnyOrder("good.svg", "blocked.svg");
        }
        AllOrNone.write(Map.of(folder.resolve("new/deep/pattern.svg"), "after".getBytes(StandardCharsets.US_ASCII)));
        assertThat(folder.resolve("new/deep/pattern.svg")).hasContent("after");
    }
}
