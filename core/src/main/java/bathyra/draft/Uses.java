package bathyra.draft;

import bathyra.girth.LevelPlan;
import bathyra.measure.MeasurementKey;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.Collections;
import java.util.IdentityHashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;

/** What a measurement is used for in a draft: every figure of the plan that has it somewhere below it. */
public final class Uses {
    private Uses() {}

    /** The names of the figures that rest on a measurement, in the order of the work. */
    public static List<String> of(Draft draft, MeasurementKey key) {
        return figures(draft).entrySet().stream()
                .filter(f -> restsOn(f.getValue(), key.label(), Collections.newSetFromMap(new IdentityHashMap<>())))
                .map(Map.Entry::getKey)
                .toList();
    }

    private static Map<String, Reckoned> figures(Draft draft) {
        Map<String, Reckoned> figures = new LinkedHashMap<>();
        for (LevelPlan plan : draft.girths().levels()) {
            String level = plan.level().label().toLowerCase(Locale.ROOT);
            figures.put("girth at the " + level, plan.pattern());
            figures.put("depth of the " + level, draft.block().heights().front().get(plan.level()));
            figures.put(
                    "depth of the " + level + " at the side",
                    draft.block().heights().side().get(plan.level()));
        }
        figures.put("crest over the apex", draft.block().crest());
        figures.put("line of the princess seams", draft.block().frontAxis());
        figures.put("side bust dart", draft.block().sideDart());
        for (SeamPlace seam : draft.intakes().seams()) {
            for (LevelPlan plan : draft.girths().levels()) {
                figures.put(
                        seam.label().toLowerCase(Locale.ROOT) + " at the "
                                + plan.level().label().toLowerCase(Locale.ROOT),
                        draft.intakes().at(plan.level(), seam));
            }
        }
        return figures;
    }

    private static boolean restsOn(Reckoned number, String label, Set<Reckoned> seen) {
        if (!seen.add(number)) {
            return false;
        }
        return number.name().equals(label) || number.inputs().stream().anyMatch(input -> restsOn(input, label, seen));
    }
}
