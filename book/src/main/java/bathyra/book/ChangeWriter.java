package bathyra.book;

import bathyra.garment.Commission;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/**
 * Writes changes on a thread of its own, so that whoever drags a seam never waits for the disk. The steps within one change are joined;
 * a change that is over is written at once, one that goes on at most {@value #LATEST} ms after its last writing. Everything else that is
 * asked of the book waits until what was handed over here is written ({@link #settle}), so nobody reads an older state.
 */
public final class ChangeWriter implements AutoCloseable {
    private static final Logger LOG = LoggerFactory.getLogger(ChangeWriter.class);
    /** Milliseconds. A process that is killed loses what was done in this time. */
    private static final int LATEST = 100;
    /** How long the last writing is waited for at closing, seconds. */
    private static final int CLOSING = 20;

    /** A change that may still be carried further. Its row exists once it was recorded. */
    private static final class Change {
        private final long id;
        private final Commission before;
        private String label = "";
        private Commission after;
        private boolean waiting;
        /** Only whoever writes looks at this. */
        private boolean recorded;

        private Change(long id, Commission before) {
            this.id = id;
            this.before = before;
        }
    }

    private final History history;
    private final Object gate = new Object();
    private final Deque<Change> waiting = new ArrayDeque<>();
    private final ScheduledExecutorService thread = Executors.newSingleThreadScheduledExecutor(work -> {
        Thread made = new Thread(work, "writes the book");
        made.setDaemon(true);
        return made;
    });
    private Optional<Change> inHand = Optional.empty();
    private Consumer<Optional<BookFailure>> outcome = failure -> {};

    ChangeWriter(History history) {
        this.history = history;
    }

    /** @param heard is told after each writing why it failed, or nothing; on whatever thread wrote */
    public void onOutcome(Consumer<Optional<BookFailure>> heard) {
        outcome = heard;
    }

    /**
     * Hands over a change.
     *
     * @param further whether it carries the last one further, under a new name, instead of beginning another
     */
    public void write(long id, String label, Commission before, Commission after, boolean further) {
        synchronized (gate) {
            Change change = inHand.filter(c -> further && c.id == id).orElseGet(() -> new Change(id, before));
            inHand = Optional.of(change);
            change.label = label;
            change.after = after;
            if (!change.waiting) {
                change.waiting = true;
                waiting.add(change);
                if (!thread.isShutdown()) {
                    thread.schedule(history::settle, LATEST, TimeUnit.MILLISECONDS);
                }
            }
        }
        if (thread.isShutdown()) {
            // The book is closed: whoever writes still is told so at once.
            history.settle();
        }
    }

    /** The change in hand is over: it is written as soon as may be. */
    public void finish() {
        synchronized (gate) {
            inHand = Optional.empty();
            if (!waiting.isEmpty() && !thread.isShutdown()) {
                thread.execute(history::settle);
            }
        }
    }

    /** Writes everything that waits, on this thread; whoever calls it has the book for itself. A change that cannot be written is told and dropped. */
    void settle() {
        for (Optional<Change> next = next(); next.isPresent(); next = next()) {
            write(next.get());
        }
    }

    private Optional<Change> next() {
        synchronized (gate) {
            return Optional.ofNullable(waiting.peek());
        }
    }

    private void write(Change change) {
        String label;
        Commission after;
        synchronized (gate) {
            waiting.remove(change);
            change.waiting = false;
            label = change.label;
            after = change.after;
        }
        try {
            if (change.recorded) {
                history.amend(change.id, label, after);
            } else {
                history.record(change.id, label, change.before, after);
                change.recorded = true;
            }
            outcome.accept(Optional.empty());
        } catch (BookFailure e) {
            LOG.error("a change could not be written", e);
            outcome.accept(Optional.of(e));
        }
    }

    @Override
    public void close() {
        thread.shutdown();
        try {
            if (!thread.awaitTermination(CLOSING, TimeUnit.SECONDS)) {
                LOG.warn("a change was still being written when the book was closed");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
