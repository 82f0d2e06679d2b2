package bathyra.app.fittings;

import bathyra.app.table.Drawing;
import bathyra.draft.Draft;
import bathyra.fitting.Decision;
import bathyra.fitting.Fitting;
import bathyra.fitting.FittingKind;
import bathyra.fitting.Mark;
import bathyra.fitting.MarkKind;
import bathyra.fitting.Spot;
import bathyra.length.Length;
import bathyra.length.LengthUnit;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

/** What the Fittings stage lays on its table for a draft: a mark of every kind, at a level, on a seam and anywhere. */
public final class FittingsDrawings {
    private FittingsDrawings() {}

    public static List<Drawing> of(Draft draft) {
        return List.of(drawing(draft, everyMark(draft), 3), drawing(draft, FittingsDrawing.NONE, 0));
    }

    private static Drawing drawing(Draft draft, Fitting fitting, int chosen) {
        return new FittingsDrawing(new FittingsDrawing.Shown(
                draft, Optional.of(draft), Optional.of(draft.panelOutlines()), fitting, chosen, LengthUnit.CM));
    }

    static Fitting everyMark(Draft draft) {
        Fitting fitting = Fitting.begun(1, FittingKind.TOILE, LocalDate.of(2026, 11, 16));
        for (SeamPlace seam : draft.commission().garment().seams()) {
            fitting = with(fitting, MarkKind.PINCH, Spot.on(seam, Level.WAIST));
            fitting = with(fitting, MarkKind.LET_OUT, Spot.on(seam, Length.mm(40)));
        }
        for (Level level : Level.values()) {
            fitting = with(fitting, MarkKind.GAP, Spot.at(level));
        }
        for (double place : new double[] {0, 0.4, 1}) {
            fitting = with(fitting, MarkKind.EDGE, Spot.onEdge(true, place));
            fitting = with(fitting, MarkKind.DIGS, Spot.onEdge(false, place));
        }
        fitting = with(fitting, MarkKind.APEX, Spot.at(Level.BUST));
        fitting = with(fitting, MarkKind.FOLD, new Spot(Length.mm(30), 0.8, Optional.empty(), Optional.empty()));
        fitting = with(fitting, MarkKind.NOTE, new Spot(Length.mm(-300), 0.2, Optional.empty(), Optional.empty()));
        return with(fitting, MarkKind.PLUMB, Spot.at(Level.UNDERBUST));
    }

    private static Fitting with(Fitting fitting, MarkKind kind, Spot spot) {
        Mark mark = Mark.put(fitting.nextMark(), kind, spot, Length.mm(8)).across(Length.mm(3));
        return fitting.with(mark.decided(fitting.nextMark() % 3 == 0 ? Decision.REFUSED : Decision.AGREED, ""));
    }
}
