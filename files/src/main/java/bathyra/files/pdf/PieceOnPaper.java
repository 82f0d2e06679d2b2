package bathyra.files.pdf;

import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.Sheet;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Mark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.io.IOException;
import java.util.List;

/** A piece as it is printed: sewing line, cut line, marks, grain and its words. */
final class PieceOnPaper {
    /** The name of a level, points and mm. */
    private static final double LEVEL_WORDS = 6.5;

    private static final double LEVEL_INSET = 3;
    private static final double LEVEL_ABOVE = 1;

    private static final double MARK_WORDS = 8;
    private static final Vec BESIDE_MARK = new Vec(5, 8);
    /** The height of a letter, as a share of the size in mm. */
    private static final double TALL = 0.26;

    private final Pen pen;
    private final Typeface face;
    private final Print print;
    private final Sheet sheet;
    private final CuttingPlan.Cut cut;
    private final Vec shift;

    private PieceOnPaper(Pen pen, Typeface face, Print print, Sheet sheet, CuttingPlan.Cut cut, Vec shift) {
        this.pen = pen;
        this.face = face;
        this.print = print;
        this.sheet = sheet;
        this.cut = cut;
        this.shift = shift;
    }

    /** What stands on every piece and every sheet. @param title of the pattern */
    record Heading(String title, String wearer) {
        static Heading of(Draft draft) {
            return new Heading(
                    draft.pattern().title(), draft.commission().wearer().name());
        }
    }

    /** Draws what a sheet shows of a piece. @param shift how far it lies on the whole sheet from where it was drafted */
    static void draw(Pen pen, Typeface face, Print print, Sheet sheet, CuttingPlan.Cut cut, Vec shift)
            throws IOException {
        pen.grey(0);
        new PieceOnPaper(pen, face, print, sheet, cut, shift).all();
    }

    private void all() throws IOException {
        Piece piece = cut.piece();
        outlines(piece);
        if (print.draws(Drawn.LEVELS)) {
            levels(piece);
        }
        pen.stroke(0.35, 8, 2, 1, 2);
        for (Path bone : print.draws(Drawn.CHANNELS) ? cut.bones() : List.<Path>of()) {
            pen.path(bone.moved(shift));
        }
        pen.stroke(0.25);
        for (Point eyelet : print.draws(Drawn.EYELETS) ? cut.eyelets() : List.<Point>of()) {
            lines(SheetLayout.cross(eyelet));
        }
        pen.stroke(0.35);
        for (Path dart : cut.darts()) {
            pen.path(dart.moved(shift));
        }
        pen.stroke(0.5);
        for (Notch notch : piece.notches()) {
            lines(SheetLayout.strokes(piece, notch));
        }
        for (Mark mark : piece.marks()) {
            lines(SheetLayout.strokes(mark));
            words(mark.at().plus(BESIDE_MARK), MARK_WORDS, mark.kind().label());
        }
        pen.stroke(0.35);
        lines(SheetLayout.grain(piece));
    }

    private void outlines(Piece piece) throws IOException {
        for (OutlineEdge edge : piece.outline()) {
            if (edge.kind() == OutlineEdge.Kind.FOLD) {
                pen.stroke(0.4, 6, 2, 1.5f, 2);
            } else {
                pen.stroke(0.5);
            }
            pen.path(edge.path().moved(shift));
        }
        if (print.draws(Drawn.ALLOWANCES)) {
            pen.stroke(0.25, 4, 2.5f);
            pen.polyline(piece.cutLine().stream().map(p -> p.plus(shift)).toList());
        }
    }

    private void levels(Piece piece) throws IOException {
        for (LevelMark mark : piece.levelMarks()) {
            if (mark.level().equals(Level.WAIST.id())) {
                pen.stroke(0.3);
            } else {
                pen.stroke(0.2, 3, 2);
            }
            pen.line(mark.from().plus(shift), mark.to().plus(shift));
            words(mark.from().plus(new Vec(LEVEL_INSET, -LEVEL_ABOVE)), LEVEL_WORDS, SheetLayout.levelName(mark));
        }
    }

    /** Words beside a place on the piece, if this sheet shows it: moved back from the sheet's edge rather than cut by it. */
    private void words(Point beside, double size, String words) throws IOException {
        Point at = beside.plus(shift);
        double wide = Typeface.width(face.plain(), size, words) / print.across();
        double tall = TALL * size / print.down();
        double left = Math.max(sheet.x(), Math.min(at.x(), sheet.x() + sheet.width() - wide));
        double below = Math.max(sheet.y() + tall, Math.min(at.y(), sheet.y() + sheet.height()));
        if (Math.abs(left - at.x()) < wide && Math.abs(below - at.y()) < tall) {
            pen.text(left, below, face.plain(), size, words);
        }
    }

    private void lines(List<Line> lines) throws IOException {
        for (Line line : lines) {
            pen.line(line.start().plus(shift), line.end().plus(shift));
        }
    }
}
