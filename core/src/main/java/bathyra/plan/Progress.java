package bathyra.plan;

import java.util.HashSet;
import java.util.Set;

/**
 * How far one step of the making has come.
 *
 * @param minutes taken so far
 * @param done whether it is finished
 * @param who did it, or is to do it; empty for the maker of the garment
 * @param note anything else
 * @param parts what of it is done, by the words of its parts: the seams that are sewn
 */
public record Progress(double minutes, boolean done, String who, String note, Set<String> parts) {
    /** Nothing has been done. */
    public static final Progress NONE = new Progress(0, false, "", "", Set.of());

    /** No step takes longer. */
    public static final double MOST = 6000;

    public Progress {
        if (!(minutes >= 0 && minutes <= MOST)) {
            throw new IllegalArgumentException("a step takes 0 to " + MOST + " minutes, was " + minutes);
        }
        parts = Set.copyOf(parts);
    }

    public Progress lasting(double next) {
        return new Progress(next, done, who, note, parts);
    }

    /** So many minutes more, as far as a step can take. */
    public Progress after(double more) {
        return lasting(Math.max(0, Math.min(MOST, minutes + more)));
    }

    public Progress finished(boolean next) {
        return new Progress(minutes, next, who, note, parts);
    }

    public Progress by(String next) {
        return new Progress(minutes, done, next, note, parts);
    }

    public Progress noting(String next) {
        return new Progress(minutes, done, who, next, parts);
    }

    /** Ticks a part of it, or takes its tick away. */
    public Progress ticking(String part) {
        Set<String> next = new HashSet<>(parts);
        if (!next.remove(part)) {
            next.add(part);
        }
        return new Progress(minutes, done, who, note, next);
    }
}
