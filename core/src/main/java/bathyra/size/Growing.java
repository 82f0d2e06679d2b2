package bathyra.size;

import bathyra.draft.TodaysRules;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.RuleValues;
import bathyra.garment.Ruled;
import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.EnumSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Which of the cutter's own figures grow from size to size (C23). One that grows is the cutter's figure and what the rule gives more for the
 * size than for the body it was set on; one that does not is the same in every size. Seams stand by their share of the half and grow by
 * themselves; allowances, angles, busk and bones never do: these come in their steps.
 *
 * @param growing the kinds that grow
 */
public record Growing(Set<Kind> growing) {
    /** Kinds of figures that a cutter sets. */
    public enum Kind {
        EDGES("Edges and lengths"),
        EASES("Eases"),
        SOUNDINGS("Soundings");

        private final String label;

        Kind(String label) {
            this.label = label;
        }

        public String label() {
            return label;
        }
    }

    /** Edges and soundings by the body, eases the same in all sizes. */
    public static final Growing USUAL = new Growing(EnumSet.of(Kind.EDGES, Kind.SOUNDINGS));

    public Growing {
        growing = Set.copyOf(growing);
    }

    public boolean grows(Kind kind) {
        return growing.contains(kind);
    }

    public Growing with(Kind kind, boolean grows) {
        Set<Kind> next = EnumSet.noneOf(Kind.class);
        next.addAll(growing);
        if (grows) {
            next.add(kind);
        } else {
            next.remove(kind);
        }
        return new Growing(next);
    }

    /** What today's rules give where the cutter has set a figure; empty when they cannot be followed, or nothing is set. */
    static Optional<Ruled> ruled(Commission commission) {
        Garment bare = commission.garment();
        if (!hasOwn(bare)) {
            return Optional.empty();
        }
        for (LengthOption own : bare.lengths().keySet()) {
            bare = bare.withoutLength(own);
        }
        for (Level own : bare.ease().keySet()) {
            bare = bare.withoutEase(own);
        }
        for (Cell own : bare.intakes().keySet()) {
            bare = bare.withoutIntake(own);
        }
        return TodaysRules.of(commission.withGarment(bare));
    }

    /** The design on the figures of a size, its own figures grown. @param base what the rules give the body on which the design was made, by {@link #ruled} */
    Commission grown(Commission sized, Optional<Ruled> base) {
        Optional<Ruled> here = base.flatMap(b -> ruled(sized));
        if (here.isEmpty()) {
            return sized;
        }
        RuleValues more = here.get().given().minus(base.get().given());
        Garment garment = sized.garment();
        if (grows(Kind.EDGES)) {
            for (Map.Entry<LengthOption, Length> own : garment.lengths().entrySet()) {
                double mm = own.getValue().millimetres() + more.lengths().getOrDefault(own.getKey(), 0.0);
                Length within = Length.mm(Math.max(
                        own.getKey().least().millimetres(),
                        Math.min(own.getKey().most().millimetres(), mm)));
                garment = garment.withLength(own.getKey(), within);
            }
        }
        if (grows(Kind.EASES)) {
            for (Map.Entry<Level, Length> own : garment.ease().entrySet()) {
                garment = garment.withEase(
                        own.getKey(),
                        Length.mm(own.getValue().millimetres() + more.ease().getOrDefault(own.getKey(), 0.0)));
            }
        }
        if (grows(Kind.SOUNDINGS)) {
            for (var own : garment.intakes().entrySet()) {
                double mm = own.getValue().millimetres() + sounding(more, own.getKey());
                garment = garment.withIntake(own.getKey(), Length.mm(Math.max(0, mm)));
            }
        }
        return sized.withGarment(garment);
    }

    /** What of a difference falls on a sounding; at the side both blocks' parts. */
    private static double sounding(RuleValues more, Cell cell) {
        return cell.seam().part() == SeamPlace.Part.SIDE
                ? more.sideFront().getOrDefault(cell.level(), 0.0)
                        + more.sideBack().getOrDefault(cell.level(), 0.0)
                : more.soundings().getOrDefault(cell, 0.0);
    }

    private static boolean hasOwn(Garment garment) {
        return !garment.lengths().isEmpty()
                || !garment.ease().isEmpty()
                || !garment.intakes().isEmpty();
    }
}
