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
 * @param posture how the wearer stands
 * @param softness how much the body gives way
 */
public record Occasion(
        Optional<LocalDate> day, String by, String over, Breath breath, Posture posture, Softness softness) {
    /** Nothing was noted; lungs at rest, as the tape is usually held. */
    public static final Occasion UNNOTED =
            new Occasion(Optional.empty(), "", "", Breath.REST, Posture.USUAL, Softness.BETWEEN);

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
        return new Occasion(Optional.of(next), by, over, breath, posture, softness);
    }

    public Occasion by(String next) {
        return new Occasion(day, next, over, breath, posture, softness);
    }

    public Occasion over(String next) {
        return new Occasion(day, by, next, breath, posture, softness);
    }

    public Occasion breathing(Breath next) {
        return new Occasion(day, by, over, next, posture, softness);
    }

    public Occasion standing(Posture next) {
        return new Occasion(day, by, over, breath, next, softness);
    }

    public Occasion giving(Softness next) {
        return new Occasion(day, by, over, breath, posture, next);
    }
}
