package bathyra.length;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/** Reads a length the way a cutter says it and writes it the way a cutter reads it. */
public final class LengthText {
    private static final String FRACTIONS = "½¼¾⅛⅜⅝⅞";
    private static final double[] FRACTION_VALUES = {0.5, 0.25, 0.75, 0.125, 0.375, 0.625, 0.875};
    private static final String[] EIGHTHS = {"", "⅛", "¼", "⅜", "½", "⅝", "¾", "⅞"};
    private static final String SUPERIOR = "⁰¹²³⁴⁵⁶⁷⁸⁹";
    private static final String INFERIOR = "₀₁₂₃₄₅₆₇₈₉";
    private static final Pattern BUILT = Pattern.compile("([" + SUPERIOR + "]+)⁄([" + INFERIOR + "]+)");
    private static final int SIXTEENTHS = 16;
    /** A hundred metres: longer is a slip of the hand. */
    private static final double LONGEST = 100_000;

    private static final Pattern SAID = Pattern.compile(
            "([+\\-−]?)\\s*(?:(\\d+)\\s+(\\d+)\\s*/\\s*(\\d+)|(\\d+)\\s*/\\s*(\\d+)|(\\d*)\\s*([" + FRACTIONS + "])"
                    + "|(\\d+(?:[.,]\\d*)?|[.,]\\d+))\\s*(mm|cm|inches|inch|in|\"|″)?",
            Pattern.CASE_INSENSITIVE);

    private LengthText() {}

    /** What came of reading a text. */
    public sealed interface Reading permits Read, Unread {}

    /** The text was a length. */
    public record Read(Length length) implements Reading {}

    /** The text was no length: where reading stopped (0 = before the first character), and why, in a sentence. */
    public record Unread(int position, String reason) implements Reading {}

    /**
     * Reads {@code 92.5}, {@code 92,5}, {@code 36 1/2}, {@code 36½}, {@code 36.5in}, {@code 3/4 "}.
     *
     * @param text what was typed
     * @param bare the unit meant where the text names none
     */
    public static Reading read(String text, LengthUnit bare) {
        // What was copied off a screen holds spaces that do not break.
        String said = plain(text.replace('\u00a0', ' ').replace('\u202f', ' ')).strip();
        if (said.isEmpty()) {
            return new Unread(0, "Nothing is written here. " + accepted());
        }
        Matcher matcher = SAID.matcher(said);
        if (!matcher.lookingAt()) {
            return new Unread(0, notUnderstood(said));
        }
        if (matcher.end() != said.length()) {
            return new Unread(matcher.end(), notUnderstood(said));
        }
        double magnitude = magnitude(matcher);
        if (!Double.isFinite(magnitude)) {
            return new Unread(0, notUnderstood(said));
        }
        LengthUnit unit = matcher.group(10) == null
                ? bare
                : LengthUnit.named(matcher.group(10)).orElse(bare);
        if (magnitude * unit.millimetres() > LONGEST) {
            return new Unread(0, said + " is longer than anything that is cut. " + accepted());
        }
        double sign = matcher.group(1).isEmpty() || matcher.group(1).equals("+") ? 1 : -1;
        return new Read(new Length(sign * magnitude * unit.millimetres()));
    }

    /** A fraction built from superior and inferior figures, as {@link #sixteenths} writes it, in plain ones. */
    private static String plain(String text) {
        Matcher built = BUILT.matcher(text);
        return built.find()
                ? built.replaceFirst(" " + lowered(built.group(1), SUPERIOR) + "/" + lowered(built.group(2), INFERIOR))
                : text;
    }

    private static String lowered(String figures, String from) {
        return figures.chars().mapToObj(c -> Integer.toString(from.indexOf(c))).collect(Collectors.joining());
    }

    private static double magnitude(Matcher m) {
        if (m.group(2) != null) {
            return Double.parseDouble(m.group(2)) + Double.parseDouble(m.group(3)) / Double.parseDouble(m.group(4));
        }
        if (m.group(5) != null) {
            return Double.parseDouble(m.group(5)) / Double.parseDouble(m.group(6));
        }
        if (m.group(8) != null) {
            double whole = m.group(7).isEmpty() ? 0 : Double.parseDouble(m.group(7));
            return whole + FRACTION_VALUES[FRACTIONS.indexOf(m.group(8))];
        }
        return Double.parseDouble(m.group(9).replace(',', '.'));
    }

    private static String notUnderstood(String said) {
        return "Not understood: " + said + ". " + accepted();
    }

    private static String accepted() {
        return "Type 78.5, 30 7/8 or 30⅞ in.";
    }

    /** The figure with its unit: {@code 78.5 cm}, {@code 30⅞ in}, {@code 785.0 mm}. */
    public static String say(Length length, LengthUnit unit) {
        return figure(length, unit) + "\u00a0" + unit.symbol();
    }

    /** The bare figure: one decimal in mm and cm, the nearest eighth or sixteenth in inches. */
    public static String figure(Length length, LengthUnit unit) {
        double value = length.millimetres() / unit.millimetres();
        return switch (unit) {
            case IN -> eighths(value);
            case IN_16 -> sixteenths(value);
            default -> decimal(value, 1);
        };
    }

    /** A finer figure for small faults: two decimals in cm and mm, sixteenths in inches. */
    public static String fineFigure(Length length, LengthUnit unit) {
        double value = length.millimetres() / unit.millimetres();
        return unit.isInches() ? sixteenths(value) : decimal(value, 2);
    }

    private static String decimal(double value, int places) {
        // Hundreds of figures are written at a time: a format string read anew for each of them would be felt.
        BigDecimal rounded = BigDecimal.valueOf(value).setScale(places, RoundingMode.HALF_UP);
        String text = rounded.abs().toPlainString();
        return rounded.signum() < 0 ? '−' + text : text;
    }

    private static String eighths(double inches) {
        long eighths = Math.round(Math.abs(inches) * 8);
        String fraction = EIGHTHS[(int) (eighths % 8)];
        long whole = eighths / 8;
        String sign = inches < 0 && eighths > 0 ? "−" : "";
        return sign + (whole == 0 && !fraction.isEmpty() ? fraction : whole + fraction);
    }

    /** The nearest sixteenth of an inch, built from superior and inferior figures where it is no eighth. */
    public static String sixteenths(double inches) {
        long parts = Math.round(Math.abs(inches) * SIXTEENTHS);
        if (parts % 2 == 0) {
            return eighths(inches);
        }
        StringBuilder text = new StringBuilder(inches < 0 ? "−" : "");
        long whole = parts / SIXTEENTHS;
        if (whole > 0) {
            text.append(whole);
        }
        for (char digit : Long.toString(parts % SIXTEENTHS).toCharArray()) {
            text.append(SUPERIOR.charAt(digit - '0'));
        }
        return text.append("⁄₁₆").toString();
    }
}
