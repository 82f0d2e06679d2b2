package bathyra.app.lay;

import bathyra.app.table.Drawing;
import bathyra.lay.Clearance;
import bathyra.lay.Lay;
import bathyra.lay.Laying;
import bathyra.length.LengthUnit;
import java.util.Optional;

/** What the Lay stage lays on its table. */
public final class LayDrawings {
    private LayDrawings() {}

    public static Drawing of(Lay lay, Laying laying) {
        return new LayDrawing(
                lay,
                LengthUnit.CM,
                lay.placed().stream().map(p -> p.piece().key()).findFirst(),
                Clearance.wrong(lay, laying).stream().map(p -> p.piece().key()).toList(),
                10);
    }

    public static Optional<Drawing> of(Optional<Lay> lay, Laying laying) {
        return lay.map(l -> of(l, laying));
    }
}
