package bathyra.app.glossary;

import bathyra.garment.Commission;
import bathyra.length.Length;
import bathyra.length.LengthUnit;

/**
 * One figure tried a little larger or smaller, to show what it does.
 *
 * @param then the commission in hand with that figure moved, and nothing else
 * @param words by how much, for example {@code 1.0 cm more}
 */
public record Tried(Commission now, Commission then, String words) {
    private static final Length CENTIMETRE = Length.mm(10);
    private static final Length HALF_INCH = Length.mm(LengthUnit.IN.millimetres() / 2);

    /** So much a figure is tried larger or smaller where there is room: large enough to be seen in a small drawing. */
    public static Length step(LengthUnit unit) {
        return unit.isInches() ? HALF_INCH : CENTIMETRE;
    }
}
