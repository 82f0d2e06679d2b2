package bathyra.size;

import bathyra.draft.Draft;
import bathyra.garment.Commission;
import bathyra.garment.Wearer;
import bathyra.girth.LevelPlan;
import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.place.Level;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * The size of a wearer (C23): the nearest by rib, then by waist; what gap she has in it at each level, and what is to be altered.
 *
 * @param gaps what would be open at each level, worn as the plan wants it worn, mm; negative where it is too wide even closed
 * @param alterations by how much she differs where more than the tolerance of a size, mm
 */
public record WearersSize(SizedDraft sized, Map<Level, Double> gaps, Map<MeasurementKey, Double> alterations) {
    /** The gap that is good, mm. */
    public static final double GAP_LEAST = 30;

    public static final double GAP_MOST = 80;
    /** How far apart the gaps of a good fit may be, mm. */
    public static final double PARALLEL = 15;
    /** What a size lets pass: girths, and all that is not round the body, mm. */
    private static final double GIRTH_PASSES = 15;

    private static final double LENGTH_PASSES = 4;

    public WearersSize {
        gaps = Map.copyOf(gaps);
        alterations = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(alterations));
    }

    /** The nearest size that drafts; empty when none does, or her rib or waist is not known. */
    public static Optional<WearersSize> nearest(SizeSet set, MeasurementSet wearer) {
        Optional<Reckoned> rib = wearer.find(MeasurementKey.UNDERBUST);
        Optional<Reckoned> waist = wearer.find(MeasurementKey.WAIST);
        if (rib.isEmpty() || waist.isEmpty()) {
            return Optional.empty();
        }
        return set.drafted().stream()
                .min(Comparator.comparingDouble((SizedDraft s) -> away(s, MeasurementKey.UNDERBUST, rib.get()))
                        .thenComparingDouble(s -> away(s, MeasurementKey.WAIST, waist.get()))
                        .thenComparingDouble(s -> wearer.find(MeasurementKey.BUST)
                                .map(b -> away(s, MeasurementKey.BUST, b))
                                .orElse(0.0)))
                .map(s -> of(s, wearer));
    }

    /** How she wears a given size. */
    public static WearersSize of(SizedDraft sized, MeasurementSet wearer) {
        Draft draft = sized.draft().orElseThrow();
        Map<Level, Double> gaps = new EnumMap<>(Level.class);
        for (LevelPlan plan : draft.girths().levels()) {
            wearer.find(plan.level().girth())
                    .ifPresent(body -> gaps.put(
                            plan.level(),
                            body.value() + plan.ease().value() - plan.pattern().value()));
        }
        Map<MeasurementKey, Double> alterations = new LinkedHashMap<>();
        for (MeasurementKey key : MeasurementKey.values()) {
            if (sized.size().at(key).isPresent() && wearer.isTaken(key)) {
                double by = wearer.taken().get(key).millimetres()
                        - sized.size().at(key).get().millimetres();
                if (Math.abs(by) > (key.way() == MeasurementKey.Way.ROUND ? GIRTH_PASSES : LENGTH_PASSES)) {
                    alterations.put(key, by);
                }
            }
        }
        return new WearersSize(sized, gaps, alterations);
    }

    private static double away(SizedDraft sized, MeasurementKey key, Reckoned hers) {
        return sized.commission()
                .measurements()
                .find(key)
                .map(s -> Math.abs(s.value() - hers.value()))
                .orElse(Double.POSITIVE_INFINITY);
    }

    /** Whether she can wear it as it is: every gap within what is good, and all parallel. */
    public boolean isGood() {
        double least = gaps.values().stream().mapToDouble(g -> g).min().orElse(0);
        double most = gaps.values().stream().mapToDouble(g -> g).max().orElse(0);
        return least >= GAP_LEAST && most <= GAP_MOST && most - least <= PARALLEL;
    }

    /** Her commission: the size with her own figures where they differ by more than a size lets pass. */
    public Commission commission(Commission design, Wearer wearer) {
        MeasurementSet figures = sized.commission().measurements();
        for (Map.Entry<MeasurementKey, Double> each : alterations.entrySet()) {
            figures = figures.with(
                    each.getKey(),
                    Length.mm(sized.size().at(each.getKey()).orElseThrow().millimetres() + each.getValue()));
        }
        return new Commission(
                        design.title(),
                        design.units(),
                        wearer,
                        figures,
                        sized.commission().garment())
                .withSizes(sized.commission().sizes());
    }

    /** The levels from the top with their gaps. */
    public List<Map.Entry<Level, Double>> fromTheTop() {
        List<Map.Entry<Level, Double>> all = new ArrayList<>(gaps.entrySet());
        all.sort(Map.Entry.comparingByKey());
        return all;
    }
}
