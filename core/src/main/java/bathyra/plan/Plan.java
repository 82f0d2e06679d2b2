package bathyra.plan;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/**
 * The record of the making of a commission.
 *
 * @param due when it is to be with the wearer
 * @param occasion what it is made for
 * @param progress of each step, by its word
 * @param fixed days that were set by hand
 * @param order how the cutter's steps differ from the rule's
 * @param hands who makes it
 * @param deal what was agreed on money
 * @param shelf how it stands with each material, by its name on the bill; what is not named is missing
 */
public record Plan(
        Optional<LocalDate> due,
        Occasion occasion,
        Map<String, Progress> progress,
        Map<DateKind, LocalDate> fixed,
        StepOrder order,
        Hands hands,
        Deal deal,
        Map<String, Supply> shelf) {
    /** Nothing is on record. */
    public static final Plan NONE = new Plan(
            Optional.empty(), Occasion.EVERYDAY, Map.of(), Map.of(), StepOrder.RULE, Hands.FIRST, Deal.NONE, Map.of());

    public Plan {
        progress = Map.copyOf(progress);
        fixed = Map.copyOf(fixed);
        shelf = Map.copyOf(shelf);
    }

    public Plan due(Optional<LocalDate> next) {
        return with(p -> p.due = next);
    }

    public Plan on(Occasion next) {
        return with(p -> p.occasion = next);
    }

    public Progress of(String step) {
        return progress.getOrDefault(step, Progress.NONE);
    }

    public Plan with(String step, Progress next) {
        Map<String, Progress> all = new LinkedHashMap<>(progress);
        if (next.equals(Progress.NONE)) {
            all.remove(step);
        } else {
            all.put(step, next);
        }
        return with(p -> p.progress = all);
    }

    /** A day set by hand, or given back to the rule. */
    public Plan fixing(DateKind kind, Optional<LocalDate> day) {
        Map<DateKind, LocalDate> all = new EnumMap<>(DateKind.class);
        all.putAll(fixed);
        all.remove(kind);
        day.ifPresent(d -> all.put(kind, d));
        return with(p -> p.fixed = all);
    }

    public Plan ordered(StepOrder next) {
        return with(p -> p.order = next);
    }

    public Plan by(Hands next) {
        return with(p -> p.hands = next);
    }

    public Plan byLearner(boolean next) {
        return by(new Hands(hands.maker(), next));
    }

    public Plan dealing(Deal next) {
        return with(p -> p.deal = next);
    }

    public Supply supply(String material) {
        return shelf.getOrDefault(material, Supply.MISSING);
    }

    public Plan supplied(String material, Supply next) {
        Map<String, Supply> all = new LinkedHashMap<>(shelf);
        if (next.equals(Supply.MISSING)) {
            all.remove(material);
        } else {
            all.put(material, next);
        }
        return with(p -> p.shelf = all);
    }

    /** With one change taken back: each part that it changed and that still stands as it left it is as it was before. */
    public Plan withdrawing(Plan before, Plan after) {
        return with(p -> {
            p.due = Withdrawal.of(due, before.due, after.due);
            p.occasion = Withdrawal.of(occasion, before.occasion, after.occasion);
            p.progress = Withdrawal.each(progress, before.progress, after.progress);
            p.fixed = Withdrawal.each(fixed, before.fixed, after.fixed);
            p.order = Withdrawal.of(order, before.order, after.order);
            p.hands = Withdrawal.of(hands, before.hands, after.hands);
            p.deal = Withdrawal.of(deal, before.deal, after.deal);
            p.shelf = Withdrawal.each(shelf, before.shelf, after.shelf);
        });
    }

    private Plan with(Consumer<Parts> exchange) {
        Parts parts = new Parts(this);
        exchange.accept(parts);
        return parts.plan();
    }

    /** The parts of a plan while some of them are exchanged. */
    private static final class Parts {
        private Optional<LocalDate> due;
        private Occasion occasion;
        private Map<String, Progress> progress;
        private Map<DateKind, LocalDate> fixed;
        private StepOrder order;
        private Hands hands;
        private Deal deal;
        private Map<String, Supply> shelf;

        private Parts(Plan of) {
            due = of.due;
            occasion = of.occasion;
            progress = of.progress;
            fixed = of.fixed;
            order = of.order;
            hands = of.hands;
            deal = of.deal;
            shelf = of.shelf;
        }

        private Plan plan() {
            return new Plan(due, occasion, progress, fixed, order, hands, deal, shelf);
        }
    }
}
