package bathyra.paper;

import bathyra.geometry.Path;

/** Walk: two edges that are sewn together are laid along each other from their upper ends. */
public final class Walk {
    private Walk() {}

    /** By how much the first is longer, mm. */
    public static double difference(Path first, Path second) {
        return first.length() - second.length();
    }

    /** The place on the second edge that meets a place on the first. @param arc mm from the start of the first; the second runs the other way, as outlines do */
    public static double partner(Path second, double arc) {
        return second.length() - arc;
    }
}
