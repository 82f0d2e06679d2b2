package bathyra.plan;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/**
 * How a cutter works otherwise than the rule has it: steps of their own, another order, steps that are left out.
 *
 * @param own steps of the cutter's own
 * @param order the words of all steps in another order than the rule's; empty for the rule's
 * @param leftOut the words of steps that are not done
 */
public record StepOrder(List<OwnStep> own, List<String> order, Set<String> leftOut) {
    /** As the rule has it. */
    public static final StepOrder RULE = new StepOrder(List.of(), List.of(), Set.of());

    public StepOrder {
        own = List.copyOf(own);
        order = List.copyOf(order);
        leftOut = Set.copyOf(leftOut);
    }

    /** With one step more of the cutter's own, which comes last until it is moved. */
    public StepOrder adding(String label, double minutes, DateKind by) {
        int number = 1
                + own.stream()
                        .mapToInt(o -> Integer.parseInt(o.id().substring(OwnStep.PREFIX.length())))
                        .max()
                        .orElse(0);
        List<OwnStep> next = new ArrayList<>(own);
        next.add(new OwnStep(OwnStep.PREFIX + number, label, minutes, by));
        return new StepOrder(next, order, leftOut);
    }

    /** Without a step: one of the cutter's own goes, another is left out, or taken in again. */
    public StepOrder without(String id) {
        if (id.startsWith(OwnStep.PREFIX)) {
            return new StepOrder(
                    own.stream().filter(o -> !o.id().equals(id)).toList(),
                    order.stream().filter(o -> !o.equals(id)).toList(),
                    leftOut);
        }
        Set<String> next = new HashSet<>(leftOut);
        next.add(id);
        return new StepOrder(own, order, next);
    }

    /** With every step that was left out. */
    public StepOrder whole() {
        return new StepOrder(own, order, Set.of());
    }

    public StepOrder ordered(List<String> next) {
        return new StepOrder(own, next, leftOut);
    }
}
