package bathyra.plan;

/**
 * A step of the cutter's own.
 *
 * @param id its word, unlike that of any other step: {@value #PREFIX} and a number
 * @param minutes how long it takes, by the cutter
 * @param by the day by which it is to be done
 */
public record OwnStep(String id, String label, double minutes, DateKind by) {
    /** With this begins the word of each. */
    public static final String PREFIX = "own-";

    public OwnStep {
        if (!id.startsWith(PREFIX)) {
            throw new IllegalArgumentException("the word of an own step begins with " + PREFIX + ", was " + id);
        }
        if (!(minutes >= 0 && minutes <= Progress.MOST)) {
            throw new IllegalArgumentException("a step takes 0 to " + Progress.MOST + " minutes, was " + minutes);
        }
    }
}
