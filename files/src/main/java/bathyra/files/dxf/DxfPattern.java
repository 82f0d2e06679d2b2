package bathyra.files.dxf;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Line;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.piece.Piece;
import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;

/**
 * A pattern as a drawing-exchange file: plain text, release 12, millimetres, y up. One block a piece, inserted where the piece
 * lies on the sheet; layers by meaning: cut 1, notches 4, grain 7, marks inside 8, sewing line 14, words 15. Curves are polylines
 * that leave them by no more than {@link Tolerance#CHORD}.
 */
public final class DxfPattern {
    private static final String CUT = "1";
    private static final String NOTCH = "4";
    private static final String GRAIN = "7";
    private static final String INTERNAL = "8";
    private static final String SEW = "14";
    private static final String TEXT = "15";
    private static final double WIDEST = 2400;
    private static final double LETTER = 6;
    private static final double ROW = 8;
    private static final int PLACES = 4;
    private static final double SCALED = 1e4;
    private static final double CHORD = Tolerance.CHORD / 2;
    /** A curve is given in lines no longer than this, mm: who reads it tells it from a straight line. */
    private static final double LONGEST = 5;

    private final StringBuilder out = new StringBuilder();

    private DxfPattern() {}

    /** The whole file. */
    public static String write(CuttingPlan plan) {
        DxfPattern file = new DxfPattern();
        SheetLayout layout = SheetLayout.of(plan, WIDEST);
        file.head(layout);
        file.pair(0, "SECTION").pair(2, "BLOCKS");
        plan.cuts().forEach(file::block);
        file.pair(0, "ENDSEC").pair(0, "SECTION").pair(2, "ENTITIES");
        for (CuttingPlan.Cut cut : plan.cuts()) {
            Vec shift = layout.shift(cut.id());
            file.pair(0, "INSERT").pair(8, "0").pair(2, name(cut.id())).at(10, new Point(shift.dx(), shift.dy()));
        }
        return file.pair(0, "ENDSEC").pair(0, "EOF").out.toString();
    }

    /** Block names take capitals, digits, strokes and underlines. */
    private static String name(String id) {
        return id.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9_-]", "_");
    }

    private DxfPattern pair(int code, String value) {
        out.append(code).append('\n').append(value).append('\n');
        return this;
    }

    private DxfPattern pair(int code, double value) {
        // A format string would be read anew for each of some ten thousand numbers.
        return pair(code, BigDecimal.valueOf(Math.round(value * SCALED), PLACES).toPlainString());
    }

    /** A point; y runs up in this kind of file. */
    private DxfPattern at(int code, Point p) {
        return pair(code, p.x()).pair(code + 10, -p.y() == 0 ? 0 : -p.y()).pair(code + 20, 0.0);
    }

    private void head(SheetLayout layout) {
        pair(0, "SECTION")
                .pair(2, "HEADER")
                .pair(9, "$ACADVER")
                .pair(1, "AC1009")
                .pair(9, "$INSUNITS")
                .pair(70, "4")
                .pair(9, "$MEASUREMENT")
                .pair(70, "1");
        pair(9, "$EXTMIN")
                .at(10, new Point(0, layout.height()))
                .pair(9, "$EXTMAX")
                .at(10, new Point(layout.width(), 0))
                .pair(0, "ENDSEC");
        pair(0, "SECTION")
                .pair(2, "TABLES")
                .pair(0, "TABLE")
                .pair(2, "LTYPE")
                .pair(70, "1")
                .pair(0, "LTYPE")
                .pair(2, "CONTINUOUS")
                .pair(70, "0")
                .pair(3, "Solid line")
                .pair(72, "65")
                .pair(73, "0")
                .pair(40, 0.0)
                .pair(0, "ENDTAB")
                .pair(0, "TABLE")
                .pair(2, "LAYER")
                .pair(70, "6");
        for (String layer : List.of(CUT, NOTCH, GRAIN, INTERNAL, SEW, TEXT)) {
            pair(0, "LAYER").pair(2, layer).pair(70, "0").pair(62, "7").pair(6, "CONTINUOUS");
        }
        pair(0, "ENDTAB").pair(0, "ENDSEC");
    }

    private void block(CuttingPlan.Cut cut) {
        Piece piece = cut.piece();
        pair(0, "BLOCK")
                .pair(8, "0")
                .pair(2, name(cut.id()))
                .pair(70, "0")
                .at(10, new Point(0, 0))
                .pair(3, name(cut.id()));
        polyline(CUT, piece.cutLine().subList(0, piece.cutLine().size() - 1));
        List<Point> sewing = piece.flattened(CHORD, LONGEST);
        polyline(SEW, sewing.subList(0, sewing.size() - 1));
        piece.levelMarks().forEach(mark -> line(INTERNAL, mark.from(), mark.to()));
        piece.notches().forEach(notch -> SheetLayout.strokes(piece, notch).forEach(s -> line(NOTCH, s)));
        piece.marks().forEach(mark -> SheetLayout.strokes(mark).forEach(s -> line(INTERNAL, s)));
        cut.bones().forEach(bone -> open(INTERNAL, bone.flattened(CHORD)));
        cut.darts().forEach(dart -> open(INTERNAL, dart.flattened(CHORD)));
        SheetLayout.grain(piece).forEach(s -> line(GRAIN, s));
        Point at = SheetLayout.labelAt(piece);
        int row = 0;
        for (String words : List.of(piece.order() + " " + piece.name(), cut.words())) {
            pair(0, "TEXT")
                    .pair(8, TEXT)
                    .at(10, new Point(at.x(), at.y() + ROW * row++))
                    .pair(40, LETTER)
                    .pair(1, plain(words));
        }
        pair(0, "ENDBLK").pair(8, "0");
    }

    /** Old readers take nothing but plain letters. */
    private static String plain(String words) {
        return java.text.Normalizer.normalize(words, java.text.Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^ -~]", "?");
    }

    private void line(String layer, Line line) {
        line(layer, line.start(), line.end());
    }

    private void line(String layer, Point from, Point to) {
        pair(0, "LINE").pair(8, layer).at(10, from).at(11, to);
    }

    private void polyline(String layer, List<Point> closed) {
        polyline(layer, closed, "1");
    }

    private void open(String layer, List<Point> line) {
        polyline(layer, line, "0");
    }

    private void polyline(String layer, List<Point> points, String flags) {
        pair(0, "POLYLINE").pair(8, layer).pair(66, "1").at(10, new Point(0, 0)).pair(70, flags);
        points.forEach(p -> pair(0, "VERTEX").pair(8, layer).at(10, p));
        pair(0, "SEQEND").pair(8, layer);
    }
}
