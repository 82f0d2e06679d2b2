package bathyra.workplan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/**
 * How fast the workshop works, step by step: what its finished steps took against what the rule plans for them. It speaks once a step was
 * finished on five garments.
 */
public record Pace(Map<StepKind, OfStep> steps) {
    /** Nobody has measured yet. */
    public static final Pace UNKNOWN = new Pace(Map.of());

    /** So many garments before it speaks. */
    public static final int GARMENTS = 5;

    /**
     * What one step takes.
     *
     * @param ratio minutes taken to minutes by the rule, over all garments together
     * @param spread the standard deviation of that ratio from garment to garment
     * @param garments on how many it was measured
     */
    public record OfStep(double ratio, double spread, int garments) {
        /** In words, with the spread. */
        public String said() {
            return String.format(Locale.ROOT, "%d garments, ± %.0f %%", garments, 100 * spread);
        }
    }

    public Pace {
        steps = Map.copyOf(steps);
    }

    /** @param plans planned by the rule alone, whatever was done of them */
    public static Pace of(List<WorkPlan> plans) {
        Map<StepKind, List<double[]>> measured = new EnumMap<>(StepKind.class);
        for (WorkPlan plan : plans) {
            for (WorkPlan.Step step : plan.steps()) {
                if (step.task() instanceof StepKind kind
                        && step.progress().done()
                        && step.progress().minutes() > 0
                        && step.planned().value() > 0) {
                    measured.computeIfAbsent(kind, k -> new ArrayList<>()).add(new double[] {
                        step.progress().minutes(), step.planned().value()
                    });
                }
            }
        }
        Map<StepKind, OfStep> steps = new HashMap<>();
        measured.forEach((kind, each) -> {
            if (each.size() >= GARMENTS) {
                steps.put(kind, measured(each));
            }
        });
        return new Pace(steps);
    }

    private static OfStep measured(List<double[]> each) {
        double taken = each.stream().mapToDouble(e -> e[0]).sum();
        double planned = each.stream().mapToDouble(e -> e[1]).sum();
        double mean = each.stream().mapToDouble(e -> e[0] / e[1]).average().orElseThrow();
        double squares = each.stream()
                .mapToDouble(e -> (e[0] / e[1] - mean) * (e[0] / e[1] - mean))
                .sum();
        return new OfStep(taken / planned, Math.sqrt(squares / (each.size() - 1)), each.size());
    }

    public Optional<OfStep> of(StepKind step) {
        return Optional.ofNullable(steps.get(step));
    }
}
