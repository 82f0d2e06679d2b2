package bathyra.garment;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.Optional;

/**
 * What a wearer answered before being laced (C17.1). It belongs to the wearer, not to a design: it stands apart in the book, goes into no
 * output, and is erased with the wearer.
 *
 * @param pregnant or within six months of a birth
 * @param surgery within six months
 * @param condition an illness of heart, lungs, stomach, back or pelvic floor
 * @param doctorAgrees whether a doctor agrees to the lacing; asked where there was surgery or is an illness
 * @param day when it was answered
 */
public record HealthRecord(
        Age age, boolean pregnant, boolean surgery, boolean condition, Optional<Boolean> doctorAgrees, LocalDate day) {
    /** The groups of age that matter. */
    public enum Age implements Choice {
        UNDER_16("under-16", "Under 16"),
        YOUTH("16-17", "16 or 17"),
        ADULT("adult", "18 or older");

        private final String id;
        private final String label;

        Age(String id, String label) {
            this.id = id;
            this.label = label;
        }

        @Override
        public String id() {
            return id;
        }

        @Override
        public String label() {
            return label;
        }

        public static Optional<Age> ofId(String id) {
            return Arrays.stream(values()).filter(a -> a.id.equals(id)).findFirst();
        }
    }

    /** Whether the wearer is not to be laced at all: under 18, or pregnant. */
    public boolean forbidsLacing() {
        return age != Age.ADULT || pregnant;
    }

    /** Whether a doctor's word is to be asked for and is not there. */
    public boolean lacksDoctor() {
        return (surgery || condition) && doctorAgrees.filter(agrees -> agrees).isEmpty();
    }
}
