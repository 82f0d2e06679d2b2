package bathyra.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.sqlite.SQLiteConfig;

/** The backups of a book, in a folder beside it: one an hour while it is in use, the newest ten are kept. */
public final class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final int KEPT = 10;
    private static final Duration APART = Duration.ofHours(1);
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss-SSS");
    private static final List<String> PARTS = List.of("", "-wal", "-shm");

    private final Path book;

    public Backups(Path book) {
        this.book = book.toAbsolutePath();
    }

    /** A backup and when it was made. */
    public record Backup(Path file, LocalDateTime made) {}

    private Path folder() {
        return book.resolveSibling(book.getFileName() + ".backups");
    }

    /** The backups there are, the newest first. */
    public List<Backup> list() {
        if (!Files.isDirectory(folder())) {
            return List.of();
        }
        List<Backup> found = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder())) {
            files.forEach(file -> made(file).ifPresent(made -> found.add(new Backup(file, made))));
        } catch (IOException e) {
            LOG.warn("the backups cannot be listed", e);
        }
        found.sort(Comparator.comparing(Backup::made).reversed());
        return found;
    }

    private static Optional<LocalDateTime> made(Path file) {
        String name = file.getFileName().toString();
        try {
            return name.endsWith(".sqlite") ? Optional.of(LocalDateTime.parse(name.substring(0, name.length() - ".sqlite".length()), NAME)) : Optional.empty();
        } catch (DateTimeParseException e) {
            return Optional.empty();
        }
    }

    /** The newest backup that opens and is whole. */
    public Optional<Backup> newestGood() {
        return list().stream().filter(backup -> isWhole(backup.file())).findFirst();
    }

    private static boolean isWhole(Path file) {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        try (Connection connection = config.createConnection("jdbc:sqlite:" + file);
                Statement statement = connection.createStatement()) {
            int version = Migrations.version(connection);
            try (ResultSet rows = statement.executeQuery("PRAGMA quick_check")) {
                return rows.next() && rows.getString(1).equals("ok") && version > 0 && version <= Migrations.newest() && Seal.broken(connection).isEmpty();
            }
        } catch (SQLException e) {
            LOG.info("a backup that is not whole: {}", file, e);
            return false;
        }
    }

    boolean isDue(LocalDateTime now) {
        return list().stream().findFirst().map(newest -> !newest.made().plus(APART).isAfter(now)).orElse(true);
    }

    /** Makes a backup of an open book and lets the oldest go. A copy that cannot be made is logged; the work goes on. */
    void make(Connection connection, LocalDateTime now) {
        try {
            OwnerOnly.folder(folder());
            Path file = folder().resolve(NAME.format(now) + ".sqlite");
            try (PreparedStatement copy = connection.prepareStatement("VACUUM INTO ?")) {
                copy.setString(1, file.toString());
                copy.execute();
            }
            OwnerOnly.file(file);
            for (Backup old : list().stream().skip(KEPT).toList()) {
                Files.deleteIfExists(old.file());
            }
        } catch (IOException | SQLException e) {
            LOG.warn("no backup could be made", e);
        }
    }

    /** Takes every backup away, because what stands in them must be forgotten. */
    void forget() {
        for (Backup backup : list()) {
            try {
                Files.deleteIfExists(backup.file());
            } catch (IOException e) {
                throw new BookFailure("The backup " + backup.file() + " could not be taken away. Take it away by hand: the erased figures still stand in it.", e);
            }
        }
    }

    /**
     * Puts the book aside and a backup in its place. The book must be closed.
     *
     * @return where the former book lies now
     */
    public Path restore(Backup backup) throws IOException {
        Path aside = book.resolveSibling(book.getFileName() + ".aside-" + NAME.format(LocalDateTime.now()));
        Path copy = Files.createTempFile(book.getParent(), ".restore", ".part");
        try {
            Files.copy(backup.file(), copy, StandardCopyOption.REPLACE_EXISTING);
            OwnerOnly.file(copy);
            move(book, aside);
            try {
                Files.move(copy, book, StandardCopyOption.ATOMIC_MOVE);
            } catch (IOException e) {
                move(aside, book);
                throw e;
            }
        } finally {
            Files.deleteIfExists(copy);
        }
        return aside;
    }

    /** A book with its log. */
    private static void move(Path from, Path to) throws IOException {
        for (String part : PARTS) {
            if (Files.exists(Path.of(from + part))) {
                Files.move(Path.of(from + part), Path.of(to + part));
            }
        }
    }
}
