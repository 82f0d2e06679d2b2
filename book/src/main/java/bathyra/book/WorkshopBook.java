package bathyra.book;

import bathyra.files.json.BadDocument;
import bathyra.files.json.CommissionJson;
import bathyra.garment.Commission;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.sqlite.SQLiteErrorCode;

/**
 * The workshop book: every commission with all its changes, in one SQLite file. Each change is one transaction, so a killed
 * process loses at most the change in flight. What was changed is a {@link History}; {@link ChangeWriter} writes it beside the window.
 */
public final class WorkshopBook implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(WorkshopBook.class);
    private static final Duration BETWEEN_LOOKS = Duration.ofMinutes(1);
    /** How long a backup that is being made is waited for at closing, seconds. */
    private static final int CLOSING = 20;

    private final Connection connection;
    private final Lock lock;
    private final Path file;
    /** Copies and checks beside the window, one after the other. */
    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "beside the book");
        thread.setDaemon(true);
        return thread;
    });

    /** One after the other: the connection is one, and the window and the writer of changes both use it. */
    private final ReentrantLock turn = new ReentrantLock();

    private final History history;
    private final ChangeWriter changes;
    private static final String BACKUPS_KEPT = "backups-kept";
    private static final String BACKUPS_SECOND = "backups-second";
    private volatile Optional<String> secondPlace = Optional.empty();
    private LocalDateTime nextLook = LocalDateTime.MIN;

    private WorkshopBook(Opening.Opened opened, Path file) {
        this.connection = opened.connection();
        this.lock = opened.lock();
        this.file = file;
        this.history = new History(this, connection);
        this.changes = new ChangeWriter(history);
    }

    /**
     * A line of the list of commissions.
     *
     * @param due when it is to be ready, if that is known
     * @param state how far it has come, in a few words
     */
    public record Entry(
            long id, String title, String wearer, Optional<LocalDate> due, String state, boolean archived) {}

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

    /** All commissions but those in the trash, in the order in which they were begun. */
    public List<Entry> entries() {
        return entries("WHERE id NOT IN (SELECT commission FROM trash)");
    }

    /** With those in the trash. */
    List<Entry> allEntries() {
        return entries("");
    }

    private List<Entry> entries(String where) {
        return run("list the commissions", () -> {
            List<Entry> entries = new ArrayList<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows =
                            statement.executeQuery("SELECT id, title, wearer, due, state, archived FROM commission "
                                    + where + " ORDER BY id")) {
                while (rows.next()) {
                    entries.add(entry(rows));
                }
            }
            return entries;
        });
    }

    Entry entry(ResultSet rows) throws SQLException {
        return new Entry(
                rows.getLong(1),
                rows.getString(2),
                rows.getString(3),
                day(rows.getString(4)),
                rows.getString(5),
                rows.getInt(6) != 0);
    }

    /** Of what kind each commission is, by the word for it. */
    public Map<Long, String> kinds() {
        return run("list the kinds", () -> {
            Map<Long, String> kinds = new HashMap<>();
            try (Statement statement = connection.createStatement();
                    ResultSet rows = statement.executeQuery(
                            "SELECT id, json_extract(document, '$.garment.kind') FROM commission")) {
                while (rows.next()) {
                    kinds.put(rows.getLong(1), rows.getString(2));
                }
            }
            return kinds;
        });
    }

    Optional<LocalDate> day(String text) {
        try {
            return text.isEmpty() ? Optional.empty() : Optional.of(LocalDate.parse(text));
        } catch (DateTimeParseException e) {
            throw new BookFailure(Opening.alteredWords(file, "its days"), e);
        }
    }

    /** When a commission is to be ready. */
    public void due(long id, Optional<LocalDate> day) {
        write(
                "note the day",
                "UPDATE commission SET due = ? WHERE id = ?",
                day.map(LocalDate::toString).orElse(""),
                id);
    }

    public void archive(long id, boolean archived) {
        write(
                "archive a commission",
                "UPDATE commission SET archived = CAST(? AS INTEGER) WHERE id = ?",
                archived ? "1" : "0",
                id);
    }

    /** Notes how far a commission has come, in a few words, for the list. */
    public void state(long id, String words) {
        write("note the state", "UPDATE commission SET state = ? WHERE id = ?", words, id);
    }

    public void notes(long id, String text) {
        write("save the notes", "UPDATE commission SET notes = ? WHERE id = ?", text, id);
    }

    public String notes(long id) {
        return document("SELECT notes FROM commission WHERE id = ?", id).orElse("");
    }

    private void write(String what, String sql, String value, long id) {
        run(
                what,
                () -> transaction(() -> {
                    try (PreparedStatement update = connection.prepareStatement(sql)) {
                        update.setString(1, value);
                        update.setLong(2, id);
                        update.executeUpdate();
                    }
                    seal(id);
                    return null;
                }));
    }

    void seal(long id) throws SQLException {
        Seal.renew(connection, Seal.Table.COMMISSION, "id = ?", id);
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

    /**
     * Makes a backup beside the window when the last one is an hour old. Called before each change; it looks at the folder once a minute at
     * the most.
     *
     * @return done when the backup is made, or at once when none is due
     */
    public Future<?> backUpWhenDue() {
        return backUp(false);
    }

    /** Its backups, made as they are to be. */
    Backups backups() {
        return new Backups(file, backupPolicy());
    }

    /** How backups are made; as usual where what was kept of it cannot be read. */
    public Backups.Policy backupPolicy() {
        try {
            return new Backups.Policy(
                    place(BACKUPS_KEPT).map(Integer::parseInt).orElse(Backups.Policy.USUAL.kept()),
                    place(BACKUPS_SECOND).filter(p -> !p.isEmpty()).map(Path::of));
        } catch (IllegalArgumentException e) {
            LOG.warn("how backups are made could not be read", e);
            return Backups.Policy.USUAL;
        }
    }

    /** How backups are made from now on. */
    public void backUpBy(Backups.Policy policy) {
        keepPlace(BACKUPS_KEPT, Integer.toString(policy.kept()));
        keepPlace(BACKUPS_SECOND, policy.second().map(Path::toString).orElse(""));
    }

    /** Why the second place got no copy of the last backup, in words; empty when it did, or there is none. */
    public Optional<String> secondPlaceFailure() {
        return secondPlace;
    }

    /** Makes a backup at once. */
    public Future<?> backUpNow() {
        return backUp(true);
    }

    private Future<?> backUp(boolean atOnce) {
        LocalDateTime now = LocalDateTime.now();
        // A book that is closed has nothing to copy; whoever writes to it is told so by the writing.
        if (!atOnce && now.isBefore(nextLook) || beside.isShutdown()) {
            return CompletableFuture.completedFuture(null);
        }
        nextLook = now.plus(BETWEEN_LOOKS);
        Backups backups = backups();
        return beside.submit(() -> {
            if (atOnce || backups.isDue(now)) {
                // The log is carried over first, so that a copy of the one file holds everything up to this hour.
                try (Connection other = Opening.connect(file)) {
                    fold(other);
                } catch (SQLException e) {
                    LOG.warn("the log could not be carried over", e);
                }
                secondPlace = backups.make(now);
            }
        });
    }

    /** Carries the log over into the book's one file. */
    private static void fold(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            statement.execute("PRAGMA wal_checkpoint(PASSIVE)");
        }
    }

    /**
     * Looks beside the window at everything that was not looked at when the book was opened: the history, the versions, the kept figures.
     *
     * @param found is told in words what is not as it was written, on another thread; not called when all is
     */
    public Future<?> checkBeside(Consumer<String> found) {
        if (beside.isShutdown()) {
            return CompletableFuture.completedFuture(null);
        }
        return beside.submit(() -> {
            try (Connection reader = Opening.reader(file);
                    Statement statement = reader.createStatement()) {
                Optional<String> broken = Seal.broken(reader);
                try (ResultSet rows = statement.executeQuery("PRAGMA integrity_check(1)")) {
                    if (broken.isEmpty() && (!rows.next() || !rows.getString(1).equals("ok"))) {
                        broken = Optional.of("some of its pages");
                    }
                }
                broken.ifPresent(what -> found.accept(Opening.alteredWords(file, what)));
            } catch (SQLException e) {
                LOG.warn("the book could not be looked at", e);
                found.accept(Opening.alteredWords(file, "some of its pages"));
            }
        });
    }

    /** Waits until nothing copies or checks the book, and keeps it so while something is done. */
    <T> T alone(Callable<T> deed) {
        try {
            return beside.submit(deed).get();
        } catch (ExecutionException e) {
            if (e.getCause() instanceof BookFailure failure) {
                throw failure;
            }
            throw new BookFailure(
                    "The book " + file.toAbsolutePath() + " could not be worked on. Look whether the disk is full.", e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new BookFailure(
                    "The book " + file.toAbsolutePath() + " could not be worked on: it was interrupted.", e);
        }
    }

    /** Writes a new commission into the book and gives its number. */
    public long add(Commission commission) {
        String document = readable(commission);
        return run("add a commission", () -> transaction(() -> added(commission, document)));
    }

    private long added(Commission commission, String document) throws SQLException {
        long id;
        try (PreparedStatement insert = connection.prepareStatement(
                "INSERT INTO commission (title, wearer, document, due) VALUES (?, ?, ?, ?) RETURNING id")) {
            insert.setString(1, commission.title());
            insert.setString(2, commission.wearer().name());
            insert.setString(3, document);
            insert.setString(4, commission.plan().due().map(LocalDate::toString).orElse(""));
            try (ResultSet rows = insert.executeQuery()) {
                rows.next();
                id = rows.getLong(1);
            }
        }
        seal(id);
        return id;
    }

    /** Writes several new commissions into the book at once: all of them or none. */
    public void addAll(List<Commission> commissions) {
        add(commissions, commissions.stream().map(WorkshopBook::readable).toList());
    }

    /** Writes several new commissions into the book at once, each as the document it stands in: all of them or none. @throws BookFailure when one cannot be read */
    public void addDocuments(List<String> documents) {
        add(documents.stream().map(this::read).toList(), documents);
    }

    private void add(List<Commission> commissions, List<String> documents) {
        run(
                "add the commissions",
                () -> transaction(() -> {
                    for (int i = 0; i < commissions.size(); i++) {
                        added(commissions.get(i), documents.get(i));
                    }
                    return null;
                }));
    }

    /** A commission as it stands. */
    public Optional<Commission> find(long id) {
        return run("read the book", () -> {
            require(Seal.Table.COMMISSION, "id = ?", id);
            return document("SELECT document FROM commission WHERE id = ?", id).map(this::read);
        });
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
        beside.shutdown();
        try {
            if (!beside.awaitTermination(CLOSING, TimeUnit.SECONDS)) {
                LOG.warn("a backup was still being made when the book was closed");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        // The last one out carries the log over by itself.
        close(connection);
        Holder.clear(file);
        lock.close();
    }
}
