package bathyra.app.form;

import bathyra.app.work.Latest;
import bathyra.draft.Draft;
import bathyra.fit.Worn;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;

/** Puts a draft on its wearer's form beside the window; of many that are asked for the last is the one that comes. */
public final class Wearing {
    private final Latest work;
    private Optional<Draft> asked = Optional.empty();

    /** @param later runs a deed on the window's thread */
    public Wearing(Consumer<Runnable> later) {
        this.work = new Latest(later);
    }

    /** Asks for a draft, unless it was asked for last; it is given roughly, then finely. */
    public void ask(Draft draft, BiConsumer<Worn, WornPicture.Seen> then) {
        if (asked.filter(draft::equals).isPresent()) {
            return;
        }
        asked = Optional.of(draft);
        work.begin("the garment on the form", run -> wear(draft, then, run), () -> {});
    }

    private static void wear(Draft draft, BiConsumer<Worn, WornPicture.Seen> then, Latest.Run run) {
        Worn rough = Worn.cold(draft, Worn.surface(draft), Worn.COARSE, run::isOver);
        give(rough, then, run);
        if (!run.isOver()) {
            give(rough.finer(Worn.FINE, run::isOver), then, run);
        }
    }

    private static void give(Worn worn, BiConsumer<Worn, WornPicture.Seen> then, Latest.Run run) {
        WornPicture.Seen seen = WornPicture.Seen.of(Stand.bare(worn.form()), worn, worn.away(), true);
        run.show(() -> then.accept(worn, seen));
    }
}
