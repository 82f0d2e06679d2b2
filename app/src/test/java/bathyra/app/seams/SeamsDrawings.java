package bathyra.app.seams;

import bathyra.app.table.Drawing;
import bathyra.app.table.Joining;
import bathyra.draft.Draft;
import bathyra.girth.LevelPlan;
import bathyra.length.LengthUnit;
import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Everything that the Seams stage lays on its table for a draft. */
public final class SeamsDrawings {
    private SeamsDrawings() {}

    public static List<Drawing> of(Draft draft) {
        List<Drawing> drawings = new ArrayList<>();
        List<SeamPlace> seams = draft.intakes().seams();
        double[] columns = new double[seams.size()];
        for (int i = 0; i < columns.length; i++) {
            columns[i] = 200 + 60 * i;
        }
        List<Lie> lies = new ArrayList<>(List.of(
                Lie.ON_AXES,
                new Lie(Optional.empty(), true, Joining.APART),
                new Lie(Optional.of(Level.WAIST), true, Joining.APART),
                new Lie(Optional.empty(), false, Joining.ABOVE),
                new Lie(Optional.empty(), true, Joining.BELOW)));
        for (LevelPlan plan : draft.girths().levels()) {
            Cell cell = new Cell(plan.level(), seams.get(plan.level().ordinal() % seams.size()));
            for (Lie lie : lies) {
                SeamsDrawing drawing =
                        new SeamsDrawing(draft, LengthUnit.CM, cell, Optional.of(draft.panelOutlines()), columns, lie);
                drawing.upperEnds();
                drawing.lowerEnds();
                drawing.ends(cell);
                drawings.add(drawing);
            }
        }
        return drawings;
    }
}
