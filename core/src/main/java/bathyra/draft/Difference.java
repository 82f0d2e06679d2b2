package bathyra.draft;

import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * One figure that two drafts have differently.
 *
 * @param kind what it is
 * @param name the measurement, level, seam or panel
 * @param former what it was; empty when the former draft has none
 * @param now what it is; empty when this one has none
 */
public record Difference(Kind kind, String name, Optional<Length> former, Optional<Length> now) {
    /** Smaller differences cannot be seen in the figures of a screen, and not be sewn. */
    private static final double SEEN = 0.5;

    /** What differs, in the order of the work. */
    public enum Kind {
        MEASUREMENT("Measurements"),
        GIRTH("Girths"),
        INTAKE("Taken out"),
        WIDTH("Panels");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** By how much it has grown, mm; where one draft has none, its whole size. */
    public double by() {
        return now.map(Length::millimetres).orElse(0.0)
                - former.map(Length::millimetres).orElse(0.0);
    }

    /** Every figure that differs, by kind, the largest difference first. */
    public static List<Difference> between(Draft former, Draft now) {
        List<Difference> all = new ArrayList<>();
        for (MeasurementKey key : MeasurementKey.values()) {
            add(
                    all,
                    Kind.MEASUREMENT,
                    key.label(),
                    former.commission().measurements().find(key).map(Reckoned::length),
                    now.commission().measurements().find(key).map(Reckoned::length));
        }
        for (Level level : Level.values()) {
            add(all, Kind.GIRTH, level.label(), girth(former, level), girth(now, level));
            for (SeamPlace seam : now.intakes().seams()) {
                add(
                        all,
                        Kind.INTAKE,
                        seam.label() + ", " + level.label().toLowerCase(Locale.ROOT),
                        intake(former, level, seam),
                        intake(now, level, seam));
            }
            for (Piece piece : now.pattern().pieces()) {
                add(
                        all,
                        Kind.WIDTH,
                        piece.name() + ", " + level.label().toLowerCase(Locale.ROOT),
                        width(former, piece.id(), level),
                        width(now, piece.id(), level));
            }
        }
        all.sort(Comparator.comparing(Difference::kind)
                .thenComparing(Comparator.comparingDouble((Difference d) -> Math.abs(d.by()))
                        .reversed()));
        return all;
    }

    private static void add(
            List<Difference> all, Kind kind, String name, Optional<Length> former, Optional<Length> now) {
        Difference difference = new Difference(kind, name, former, now);
        if (former.isPresent() != now.isPresent() || Math.abs(difference.by()) > SEEN) {
            all.add(difference);
        }
    }

    private static Optional<Length> girth(Draft draft, Level level) {
        return draft.girths().levels().stream()
                .filter(l -> l.level() == level)
                .findFirst()
                .map(LevelPlan::pattern)
                .map(Reckoned::length);
    }

    private static Optional<Length> intake(Draft draft, Level level, SeamPlace seam) {
        return draft.intakes().has(level, seam)
                ? Optional.of(draft.intakes().at(level, seam).length())
                : Optional.empty();
    }

    private static Optional<Length> width(Draft draft, String piece, Level level) {
        return draft.pattern().pieces().stream()
                .filter(p -> p.id().equals(piece))
                .findFirst()
                .flatMap(p -> p.mark(level.id()))
                .map(LevelMark::length)
                .map(Length::mm);
    }
}
