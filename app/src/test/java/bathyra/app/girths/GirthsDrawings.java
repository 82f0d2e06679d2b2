package bathyra.app.girths;

import bathyra.app.table.Drawing;
import bathyra.draft.Draft;
import bathyra.length.LengthUnit;
import java.util.List;

/** Everything that the Girths stage lays on its table for a draft. */
public final class GirthsDrawings {
    private GirthsDrawings() {}

    public static List<Drawing> of(Draft draft) {
        return draft.girths().levels().stream()
                .<Drawing>map(plan -> new GirthsDrawing(draft, LengthUnit.CM, plan.level()))
                .toList();
    }
}
