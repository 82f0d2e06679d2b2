package bathyra.app.truing;

import bathyra.app.table.Palette;
import bathyra.app.table.RecordingSurface;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.truing.SeamPair;

/** The truing strip of every seam of a pattern, painted. */
public final class TruingStrips {
    private TruingStrips() {}

    public static void paint(Pattern pattern) {
        Palette palette = new Palette(() -> {});
        pattern.seams().forEach(seam -> new TruingPainter(pattern, SeamPair.of(pattern, seam), LengthUnit.CM)
                .paint(new RecordingSurface(), palette, 700, 30));
    }
}
