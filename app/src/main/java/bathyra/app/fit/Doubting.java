package bathyra.app.fit;

import bathyra.fit.Doubt;
import bathyra.fit.Worn;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;

/** Finds out, when it is asked, which of what is seen hangs on a figure that nobody has taken. */
final class Doubting {
    private final Consumer<Runnable> later;
    private final Runnable changed;
    private AtomicBoolean stop = new AtomicBoolean();
    private Optional<List<Doubt>> doubts = Optional.empty();
    private boolean working;

    /** @param later runs a deed on the window's thread @param changed told there when it is known */
    Doubting(Consumer<Runnable> later, Runnable changed) {
        this.later = later;
        this.changed = changed;
    }

    /** @param rough the garment at rest on the rough mesh */
    void ask(Worn rough) {
        AtomicBoolean mine = new AtomicBoolean();
        stop = mine;
        doubts = Optional.of(List.of());
        working = true;
        FitModel.start("fit doubts", () -> found(Doubt.of(rough, mine::get), mine), () -> found(List.of(), mine));
        changed.run();
    }

    private void found(List<Doubt> those, AtomicBoolean mine) {
        later.accept(() -> {
            if (!mine.get()) {
                doubts = Optional.of(those);
                working = false;
                changed.run();
            }
        });
    }

    void forget() {
        stop.set(true);
        doubts = Optional.empty();
        working = false;
    }

    /** What hangs on what, once it was asked. */
    Optional<List<Doubt>> doubts() {
        return doubts;
    }

    boolean isWorking() {
        return working;
    }
}
