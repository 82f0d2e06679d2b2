package bathyra.fitting;

import bathyra.length.Length;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * In what state a garment was tried on (C15.1). Texts are empty where nothing was noted.
 *
 * @param by who held the fitting
 * @param version which draft was cut
 * @param cloth what it was cut in
 * @param allowances how wide they were
 * @param bones which bones were in
 * @param over what was worn under it
 * @param shoes with what heel
 * @param lacedBy who laced it
 * @param gap to which gap
 * @param minutes how long it was worn before it was read
 * @param pinsToSeam whether a pinch was written as the distance of the pin from the seam, which is half of what it takes
 */
public record Setting(
        String by,
        String version,
        String cloth,
        String allowances,
        String bones,
        String over,
        String shoes,
        String lacedBy,
        Optional<Length> gap,
        OptionalInt minutes,
        boolean pinsToSeam) {
    public static final Setting UNNOTED =
            new Setting("", "", "", "", "", "", "", "", Optional.empty(), OptionalInt.empty(), false);

    /** The texts of a setting, each under its name. */
    public enum Field {
        BY("by", "By"),
        VERSION("version", "Draft cut"),
        CLOTH("cloth", "Cloth"),
        ALLOWANCES("allowances", "Allowances"),
        BONES("bones", "Bones in"),
        OVER("over", "Worn over"),
        SHOES("shoes", "Shoes"),
        LACED_BY("lacedBy", "Laced by");

        private final String id;
        private final String label;

        Field(String id, String label) {
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

    public String text(Field field) {
        return switch (field) {
            case BY -> by;
            case VERSION -> version;
            case CLOTH -> cloth;
            case ALLOWANCES -> allowances;
            case BONES -> bones;
            case OVER -> over;
            case SHOES -> shoes;
            case LACED_BY -> lacedBy;
        };
    }

    public Setting with(Field field, String text) {
        return new Setting(
                field == Field.BY ? text : by,
                field == Field.VERSION ? text : version,
                field == Field.CLOTH ? text : cloth,
                field == Field.ALLOWANCES ? text : allowances,
                field == Field.BONES ? text : bones,
                field == Field.OVER ? text : over,
                field == Field.SHOES ? text : shoes,
                field == Field.LACED_BY ? text : lacedBy,
                gap,
                minutes,
                pinsToSeam);
    }

    public Setting lacedTo(Optional<Length> next) {
        return new Setting(by, version, cloth, allowances, bones, over, shoes, lacedBy, next, minutes, pinsToSeam);
    }

    public Setting worn(OptionalInt next) {
        return new Setting(by, version, cloth, allowances, bones, over, shoes, lacedBy, gap, next, pinsToSeam);
    }

    public Setting pinned(boolean toSeam) {
        return new Setting(by, version, cloth, allowances, bones, over, shoes, lacedBy, gap, minutes, toSeam);
    }
}
