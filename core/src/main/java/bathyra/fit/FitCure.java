package bathyra.fit;

import bathyra.draft.Draft;
import bathyra.draft.Drafter;
import bathyra.garment.Bust;
import bathyra.garment.Garment;
import bathyra.garment.UnderbustSchool;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.place.ContourWedge;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.BooleanSupplier;

/**
 * A change of the garment that was drafted, put on the form and found to help against what is seen there (C22).
 *
 * @param deed what is changed, in words
 * @param garment with the change
 * @param before the amount of what is seen, as the rough reckoning has it: mm, of pressure kPa
 * @param after the same with the change
 */
public record FitCure(Sentence deed, Garment garment, double before, double after) {
    private static final int MOST = 3;
    /** What takes away less of it is no cure. */
    private static final double HELPS = 0.85;
    /** What makes another place so much worse is none either, mm. */
    private static final double ELSEWHERE = 3;

    private static final double AROUND = 0.35;
    private static final double ABOUT = 45;

    private record Tried(Sentence deed, Garment garment) {}

    /**
     * The changes that help most against a sight, the best first. Each is tried on the rough mesh.
     *
     * @param now the garment as it is, at rest on the rough mesh
     * @param stop asked before each trial; what was found so far is then given
     */
    public static List<FitCure> of(Worn now, Sight sight, BooleanSupplier stop) {
        Draft draft = now.draft();
        double before = amount(now, sight);
        double worst = elsewhere(now, sight);
        List<FitCure> cures = new ArrayList<>();
        for (Tried tried : candidates(draft, sight)) {
            if (stop.getAsBoolean()) {
                break;
            }
            if (Drafter.draft(draft.commission().withGarment(tried.garment())) instanceof Draft changed) {
                Worn then = Worn.cold(changed, now.surface(), Worn.COARSE, stop);
                double after = amount(then, sight);
                if (after < HELPS * before && elsewhere(then, sight) < worst + ELSEWHERE) {
                    cures.add(new FitCure(tried.deed(), tried.garment(), before, after));
                }
            }
        }
        cures.sort(Comparator.comparingDouble(FitCure::after));
        return List.copyOf(cures.subList(0, Math.min(MOST, cures.size())));
    }

    /** How much of a sight there is on another shape, round the same place. */
    private static double amount(Worn worn, Sight sight) {
        if (isFold(sight)) {
            return Fold.of(worn).stream()
                    .filter(f -> (f.way() == Fold.Way.UPRIGHT) == (sight.kind() == Sight.Kind.FOLD_UPRIGHT)
                            && isThere(f.azimuth(), f.height(), sight))
                    .mapToDouble(Fold::surplus)
                    .max()
                    .orElse(0);
        }
        double most = 0;
        double[] read = sight.kind() == Sight.Kind.PRESSES ? worn.pressures() : worn.away();
        double sign = sight.kind() == Sight.Kind.EDGE_BITES ? -1 : 1;
        for (int v = 0; v < read.length; v++) {
            if (isThere(worn, v, sight)) {
                most = Math.max(most, sign * read[v]);
            }
        }
        return most;
    }

    private static boolean isThere(Worn worn, int v, Sight sight) {
        double[] x = worn.rest().shape();
        double z = x[3 * v + 2];
        double azimuth =
                Math.abs(Math.atan2(x[3 * v], x[3 * v + 1] - worn.form().axis(z)));
        return isThere(azimuth, z, sight);
    }

    private static boolean isThere(double azimuth, double z, Sight sight) {
        return Math.abs(azimuth - sight.azimuth()) < AROUND && Math.abs(z - sight.height()) < ABOUT;
    }

    private static boolean isFold(Sight sight) {
        return sight.kind() == Sight.Kind.FOLD_UPRIGHT || sight.kind() == Sight.Kind.FOLD_ACROSS;
    }

    private static boolean isBone(Sight sight) {
        return sight.kind() == Sight.Kind.BONE_BENT
                || sight.kind() == Sight.Kind.BONE_END
                || sight.kind() == Sight.Kind.BONE_ON_HIP;
    }

    /** The worst of all other sights that are lengths. */
    private static double elsewhere(Worn worn, Sight sight) {
        return Sight.of(worn).stream()
                .filter(s -> !s.kind().isPressure()
                        && (Math.abs(s.azimuth() - sight.azimuth()) > AROUND
                                || Math.abs(s.height() - sight.height()) > ABOUT))
                .mapToDouble(Sight::amount)
                .max()
                .orElse(0);
    }

    private static List<Tried> candidates(Draft draft, Sight sight) {
        List<Tried> tried = new ArrayList<>();
        if (isBone(sight)) {
            // What helps a bone is said with it; no girth does.
            return tried;
        }
        Garment garment = draft.commission().garment();
        Level level = nearest(draft, sight);
        boolean looser = sight.kind() == Sight.Kind.EDGE_BITES || sight.kind() == Sight.Kind.PRESSES;
        for (double by : new double[] {5, 10, 20}) {
            tried.add(eased(draft, level, looser ? by : -by));
        }
        if (!looser && garment.kind().isOverBust() && sight.height() > 0) {
            for (UnderbustSchool school : UnderbustSchool.values()) {
                if (!garment.kind().isPanelled() && school != garment.school()) {
                    tried.add(new Tried(
                            Sentence.of("Under-bust intake by " + school.label().toLowerCase(Locale.ROOT)),
                            garment.withSchool(school)));
                }
            }
            for (ContourWedge wedge : List.of(
                    ContourWedge.SIDE, ContourWedge.STRAPLESS_TOP, ContourWedge.NECKLINE, ContourWedge.UNDER_BUST)) {
                Bust bust = garment.bust();
                if (!bust.wedges().containsKey(wedge)) {
                    tried.add(new Tried(
                            Sentence.of(
                                    "Contour wedge: " + wedge.label().toLowerCase(Locale.ROOT) + ", {}",
                                    wedge.standard()),
                            garment.withBust(bust.withWedge(wedge, wedge.standard()))));
                }
            }
        }
        return tried;
    }

    private static Tried eased(Draft draft, Level level, double by) {
        double ease = draft.girths().at(level).ease().value() + by;
        return new Tried(
                Sentence.of(
                        "{} " + (by > 0 ? "more" : "less") + " at the "
                                + level.label().toLowerCase(Locale.ROOT),
                        Length.mm(Math.abs(by))),
                draft.commission().garment().withEase(level, Length.mm(ease)));
    }

    private static Level nearest(Draft draft, Sight sight) {
        double waist = draft.block().front(Level.WAIST);
        return draft.girths().levels().stream()
                .map(LevelPlan::level)
                .min(Comparator.comparingDouble(
                        l -> Math.abs(waist - draft.block().front(l) - sight.height())))
                .orElseThrow();
    }
}
