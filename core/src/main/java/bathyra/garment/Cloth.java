package bathyra.garment;

/**
 * A cloth on the bolt.
 *
 * @param width from selvedge to selvedge, mm
 * @param selvedge what is lost on either side, mm
 * @param oneWay whether it has a nap or a print with a way up, so that no piece may be turned end for end
 * @param along by what share it shrinks along the thread before it is cut
 * @param across the same across
 * @param price of a metre
 */
public record Cloth(
        String name, double width, double selvedge, boolean oneWay, double along, double across, double price) {
    public static final double WIDTH_LEAST = 300;
    public static final double WIDTH_MOST = 3200;
    /** Cloth that shrinks by more is washed and measured again. */
    public static final double SHRINK_MOST = 0.2;

    public Cloth {
        if (!(width >= WIDTH_LEAST && width <= WIDTH_MOST)
                || !(selvedge >= 0 && selvedge < width / 4)
                || !(along >= 0 && along <= SHRINK_MOST)
                || !(across >= 0 && across <= SHRINK_MOST)
                || !(price >= 0 && price < 1e7)) {
            throw new IllegalArgumentException("no cloth is " + width + " mm wide with selvedges of " + selvedge
                    + ", shrinks by " + along + " and " + across + " and costs " + price);
        }
    }

    /** What can be laid on across, mm. */
    public double usable() {
        return width - 2 * selvedge;
    }
}
