package bathyra.app.form;

import bathyra.draft.Draft;
import bathyra.fit.Worn;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** Puts a draft on its wearer's form beside the window; of many that are asked for the last is the one that comes. */
public final class Wearing {
    private static final Logger LOG = LoggerFactory.getLogger(Wearing.class);

    private final Consumer<Runnable> later;
    private Optional<Draft> asked = Optional.empty();
    private AtomicBoolean stop = new AtomicBoolean();

    /** @param later runs a deed on the window's thread */
    public Wearing(Consumer<Runnable> later) {
        this.later = later;
    }

    /** Asks for a draft, unless it was asked for last; it is given roughly, then finely. */
    public void ask(Draft draft, Consumer<WornPicture.Seen> then) {
        if (asked.filter(draft::equals).isPresent()) {
            return;
        }
        stop.set(true);
        asked = Optional.of(draft);
        AtomicBoolean mine = new AtomicBoolean();
        stop = mine;
        Thread thread = new Thread(() -> work(draft, then, mine), "worn");
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    private void work(Draft draft, Consumer<WornPicture.Seen> then, AtomicBoolean mine) {
        try {
            Worn rough = Worn.cold(draft, Worn.surface(draft), Worn.COARSE, mine::get);
            give(rough, then, mine);
            if (!mine.get()) {
                give(rough.finer(Worn.FINE, mine::get), then, mine);
            }
        } catch (RuntimeException e) {
            LOG.error("the garment could not be put on the form", e);
        }
    }

    private void give(Worn worn, Consumer<WornPicture.Seen> then, AtomicBoolean mine) {
        WornPicture.Seen seen = new WornPicture.Seen(Stand.bare(worn.form()), worn, worn.away(), true);
        later.accept(() -> {
            if (!mine.get()) {
                then.accept(seen);
            }
        });
    }
}
