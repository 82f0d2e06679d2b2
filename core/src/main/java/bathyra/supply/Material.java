package bathyra.supply;

import bathyra.bill.Bill;
import bathyra.plan.Plan;
import bathyra.plan.Supply;
import bathyra.workplan.StepKind;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * A material of a garment, and how it stands with it.
 *
 * @param what the cloth, else as it stands on the bill
 * @param needed how much, in its unit
 * @param step the first step that needs it
 */
public record Material(Bill.Part part, String what, double needed, String unit, StepKind step, Supply supply) {
    /** The materials of a bill; hours are none. A cloth of which several layers are cut is one material. */
    public static List<Material> of(Bill bill, Plan plan) {
        Map<String, Material> all = new LinkedHashMap<>();
        for (Bill.Line line : bill.lines()) {
            if (line.part() != Bill.Part.WORK) {
                String what = name(line);
                all.merge(
                        what,
                        new Material(line.part(), what, line.quantity(), line.unit(), step(line), plan.supply(what)),
                        Material::and);
            }
        }
        return List.copyOf(all.values());
    }

    private Material and(Material more) {
        double both = Math.round((needed + more.needed) * 1000) / 1000.0;
        return new Material(part, what, both, unit, step, supply);
    }

    /** What a line of a bill is made of: of a layer its cloth, which other layers and garments are cut from too. */
    public static String name(Bill.Line line) {
        int layer = line.what().indexOf(", ");
        return line.part() == Bill.Part.CLOTH && layer >= 0 ? line.what().substring(layer + 2) : line.what();
    }

    private static StepKind step(Bill.Line line) {
        if (line.part() == Bill.Part.CLOTH) {
            return StepKind.CUT;
        }
        if (line.what().startsWith("Busk")) {
            return StepKind.FASTENING;
        }
        return switch (line.what()) {
            case "Eyelets" -> StepKind.EYELETS;
            case "Cord" -> StepKind.FINISHING;
            case "Waist tape" -> StepKind.WAIST_TAPE;
            case "Binding" -> StepKind.LINING;
            case "Casing" -> StepKind.CHANNELS;
            case "Thread" -> StepKind.SEAMS;
            default -> line.part() == Bill.Part.BONES ? StepKind.BONES : StepKind.FINISHING;
        };
    }
}
