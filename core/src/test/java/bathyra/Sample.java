package bathyra;

/** How many cases of a property a test run looks at: a tenth of the full number, which {@code bench/run properties} runs. The seeds stay, so that the tenth is the beginning of the whole. */
public final class Sample {
    private static final boolean FULL = Boolean.getBoolean("bathyra.full");
    private static final int SHARE = 10;

    private Sample() {}

    /** @param full how many the property is meant for */
    public static int of(int full) {
        return of(full, SHARE);
    }

    /** @param share of what costs much: one of so many */
    public static int of(int full, int share) {
        return FULL ? full : full / share;
    }
}
