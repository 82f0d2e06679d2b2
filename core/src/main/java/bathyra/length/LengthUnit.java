package bathyra.length;

import java.util.Locale;
import java.util.Optional;

/** The units in which a length is said and read. */
public enum LengthUnit {
    MM("mm", 1),
    CM("cm", 10),
    IN("in", 25.4);

    private final String symbol;
    private final double millimetres;

    LengthUnit(String symbol, double millimetres) {
        this.symbol = symbol;
        this.millimetres = millimetres;
    }

    /** The symbol as written behind a figure and in files. */
    public String symbol() {
        return symbol;
    }

    /** One of this unit, in mm. */
    public double millimetres() {
        return millimetres;
    }

    /** How finely a length is set by hand in this unit, mm: a millimetre, or an eighth of an inch. */
    public double step() {
        return this == IN ? millimetres / 8 : MM.millimetres;
    }

    /** The unit beside which a figure in this one is also shown. */
    public LengthUnit other() {
        return this == IN ? CM : IN;
    }

    /** The unit that a person means by a symbol or word, if it is one. */
    public static Optional<LengthUnit> named(String text) {
        return switch (text.strip().toLowerCase(Locale.ROOT)) {
            case "mm" -> Optional.of(MM);
            case "cm" -> Optional.of(CM);
            case "in", "inch", "inches", "\"", "″" -> Optional.of(IN);
            default -> Optional.empty();
        };
    }
}
