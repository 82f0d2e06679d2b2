package bathyra.garment;

import bathyra.length.Length;
import bathyra.place.Level;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How the girth is shared out and closed: the closure, its gap, and how much of each level lies in front.
 *
 * @param gap the lacing gap set by hand; the closure's own otherwise
 * @param frontShares shares set by hand; the others come from the table
 */
public record Fastening(Closure closure, Optional<Length> gap, Map<Level, Double> frontShares) {
    /** The widest gap that is of any use. */
    public static final Length GAP_MOST = Length.mm(150);

    public static final double SHARE_LEAST = 0.35;
    public static final double SHARE_MOST = 0.65;
    /** A zip, shares by the table. */
    public static final Fastening ZIP = new Fastening(Closure.BACK_ZIP, Optional.empty(), Map.of());

    public Fastening {
        frontShares = Map.copyOf(frontShares);
    }

    /** Another closure starts with its own gap. */
    public Fastening with(Closure next) {
        return new Fastening(next, Optional.empty(), frontShares);
    }

    public Fastening withGap(Optional<Length> next) {
        return new Fastening(closure, next, frontShares);
    }

    /** @param share of the worn girth that lies in front; empty for the table's */
    public Fastening withShare(Level level, Optional<Double> share) {
        Map<Level, Double> next = new HashMap<>(frontShares);
        share.ifPresentOrElse(s -> next.put(level, s), () -> next.remove(level));
        return new Fastening(closure, gap, next);
    }
}
