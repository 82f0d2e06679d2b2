package bathyra.files.dxf;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.piece.Piece;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;

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
    private static final double CHORD = Tolerance.CHORD / 2;
    /** A curve is given in lines no longer than this, mm: who reads it tells it from a straight line. */
    private static final double LONGEST = 5;

    private final DxfText file = new DxfText();

    private DxfPattern() {}

    /** The whole file. */
    public static String write(CuttingPlan plan) {
        DxfPattern pattern = new DxfPattern();
        SheetLayout layout = SheetLayout.of(plan, WIDEST);
        DxfText file = pattern.file;
        file.head(
                layout.width(),
                layout.height(),
                Stream.of(CUT, NOTCH, GRAIN, INTERNAL, SEW, TEXT)
                        .map(DxfText.Layer::plain)
                        .toList());
        file.pair(0, "SECTION").pair(2, "BLOCKS");
        plan.cuts().forEach(pattern::block);
        file.pair(0, "ENDSEC").pair(0, "SECTION").pair(2, "ENTITIES");
        for (CuttingPlan.Cut cut : plan.cuts()) {
            Vec shift = layout.shift(cut.id());
            file.pair(0, "INSERT").pair(8, "0").pair(2, name(cut.id())).at(10, new Point(shift.dx(), shift.dy()));
        }
        return file.pair(0, "ENDSEC").pair(0, "EOF").toString();
    }

    /** Block names take capitals, digits, strokes and underlines. */
    private static String name(String id) {
        return id.toUpperCase(Locale.ROOT).replaceAll("[^A-Z0-9_-]", "_");
    }

    private void block(CuttingPlan.Cut cut) {
        Piece piece = cut.piece();
        file.pair(0, "BLOCK")
                .pair(8, "0")
                .pair(2, name(cut.id()))
                .pair(70, "0")
                .at(10, new Point(0, 0))
                .pair(3, name(cut.id()));
        file.closed(CUT, piece.cutLine().subList(0, piece.cutLine().size() - 1));
        List<Point> sewing = piece.flattened(CHORD, LONGEST);
        file.closed(SEW, sewing.subList(0, sewing.size() - 1));
        piece.levelMarks().forEach(mark -> file.line(INTERNAL, mark.from(), mark.to()));
        piece.notches().forEach(notch -> SheetLayout.strokes(piece, notch).forEach(s -> file.line(NOTCH, s)));
        piece.marks().forEach(mark -> SheetLayout.strokes(mark).forEach(s -> file.line(INTERNAL, s)));
        cut.bones().forEach(bone -> file.open(INTERNAL, bone.flattened(CHORD)));
        cut.darts().forEach(dart -> file.open(INTERNAL, dart.flattened(CHORD)));
        SheetLayout.grain(piece).forEach(s -> file.line(GRAIN, s));
        Point at = SheetLayout.labelAt(piece);
        int row = 0;
        for (String words : List.of(piece.order() + " " + piece.name(), cut.words())) {
            file.words(TEXT, new Point(at.x(), at.y() + ROW * row++), LETTER, words);
        }
        file.pair(0, "ENDBLK").pair(8, "0");
    }
}
