package bathyra.plan;

/**
 * How far one step of the making has come.
 *
 * @param minutes taken so far
 * @param done whether it is finished
 * @param who did it; empty if not noted
 * @param note anything else
 */
public record Progress(double minutes, boolean done, String who, String note) {
    /** Nothing has been done. */
    public static final Progress NONE = new Progress(0, false, "", "");

    /** No step takes longer. */
    public static final double MOST = 6000;

    public Progress {
        if (!(minutes >= 0 && minutes <= MOST)) {
            throw new IllegalArgumentException("a step takes 0 to " + MOST + " minutes, was " + minutes);
        }
    }

    public Progress lasting(double next) {
        return new Progress(next, done, who, note);
    }

    /** So many minutes more, as far as a step can take. */
    public Progress after(double more) {
        return lasting(Math.max(0, Math.min(MOST, minutes + more)));
    }

    public Progress finished(boolean next) {
        return new Progress(minutes, next, who, note);
    }

    public Progress by(String next) {
        return new Progress(minutes, done, next, note);
    }

    public Progress noting(String next) {
        return new Progress(minutes, done, who, next);
    }
}
