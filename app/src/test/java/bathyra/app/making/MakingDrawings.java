package bathyra.app.making;

import bathyra.app.table.Drawing;
import bathyra.bone.Bones;
import bathyra.draft.Draft;
import bathyra.plan.Plan;
import bathyra.workplan.Pace;
import bathyra.workplan.WorkPlan;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

/** The garment so far, at every step of a draft's own making. */
public final class MakingDrawings {
    private MakingDrawings() {}

    public static List<Drawing> of(Draft draft, Bones bones) {
        List<Drawing> drawings = new ArrayList<>();
        Set<String> done = new HashSet<>();
        for (WorkPlan.Step step : WorkPlan.of(draft, Plan.NONE, Pace.UNKNOWN).steps()) {
            drawings.add(
                    new SoFarDrawing(new SoFarDrawing.Shown(draft, bones, Set.copyOf(done), step.task(), Set.of())));
            done.add(step.task().id());
        }
        return drawings;
    }
}
