package bathyra.length;

/**
 * A length at the edge of the program (entry, option, file, screen), held in millimetres.
 *
 * @param millimetres the length in mm, finite; may be negative where it stands for an ease or a difference
 */
public record Length(double millimetres) implements Comparable<Length> {
    private static final double MM_PER_INCH = 25.4;
    /** What is lost where a figure is reckoned from one system into the other and back, mm. */
    private static final double HAIR = 1e-6;

    public Length {
        if (!Double.isFinite(millimetres)) {
            throw new IllegalArgumentException("a length must be finite, was " + millimetres + " mm");
        }
    }

    public static Length mm(double value) {
        return new Length(value);
    }

    public static Length cm(double value) {
        return new Length(value * 10);
    }

    public static Length inches(double value) {
        return new Length(value * MM_PER_INCH);
    }

    public double centimetres() {
        return millimetres / 10;
    }

    public double inches() {
        return millimetres / MM_PER_INCH;
    }

    /**
     * Whether it lies in a range. Each limit is taught in two systems and said as the nearest eighth or sixteenth of an inch: that very figure counts too.
     *
     * @param least in millimetres as it is written in the rules
     */
    public boolean isWithin(Length least, Length most) {
        return millimetres >= least.millimetres && millimetres <= most.millimetres || isAsSaid(least) || isAsSaid(most);
    }

    private boolean isAsSaid(Length limit) {
        return Math.abs(millimetres - limit.to(LengthUnit.IN)) < HAIR
                || Math.abs(millimetres - limit.to(LengthUnit.IN_16)) < HAIR;
    }

    /** The nearest part of an inch. */
    private double to(LengthUnit inches) {
        return Math.round(millimetres / inches.step()) * inches.step();
    }

    @Override
    public int compareTo(Length other) {
        return Double.compare(millimetres, other.millimetres);
    }
}
