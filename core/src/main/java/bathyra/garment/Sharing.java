package bathyra.garment;

import bathyra.length.Length;
import bathyra.place.Cell;
import bathyra.place.SeamPlace;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/**
 * How the surplus is shared out over the seams of a corset (C6).
 *
 * @param preset the weights to start from
 * @param weights weights drawn by hand, by the seam's id; they stand in place of the preset's
 * @param apexShare what the seam through the apex takes of the front in the bust zone, from 0 to 1; empty for what the bust asks (C6.1)
 * @param caps what a seam takes at a level at the most; at the side it counts for each block
 */
public record Sharing(
        Weighting preset, Map<String, Double> weights, Optional<Double> apexShare, Map<Cell, Length> caps) {
    /** At the upper edge, until the cutter sets a share. */
    public static final double APEX_SHARE = 0.6;

    public static final double WEIGHT_MOST = 5;
    /** By the table, no weights by hand, at the apex what the bust asks. */
    public static final Sharing BY_RULE = new Sharing(Weighting.SIDE, Map.of(), Optional.empty(), Map.of());

    public Sharing {
        weights = Map.copyOf(weights);
        caps = Map.copyOf(caps);
    }

    /**
     * The weight of a seam: drawn by hand, or the preset's. Centre back has none.
     *
     * @param t its place round the half body, 0 to 1 (C6)
     * @param shapedBack whether the back edge is shaped
     */
    public double weight(SeamPlace seam, double t, Panels panels, boolean shapedBack) {
        if (seam.part() == SeamPlace.Part.CENTRE_BACK) {
            return 0;
        }
        Double own = weights.get(seam.id());
        return own != null ? own : preset.at(SharesTable.of(seam, panels, shapedBack), t);
    }

    /** Another preset; what was drawn by hand goes. */
    public Sharing with(Weighting next) {
        return new Sharing(next, Map.of(), apexShare, caps);
    }

    /** @param weight empty for the preset's */
    public Sharing withWeight(SeamPlace seam, Optional<Double> weight) {
        Map<String, Double> next = new HashMap<>(weights);
        weight.ifPresentOrElse(
                w -> next.put(seam.id(), Math.min(WEIGHT_MOST, Math.max(0, w))), () -> next.remove(seam.id()));
        return new Sharing(preset, next, apexShare, caps);
    }

    public Sharing withApexShare(double share) {
        return new Sharing(preset, weights, Optional.of(Math.min(1, Math.max(0, share))), caps);
    }

    /** @param cap empty for none */
    public Sharing withCap(Cell cell, Optional<Length> cap) {
        Map<Cell, Length> next = new HashMap<>(caps);
        cap.ifPresentOrElse(c -> next.put(cell, c), () -> next.remove(cell));
        return new Sharing(preset, weights, apexShare, next);
    }
}
