package bathyra.book;

import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteErrorCode;

/**
 * The workshop book: every commission with all its changes, in one SQLite file. Each change is one transaction, so a killed
 * process loses at most the change in flight. Undo and redo move a cursor over the changes and survive a restart.
 */
public final class WorkshopBook implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(WorkshopBook.class);
    private static final int VERSION = 1;
    private static final List<String> FIRST_VERSION = List.of(
            "CREATE TABLE commission (id INTEGER PRIMARY KEY, title TEXT NOT NULL, wearer TEXT NOT NULL, document TEXT NOT NULL, cursor INTEGER NOT NULL DEFAULT 0)",
            "CREATE TABLE edit (commission INTEGER NOT NULL REFERENCES commission(id) ON DELETE CASCADE, seq INTEGER NOT NULL, label TEXT NOT NULL,"
                    + " before TEXT NOT NULL, after TEXT NOT NULL, made TEXT NOT NULL DEFAULT CURRENT_TIMESTAMP, PRIMARY KEY (commission, seq))",
            "CREATE TABLE place (name TEXT PRIMARY KEY, value TEXT NOT NULL)");

    private final Connection connection;
    private final Path file;

    private WorkshopBook(Connection connection, Path file) {
        this.connection = connection;
        this.file = file;
    }

    /** A line of the list of commissions. */
    public record Entry(long id, String title, String wearer) {}

    /** Opens a book, making a new one where there is no file yet. @throws BookUnavailable when it cannot be written to safely */
    public static WorkshopBook open(Path file) throws BookUnavailable {
        Connection connection = null;
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            if (Files.exists(file) && !Files.isWritable(file)) {
                throw unavailable(BookUnavailable.Reason.READ_ONLY, file, null);
            }
            connection = connect(file);
            require(connection, file);
            migrate(connection);
            return new WorkshopBook(connection, file);
        } catch (SQLException e) {
            close(connection);
            throw unavailable(reason(e), file, e);
        } catch (IOException e) {
            throw unavailable(BookUnavailable.Reason.READ_ONLY, file, e);
        } catch (BookUnavailable e) {
            close(connection);
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
        if (version(connection) > VERSION) {
            throw unavailable(BookUnavailable.Reason.NEWER, file, null);
        }
        try (Statement statement = connection.createStatement(); ResultSet rows = statement.executeQuery("PRAGMA quick_check")) {
            if (!rows.next() || !"ok".equals(rows.getString(1))) {
                throw unavailable(BookUnavailable.Reason.DAMAGED, file, null);
            }
        }
    }

    private static int version(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement(); ResultSet rows = statement.executeQuery("PRAGMA user_version")) {
            return rows.getInt(1);
        }
    }

    private static void migrate(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA journal_mode=WAL");
            // The write lock is taken now and kept: a second program finds the book locked at once, not at its first change.
            statement.execute("BEGIN IMMEDIATE");
            if (version(connection) == 0) {
                for (String sql : FIRST_VERSION) {
                    statement.execute(sql);
                }
                statement.execute("PRAGMA user_version=" + VERSION);
            }
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

    private static BookUnavailable unavailable(BookUnavailable.Reason reason, Path file, Throwable cause) {
        String name = file.toAbsolutePath().toString();
        String sentence = switch (reason) {
            case LOCKED -> "The book " + name + " is open in another window. Close that window, or open another book with --book.";
            case READ_ONLY -> "The book " + name + " cannot be written to. Give yourself the right to write it, or open another book with --book.";
            case DAMAGED -> "The book " + name + " is damaged or is no workshop book. It is left as it is: put a copy in its place, or open another book with --book.";
            case NEWER -> "The book " + name + " was written by a newer Bathyra. It is left as it is: use that one, or open another book with --book.";
        };
        LOG.warn(sentence, cause);
        return new BookUnavailable(reason, sentence, cause);
    }

    private static void close(Connection connection) {
        try {
            if (connection != null) {
                connection.close();
            }
        } catch (SQLException e) {
            LOG.warn("closing a book that did not open", e);
        }
    }

    public Path file() {
        return file;
    }

    /** All commissions, by wearer and title. */
    public List<Entry> entries() {
        return run("list the commissions", () -> {
            List<Entry> entries = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery("SELECT id, title, wearer FROM commission ORDER BY id")) {
                while (rows.next()) {
                    entries.add(new Entry(rows.getLong(1), rows.getString(2), rows.getString(3)));
                }
            }
            return entries;
        });
    }

    /** Writes a new commission into the book and gives its number. */
    public long add(Commission commission) {
        return run("add a commission", () -> {
            try (PreparedStatement insert = connection.prepareStatement("INSERT INTO commission (title, wearer, document) VALUES (?, ?, ?) RETURNING id")) {
                insert.setString(1, commission.title());
                insert.setString(2, commission.wearer().name());
                insert.setString(3, CommissionJson.write(commission));
                try (ResultSet rows = insert.executeQuery()) {
                    rows.next();
                    return rows.getLong(1);
                }
            }
        });
    }

    /** Writes several new commissions into the book at once: all of them or none. */
    public void addAll(List<Commission> commissions) {
        run("add the commissions", () -> transaction(() -> {
            commissions.forEach(this::add);
            return null;
        }));
    }

    /** A commission as it stands. */
    public Optional<Commission> find(long id) {
        return document("SELECT document FROM commission WHERE id = ?", id).map(WorkshopBook::read);
    }

    /** Saves a change under a name; what had been undone before it is forgotten. */
    public void record(long id, String label, Commission before, Commission after) {
        run("save a change", () -> transaction(() -> {
            int cursor = cursor(id);
            try (PreparedStatement cut = connection.prepareStatement("DELETE FROM edit WHERE commission = ? AND seq > ?")) {
                cut.setLong(1, id);
                cut.setInt(2, cursor);
                cut.executeUpdate();
            }
            try (PreparedStatement insert = connection.prepareStatement("INSERT INTO edit (commission, seq, label, before, after) VALUES (?, ?, ?, ?, ?)")) {
                insert.setLong(1, id);
                insert.setInt(2, cursor + 1);
                insert.setString(3, label);
                insert.setString(4, CommissionJson.write(before));
                insert.setString(5, CommissionJson.write(after));
                insert.executeUpdate();
            }
            stand(id, CommissionJson.write(after), cursor + 1);
            return null;
        }));
    }

    /** Carries the last change further under a new name, so that one drag or one figure typed is one change. */
    public void amend(long id, String label, Commission after) {
        run("save a change", () -> transaction(() -> {
            try (PreparedStatement update = connection.prepareStatement(
                    "UPDATE edit SET label = ?, after = ? WHERE commission = ? AND seq = (SELECT cursor FROM commission WHERE id = ?)")) {
                update.setString(1, label);
                update.setString(2, CommissionJson.write(after));
                update.setLong(3, id);
                update.setLong(4, id);
                update.executeUpdate();
            }
            stand(id, CommissionJson.write(after), cursor(id));
            return null;
        }));
    }

    /** The name of the change that undo would take back. */
    public Optional<String> undoLabel(long id) {
        return document("SELECT label FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor WHERE commission.id = ?", id);
    }

    /** The name of the change that redo would make again. */
    public Optional<String> redoLabel(long id) {
        return document("SELECT label FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor + 1 WHERE commission.id = ?", id);
    }

    /** Takes the last change back and gives the commission as it was before. */
    public Optional<Commission> undo(long id) {
        return run("undo", () -> transaction(() -> back(id)));
    }

    private Optional<Commission> back(long id) throws SQLException {
        Optional<String> before = document("SELECT before FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor WHERE commission.id = ?", id);
        if (before.isPresent()) {
            stand(id, before.get(), cursor(id) - 1);
        }
        return before.map(WorkshopBook::read);
    }

    /** Takes the last change back for good, as if it had not been begun, and gives the commission as it was before. */
    public Optional<Commission> withdraw(long id) {
        return run("take a change back", () -> transaction(() -> {
            Optional<Commission> before = back(id);
            try (PreparedStatement cut = connection.prepareStatement("DELETE FROM edit WHERE commission = ? AND seq > (SELECT cursor FROM commission WHERE id = ?)")) {
                cut.setLong(1, id);
                cut.setLong(2, id);
                cut.executeUpdate();
            }
            return before;
        }));
    }

    /** Makes the last undone change again. */
    public Optional<Commission> redo(long id) {
        return run("redo", () -> transaction(() -> {
            Optional<String> after = document("SELECT after FROM edit JOIN commission ON commission.id = edit.commission AND edit.seq = cursor + 1 WHERE commission.id = ?", id);
            if (after.isPresent()) {
                stand(id, after.get(), cursor(id) + 1);
            }
            return after.map(WorkshopBook::read);
        }));
    }

    /** Where the program was: a value kept under a name. */
    public Optional<String> place(String name) {
        return run("read a place", () -> {
            try (PreparedStatement query = connection.prepareStatement("SELECT value FROM place WHERE name = ?")) {
                query.setString(1, name);
                try (ResultSet rows = query.executeQuery()) {
                    return rows.next() ? Optional.of(rows.getString(1)) : Optional.empty();
                }
            }
        });
    }

    public void keepPlace(String name, String value) {
        run("keep a place", () -> {
            try (PreparedStatement insert = connection.prepareStatement("INSERT INTO place (name, value) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value")) {
                insert.setString(1, name);
                insert.setString(2, value);
                insert.executeUpdate();
            }
            return null;
        });
    }

    private int cursor(long id) throws SQLException {
        try (PreparedStatement query = connection.prepareStatement("SELECT cursor FROM commission WHERE id = ?")) {
            query.setLong(1, id);
            try (ResultSet rows = query.executeQuery()) {
                return rows.next() ? rows.getInt(1) : 0;
            }
        }
    }

    private void stand(long id, String document, int cursor) throws SQLException {
        Commission commission = read(document);
        try (PreparedStatement update = connection.prepareStatement("UPDATE commission SET document = ?, cursor = ?, title = ?, wearer = ? WHERE id = ?")) {
            update.setString(1, document);
            update.setInt(2, cursor);
            update.setString(3, commission.title());
            update.setString(4, commission.wearer().name());
            update.setLong(5, id);
            update.executeUpdate();
        }
    }

    private Optional<String> document(String sql, long id) {
        return run("read the book", () -> {
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setLong(1, id);
                try (ResultSet rows = query.executeQuery()) {
                    return rows.next() ? Optional.of(rows.getString(1)) : Optional.empty();
                }
            }
        });
    }

    private static Commission read(String document) {
        try {
            return CommissionJson.readBack(document);
        } catch (BadDocument e) {
            throw new IllegalStateException("a commission in the book does not read back", e);
        }
    }

    private interface Work<T> {
        T run() throws SQLException;
    }

    private <T> T transaction(Work<T> work) throws SQLException {
        connection.setAutoCommit(false);
        try {
            T result = work.run();
            connection.commit();
            return result;
        } catch (SQLException | RuntimeException e) {
            connection.rollback();
            throw e;
        } finally {
            connection.setAutoCommit(true);
        }
    }

    private <T> T run(String what, Work<T> work) {
        try {
            return work.run();
        } catch (SQLException e) {
            throw new BookFailure("The book " + file.toAbsolutePath() + " could not " + what + ". Look whether the disk is full or the file was taken away.", e);
        }
    }

    @Override
    public void close() {
        close(connection);
    }
}
