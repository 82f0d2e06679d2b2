package bathyra.reckon;

import bathyra.length.Length;
import bathyra.length.Sentence;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The slips that a sum on paper invites, and what each of them would give: the reckoning is evaluated once more with one step done
 * wrongly. So a learner's wrong answer can be told from where it comes.
 */
public final class Slips {
    private static final double INCH = 25.4;
    private static final double NOTHING = 1e-9;

    private Slips() {}

    /** A wrong result and the slip that gives it. */
    public record Slip(double value, Sentence sentence) {}

    /** Every slip of a reckoning that changes its result, the ones inside the sum before those of the unit. */
    public static List<Slip> of(Reckoned number) {
        List<Slip> slips = new ArrayList<>();
        Map<Reckoned, Boolean> seen = new IdentityHashMap<>();
        walk(number, number, slips, seen);
        if (number.quantity() == Quantity.LENGTH) {
            unit(number.value(), slips);
        }
        return slips.stream()
                .filter(s -> Math.abs(s.value() - number.value()) > NOTHING)
                .toList();
    }

    /**
     * The slip that gives an answer.
     *
     * @param tolerance mm within which an answer counts as the slip's result
     */
    public static Optional<Slip> behind(Reckoned number, double answer, double tolerance) {
        return of(number).stream()
                .filter(s -> Math.abs(s.value() - answer) <= tolerance)
                .findFirst();
    }

    private static void walk(Reckoned whole, Reckoned at, List<Slip> slips, Map<Reckoned, Boolean> seen) {
        if (seen.put(at, true) != null || !(at instanceof Derived step)) {
            return;
        }
        List<Reckoned> in = step.inputs();
        switch (step.operation()) {
            case QUOTIENT -> divided(whole, step, in.get(0), in.get(1).value(), slips);
            case SUM -> {
                for (Reckoned term : in) {
                    slips.add(slip(whole, step, step.value() - term.value(), "{} was not added.", called(term)));
                }
            }
            case DIFFERENCE -> {
                slips.add(slip(whole, step, in.get(0).value(), "{} was not taken off.", called(in.get(1))));
                slips.add(slip(
                        whole,
                        step,
                        in.get(0).value() + in.get(1).value(),
                        "{} was added instead of taken off.",
                        called(in.get(1))));
            }
            case PRODUCT -> {
                slips.add(slip(whole, step, in.get(0).value(), "{} was not multiplied.", called(in.get(0))));
            }
            default -> {}
        }
        in.forEach(input -> walk(whole, input, slips, seen));
    }

    private static void divided(Reckoned whole, Derived step, Reckoned of, double by, List<Slip> slips) {
        if (by == 4) {
            slips.add(slip(whole, step, of.value() / 2, "{} was halved, not quartered.", called(of)));
            slips.add(slip(whole, step, of.value(), "{} was not quartered.", called(of)));
        } else if (by == 2) {
            slips.add(slip(whole, step, of.value(), "{} was not halved.", called(of)));
            slips.add(slip(whole, step, of.value() / 4, "{} was quartered, not halved.", called(of)));
        } else {
            slips.add(slip(
                    whole,
                    step,
                    of.value(),
                    "{} was not divided by " + (by == Math.rint(by) ? Long.toString((long) by) : Double.toString(by))
                            + ".",
                    called(of)));
        }
    }

    private static void unit(double value, List<Slip> slips) {
        slips.add(new Slip(
                value * INCH / 10,
                Sentence.of("The figure is in centimetres; inches are asked for here, or the other way round.")));
        slips.add(new Slip(
                value * 10 / INCH,
                Sentence.of("The figure is in inches; centimetres are asked for here, or the other way round.")));
        slips.add(new Slip(value * 10, Sentence.of("The figure is ten times too large: it is in millimetres.")));
        slips.add(new Slip(value / 10, Sentence.of("The figure is ten times too small.")));
    }

    private static Object called(Reckoned number) {
        return number.isNamed()
                ? number.name()
                : number.quantity() == Quantity.LENGTH ? Length.mm(number.value()) : Double.toString(number.value());
    }

    private static Slip slip(Reckoned whole, Reckoned at, double instead, String words, Object about) {
        return new Slip(evaluate(whole, at, instead), Sentence.of(words, about));
    }

    /** The value of a reckoning with one of its numbers replaced. */
    private static double evaluate(Reckoned number, Reckoned replaced, double by) {
        if (number == replaced) {
            return by;
        }
        if (number instanceof Derived step) {
            return step.operation()
                    .apply(step.inputs().stream()
                            .mapToDouble(i -> evaluate(i, replaced, by))
                            .toArray());
        }
        return number.value();
    }
}
