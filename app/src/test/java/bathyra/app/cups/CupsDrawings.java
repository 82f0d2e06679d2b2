package bathyra.app.cups;

import bathyra.app.table.Drawing;
import bathyra.app.table.RecordingSurface;
import bathyra.cutting.FoldedCup;
import bathyra.draft.Draft;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.List;

/** Everything that the Cups stage lays on its table for a draft, where it has a cup. */
public final class CupsDrawings {
    private CupsDrawings() {}

    public static List<Drawing> of(Draft draft) {
        if (draft.cutting().apex().isEmpty() || draft.cutting().cup().isEmpty()) {
            return List.of();
        }
        List<Drawing> drawings = new ArrayList<>(List.of(new CupsDrawing(draft, LengthUnit.CM, true)));
        CupsDrawing cup = new CupsDrawing(draft, LengthUnit.CM, false);
        cup.handles();
        drawings.add(cup);
        return drawings;
    }

    /** The section of the closed cup beside the table. */
    public static void section(Draft draft) {
        if (draft.cutting().cup().isPresent()) {
            ClosedCup section = new ClosedCup();
            section.resize(300, 160);
            section.show(
                    FoldedCup.of(
                            draft.cutting().whole(),
                            draft.cutting().apex().orElseThrow(),
                            draft.cutting().cup().get().radius().value()),
                    LengthUnit.CM);
            section.paint(new RecordingSurface());
        }
    }
}
