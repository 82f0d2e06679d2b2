package bathyra.reckon;

import java.util.List;

/** A number computed from others by one arithmetic step. */
public final class Derived implements Reckoned {
    private final Operation operation;
    private final List<Reckoned> inputs;
    private final double value;
    private final Quantity quantity;
    private final String name;
    private final Rule rule;
    private final boolean estimate;
    private final boolean estimated;

    private Derived(Operation operation, List<Reckoned> inputs, String name, Rule rule, boolean estimate) {
        this.operation = operation;
        this.inputs = List.copyOf(inputs);
        this.name = name;
        this.rule = rule;
        this.estimate = estimate;
        double[] operands = new double[inputs.size()];
        boolean rests = estimate;
        for (int i = 0; i < operands.length; i++) {
            operands[i] = inputs.get(i).value();
            rests |= inputs.get(i).estimated();
        }
        this.value = operation.apply(operands);
        this.estimated = rests;
        this.quantity = quantityOf(operation, inputs);
        if (!Double.isFinite(value)) {
            throw new ArithmeticException("reckoning " + name + " gives " + value);
        }
    }

    static Derived of(Operation operation, Reckoned... inputs) {
        return new Derived(operation, List.of(inputs), "", Rule.ARITHMETIC, false);
    }

    static Derived named(Reckoned number, String name, Rule rule) {
        return number instanceof Derived step && !step.isNamed()
                ? new Derived(step.operation, step.inputs, name, rule, step.estimate)
                : new Derived(Operation.CHOSEN, List.of(number), name, rule, false);
    }

    /** A value that stands in for a measurement that was not taken. */
    public static Derived estimate(Reckoned number, String name, Rule rule) {
        Derived plain = named(number, name, rule);
        return new Derived(plain.operation, plain.inputs, name, rule, true);
    }

    /** The sum of many numbers, in their order. */
    public static Derived sum(List<? extends Reckoned> numbers) {
        return new Derived(Operation.SUM, List.copyOf(numbers), "", Rule.ARITHMETIC, false);
    }

    private static Quantity quantityOf(Operation operation, List<Reckoned> inputs) {
        long lengths =
                inputs.stream().filter(i -> i.quantity() == Quantity.LENGTH).count();
        return switch (operation) {
            case PRODUCT ->
                lengths > 0
                        ? Quantity.LENGTH
                        : inputs.stream()
                                .map(Reckoned::quantity)
                                .filter(q -> q == Quantity.MINUTES || q == Quantity.MONEY)
                                .findFirst()
                                .orElse(Quantity.RATIO);
            case QUOTIENT ->
                inputs.get(0).quantity() == Quantity.LENGTH && inputs.get(1).quantity() == Quantity.RATIO
                        ? Quantity.LENGTH
                        : Quantity.RATIO;
            default -> inputs.get(0).quantity();
        };
    }

    Operation operation() {
        return operation;
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
        return inputs;
    }

    @Override
    public boolean estimated() {
        return estimated;
    }

    @Override
    public String source() {
        return estimate ? "estimate" : rule.title();
    }
}
