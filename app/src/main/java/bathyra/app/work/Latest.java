package bathyra.app.work;

import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Work beside the window of which only what was begun last counts. It is begun and stopped on the window's thread. */
public final class Latest {
    private static final Logger LOG = LoggerFactory.getLogger(Latest.class);

    private final Consumer<Runnable> later;
    private Run run = new Run();

    /** @param later runs a deed on the window's thread */
    public Latest(Consumer<Runnable> later) {
        this.later = later;
    }

    /** What one piece of work asks and shows. */
    public final class Run {
        private final AtomicBoolean over = new AtomicBoolean();

        private Run() {}

        /** Whether it was stopped or another was begun since: it should end soon, and nothing of it is shown. */
        public boolean isOver() {
            return over.get();
        }

        /** Does a deed on the window's thread, unless it is over by then. */
        public void show(Runnable deed) {
            later.accept(() -> {
                if (!isOver()) {
                    deed.run();
                }
            });
        }
    }

    /**
     * Begins work and stops what went before.
     *
     * @param name in the log
     * @param failed done on the window's thread when the work threw; the log then says why
     */
    public void begin(String name, Consumer<Run> work, Runnable failed) {
        stop();
        run = new Run();
        start(name, run, work, failed);
    }

    /** More work that belongs to what was begun last, and is over with it. */
    public void goOn(String name, Consumer<Run> work) {
        start(name, run, work, () -> {});
    }

    public void stop() {
        run.over.set(true);
    }

    private static void start(String name, Run run, Consumer<Run> work, Runnable failed) {
        Thread thread = new Thread(
                () -> {
                    try {
                        work.accept(run);
                    } catch (RuntimeException e) {
                        LOG.error("{} failed", name, e);
                        run.show(failed);
                    }
                },
                name);
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }
}
