package bathyra.garment;

import bathyra.length.Length;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Room given, or cloth taken, at a height between the levels (C5.1): there the garment measures so much more or less than the straight
 * run between the girths of the two levels.
 *
 * @param above the waist, at centre front; negative below it
 * @param seam where it is given; empty: shared over the seams as they share the rest
 * @param ease on the whole girth, both halves alike; negative is tighter
 */
public record EaseHere(Length above, Optional<SeamPlace> seam, Length ease) {
    /** So near a level it is that level's ease that is meant, mm. */
    public static final double CLEAR = 20;
    /** No more is given or taken at once, mm. */
    public static final double MOST = 80;
    /** No garment reaches farther from the waist, mm. */
    public static final double FARTHEST = 350;
    /** So many a garment has. */
    public static final int COUNT_MOST = 6;

    /** The same with what is asked of one seam at one height together as one. */
    static List<EaseHere> together(List<EaseHere> lines) {
        Map<EaseHere, Double> sums = new LinkedHashMap<>();
        lines.forEach(l -> sums.merge(l.easedBy(Length.mm(0)), l.ease().millimetres(), Double::sum));
        return sums.entrySet().stream()
                .map(e -> e.getKey().easedBy(Length.mm(e.getValue())))
                .toList();
    }

    /** The name of its line in files. */
    public String id() {
        return Level.between(above);
    }

    /** The same with another ease. */
    public EaseHere easedBy(Length next) {
        return new EaseHere(above, seam, next);
    }

    /** The same at another height. */
    public EaseHere at(Length next) {
        return new EaseHere(next, seam, ease);
    }
}
