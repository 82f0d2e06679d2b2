package bathyra.app.block;

import bathyra.app.table.Drawing;
import bathyra.block.BlockDrawing;
import bathyra.block.Half;
import bathyra.block.PrincessCut;
import bathyra.garment.PrincessStart;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** Everything that the Block stage lays on its table for a block: whole, step by step, and compared with itself. */
public final class BlockDrawings {
    private BlockDrawings() {}

    public static List<Drawing> of(BlockDrawing drawing, PrincessStart start) {
        List<PrincessCut> cuts = Arrays.stream(Half.values())
                .flatMap(half -> PrincessCut.of(drawing, half, start).stream())
                .toList();
        List<Drawing> drawings = new ArrayList<>();
        drawings.add(new BlockChart(
                drawing,
                LengthUnit.CM,
                Optional.of(drawing),
                Integer.MAX_VALUE,
                false,
                Optional.empty(),
                p -> true,
                cuts));
        for (int step : new int[] {0, 1, 5, 12}) {
            drawings.add(new BlockChart(
                    drawing,
                    LengthUnit.IN,
                    Optional.empty(),
                    step,
                    step % 2 == 1,
                    Optional.empty(),
                    p -> false,
                    List.of()));
        }
        return drawings;
    }
}
