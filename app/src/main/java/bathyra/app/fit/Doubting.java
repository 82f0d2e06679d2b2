package bathyra.app.fit;

import bathyra.app.work.Latest;
import bathyra.fit.Doubt;
import bathyra.fit.Worn;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

/** Finds out, when it is asked, which of what is seen hangs on a figure that nobody has taken. */
final class Doubting {
    private final Latest work;
    private final Runnable changed;
    private Optional<List<Doubt>> doubts = Optional.empty();
    private boolean working;

    /** @param later runs a deed on the window's thread @param changed told there when it is known */
    Doubting(Consumer<Runnable> later, Runnable changed) {
        this.work = new Latest(later);
        this.changed = changed;
    }

    /** @param rough the garment at rest on the rough mesh */
    void ask(Worn rough) {
        doubts = Optional.of(List.of());
        working = true;
        work.begin(
                "fit doubts",
                run -> {
                    List<Doubt> those = Doubt.of(rough, run::isOver);
                    run.show(() -> found(those));
                },
                () -> found(List.of()));
        changed.run();
    }

    private void found(List<Doubt> those) {
        doubts = Optional.of(those);
        working = false;
        changed.run();
    }

    void forget() {
        work.stop();
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
