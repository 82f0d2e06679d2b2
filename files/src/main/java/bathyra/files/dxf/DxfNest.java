package bathyra.files.dxf;

import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.piece.Piece;
import bathyra.size.Nest;
import bathyra.size.SizeSet;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/**
 * A nest as a drawing-exchange file: plain text, release 12, millimetres, y up; a layer for the sewing lines of each size
 * ({@code SIZE_4}), one for its cutting lines ({@code SIZE_4_CUT}), and one for words and common points ({@code NEST}).
 */
public final class DxfNest {
    private static final String COMMON = "NEST";
    private static final double LETTER = 6;
    private static final double CROSS = 4;
    private static final double LONGEST = 5;
    /** Colours that differ on any ground, by their numbers in this kind of file. */
    private static final int COLOURS = 6;

    private DxfNest() {}

    /** The layer of a size's sewing lines. */
    public static String layer(String size) {
        return "SIZE_" + size.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9_-]", "_");
    }

    public static String write(SizeSet set, Nest nest) {
        DxfText file = new DxfText();
        List<DxfText.Layer> layers = new ArrayList<>(List.of(DxfText.Layer.plain(COMMON)));
        for (int row = 0; row < set.sizes().size(); row++) {
            String name = layer(set.sizes().get(row).size().label());
            layers.add(new DxfText.Layer(name, 1 + row % COLOURS));
            layers.add(new DxfText.Layer(name + "_CUT", 1 + row % COLOURS));
        }
        file.head(nest.width(), nest.height(), layers);
        file.pair(0, "SECTION").pair(2, "ENTITIES");
        for (Nest.Nested nested : nest.pieces()) {
            for (Nest.Lying lying : nested.sizes()) {
                Piece piece = lying.piece();
                String layer = layer(lying.size().label());
                file.closed(layer, opened(piece.flattened(Tolerance.CHORD / 2, LONGEST)));
                file.closed(layer + "_CUT", opened(piece.cutLine()));
            }
            Point at = nested.common();
            file.line(COMMON, new Point(at.x() - CROSS, at.y()), new Point(at.x() + CROSS, at.y()));
            file.line(COMMON, new Point(at.x(), at.y() - CROSS), new Point(at.x(), at.y() + CROSS));
            file.words(
                    COMMON,
                    new Point(at.x() + 2 * CROSS, at.y() - CROSS),
                    LETTER,
                    nested.order() + " " + nested.name());
        }
        return file.pair(0, "ENDSEC").pair(0, "EOF").toString();
    }

    private static List<Point> opened(List<Point> closed) {
        return closed.subList(0, closed.size() - 1);
    }
}
