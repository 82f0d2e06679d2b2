package bathyra.reckon;

import java.util.List;

/** A value set by hand. The computed one stays beside it, so that one can go back to the rule. */
public final class Overridden implements Reckoned {
    private final double value;
    private final Reckoned computed;
    private final String reason;

    /**
     * @param value the value in use, in the quantity of the computed one
     * @param computed what the rule gives
     * @param reason who changed it, in a few words: "set by hand", "gives way to the side"
     */
    public Overridden(double value, Reckoned computed, String reason) {
        if (!Double.isFinite(value)) {
            throw new IllegalArgumentException("a value set by hand must be finite, was " + value);
        }
        this.value = value;
        this.computed = computed;
        this.reason = reason;
    }

    /** What the rule gives. */
    public Reckoned computed() {
        return computed;
    }

    @Override
    public double value() {
        return value;
    }

    @Override
    public Quantity quantity() {
        return computed.quantity();
    }

    @Override
    public String name() {
        return computed.name();
    }

    @Override
    public Rule rule() {
        return computed.rule();
    }

    @Override
    public List<Reckoned> inputs() {
        return List.of(computed);
    }

    @Override
    public boolean estimated() {
        return false;
    }

    @Override
    public String source() {
        return reason;
    }
}
