package bathyra.finding;

import bathyra.geometry.Point;
import bathyra.length.Sentence;
import java.util.Optional;

/**
 * What a check found: what, where, how much, and what to do.
 *
 * @param kind what was looked at
 * @param subject the seam, piece, level or measurement it is about, by its id in files
 * @param value what was measured on the finished geometry, in the kind's unit
 * @param limit what is allowed, in the kind's unit
 * @param sentence the finding in words
 * @param place where to look, if it has a place
 */
public record Finding(
        FindingKind kind,
        String subject,
        Status status,
        double value,
        double limit,
        Sentence sentence,
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

    /** A finding without a place. */
    public static Finding of(
            FindingKind kind, String subject, Status status, double value, double limit, Sentence sentence) {
        return new Finding(kind, subject, status, value, limit, sentence, Optional.empty());
    }

    public Finding at(String piece, Point point) {
        return new Finding(kind, subject, status, value, limit, sentence, Optional.of(new Place(piece, point)));
    }

    public Finding nowhere() {
        return new Finding(kind, subject, status, value, limit, sentence, Optional.empty());
    }

    /** The kind's name in files. */
    public String id() {
        return kind.id();
    }
}
