package bathyra.book;

import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.UUID;
import java.util.concurrent.locks.ReentrantLock;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.sqlite.SQLiteErrorCode;

/**
 * The workshop book: every commission with all its changes, in one SQLite file. Each change is one transaction, so a killed
 * process loses at most the change in flight. What was changed is a {@link History}; {@link ChangeWriter} writes it beside the window.
 */
public final class WorkshopBook implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(WorkshopBook.class);

    private static final String KEY = "book-key";

    private final Connection connection;
    private final Lock lock;
    private final Path file;
    /** One after the other: the connection is one, and the window and the writer of changes both use it. */
    private final ReentrantLock turn = new ReentrantLock();

    private final History history;
    private final ChangeWriter changes;
    private final Commissions commissions;
    private final Copies copies;

    private WorkshopBook(Opening.Opened opened, Path file) {
        this.connection = opened.connection();
        this.lock = opened.lock();
        this.file = file;
        this.history = new History(this, connection);
        this.changes = new ChangeWriter(history);
        this.commissions = new Commissions(this, connection);
        this.copies = new Copies(this, file);
    }

    /** Opens a book, making a new one where there is no file yet. @throws BookUnavailable when it cannot be written to safely */
    public static WorkshopBook open(Path file) throws BookUnavailable {
        return new WorkshopBook(Opening.open(file), file);
    }

    static void close(Connection connection) {
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

    /** The list of commissions. */
    public Commissions commissions() {
        return commissions;
    }

    /** Its backups, and the looks at whether it is whole. */
    public Copies copies() {
        return copies;
    }

    /** What was changed, and going back and forth in it. */
    public History history() {
        return history;
    }

    /** Writes changes beside the window. */
    public ChangeWriter changes() {
        return changes;
    }

    /** The dated sets of figures of the wearers. */
    public Measurings measurings() {
        return new Measurings(this, connection);
    }

    /** The named versions of the commissions. */
    public Versions versions() {
        return new Versions(this, connection);
    }

    /** What wearers answered before being laced. */
    public Health health() {
        return new Health(this, connection);
    }

    /** The pictures of fittings, which lie beside the book. */
    public Pictures pictures() {
        return new Pictures(file);
    }

    /** The commissions as work. */
    public Works works() {
        return new Works(this, connection);
    }

    /** The invoices that were issued. */
    public Invoices invoices() {
        return new Invoices(this, connection);
    }

    /** What was sent out. */
    public Sent sent() {
        return new Sent(this, connection);
    }

    /** What learners have tried. */
    public Practice practice() {
        return new Practice(this, connection);
    }

    /** What was thrown away. */
    public Trash trash() {
        return new Trash(this, connection);
    }

    /** How the garments look. */
    public Sketches sketches() {
        return new Sketches(this, connection);
    }

    Optional<LocalDate> day(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            throw new BookFailure(Opening.alteredWords(file, "its days"), e);
        }
    }

    /** Nothing is given out that is not as it was written. @throws BookFailure when it is not */
    void require(Seal.Table table, String where, Object... arguments) throws SQLException {
        Optional<String> broken = Seal.broken(connection, table, where, arguments);
        if (broken.isPresent()) {
            throw new BookFailure(
                    "In the book " + file.toAbsolutePath() + " " + broken.get()
                            + " are not as they were written: the file is damaged there. Restore a backup, or take another commission in hand.",
                    null);
        }
    }

    /** What is done to a wearer in the whole book. */
    public Wearers wearers() {
        return new Wearers(this, connection);
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

    /** What tells a commission of this book from every other, also from those of other books, and stays with it whatever it is called. */
    public String keyOf(long commission) {
        String own = place(KEY).orElseGet(() -> {
            String made = UUID.randomUUID().toString();
            keepPlace(KEY, made);
            return made;
        });
        return own + "/" + commission;
    }

    public void keepPlace(String name, String value) {
        run(
                "keep a place",
                () -> transaction(() -> {
                    try (PreparedStatement insert = connection.prepareStatement(
                            "INSERT INTO place (name, value) VALUES (?, ?) ON CONFLICT (name) DO UPDATE SET value = excluded.value")) {
                        insert.setString(1, name);
                        insert.setString(2, value);
                        insert.executeUpdate();
                    }
                    Seal.renew(connection, Seal.Table.PLACE, "name = ?", name);
                    return null;
                }));
    }

    Optional<String> document(String sql, long id) {
        return run("read the book", () -> {
            try (PreparedStatement query = connection.prepareStatement(sql)) {
                query.setLong(1, id);
                try (ResultSet rows = query.executeQuery()) {
                    return rows.next() ? Optional.of(rows.getString(1)) : Optional.empty();
                }
            }
        });
    }

    /**
     * The document of a commission as it is kept. It is read once before it is kept: what could not be read again is never written over what can.
     *
     * @throws BookFailure when it could not be read again
     */
    static String readable(Commission commission) {
        String document = CommissionJson.write(commission);
        try {
            CommissionJson.readBack(document);
        } catch (BadDocument e) {
            throw new BookFailure(
                    "This could not be kept, and the book has it as it was before: " + String.join("; ", e.faults()),
                    e);
        }
        return document;
    }

    Commission read(String document) {
        try {
            return CommissionJson.readBack(document);
        } catch (BadDocument e) {
            throw new BookFailure(
                    "A commission in the book " + file.toAbsolutePath()
                            + " cannot be read: the file is damaged there. Restore a backup, or take another commission in hand.",
                    e);
        }
    }

    interface Work<T> {
        T run() throws SQLException;
    }

    <T> T transaction(Work<T> work) throws SQLException {
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

    /** Does something with the book, after everything that waits to be written. @throws BookFailure when it cannot be done */
    <T> T run(String what, Work<T> work) {
        turn.lock();
        try {
            if (turn.getHoldCount() == 1) {
                changes.settle();
            }
            return work.run();
        } catch (SQLException e) {
            boolean full = SQLiteErrorCode.getErrorCode(e.getErrorCode() & 0xff) == SQLiteErrorCode.SQLITE_FULL;
            throw new BookFailure(
                    "The book " + file.toAbsolutePath() + " could not " + what
                            + (full
                                    ? ": the disk is full. Make room; what was saved before is safe."
                                    : ". Look whether the disk is full or the file was taken away."),
                    e);
        } finally {
            turn.unlock();
        }
    }

    @Override
    public void close() {
        history.settle();
        changes.close();
        copies.close();
        // The last one out carries the log over by itself.
        close(connection);
        Holder.clear(file);
        lock.close();
    }
}
