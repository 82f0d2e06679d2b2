package bathyra.reckon;

import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.function.Function;

/** Writes how a reckoned number came about: in words, in figures, and as the list of named figures in it. */
public final class Formula {
    private static final int ALONE = 0;

    private Formula() {}

    /** The formula with the names of its figures: {@code (Bust − Underbust) ÷ 2}. Empty for a given number. */
    public static String inWords(Reckoned number, LengthUnit unit) {
        return body(number, r -> r.isNamed() ? lowerFirst(r.name()) : figure(r, unit));
    }

    /** The formula with its figures: {@code (91.0 − 78.5) ÷ 2 = 6.3 cm}. */
    public static String inFigures(Reckoned number, LengthUnit unit) {
        String body = body(number, r -> figure(r, unit));
        String result = figureWithUnit(number, unit);
        return body.isEmpty() ? result : body + " = " + result;
    }

    /** Where a number is first computed: below hand-set values and values taken over under another name. */
    public static Reckoned origin(Reckoned number) {
        if (number instanceof Overridden own) {
            return origin(own.computed());
        }
        if (number instanceof Derived derived
                && derived.operation() == Operation.CHOSEN
                && derived.inputs().get(0) instanceof Derived inner) {
            return origin(inner);
        }
        return number;
    }

    /** The named figures in the formula, each once, in the order in which they appear. */
    public static List<Reckoned> figures(Reckoned number) {
        Set<Reckoned> found = new LinkedHashSet<>();
        collect(number, found);
        return new ArrayList<>(found);
    }

    /** The bare figure of a number: lengths in the unit, ratios plain, angles in degrees. */
    public static String figure(Reckoned number, LengthUnit unit) {
        return switch (number.quantity()) {
            case LENGTH -> LengthText.figure(number.length(), unit);
            case RATIO -> plain(number.value());
            case MINUTES -> plain(Math.round(number.value() * 10) / 10.0);
            case ANGLE -> plain(Math.toDegrees(number.value())) + "°";
            case MONEY -> String.format(Locale.ROOT, "%.2f", number.value()).replace('-', '−');
        };
    }

    public static String figureWithUnit(Reckoned number, LengthUnit unit) {
        return switch (number.quantity()) {
            case LENGTH -> LengthText.say(number.length(), unit);
            case MINUTES -> figure(number, unit) + " min";
            case RATIO, ANGLE, MONEY -> figure(number, unit);
        };
    }

    private static String body(Reckoned number, Function<Reckoned, String> leaf) {
        if (number instanceof Derived derived) {
            return write(derived, leaf, ALONE);
        }
        if (number instanceof Overridden overridden) {
            return body(overridden.computed(), leaf);
        }
        return "";
    }

    private static String write(Derived number, Function<Reckoned, String> leaf, int around) {
        Operation operation = number.operation();
        List<String> operands = new ArrayList<>();
        for (int i = 0; i < number.inputs().size(); i++) {
            Reckoned input = number.inputs().get(i);
            // The second operand of a difference or quotient needs brackets even round an equal binding.
            int binding = operation.binding() > 2
                    ? ALONE
                    : operation.binding() + (i > 0 && operation != Operation.SUM ? 1 : 0);
            operands.add(
                    input instanceof Derived step && !step.isNamed() ? write(step, leaf, binding) : leaf.apply(input));
        }
        String text = operation.write(operands);
        return operation.binding() < around ? "(" + text + ")" : text;
    }

    private static void collect(Reckoned number, Set<Reckoned> found) {
        for (Reckoned input : number.inputs()) {
            if (number instanceof Overridden) {
                collect(input, found);
            } else if (input.isNamed()) {
                found.add(input);
            } else {
                collect(input, found);
            }
        }
    }

    private static String plain(double value) {
        String text =
                String.format(Locale.ROOT, "%.3f", value).replaceAll("0+$", "").replaceAll("\\.$", "");
        return text.replace('-', '−');
    }

    private static String lowerFirst(String name) {
        return name.substring(0, 1).toLowerCase(Locale.ROOT) + name.substring(1);
    }
}
