package bathyra.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteErrorCode;

/** The way to an open book: private to its owner, whole, of a version that can be written, locked for others. Else the file is left as it is. */
final class Opening {
    private static final Logger LOG = LoggerFactory.getLogger(Opening.class);

    private Opening() {}

    static Connection connection(Path file) throws BookUnavailable {
        Connection connection = null;
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
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
            return connection;
        } catch (SQLException e) {
            WorkshopBook.close(connection);
            throw unavailable(reason(e), file, e);
        } catch (IOException e) {
            throw unavailable(BookUnavailable.Reason.READ_ONLY, file, e);
        } catch (BookUnavailable e) {
            WorkshopBook.close(connection);
            throw e;
        }
    }

    private static Connection connect(Path file) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.enforceForeignKeys(true);
        config.setBusyTimeout(300);
        // In WAL mode this loses nothing when the process dies; waiting for the disk at each keystroke would stop the hand. After a
        // power cut the book is whole, at worst without the last changes since the log was last carried over.
        config.setSynchronous(SQLiteConfig.SynchronousMode.NORMAL);
        config.setLockingMode(SQLiteConfig.LockingMode.EXCLUSIVE);
        return config.createConnection("jdbc:sqlite:" + file.toAbsolutePath());
    }

    /** Nothing is written before the file is known to be a sound book of a version that this program can write. */
    private static void require(Connection connection, Path file) throws SQLException, BookUnavailable {
        if (Migrations.version(connection) > Migrations.newest()) {
            throw unavailable(BookUnavailable.Reason.NEWER, file, null);
        }
        try (Statement statement = connection.createStatement(); ResultSet rows = statement.executeQuery("PRAGMA quick_check")) {
            if (!rows.next() || !"ok".equals(rows.getString(1))) {
                throw unavailable(BookUnavailable.Reason.DAMAGED, file, null);
            }
        }
        Optional<String> altered = Seal.broken(connection);
        if (altered.isPresent()) {
            throw altered(file, altered.get());
        }
    }

    private static void migrate(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA journal_mode=WAL");
            // The write lock is taken now and kept: a second program finds the book locked at once, not at its first change.
            statement.execute("BEGIN IMMEDIATE");
            Migrations.run(connection);
            statement.execute("COMMIT");
        }
    }

    private static BookUnavailable.Reason reason(SQLException e) {
        SQLiteErrorCode code = SQLiteErrorCode.getErrorCode(e.getErrorCode() & 0xff);
        return switch (code) {
            case SQLITE_BUSY, SQLITE_LOCKED -> BookUnavailable.Reason.LOCKED;
            case SQLITE_READONLY, SQLITE_CANTOPEN, SQLITE_PERM -> BookUnavailable.Reason.READ_ONLY;
            default -> BookUnavailable.Reason.DAMAGED;
        };
    }

    private static BookUnavailable altered(Path file, String title) {
        String sentence = "In the book " + file.toAbsolutePath() + " the figures of \"" + title + "\" are not as they were written: the file is damaged there. "
                + "It is left as it is: put a copy in its place, or open another book with --book.";
        LOG.warn(sentence);
        return new BookUnavailable(BookUnavailable.Reason.DAMAGED, sentence, null);
    }

    private static BookUnavailable unavailable(BookUnavailable.Reason reason, Path file, Throwable cause) {
        String name = file.toAbsolutePath().toString();
        String sentence = switch (reason) {
            case LOCKED -> "The book " + name + " is open in another window" + Holder.read(file).map(who -> " (" + who + ")").orElse("") + ". Close that window, or open another book with --book.";
            case READ_ONLY -> "The book " + name + " cannot be written to. Give yourself the right to write it, or open another book with --book.";
            case DAMAGED -> "The book " + name + " is damaged or is no workshop book. It is left as it is: put a copy in its place, or open another book with --book.";
            case NEWER -> "The book " + name + " was written by a newer Bathyra. It is left as it is: use that one, or open another book with --book.";
        };
        LOG.warn(sentence, cause);
        return new BookUnavailable(reason, sentence, cause);
    }
}
