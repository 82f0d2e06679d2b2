package bathyra.garment;

import bathyra.length.Length;
import java.util.List;

/**
 * The cloth of a layer and how the pieces are laid on it.
 *
 * @param folded whether it lies double
 * @param gap how far pieces stay apart
 * @param hand where the cutter has put the pieces; empty while they are laid automatically
 */
public record ClothUse(Cloth cloth, boolean folded, Length gap, List<HandLaid> hand) {
    /** Room for the shears. */
    public static final Length GAP = Length.mm(5);

    public static final Length GAP_MOST = Length.mm(40);
    /** How far a piece may lean from the thread, degrees (C14). */
    public static final double TILT_MOST = 2;

    /**
     * Where the cutter has put a piece.
     *
     * @param copy which of its copies, from 0
     * @param x its left side, mm from the selvedge or the fold
     * @param y its upper end, mm along the cloth
     * @param tilt by how much it leans, degrees
     */
    public record HandLaid(String piece, int copy, double x, double y, boolean turned, double tilt) {}

    public ClothUse {
        hand = List.copyOf(hand);
    }

    public static ClothUse of(Cloth cloth) {
        return new ClothUse(cloth, false, GAP, List.of());
    }

    public ClothUse withCloth(Cloth next) {
        return new ClothUse(next, folded, gap, List.of());
    }

    public ClothUse withFolded(boolean next) {
        return new ClothUse(cloth, next, gap, List.of());
    }

    public ClothUse withGap(Length next) {
        return new ClothUse(cloth, folded, next, List.of());
    }

    public ClothUse withHand(List<HandLaid> next) {
        return new ClothUse(cloth, folded, gap, next);
    }
}
