package bathyra.app.bones;

import bathyra.app.table.Drawing;
import bathyra.app.table.RecordingSurface;
import bathyra.bone.Bones;
import bathyra.bone.Support;
import bathyra.draft.Draft;
import bathyra.girth.LevelPlan;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Everything that the Bones stage lays on its table for a draft. */
public final class BonesDrawings {
    private BonesDrawings() {}

    public static List<Drawing> of(Draft draft, Bones bones) {
        List<Drawing> drawings = new ArrayList<>();
        for (LevelPlan plan : draft.girths().levels()) {
            drawings.add(new BonesDrawing(
                    draft,
                    bones,
                    LengthUnit.CM,
                    bones.channels().stream().map(c -> c.id()).findFirst(),
                    plan.level(),
                    Optional.empty()));
        }
        bones.findings()
                .forEach(f -> drawings.add(new BonesDrawing(
                        draft,
                        bones,
                        LengthUnit.CM,
                        Optional.empty(),
                        draft.girths().levels().get(0).level(),
                        Optional.of(f))));
        return drawings;
    }

    /** The bars of what each bone carries, beside the table. */
    public static void chart(Bones bones) {
        SupportChart chart = new SupportChart();
        chart.resize(320, 104);
        for (Support support : bones.support()) {
            chart.show(bones, support, LengthUnit.CM, "");
            chart.paint(new RecordingSurface());
        }
    }
}
