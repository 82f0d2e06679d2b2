package bathyra.lay;

import java.util.List;

/**
 * Pieces on a cloth.
 *
 * @param width what can be laid on across, mm; half the cloth where it is folded
 * @param folded whether the cloth lies double
 */
public record Lay(List<Placed> placed, double width, boolean folded) {
    /** Cloth is bought to the next tenth of a metre (C14). */
    private static final double BOUGHT = 100;

    public Lay {
        placed = List.copyOf(placed);
    }

    /** How much of the cloth's length is used, mm. */
    public double length() {
        return placed.stream().mapToDouble(Placed::end).max().orElse(0);
    }

    /** How much is bought, mm. */
    public double bought() {
        return Math.ceil(length() / BOUGHT - 1e-9) * BOUGHT;
    }

    /** The area of the pieces over that of the length they use. */
    public double utilisation() {
        double area = placed.stream().mapToDouble(p -> p.piece().area()).sum();
        return length() == 0 ? 0 : area / (length() * width);
    }

    /** The least length that any lay could have: area over width, or the longest piece, mm. */
    public double least() {
        double area = placed.stream().mapToDouble(p -> p.piece().area()).sum();
        return Math.max(
                area / width,
                placed.stream().mapToDouble(p -> p.piece().height()).max().orElse(0));
    }
}
