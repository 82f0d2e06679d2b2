package bathyra.files.pdf;

import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
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
    private static final double WORDS = 10;
    private static final double ROW = 4.4;
    /** The name of a level, points and mm. */
    private static final double LEVEL_WORDS = 6.5;

    private static final double LEVEL_INSET = 3;
    private static final double LEVEL_ABOVE = 1;

    private PieceOnPaper() {}

    /** What stands on every piece and every sheet. @param title of the pattern */
    record Heading(String title, String wearer) {
        static Heading of(Draft draft) {
            return new Heading(
                    draft.pattern().title(), draft.commission().wearer().name());
        }
    }

    static void draw(Pen pen, Typeface face, CuttingPlan.Cut cut, Vec shift, Heading heading) throws IOException {
        Piece piece = cut.piece();
        pen.grey(0);
        for (OutlineEdge edge : piece.outline()) {
            if (edge.kind() == OutlineEdge.Kind.FOLD) {
                pen.stroke(0.4, 6, 2, 1.5f, 2);
            } else {
                pen.stroke(0.5);
            }
            pen.path(edge.path().moved(shift));
        }
        pen.stroke(0.25, 4, 2.5f);
        pen.polyline(piece.cutLine().stream().map(p -> p.plus(shift)).toList());
        for (LevelMark mark : piece.levelMarks()) {
            if (mark.level().equals(Level.WAIST.id())) {
                pen.stroke(0.3);
            } else {
                pen.stroke(0.2, 3, 2);
            }
            pen.line(mark.from().plus(shift), mark.to().plus(shift));
            pen.text(
                    mark.from().x() + shift.dx() + LEVEL_INSET,
                    mark.from().y() + shift.dy() - LEVEL_ABOVE,
                    face.plain(),
                    LEVEL_WORDS,
                    SheetLayout.levelName(mark));
        }
        pen.stroke(0.35, 8, 2, 1, 2);
        for (Path bone : cut.bones()) {
            pen.path(bone.moved(shift));
        }
        pen.stroke(0.35);
        for (Path dart : cut.darts()) {
            pen.path(dart.moved(shift));
        }
        pen.stroke(0.5);
        for (Notch notch : piece.notches()) {
            lines(pen, SheetLayout.strokes(piece, notch), shift);
        }
        for (Mark mark : piece.marks()) {
            lines(pen, SheetLayout.strokes(mark), shift);
            pen.text(
                    mark.at().x() + shift.dx() + 5,
                    mark.at().y() + shift.dy() + 8,
                    face.plain(),
                    8,
                    mark.kind().label());
        }
        pen.stroke(0.35);
        lines(pen, SheetLayout.grain(piece), shift);
        words(pen, face, cut, shift, heading);
    }

    private static void lines(Pen pen, List<Line> lines, Vec shift) throws IOException {
        for (Line line : lines) {
            pen.line(line.start().plus(shift), line.end().plus(shift));
        }
    }

    private static void words(Pen pen, Typeface face, CuttingPlan.Cut cut, Vec shift, Heading heading)
            throws IOException {
        Piece piece = cut.piece();
        Point at = SheetLayout.labelAt(piece).plus(shift);
        pen.text(at.x(), at.y(), face.title(), 34, Integer.toString(piece.order()));
        double y = at.y() + 6;
        double room = piece.mark(Level.WAIST).map(m -> m.length() * 0.62).orElse(40.0);
        for (String words : List.of(piece.name(), cut.words(), heading.title(), heading.wearer())) {
            for (String line : Typeface.broken(face.plain(), WORDS, words, room)) {
                pen.text(at.x(), y, face.plain(), WORDS, line);
                y += ROW;
            }
        }
    }
}
