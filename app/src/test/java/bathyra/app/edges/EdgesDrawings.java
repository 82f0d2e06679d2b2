package bathyra.app.edges;

import bathyra.app.table.Drawing;
import bathyra.app.table.Joining;
import bathyra.draft.Draft;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.List;

/** Everything that the Edges stage lays on its table for a draft. */
public final class EdgesDrawings {
    private EdgesDrawings() {}

    public static List<Drawing> of(Draft draft) {
        List<Drawing> drawings = new ArrayList<>();
        for (Joining joining : Joining.values()) {
            EdgesDrawing drawing = new EdgesDrawing(draft, LengthUnit.CM, joining);
            drawing.handles(true);
            drawing.handles(false);
            drawings.add(drawing);
        }
        drawings.add(new WornEdgesDrawing(draft, LengthUnit.CM));
        return drawings;
    }
}
