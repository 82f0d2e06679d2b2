package bathyra.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

import bathyra.files.json.BadDocument;
import bathyra.files.json.DocumentText;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class DocumentTextTest {
    @TempDir
    private Path folder;

    @Test
    void text_isReadWhole_upToTheLimit() throws Exception {
        Path file = Files.writeString(folder.resolve("a.json"), "{\"ä\":1}");
        assertThat(DocumentText.read(file, 8)).isEqualTo("{\"ä\":1}");
    }

    @Test
    void whatIsTooLarge_orNoText_isExplained() throws Exception {
        Path file = Files.writeString(folder.resolve("b.json"), "0123456789");
        assertThat(catchThrowableOfType(BadDocument.class, () -> DocumentText.read(file, 9))
                        .faults())
                .singleElement()
                .asString()
                .contains("is larger than such a document ever is");
        Path latin = Files.write(folder.resolve("c.json"), new byte[] {'{', (byte) 0xe4});
        assertThat(catchThrowableOfType(BadDocument.class, () -> DocumentText.read(latin, 100))
                        .faults())
                .containsExactly("document: is not UTF-8 text; save it as UTF-8");
    }
}
