package bathyra.app.making;

import bathyra.app.table.Drawing;
import bathyra.bone.Bones;
import bathyra.draft.Draft;
import bathyra.plan.Plan;
import bathyra.workplan.StepKind;
import bathyra.workplan.WorkPlan;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;

/** The garment so far, at every step of a draft's own making. */
public final class MakingDrawings {
    private MakingDrawings() {}

    public static List<Drawing> of(Draft draft, Bones bones) {
        List<Drawing> drawings = new ArrayList<>();
        EnumSet<StepKind> done = EnumSet.noneOf(StepKind.class);
        for (WorkPlan.Step step : WorkPlan.of(draft, Plan.NONE).steps()) {
            drawings.add(new SoFarDrawing(new SoFarDrawing.Shown(draft, bones, EnumSet.copyOf(done), step.kind())));
            done.add(step.kind());
        }
        return drawings;
    }
}
