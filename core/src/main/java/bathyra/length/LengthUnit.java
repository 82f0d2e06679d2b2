package bathyra.length;

import java.util.Locale;
import java.util.Optional;

/** The units in which a length is said and read. */
public enum LengthUnit {
    MM("mm", 1, 1),
    CM("cm", 10, 10),
    /** Inches in eighths. */
    IN("in", 25.4, 8),
    /** Inches in sixteenths. */
    IN_16("in", 25.4, 16);

    private final String symbol;
    private final double millimetres;
    private final int division;

    LengthUnit(String symbol, double millimetres, int division) {
        this.symbol = symbol;
        this.millimetres = millimetres;
        this.division = division;
    }

    /** The symbol as written behind a figure and in files. */
    public String symbol() {
        return symbol;
    }

    /** One of this unit, in mm. */
    public double millimetres() {
        return millimetres;
    }

    /** How finely a length is set by hand in this unit, mm: a millimetre, or an eighth or sixteenth of an inch. */
    public double step() {
        return millimetres / division;
    }

    /** Into how many parts one of this unit is divided. */
    public int division() {
        return division;
    }

    public boolean isInches() {
        return this == IN || this == IN_16;
    }

    /** The unit as one chooses it: {@code cm}, {@code in ⅛}, {@code in ¹⁄₁₆}. */
    public String label() {
        return switch (this) {
            case IN -> symbol + " ⅛";
            case IN_16 -> symbol + " ¹⁄₁₆";
            default -> symbol;
        };
    }

    /** Inches divided so; eighths for any division that is none. */
    public static LengthUnit inches(int division) {
        return division == IN_16.division ? IN_16 : IN;
    }

    /** The unit beside which a figure in this one is also shown. */
    public LengthUnit other() {
        return isInches() ? CM : IN;
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
