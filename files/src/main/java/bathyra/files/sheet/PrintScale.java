package bathyra.files.sheet;

import java.util.Locale;

/**
 * Makes good for a printer that prints too large or too small.
 *
 * @param across by how much everything is drawn wider
 * @param down by how much everything is drawn higher
 */
public record PrintScale(double across, double down) {
    /** A printer that is right. */
    public static final PrintScale TRUE = new PrintScale(1, 1);
    /** What the square should measure, mm. */
    public static final double SQUARE = 50;
    /** Beyond five per cent it is a setting of the printer's, not its error. */
    public static final double LEAST = SQUARE * 0.95;

    public static final double MOST = SQUARE * 1.05;

    /**
     * The correction for a printer whose square measured so much.
     *
     * @throws IllegalArgumentException with what is wrong and what is accepted
     */
    public static PrintScale ofMeasured(double across, double down) {
        for (double measured : new double[] {across, down}) {
            if (!(measured >= LEAST && measured <= MOST)) {
                throw new IllegalArgumentException(String.format(
                        Locale.ROOT,
                        "is %.1f mm for the 50 mm square, which is more than 5 %% off: set the printer to 100 %% or \"actual size\" and measure again; from %.1f to %.1f mm",
                        measured,
                        LEAST,
                        MOST));
            }
        }
        return new PrintScale(SQUARE / across, SQUARE / down);
    }
}
