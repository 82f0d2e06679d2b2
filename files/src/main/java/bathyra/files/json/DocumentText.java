package bathyra.files.json;

import java.io.IOException;
import java.io.InputStream;
import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/** The text of a document on disk. What cannot be a document is not read to its end. */
public final class DocumentText {
    /** More bytes than any commission has. */
    public static final int COMMISSION_MOST = 1_000_000;
    /** More bytes than any pattern has. */
    public static final int PATTERN_MOST = 20_000_000;

    private DocumentText() {}

    /**
     * Reads a file as UTF-8.
     *
     * @param most the largest number of bytes that is read
     * @throws BadDocument when the file is larger or is no text
     */
    public static String read(Path file, int most) throws IOException, BadDocument {
        try (InputStream in = Files.newInputStream(file)) {
            byte[] bytes = in.readNBytes(most + 1);
            if (bytes.length > most) {
                throw new BadDocument(
                        "document: is larger than such a document ever is; one of at most " + most / 1_000_000 + " MB");
            }
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new BadDocument("document: is not UTF-8 text; save it as UTF-8");
        }
    }
}
