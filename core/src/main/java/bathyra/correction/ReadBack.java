package bathyra.correction;

import bathyra.fitting.Adjustment;
import bathyra.fitting.Change;
import bathyra.fitting.Found;
import bathyra.garment.Commission;
import bathyra.garment.GarmentKind;
import bathyra.length.Length;
import bathyra.length.Sentence;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/**
 * What fittings have said of one level again and again (C15): in how many garments it was corrected the same way, and by how much as a rule.
 *
 * @param times in so many it was corrected in this direction
 * @param of so many that had a fitting
 * @param by the middle one of those corrections; more is wider, on the whole girth
 */
public record ReadBack(Level level, int times, int of, Length by) {
    /** Less is no correction, mm. */
    private static final double SEEN = 3;
    /** Once is chance. */
    private static final int LEAST = 2;
    /** Of the garments that were fitted at least so many. */
    private static final double SHARE = 0.5;

    /**
     * @param commissions of one wearer, or of the house
     * @param kind of which only garments of one kind are read: a corset is worn otherwise than a bustier
     */
    public static List<ReadBack> of(List<Commission> commissions, GarmentKind kind) {
        List<Commission> fitted = commissions.stream()
                .filter(c -> c.garment().kind() == kind && !c.fittings().isEmpty())
                .toList();
        List<ReadBack> said = new ArrayList<>();
        for (Level level : Level.values()) {
            List<Double> wider = corrections(fitted, level, 1);
            List<Double> closer = corrections(fitted, level, -1);
            List<Double> most = wider.size() >= closer.size() ? wider : closer;
            if (most.size() >= LEAST && most.size() >= SHARE * fitted.size()) {
                said.add(new ReadBack(level, most.size(), fitted.size(), Length.mm(middle(most))));
            }
        }
        return said;
    }

    private static List<Double> corrections(List<Commission> fitted, Level level, int sign) {
        return fitted.stream()
                .map(c -> correction(c, level))
                .filter(mm -> mm * sign >= SEEN)
                .sorted()
                .toList();
    }

    /** By how much a level was made wider for what was seen there; room for cloth and bones was not seen. */
    private static double correction(Commission commission, Level level) {
        List<Adjustment> seen = commission.adjustments().stream()
                .filter(a -> !(a.change() instanceof Change.Cloth))
                .toList();
        return Found.of(seen, MeasurementSet.Part.WHOLE).worn(level);
    }

    private static double middle(List<Double> sorted) {
        return (sorted.get((sorted.size() - 1) / 2) + sorted.get(sorted.size() / 2)) / 2;
    }

    /** It in words. @param whose for example "this wearer's"; empty for the house */
    public Sentence sentence(Optional<String> whose) {
        return Sentence.of(
                level.label() + ": {} " + (by.millimetres() < 0 ? "closer" : "wider") + " was wanted in " + times
                        + " of "
                        + of + whose.map(w -> " of " + w).orElse(" of the house's")
                        + " garments of this kind that were fitted.",
                Length.mm(Math.abs(by.millimetres())));
    }

    /** The name of its level in running text. */
    public String low() {
        return level.label().toLowerCase(Locale.ROOT);
    }
}
