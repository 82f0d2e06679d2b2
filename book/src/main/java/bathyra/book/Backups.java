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

/** The backups of a book, in a folder beside it: one an hour while it is in use, the newest are kept. */
public final class Backups {
    private static final Logger LOG = LoggerFactory.getLogger(Backups.class);
    private static final Duration APART = Duration.ofHours(1);
    private static final DateTimeFormatter NAME = DateTimeFormatter.ofPattern("uuuuMMdd-HHmmss-SSS");
    private static final String ENDING = ".sqlite";
    private static final String PART = ".part";
    private static final String ASIDE = ".aside-";
    private static final List<String> PARTS = List.of("", "-wal", "-shm");

    private final Path book;
    private final Policy policy;

    /** With as many kept as usual, and in one place. */
    public Backups(Path book) {
        this(book, Policy.USUAL);
    }

    Backups(Path book, Policy policy) {
        this.book = book.toAbsolutePath();
        this.policy = policy;
    }

    /**
     * How many backups there are, and where.
     *
     * @param kept the newest so many stay
     * @param second a folder into which each is copied as well, on another disk
     */
    public record Policy(int kept, Optional<Path> second) {
        public static final int LEAST = 3;
        public static final int MOST = 100;
        public static final Policy USUAL = new Policy(10, Optional.empty());

        public Policy {
            if (kept < LEAST || kept > MOST) {
                throw new IllegalArgumentException("from " + LEAST + " to " + MOST + " backups are kept, was " + kept);
            }
        }
    }

    /** A backup and when it was made. */
    public record Backup(Path file, LocalDateTime made) {}

    private Path folder() {
        return book.resolveSibling(book.getFileName() + ".backups");
    }

    /** The backups there are, the newest first. */
    public List<Backup> list() {
        return list(folder());
    }

    private static List<Backup> list(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        List<Backup> found = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
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
            return name.endsWith(ENDING)
                    ? Optional.of(LocalDateTime.parse(name.substring(0, name.length() - ENDING.length()), NAME))
                    : Optional.empty();
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
            try (ResultSet rows = statement.executeQuery("PRAGMA integrity_check(1)")) {
                return rows.next()
                        && rows.getString(1).equals("ok")
                        && version > 0
                        && version <= Migrations.newest()
                        && isSealed(connection, version);
            }
        } catch (SQLException e) {
            LOG.info("a backup that is not whole: {}", file, e);
            return false;
        }
    }

    /** A backup from the future, made while the clock was wrong, keeps no other from being made. */
    boolean isDue(LocalDateTime now) {
        return list().stream()
                .filter(backup -> !backup.made().isAfter(now))
                .findFirst()
                .map(newest -> !newest.made().plus(APART).isAfter(now))
                .orElse(true);
    }

    private static boolean isSealed(Connection connection, int version) throws SQLException {
        return (version < Migrations.MARKED ? Migrations.brokenBefore(connection) : Seal.broken(connection)).isEmpty();
    }

    /**
     * Makes a backup of a book, open or not, and lets the oldest go. Only a copy that is whole counts: of a damaged book the older backups
     * stay. A copy that cannot be made is logged; the work goes on.
     *
     * @return why the second place got none, in words; empty when it did, or there is no such place
     */
    Optional<String> make(LocalDateTime now) {
        Path copy = folder().resolve(NAME.format(now) + PART);
        try (Connection connection = Opening.reader(book)) {
            OwnerOnly.folder(folder());
            removeParts();
            try (PreparedStatement into = connection.prepareStatement("VACUUM INTO ?")) {
                into.setString(1, copy.toString());
                into.execute();
            }
            OwnerOnly.file(copy);
            if (!isWhole(copy)) {
                LOG.warn("the book is damaged: no backup is made of it, and those that there are stay");
                return Optional.empty();
            }
            Path made = folder().resolve(NAME.format(now) + ENDING);
            Files.move(copy, made, StandardCopyOption.ATOMIC_MOVE);
            thin(list());
            return policy.second().flatMap(second -> copy(made, second));
        } catch (IOException | SQLException e) {
            LOG.warn("no backup could be made", e);
            return Optional.empty();
        } finally {
            remove(copy);
        }
    }

    private void thin(List<Backup> backups) throws IOException {
        for (Backup old : backups.stream().skip(policy.kept()).toList()) {
            Files.deleteIfExists(old.file());
        }
    }

    private Path folderIn(Path second) {
        return second.resolve(book.getFileName() + ".backups");
    }

    /** A copy in the second place, under the hour. @return why there is none, in words */
    private Optional<String> copy(Path made, Path second) {
        Path folder = folderIn(second);
        try {
            OwnerOnly.folder(folder);
            Path copy = folder.resolve(made.getFileName());
            Files.copy(made, copy, StandardCopyOption.REPLACE_EXISTING);
            OwnerOnly.file(copy);
            thin(list(folder));
            return Optional.empty();
        } catch (IOException e) {
            LOG.warn("the second place for backups", e);
            return Optional.of(
                    "The second place for backups, " + second
                            + ", cannot be written. Look whether its disk is there and has room, or choose another in Settings.");
        }
    }

    /** What was left of copies that were broken off. */
    private void removeParts() throws IOException {
        try (Stream<Path> files = Files.list(folder())) {
            files.filter(f -> f.getFileName().toString().endsWith(PART)).forEach(Backups::remove);
        }
    }

    private static void remove(Path file) {
        try {
            Files.deleteIfExists(file);
        } catch (IOException e) {
            LOG.warn("could not be taken away: {}", file, e);
        }
    }

    /** The books that were put aside when backups were restored, each with its log. */
    public List<Path> aside() {
        String name = book.getFileName() + ASIDE;
        try (Stream<Path> files = Files.list(book.getParent())) {
            return files.filter(f -> f.getFileName().toString().startsWith(name))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            LOG.warn("what was put aside cannot be listed", e);
            return List.of();
        }
    }

    /** Takes every backup away, and every book that was put aside, because what stands in them must be forgotten. */
    void forget() {
        List<Backup> second = policy.second().map(p -> list(folderIn(p))).orElse(List.of());
        Stream.concat(Stream.concat(list().stream(), second.stream()).map(Backup::file), aside().stream())
                .forEach(file -> {
                    try {
                        Files.deleteIfExists(file);
                    } catch (IOException e) {
                        throw new BookFailure(
                                "The copy " + file
                                        + " could not be taken away. Take it away by hand: the erased figures still stand in it.",
                                e);
                    }
                });
    }

    /**
     * Puts the book aside and a backup in its place. The book must be closed.
     *
     * @return where the former book lies now
     */
    public Path restore(Backup backup) throws IOException {
        Path aside = book.resolveSibling(book.getFileName() + ASIDE + NAME.format(LocalDateTime.now()));
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
