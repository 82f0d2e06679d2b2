package bathyra.book;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Who has a book open: a line in a file beside it, for whoever finds the book locked. The lock itself is the database's. */
final class Holder {
    private static final Logger LOG = LoggerFactory.getLogger(Holder.class);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm");

    private Holder() {}

    private static Path file(Path book) {
        return book.resolveSibling(book.getFileName() + ".holder");
    }

    static void write(Path book) {
        try {
            Path file = file(book);
            Files.deleteIfExists(file);
            OwnerOnly.create(file);
            Files.writeString(
                    file,
                    System.getProperty("user.name") + ", since " + TIME.format(LocalDateTime.now()),
                    StandardCharsets.UTF_8);
        } catch (IOException e) {
            LOG.info("who has the book could not be noted", e);
        }
    }

    static Optional<String> read(Path book) {
        try {
            String line = Files.readString(file(book), StandardCharsets.UTF_8).strip();
            return line.isEmpty() ? Optional.empty() : Optional.of(line);
        } catch (IOException e) {
            return Optional.empty();
        }
    }

    static void clear(Path book) {
        try {
            Files.deleteIfExists(file(book));
        } catch (IOException e) {
            LOG.info("who had the book could not be taken away", e);
        }
    }
}
