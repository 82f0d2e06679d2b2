package bathyra.reckon;

import java.util.List;

/** A number that is not computed: from the tape, chosen, or a constant of a rule. */
public final class Given implements Reckoned {
    private final double value;
    private final Quantity quantity;
    private final String name;
    private final String source;
    private final Rule rule;

    private Given(double value, Quantity quantity, String name, String source, Rule rule) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("a given number must be finite, was " + value + " for " + name);
        }
        this.value = value;
        this.quantity = quantity;
        this.name = name;
        this.source = source;
        this.rule = rule;
    }

    /** A length off the tape. */
    public static Given tape(String name, double millimetres) {
        return new Given(millimetres, Quantity.LENGTH, name, "tape", Rule.of("C2", "measured"));
    }

    /** A value that the cutter chose, or the default that stands until one does. */
    public static Given option(String name, double value, Quantity quantity, String source, Rule rule) {
        return new Given(value, quantity, name, source, rule);
    }

    /** A constant written out in a formula. */
    public static Given constant(double value, Quantity quantity) {
        return new Given(value, quantity, "", "", Rule.ARITHMETIC);
    }

    @Override
    public double value() {
        return value;
    }

    @Override
    public Quantity quantity() {
        return quantity;
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public Rule rule() {
        return rule;
    }

    @Override
    public List<Reckoned> inputs() {
        return List.of();
    }

    @Override
    public boolean estimated() {
        return false;
    }

    @Override
    public String source() {
        return source;
    }
}
