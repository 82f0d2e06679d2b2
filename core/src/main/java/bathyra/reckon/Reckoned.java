package bathyra.reckon;

import bathyra.length.Length;
import java.util.List;

/**
 * A number that knows where it comes from. Arithmetic on reckoned numbers makes reckoned numbers, so the formula that
 * is shown is the one that was evaluated.
 *
 * <p>An unnamed number is written out inside the formula of the one that uses it; a named one stands there by its name.
 * Compare by identity: the graph is shared.
 */
public sealed interface Reckoned permits Given, Derived, Overridden {
    /** The value: mm for lengths, a plain number for ratios, radians for angles. */
    double value();

    Quantity quantity();

    /** The name, empty for a step inside a formula. */
    String name();

    Rule rule();

    /** The numbers that go into it, in the order of the formula. */
    List<Reckoned> inputs();

    /** Whether it rests on an estimated measurement anywhere below. */
    boolean estimated();

    /** Where a figure comes from, in a few words: "tape", "estimate", the rule's title, "set by hand". */
    String source();

    default Length length() {
        return Length.mm(value());
    }

    default boolean isNamed() {
        return !name().isEmpty();
    }

    default Reckoned plus(Reckoned other) {
        return Derived.of(Operation.SUM, this, other);
    }

    default Reckoned minus(Reckoned other) {
        return Derived.of(Operation.DIFFERENCE, this, other);
    }

    default Reckoned times(Reckoned other) {
        return Derived.of(Operation.PRODUCT, this, other);
    }

    default Reckoned over(Reckoned other) {
        return Derived.of(Operation.QUOTIENT, this, other);
    }

    default Reckoned plus(double millimetres) {
        return plus(Given.constant(millimetres, Quantity.LENGTH));
    }

    default Reckoned minus(double millimetres) {
        return minus(Given.constant(millimetres, Quantity.LENGTH));
    }

    default Reckoned times(double ratio) {
        return times(Given.constant(ratio, Quantity.RATIO));
    }

    default Reckoned over(double ratio) {
        return over(Given.constant(ratio, Quantity.RATIO));
    }

    default Reckoned atMost(Reckoned other) {
        return Derived.of(Operation.SMALLER, this, other);
    }

    default Reckoned atLeast(Reckoned other) {
        return Derived.of(Operation.LARGER, this, other);
    }

    default Reckoned atMost(double millimetres) {
        return atMost(Given.constant(millimetres, Quantity.LENGTH));
    }

    default Reckoned atLeast(double millimetres) {
        return atLeast(Given.constant(millimetres, Quantity.LENGTH));
    }

    /** The upright side of a right-angled triangle: this is its long side, the other its foot. */
    default Reckoned upright(Reckoned foot) {
        return Derived.of(Operation.LEG, this, foot);
    }

    /** The long side of a right-angled triangle over this and another side. */
    default Reckoned hypotenuse(Reckoned other) {
        return Derived.of(Operation.HYPOTENUSE, this, other);
    }

    /** Down to a multiple of a step, mm. */
    default Reckoned roundedDown(double step) {
        return Derived.of(Operation.ROUNDED_DOWN, this, Given.constant(step, Quantity.LENGTH));
    }

    /** Up to a multiple of a step, mm. */
    default Reckoned roundedUp(double step) {
        return Derived.of(Operation.ROUNDED_UP, this, Given.constant(step, Quantity.LENGTH));
    }

    /** Money to its hundredths, as it is paid. */
    default Reckoned toHundredths() {
        return Derived.of(Operation.ROUNDED, this, Given.constant(0.01, Quantity.MONEY));
    }

    /** This number under a name and a rule: from here on formulas call it by the name. */
    default Reckoned named(String name, Rule rule) {
        return Derived.named(this, name, rule);
    }
}
