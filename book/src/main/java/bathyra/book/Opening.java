package bathyra.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteErrorCode;

/** The way to an open book: private to its owner, whole, of a version that can be written, locked for others. Else the file is left as it is. */
final class Opening {
    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);
    /** With less room than this left a book cannot be opened for writing. */
    private static final long ROOM = 512 * 1024;

    private Opening() {}

    /** An open book: where it is written, and the lock that keeps others out. */
    record Opened(Connection connection, Lock lock) {}

    static Opened open(Path file) throws BookUnavailable {
        Lock lock = lock(file);
        Connection connection = null;
        try {
            if (Files.exists(file) && !Files.isWritable(file)) {
                throw unavailable(BookUnavailable.Reason.READ_ONLY, file, null);
            }
            if (Files.exists(file)) {
                OwnerOnly.file(file);
            } else {
                OwnerOnly.create(file);
            }
            connection = connect(file);
            require(connection, file);
            migrate(connection);
            Holder.write(file);
            return new Opened(connection, lock);
        } catch (SQLException e) {
            leave(connection, lock);
            throw unavailable(reason(e, file), file, e);
        } catch (IOException e) {
            leave(connection, lock);
            throw unavailable(isFull(file) ? BookUnavailable.Reason.FULL : BookUnavailable.Reason.READ_ONLY, file, e);
        } catch (BookUnavailable e) {
            leave(connection, lock);
            throw e;
        } catch (RuntimeException e) {
            leave(connection, lock);
            throw unavailable(BookUnavailable.Reason.DAMAGED, file, e);
        }
    }

    private static Lock lock(Path file) throws BookUnavailable {
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (Files.exists(file) && !Files.isWritable(file)) {
                throw unavailable(BookUnavailable.Reason.READ_ONLY, file, null);
            }
            Optional<Lock> lock = Lock.take(file.toAbsolutePath());
            if (lock.isPresent()) {
                return lock.get();
            }
        } catch (IOException e) {
            throw unavailable(isFull(file) ? BookUnavailable.Reason.FULL : BookUnavailable.Reason.READ_ONLY, file, e);
        }
        throw unavailable(BookUnavailable.Reason.LOCKED, file, null);
    }

    private static void leave(Connection connection, Lock lock) {
        WorkshopBook.close(connection);
        lock.close();
    }

    static Connection connect(Path file) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(true);
        config.setBusyTimeout(300);
        // In WAL mode this loses nothing when the process dies; waiting for the disk at each keystroke would stop the
        // hand. After a
        // power cut the book is whole, at worst without the last changes since the log was last carried over.
        config.setSynchronous(SQLiteConfig.SynchronousMode.NORMAL);
        return config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
    }

    /** A second way into an open book, for what reads it beside the window. */
    static Connection reader(Path file) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        config.setBusyTimeout(5_000);
        return config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
    }

    /** Nothing is written before the file is known to be a sound book of a version that this program can write. */
    private static void require(Connection connection, Path file) throws SQLException, BookUnavailable {
        Set<String> tables = tables(connection);
        int version = Migrations.version(connection);
        int program = pragma(connection, "application_id");
        if (tables.isEmpty() && version == 0 && program == 0) {
            return;
        }
        boolean ours = program == Migrations.PROGRAM || program == 0 && version > 0 && version < Migrations.MARKED;
        if (!ours) {
            // A book whose mark has turned into another is still one by its own word.
            boolean book = tables.containsAll(List.of("commission", "edit", "place"))
                    && Migrations.edition(connection, tables).isPresent();
            throw unavailable(book ? BookUnavailable.Reason.DAMAGED : BookUnavailable.Reason.FOREIGN, file, null);
        }
        Optional<Integer> edition = version >= Migrations.MARKED || program == Migrations.PROGRAM
                ? Migrations.edition(connection, tables)
                : Optional.empty();
        if (version > Migrations.newest() && edition.filter(e -> e == version).isPresent()) {
            throw unavailable(BookUnavailable.Reason.NEWER, file, null);
        }
        if (program == Migrations.PROGRAM && edition.filter(e -> e == version).isEmpty()) {
            throw version > Migrations.newest() && edition.isEmpty()
                    ? unavailable(BookUnavailable.Reason.NEWER, file, null)
                    : unavailable(BookUnavailable.Reason.DAMAGED, file, null);
        }
        if (!tables.containsAll(List.of("commission", "edit", "place"))) {
            throw unavailable(
                    program == 0 ? BookUnavailable.Reason.FOREIGN : BookUnavailable.Reason.DAMAGED, file, null);
        }
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("PRAGMA quick_check")) {
            if (!rows.next() || !"ok".equals(rows.getString(1))) {
                throw unavailable(BookUnavailable.Reason.DAMAGED, file, null);
            }
        }
        Optional<String> altered = version >= Migrations.MARKED
                ? Seal.broken(connection, Seal.Table.COMMISSION, "1")
                : Migrations.brokenBefore(connection);
        if (altered.isPresent()) {
            throw altered(file, altered.get());
        }
        requireDays(connection, file, version);
    }

    /** Days that are none would be found only when the list is shown. */
    private static void requireDays(Connection connection, Path file, int version)
            throws SQLException, BookUnavailable {
        if (version < 2) {
            return;
        }
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT title, due FROM commission WHERE due <> ''")) {
            while (rows.next()) {
                try {
                    LocalDate.parse(rows.getString(2));
                } catch (DateTimeParseException e) {
                    throw altered(file, "the day of \"" + rows.getString(1) + "\"");
                }
            }
        }
    }

    private static Set<String> tables(Connection connection) throws SQLException {
        Set<String> names = new HashSet<>();
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("SELECT name FROM sqlite_master WHERE type = 'table'")) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        }
        return names;
    }

    private static int pragma(Connection connection, String name) throws SQLException {
        try (Statement statement = connection.createStatement();
                ResultSet rows = statement.executeQuery("PRAGMA " + name)) {
            return rows.next() ? rows.getInt(1) : 0;
        }
    }

    private static void migrate(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA journal_mode=WAL");
            statement.execute("BEGIN IMMEDIATE");
            Migrations.run(connection);
            statement.execute("COMMIT");
        }
    }

    private static BookUnavailable.Reason reason(SQLException e, Path file) {
        SQLiteErrorCode code = SQLiteErrorCode.getErrorCode(e.getErrorCode() & 0xff);
        return switch (code) {
            case SQLITE_BUSY, SQLITE_LOCKED -> BookUnavailable.Reason.LOCKED;
            case SQLITE_FULL -> BookUnavailable.Reason.FULL;
            case SQLITE_READONLY, SQLITE_PERM -> BookUnavailable.Reason.READ_ONLY;
            // On a full disk the database cannot make its log and says that it cannot open it, or that the disk fails.
            case SQLITE_CANTOPEN -> isFull(file) ? BookUnavailable.Reason.FULL : BookUnavailable.Reason.READ_ONLY;
            case SQLITE_IOERR -> isFull(file) ? BookUnavailable.Reason.FULL : BookUnavailable.Reason.UNREADABLE;
            default -> BookUnavailable.Reason.DAMAGED;
        };
    }

    private static boolean isFull(Path file) {
        try {
            return Files.getFileStore(file.toAbsolutePath().getParent()).getUsableSpace() < ROOM;
        } catch (IOException e) {
            return false;
        }
    }

    /** What to say of rows that are not as they were written. @param what in words */
    static String alteredWords(Path file, String what) {
        return "In the book " + file.toAbsolutePath() + " " + what
                + " are not as they were written: the file is damaged there. "
                + "It is left as it is: put a copy in its place, or open another book with --book.";
    }

    private static BookUnavailable altered(Path file, String what) {
        String sentence = alteredWords(file, what);
        LOG.warn(sentence);
        return new BookUnavailable(BookUnavailable.Reason.DAMAGED, sentence, null);
    }

    private static BookUnavailable unavailable(BookUnavailable.Reason reason, Path file, Throwable cause) {
        String name = file.toAbsolutePath().toString();
        String sentence =
                switch (reason) {
                    case LOCKED ->
                        "The book " + name + " is open in another window"
                                + Holder.read(file).map(who -> " (" + who + ")").orElse("")
                                + ". Close that window, or open another book with --book.";
                    case READ_ONLY ->
                        "The book " + name
                                + " cannot be written to. Give yourself the right to write it, or open another book with --book.";
                    case DAMAGED ->
                        "The book " + name
                                + " is damaged or is no workshop book. It is left as it is: put a copy in its place, or open another book with --book.";
                    case NEWER ->
                        "The book " + name
                                + " was written by a newer Bathyra. It is left as it is: use that one, or open another book with --book.";
                    case FOREIGN ->
                        "The file " + name
                                + " is a database of another program and no workshop book. It is left as it is: open another book with --book.";
                    case FULL ->
                        "There is no room left on the disk to open the book " + name
                                + ". The book is whole. Make room, and try again.";
                    case UNREADABLE ->
                        "The disk does not give out the book " + name
                                + ". It is left as it is: look whether the disk is there and sound, and try again.";
                };
        LOG.warn(sentence, cause);
        return new BookUnavailable(reason, sentence, cause);
    }
}
