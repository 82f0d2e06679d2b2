package bathyra.finding;

import bathyra.geometry.Point;
import bathyra.length.Sentence;
import java.util.Optional;

/**
 * What a check found: what, where, how much, and what to do.
 *
 * @param id the check, for example {@code seam-length}
 * @param subject the seam, piece, level or measurement it is about, by its id in files
 * @param value what was measured on the finished geometry, in {@code unit}
 * @param limit what is allowed, in {@code unit}
 * @param unit {@code mm}, {@code deg} or {@code count}
 * @param sentence the finding in words
 * @param place where to look, if it has a place
 */
public record Finding(String id, String subject, Status status, double value, double limit, String unit, Sentence sentence,
        Optional<Place> place) {
    /** A place on a piece. */
    public record Place(String piece, Point at) {}

    /** How grave a finding is. */
    public enum Status {
        OK("ok"),
        NOTE("note"),
        FAULT("fault");

        private final String id;

        Status(String id) {
            this.id = id;
        }

        public String id() {
            return id;
        }
    }

    public static Finding mm(String id, String subject, Status status, double value, double limit, Sentence sentence) {
        return new Finding(id, subject, status, value, limit, "mm", sentence, Optional.empty());
    }

    public static Finding degrees(String id, String subject, Status status, double value, double limit, Sentence sentence) {
        return new Finding(id, subject, status, value, limit, "deg", sentence, Optional.empty());
    }

    public Finding at(String piece, Point point) {
        return new Finding(id, subject, status, value, limit, unit, sentence, Optional.of(new Place(piece, point)));
    }
}
