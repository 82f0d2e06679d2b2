package bathyra.garment;

import java.util.Optional;

/**
 * How the cutter has placed the axis of a seam (C6, C7.4).
 *
 * @param at where it stands at the waist as a share of its block's paper, from the edge nearer centre front (0) to the edge nearer
 *     centre back (1); empty where the placing has it
 * @param lean degrees by which its upper end leans away from centre front
 * @param bow mm by which its ends stand farther from centre front than a straight axis would
 */
public record SeamAxis(Optional<Double> at, double lean, double bow) {
    /** An axis as the placing has it: upright and straight. */
    public static final SeamAxis PLACED = new SeamAxis(Optional.empty(), 0, 0);
    /** A seam leans no more than this either way, degrees. */
    public static final double LEAN_MOST = 15;
    /** A seam bows no more than this either way, mm. */
    public static final double BOW_MOST = 30;

    public SeamAxis at(double share) {
        return new SeamAxis(Optional.of(share), lean, bow);
    }

    public SeamAxis leaning(double degrees) {
        return new SeamAxis(at, Math.min(LEAN_MOST, Math.max(-LEAN_MOST, degrees)), bow);
    }

    public SeamAxis bowed(double millimetres) {
        return new SeamAxis(at, lean, Math.min(BOW_MOST, Math.max(-BOW_MOST, millimetres)));
    }

    public boolean isPlaced() {
        return equals(PLACED);
    }
}
