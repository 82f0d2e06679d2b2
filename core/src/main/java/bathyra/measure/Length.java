package bathyra.measure;

/**
 * A length at the edge of the program (entry, option, file, screen), held in millimetres.
 *
 * @param millimetres the length in mm, finite; may be negative where it stands for an ease or a difference
 */
public record Length(double millimetres) implements Comparable<Length> {
    private static final double MM_PER_INCH = 25.4;

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

    @Override
    public int compareTo(Length other) {
        return Double.compare(millimetres, other.millimetres);
    }
}
