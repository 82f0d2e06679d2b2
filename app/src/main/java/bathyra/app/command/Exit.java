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
    /** The program itself failed on an input; the log says how. */
    public static final int PROGRAM = 5;

    /** The highest port of a machine. */
    static final int PORT_MOST = 65_535;

    private Exit() {}

    static boolean isPort(int port) {
        return port >= 0 && port <= PORT_MOST;
    }
}
