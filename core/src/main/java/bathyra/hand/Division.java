package bathyra.hand;

import bathyra.length.LengthUnit;

/** How finely a tape is read when drawing by hand. */
public enum Division {
    MILLIMETRE("1 mm", 1, false),
    HALF_MILLIMETRE("½ mm", 0.5, false),
    EIGHTH("⅛ in", LengthUnit.IN.step(), true),
    SIXTEENTH("¹⁄₁₆ in", LengthUnit.IN_16.step(), true);

    private final String label;
    private final double step;
    private final boolean inches;

    Division(String label, double step, boolean inches) {
        this.label = label;
        this.step = step;
        this.inches = inches;
    }

    public String label() {
        return label;
    }

    /** mm. */
    public double step() {
        return step;
    }

    public boolean isInches() {
        return inches;
    }

    /** The usual one of a unit. */
    public static Division of(LengthUnit unit) {
        return switch (unit) {
            case IN -> EIGHTH;
            case IN_16 -> SIXTEENTH;
            default -> MILLIMETRE;
        };
    }

    /** A length as it is read, mm. */
    public double rounded(double mm) {
        return Math.round(mm / step) * step;
    }
}
