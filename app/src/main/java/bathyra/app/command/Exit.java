package bathyra.app.command;

/** Exit codes (F1). */
public final class Exit {
    public static final int DONE = 0;
    /** The input is wrong. */
    public static final int INPUT = 2;
    /** The input is fine, but this pattern cannot exist. */
    public static final int NO_PATTERN = 3;
    /** The result could not be written. */
    public static final int NOT_WRITTEN = 4;

    private Exit() {}
}
