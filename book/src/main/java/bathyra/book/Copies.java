package bathyra.book;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** The backups of a book and the looks at whether it is whole, made beside the window, one after the other. */
public final class Copies {
    private static final Logger LOG = LoggerFactory.getLogger(Copies.class);
    private static final Duration BETWEEN_LOOKS = Duration.ofMinutes(1);
    /** How long a backup that is being made is waited for at closing, seconds. */
    private static final int CLOSING = 20;

    private static final String BACKUPS_KEPT = "backups-kept";
    private static final String BACKUPS_SECOND = "backups-second";

    private final WorkshopBook book;
    private final Path file;
    private final ExecutorService beside = Executors.newSingleThreadExecutor(work -> {
        Thread thread = new Thread(work, "beside the book");
        thread.setDaemon(true);
        return thread;
    });

    private volatile Optional<String> secondPlace = Optional.empty();
    private LocalDateTime nextLook = LocalDateTime.MIN;

    Copies(WorkshopBook book, Path file) {
        this.book = book;
        this.file = file;
    }

    /**
     * Makes a backup beside the window when the last one is an hour old. Called before each change; it looks at the folder once a minute at
     * the most.
     *
     * @return done when the backup is made, or at once when none is due
     */
    public Future<?> makeWhenDue() {
        return make(false);
    }

    /** Its backups, made as they are to be. */
    Backups backups() {
        return new Backups(file, policy());
    }

    /** How backups are made; as usual where what was kept of it cannot be read. */
    public Backups.Policy policy() {
        try {
            return new Backups.Policy(
                    book.place(BACKUPS_KEPT).map(Integer::parseInt).orElse(Backups.Policy.USUAL.kept()),
                    book.place(BACKUPS_SECOND).filter(p -> !p.isEmpty()).map(Path::of));
        } catch (IllegalArgumentException e) {
            LOG.warn("how backups are made could not be read", e);
            return Backups.Policy.USUAL;
        }
    }

    /** How backups are made from now on. */
    public void makeBy(Backups.Policy policy) {
        book.keepPlace(BACKUPS_KEPT, Integer.toString(policy.kept()));
        book.keepPlace(BACKUPS_SECOND, policy.second().map(Path::toString).orElse(""));
    }

    /** Why the second place got no copy of the last backup, in words; empty when it did, or there is none. */
    public Optional<String> secondPlaceFailure() {
        return secondPlace;
    }

    /** Makes a backup at once. */
    public Future<?> makeNow() {
        return make(true);
    }

    private Future<?> make(boolean atOnce) {
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
    public Future<?> check(Consumer<String> found) {
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

    /** Waits for what is being made. */
    void close() {
        beside.shutdown();
        try {
            if (!beside.awaitTermination(CLOSING, TimeUnit.SECONDS)) {
                LOG.warn("a backup was still being made when the book was closed");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
