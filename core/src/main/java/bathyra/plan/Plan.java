package bathyra.plan;

import java.time.LocalDate;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

/**
 * The record of the making of a commission.
 *
 * @param due when it is to be with the wearer
 * @param progress of each step, by its word
 * @param fixed days that were set by hand
 * @param learner whether its maker is slower than an experienced one
 */
public record Plan(
        Optional<LocalDate> due, Map<String, Progress> progress, Map<DateKind, LocalDate> fixed, boolean learner) {
    /** Nothing is on record. */
    public static final Plan NONE = new Plan(Optional.empty(), Map.of(), Map.of(), false);

    public Plan {
        progress = Map.copyOf(progress);
        fixed = Map.copyOf(fixed);
    }

    public Plan due(Optional<LocalDate> next) {
        return new Plan(next, progress, fixed, learner);
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
        return new Plan(due, all, fixed, learner);
    }

    /** A day set by hand, or given back to the rule. */
    public Plan fixing(DateKind kind, Optional<LocalDate> day) {
        Map<DateKind, LocalDate> all = new EnumMap<>(DateKind.class);
        all.putAll(fixed);
        all.remove(kind);
        day.ifPresent(d -> all.put(kind, d));
        return new Plan(due, progress, all, learner);
    }

    public Plan byLearner(boolean next) {
        return new Plan(due, progress, fixed, next);
    }
}
