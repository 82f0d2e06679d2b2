package bathyra.app.reckoning;

import java.util.OptionalDouble;

/** A number as one types it: with a point or a comma, and a minus of either kind. */
public final class TypedNumber {
    private TypedNumber() {}

    /** Empty for anything that is no plain number. */
    public static OptionalDouble read(String text) {
        String plain = text.strip().replace(',', '.').replace('−', '-');
        return plain.matches("-?\\d{1,9}(\\.\\d{0,6})?")
                ? OptionalDouble.of(Double.parseDouble(plain))
                : OptionalDouble.empty();
    }

    /** The same within bounds; empty for what lies beyond them. @param unit what may stand behind it, or before */
    public static OptionalDouble read(String text, String unit, double least, double most) {
        OptionalDouble number = read(unit.isEmpty() ? text : text.replace(unit, ""));
        return number.isPresent() && number.getAsDouble() >= least && number.getAsDouble() <= most
                ? number
                : OptionalDouble.empty();
    }
}
