package bathyra.app.fit;

import bathyra.app.form.Stand;
import bathyra.app.form.WornPicture;
import bathyra.app.work.Latest;
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
import java.util.function.Consumer;

/** What the Fit stage shows: the garment on the form, worked out beside the window, with the last picture kept until the new one is there. */
public final class FitModel {
    private static final double FULL = 2 * Math.PI;
    /** Two ways that read the same, mm. */
    private static final double AGREES = 0.5;
    /** By so much a cord is pulled more or less, N/m. */
    static final double PULL_STEP = 50;

    private final Workshop workshop;
    private final Latest work;
    private final Latest trials;
    private final Runnable changed;
    private Optional<Draft> of = Optional.empty();
    private Optional<Shown> shown = Optional.empty();
    private Optional<String> failure = Optional.empty();
    /** The cord's pull, where it was chosen, N/m. */
    private OptionalDouble pull = OptionalDouble.empty();

    private Level level = Level.WAIST;
    private double turn;
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
     * @param across the other half of an uneven body, once it is laced with this one
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
            Optional<Worn> across,
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
                    Optional.empty(),
                    Optional.empty());
        }

        WornPicture.Seen seen() {
            return WornPicture.Seen.of(stand, worn, away, false);
        }

        private Shown with(Optional<Worn> other, Optional<Lacing> next) {
            return new Shown(rough, worn, stand, away, levels, sights, cup, other, next);
        }
    }

    /**
     * @param later runs a deed on the window's thread
     * @param changed told there when something else is to be shown
     */
    FitModel(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.work = new Latest(later);
        this.trials = new Latest(later);
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
        work.stop();
        forget();
        pull = OptionalDouble.empty();
        of = half;
        failure = Optional.empty();
        if (half.isEmpty()) {
            working = false;
            return;
        }
        working = true;
        Optional<Shown> before = shown;
        Optional<Draft> across = across(half.get());
        work.begin("fit", run -> wear(half.get(), across, before, run), this::failed);
    }

    /** The other half of an uneven body. */
    private Optional<Draft> across(Draft half) {
        Optional<Draft> right = workshop.draft().flatMap(Draft::rightHalf);
        return right.equals(Optional.of(half)) ? workshop.draft() : right;
    }

    private void failed() {
        failure = Optional.of(
                "This garment could not be put on the form. The log in the data folder says why; everything else goes on.");
        working = false;
        changed.run();
    }

    /** Goes on from what is shown where the pieces are the same ones, and was wholly at rest; else it begins roughly. */
    private void wear(Draft draft, Optional<Draft> across, Optional<Shown> before, Latest.Run run) {
        FormSurface surface = Worn.surface(draft);
        Optional<Worn> warmRough = before.filter(s -> s.worn() != s.rough())
                .flatMap(s -> s.rough().changed(draft, surface, run::isOver))
                .filter(w -> w.rest().settled());
        Worn rough = warmRough.orElseGet(() -> Worn.cold(draft, surface, Worn.COARSE, run::isOver));
        if (run.isOver()) {
            return;
        }
        show(Shown.of(rough, rough), run, false);
        Worn fine = warmRough
                .flatMap(w -> before.orElseThrow().worn().changed(draft, surface, run::isOver))
                .filter(w -> w.rest().settled())
                .map(warm -> {
                    show(Shown.of(rough, warm), run, false);
                    Worn cold = Worn.of(draft, surface, run::isOver);
                    return agree(warm, cold) ? warm : cold;
                })
                .orElseGet(() -> rough.finer(Worn.FINE, run::isOver));
        Shown whole = Shown.of(rough, fine);
        show(whole, run, true);
        OptionalDouble with = pull.isPresent() ? pull : fine.lacingPull();
        lace(whole, across, with, run);
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

    /** An uneven body is laced over both its halves: only then can the gap run askew. */
    private void lace(Shown whole, Optional<Draft> across, OptionalDouble with, Latest.Run run) {
        if (with.isEmpty() || run.isOver()) {
            return;
        }
        Optional<Lacing> own = whole.worn().laced(with.getAsDouble(), run::isOver);
        show(whole.with(whole.across(), own), run, true);
        Optional<Worn> other = whole.across().or(() -> across.map(d -> Worn.of(d, Worn.surface(d), run::isOver)));
        Optional<Lacing> theirs = other.flatMap(w -> w.laced(with.getAsDouble(), run::isOver));
        if (theirs.isPresent() && !run.isOver()) {
            show(whole.with(other, own.map(l -> l.with(theirs.get()))), run, true);
        }
    }

    /** Laces it with another pull, N/m. */
    void lace(double next) {
        pull = OptionalDouble.of(Math.max(PULL_STEP, next));
        OptionalDouble with = pull;
        Optional<Draft> across = of.flatMap(this::across);
        shown.ifPresent(whole -> work.goOn("fit lacing", run -> lace(whole, across, with, run)));
    }

    private void show(Shown next, Latest.Run run, boolean last) {
        run.show(() -> {
            shown = Optional.of(next);
            working = !last;
            changed.run();
        });
    }

    /** Looks at a sight from its side, and tries what would cure it. */
    void choose(Sight sight) {
        trials.stop();
        chosen = Optional.of(sight);
        cures = Optional.empty();
        Worn rough = shown.orElseThrow().rough();
        turnTo(sight.azimuth());
        trials.begin(
                "fit cures",
                run -> {
                    List<FitCure> those = FitCure.of(rough, sight, run::isOver);
                    run.show(() -> found(those));
                },
                () -> found(List.of()));
    }

    private void found(List<FitCure> those) {
        cures = Optional.of(those);
        changed.run();
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
        trials.stop();
        chosen = Optional.empty();
        cures = Optional.empty();
        doubting.forget();
    }

    /** Nobody looks any more. */
    void giveUp() {
        trials.stop();
        if (working) {
            work.stop();
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
