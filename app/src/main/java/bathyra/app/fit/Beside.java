package bathyra.app.fit;

import bathyra.app.work.Latest;
import bathyra.app.workshop.Comparison;
import bathyra.app.workshop.Workshop;
import bathyra.fit.FormSurface;
import bathyra.fit.Sight;
import bathyra.fit.Worn;
import bathyra.garment.Garment;
import bathyra.garment.UnderbustSchool;
import bathyra.garment.Weighting;
import bathyra.place.Level;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/** What the commission is compared with, put on the same body beside the window. */
final class Beside {
    private final Workshop workshop;
    private final Latest work;
    private final Runnable changed;
    private Optional<Comparison.Compared> comparing = Optional.empty();
    private Optional<Other> other = Optional.empty();

    /** @param later runs a deed on the window's thread @param changed told there when it is known */
    Beside(Workshop workshop, Consumer<Runnable> later, Runnable changed) {
        this.workshop = workshop;
        this.work = new Latest(later);
        this.changed = changed;
    }

    /**
     * Another state on the same body.
     *
     * @param of what it is called, and its draft
     */
    record Other(Comparison.Compared of, Worn worn, List<Worn.LevelReading> levels, List<Sight> sights) {
        private static Other of(Comparison.Compared of, Worn worn) {
            return new Other(of, worn, worn.levels(), Sight.of(worn));
        }

        /** Its reading of a level, where it has it. */
        Optional<Worn.LevelReading> at(Level level) {
            return levels.stream().filter(r -> r.level() == level).findFirst();
        }
    }

    /** Another body, or another garment: what was worked out no longer stands beside it. */
    void forget() {
        work.stop();
        other = Optional.empty();
        comparing = Optional.empty();
    }

    /** Puts what the commission is compared with on the same body. */
    void bringUpToDate(FitModel.Shown shown) {
        Optional<Comparison.Compared> wanted = workshop.comparison().compared();
        if (wanted.equals(comparing)) {
            return;
        }
        work.stop();
        comparing = wanted;
        other = Optional.empty();
        FormSurface body = shown.worn().surface();
        wanted.ifPresent(compared -> work.begin(
                "fit compared",
                run -> {
                    Other next = Other.of(compared, Worn.of(compared.draft(), body, run::isOver));
                    run.show(() -> {
                        other = Optional.of(next);
                        changed.run();
                    });
                },
                () -> {}));
    }

    /** What it is compared with, once that is on the body too. */
    Optional<Other> other() {
        return other;
    }

    /** The garment with another school under the bust, or another spread over the seams, by the name of each. */
    Map<String, Garment> ways() {
        Garment garment = workshop.commission().garment();
        Map<String, Garment> ways = new LinkedHashMap<>();
        if (garment.kind().isPanelled()) {
            for (Weighting each : Weighting.values()) {
                if (each != garment.seaming().sharing().preset()) {
                    ways.put(
                            each.label(),
                            garment.withSharing(garment.seaming().sharing().with(each)));
                }
            }
        } else {
            for (UnderbustSchool each : UnderbustSchool.values()) {
                if (each != garment.school()) {
                    ways.put(each.label(), garment.withSchool(each));
                }
            }
        }
        return ways;
    }

    /** Compares with the same garment made otherwise. */
    void with(String name, Garment garment) {
        workshop.comparison().with(name, workshop.commission().withGarment(garment));
    }

    void end() {
        workshop.comparison().with(Optional.empty());
    }
}
