package bathyra.app.fit;

import bathyra.app.form.Stand;
import bathyra.app.form.WornPicture;
import bathyra.app.workshop.Workshop;
import bathyra.draft.Draft;
import bathyra.fit.CupRoom;
import bathyra.fit.FitCure;
import bathyra.fit.FormSurface;
import bathyra.fit.Lacing;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.garment.ClothGive;
import bathyra.garment.Garment;
import bathyra.length.Length;
import bathyra.measure.MeasurementSet;
import bathyra.measure.Posture;
import bathyra.measure.Softness;
import bathyra.place.Level;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.function.Consumer;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;

/** What the Fit stage shows: the garment on the form, worked out beside the window, with the last picture kept until the new one is there. */
public final class FitModel {
    private static final Logger LOG = LoggerFactory.getLogger(FitModel.class);
    private static final double FULL = 2 * Math.PI;
    /** Two ways that read the same, mm. */
    private static final double AGREES = 0.5;
    /** By so much a cord is pulled more or less, N/m. */
    static final double PULL_STEP = 50;

    private final Workshop workshop;
    private final Consumer<Runnable> later;
    private final Runnable changed;
    private Optional<Draft> of = Optional.empty();
    private Optional<Shown> shown = Optional.empty();
    private Optional<String> failure = Optional.empty();
    /** The cord's pull, where it was chosen, N/m. */
    private OptionalDouble pull = OptionalDouble.empty();

    private Level level = Level.WAIST;
    private double turn;
    private AtomicBoolean stop = new AtomicBoolean();
    private AtomicBoolean stopCures = new AtomicBoolean();
    private Optional<Sight> chosen = Optional.empty();
    private Optional<List<FitCure>> cures = Optional.empty();
    private final Beside beside;
    private final Doubting doubting;
    private boolean working;

    /**
     * @param rough the garment at rest on the rough mesh, which cures are measured against
     * @param worn the garment on the form
     * @param stand the form as it is drawn
     * @param away how far each place stands away, mm
     * @param sights what one would see, the worst first
     * @param cup what room the breast has
     * @param lacing how the back opens under one cord, once that is known
     */
    record Shown(
            Worn rough,
            Worn worn,
            Stand stand,
            double[] away,
            List<Worn.LevelReading> levels,
            List<Sight> sights,
            Optional<CupRoom> cup,
            Optional<Lacing> lacing) {
        static Shown of(Worn rough, Worn worn) {
            return new Shown(
                    rough,
                    worn,
                    Stand.bare(worn.form()),
                    worn.away(),
                    worn.levels(),
                    Sight.of(worn),
                    worn.cup(),
                    Optional.empty());
        }

        WornPicture.Seen seen() {
            return new WornPicture.Seen(stand, worn, away, false);
        }

        private Shown with(Optional<Lacing> next) {
            return new Shown(rough, worn, stand, away, levels, sights, cup, next);
        }
    }

    /**
     * @param later runs a deed on the window's thread
     * @param changed told there when something else is to be shown
     */
    FitModel(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.later = later;
        this.changed = changed;
        this.beside = new Beside(workshop, later, changed);
        this.doubting = new Doubting(later, changed);
    }

    /** What it is compared with on the same body. */
    Beside beside() {
        return beside;
    }

    /** What of it hangs on figures that nobody has taken. */
    Doubting doubting() {
        return doubting;
    }

    /** Finds that out. */
    void doubt() {
        doubting.ask(shown.orElseThrow().rough());
    }

    /** Begins to work out the half in view, unless it is known or being worked out. */
    void bringUpToDate() {
        Optional<Draft> half = workshop.half();
        if (half.equals(of)) {
            if (!working) {
                shown.ifPresent(beside::bringUpToDate);
            }
            return;
        }
        beside.forget();
        stop.set(true);
        forget();
        pull = OptionalDouble.empty();
        of = half;
        failure = Optional.empty();
        if (half.isEmpty()) {
            working = false;
            return;
        }
        AtomicBoolean mine = new AtomicBoolean();
        stop = mine;
        working = true;
        Optional<Shown> before = shown;
        start(
                "fit",
                () -> work(half.get(), before, mine),
                () -> later.accept(() -> {
                    if (!mine.get()) {
                        failure = Optional.of(
                                "This garment could not be put on the form. The log in the data folder says why; everything else goes on.");
                        working = false;
                        changed.run();
                    }
                }));
    }

    /** Goes on from what is shown where the pieces are the same ones, and was wholly at rest; else it begins roughly. */
    private void work(Draft draft, Optional<Shown> before, AtomicBoolean mine) {
        FormSurface surface = Worn.surface(draft);
        Optional<Worn> warmRough = before.filter(s -> s.worn() != s.rough())
                .flatMap(s -> s.rough().changed(draft, surface, mine::get))
                .filter(w -> w.rest().settled());
        Worn rough = warmRough.orElseGet(() -> Worn.cold(draft, surface, Worn.COARSE, mine::get));
        if (mine.get()) {
            return;
        }
        show(Shown.of(rough, rough), mine, false);
        Worn fine = warmRough
                .flatMap(w -> before.orElseThrow().worn().changed(draft, surface, mine::get))
                .filter(w -> w.rest().settled())
                .map(warm -> {
                    show(Shown.of(rough, warm), mine, false);
                    Worn cold = Worn.of(draft, surface, mine::get);
                    return agree(warm, cold) ? warm : cold;
                })
                .orElseGet(() -> rough.finer(Worn.FINE, mine::get));
        Shown whole = Shown.of(rough, fine);
        show(whole, mine, true);
        lace(whole, pull.isPresent() ? pull : fine.lacingPull(), mine);
    }

    /** There may be more than one way to come to rest: what is read is that of the way from cold. */
    private static boolean agree(Worn warm, Worn cold) {
        List<Worn.LevelReading> a = warm.levels();
        List<Worn.LevelReading> b = cold.levels();
        for (int i = 0; i < a.size(); i++) {
            if (Math.abs(a.get(i).worn() - b.get(i).worn()) > AGREES) {
                return false;
            }
        }
        return true;
    }

    private void lace(Shown whole, OptionalDouble with, AtomicBoolean mine) {
        if (with.isPresent() && !mine.get()) {
            show(whole.with(whole.worn().laced(with.getAsDouble(), mine::get)), mine, true);
        }
    }

    /** Laces it with another pull, N/m. */
    void lace(double next) {
        pull = OptionalDouble.of(Math.max(PULL_STEP, next));
        AtomicBoolean mine = stop;
        OptionalDouble with = pull;
        shown.ifPresent(whole -> start("fit lacing", () -> lace(whole, with, mine), () -> {}));
    }

    private void show(Shown next, AtomicBoolean mine, boolean last) {
        later.accept(() -> {
            if (!mine.get()) {
                shown = Optional.of(next);
                working = !last;
                changed.run();
            }
        });
    }

    /** Looks at a sight from its side, and tries what would cure it. */
    void choose(Sight sight) {
        stopCures.set(true);
        chosen = Optional.of(sight);
        cures = Optional.empty();
        AtomicBoolean mine = new AtomicBoolean();
        stopCures = mine;
        Worn rough = shown.orElseThrow().rough();
        turnTo(sight.azimuth());
        start("fit cures", () -> found(FitCure.of(rough, sight, mine::get), mine), () -> found(List.of(), mine));
    }

    private void found(List<FitCure> those, AtomicBoolean mine) {
        later.accept(() -> {
            if (!mine.get()) {
                cures = Optional.of(those);
                changed.run();
            }
        });
    }

    /** @param failed done when the work threw; the log then says why */
    static void start(String name, Runnable work, Runnable failed) {
        Thread thread = new Thread(
                () -> {
                    try {
                        work.run();
                    } catch (RuntimeException e) {
                        LOG.error("{} failed", name, e);
                        failed.run();
                    }
                },
                name);
        thread.setDaemon(true);
        thread.setPriority(Thread.MIN_PRIORITY);
        thread.start();
    }

    /** The sight that is looked at. */
    Optional<Sight> chosen() {
        return chosen;
    }

    /** What would cure it; empty while it is being tried. */
    Optional<List<FitCure>> cures() {
        return cures;
    }

    /** Takes a cure, as a change that can be undone. */
    void take(FitCure cure) {
        forget();
        workshop.once(cure.deed().in(workshop.unit()), workshop.commission().withGarment(cure.garment()));
    }

    /** A cure belongs to the state it was found for. */
    private void forget() {
        stopCures.set(true);
        chosen = Optional.empty();
        cures = Optional.empty();
        doubting.forget();
    }

    /** Nobody looks any more. */
    void giveUp() {
        stopCures.set(true);
        if (working) {
            stop.set(true);
            of = Optional.empty();
            working = false;
        }
    }

    /** What is shown; while another is worked out it is that of before. */
    Optional<Shown> shown() {
        return shown;
    }

    boolean isWorking() {
        return working;
    }

    /** Why there is nothing to show. */
    Optional<String> failure() {
        return failure;
    }

    /** How much the wearer's body gives way. */
    Softness softness() {
        return set().occasion().softness();
    }

    void softness(Softness next) {
        if (next != softness()) {
            workshop.once(
                    "Body " + next.label(),
                    workshop.commission()
                            .withMeasurements(set().on(set().occasion().giving(next))));
        }
    }

    Posture posture() {
        return set().occasion().posture();
    }

    void posture(Posture next) {
        if (next != posture()) {
            workshop.once(
                    "Posture " + next.label(),
                    workshop.commission()
                            .withMeasurements(set().on(set().occasion().standing(next))));
        }
    }

    ClothGive give() {
        return workshop.commission().garment().give();
    }

    void give(ClothGive next) {
        if (next != give()) {
            Garment garment = workshop.commission().garment();
            workshop.once(
                    "Cloth " + next.label().toLowerCase(Locale.ROOT),
                    workshop.commission()
                            .withGarment(garment.withFit(garment.fit().withGive(next))));
        }
    }

    private MeasurementSet set() {
        return workshop.commission().measurements();
    }

    Level level() {
        return shown.flatMap(s -> s.levels().stream()
                        .map(Worn.LevelReading::level)
                        .filter(l -> l == level)
                        .findFirst())
                .orElseGet(() -> shown.map(s -> s.levels().get(0).level()).orElse(level));
    }

    void look(Level next) {
        level = next;
        changed.run();
    }

    /** Gives ease at the level that is looked at, or takes it, as a change that can be undone. */
    void ease(double mm) {
        Level at = level();
        of.ifPresent(draft -> {
            double next = draft.girths().at(at).ease().value() + mm;
            workshop.once(
                    "Ease at the " + at.label().toLowerCase(Locale.ROOT),
                    workshop.commission()
                            .withGarment(workshop.commission().garment().withEase(at, Length.mm(next))));
        });
    }

    /** From where it is looked at, radians from the front. */
    double turn() {
        return turn;
    }

    void turnTo(double radians) {
        turn = ((radians % FULL) + FULL) % FULL;
        changed.run();
    }
}
