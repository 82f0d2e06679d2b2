package bathyra.measure;

import java.time.LocalDate;
import java.util.Optional;

/**
 * When and how a wearer was measured.
 *
 * @param day the day, if it was noted
 * @param by who held the tape, empty if not noted
 * @param over what the wearer had on, empty if not noted
 * @param breath how full the lungs were
 */
public record Occasion(Optional<LocalDate> day, String by, String over, Breath breath) {
    /** Nothing was noted; lungs at rest, as the tape is usually held. */
    public static final Occasion UNNOTED = new Occasion(Optional.empty(), "", "", Breath.REST);

    /** How full the lungs were. */
    public enum Breath {
        REST("rest", "breath at rest"),
        FULL("full", "lungs full");

        private final String id;
        private final String label;

        Breath(String id, String label) {
            this.id = id;
            this.label = label;
        }

        /** The word in files. */
        public String id() {
            return id;
        }

        public String label() {
            return label;
        }
    }

    public Occasion on(LocalDate next) {
        return new Occasion(Optional.of(next), by, over, breath);
    }

    public Occasion by(String next) {
        return new Occasion(day, next, over, breath);
    }

    public Occasion over(String next) {
        return new Occasion(day, by, next, breath);
    }

    public Occasion breathing(Breath next) {
        return new Occasion(day, by, over, next);
    }
}
