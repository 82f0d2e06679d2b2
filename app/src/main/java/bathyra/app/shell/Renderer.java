package bathyra.app.shell;

/** How the toolkit paints without a graphics card, where the edges of shapes are most of its work. */
public final class Renderer {
    /** An edge is looked at so many times in each row of pixels, as a power of two; along the row it is looked at 256 times. */
    static final String LOOKS = "prism.marlin.subPixel_log2_Y";
    /** The toolkit's eight take twice as long; at three times their size the two look alike. */
    private static final String FOUR = "2";

    private Renderer() {}

    /** Said before the toolkit starts. What the one who starts the program has said himself stands. */
    public static void choose() {
        if (System.getProperty(LOOKS) == null) {
            System.setProperty(LOOKS, FOUR);
        }
    }
}
