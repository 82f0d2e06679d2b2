package bathyra.files.pdf;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.LevelMark;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.io.IOException;
import java.util.Locale;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** One page as large as the pattern for a projector: it is calibrated by the grid and the crosses until they measure what they say. */
final class ProjectorPage {
    private static final double WIDEST = 1500;
    private static final double EDGE = 50;
    private static final double GRID = 50;
    private static final int BOLD_EVERY = 2;
    private static final double CROSS = 25;
    /** So far apart the crosses stand that are measured, mm. */
    private static final double APART = 500;

    private static final double THICK = 1.6;
    private static final double THIN = 0.9;
    private static final double NUMBER = 96;
    private static final double WORDS = 26;

    private ProjectorPage() {}

    static void draw(PDDocument document, Typeface face, PieceOnPaper.Heading heading, CuttingPlan plan)
            throws IOException {
        SheetLayout layout = SheetLayout.of(plan, WIDEST);
        double width = whole(Math.max(layout.width(), APART) + 2 * EDGE);
        double height = whole(layout.height() + 3 * EDGE);
        try (PDPageContentStream stream = new PDPageContentStream(document, Pages.add(document, width, height))) {
            Pen pen = new Pen(stream, height);
            grid(pen, width, height);
            crosses(pen, face, width, height);
            pen.text(
                    EDGE,
                    height - EDGE / 2,
                    face.plain(),
                    WORDS,
                    heading.title() + " · the squares of the grid measure 5 cm, from cross to cross it is 50 cm");
            ClothLayers layers = ClothLayers.in(document, plan);
            for (CuttingPlan.Cut cut : plan.cuts()) {
                layers.begin(stream, cut);
                piece(pen, face, cut, layout.shift(cut.id()).plus(new Vec(EDGE, EDGE)));
                layers.end(stream, cut);
            }
        }
    }

    /** So long that the grid ends with the page. */
    private static double whole(double length) {
        return Math.ceil(length / GRID) * GRID;
    }

    private static void grid(Pen pen, double width, double height) throws IOException {
        pen.grey(0.78);
        for (int i = 0; i * GRID <= width; i++) {
            pen.stroke(i % BOLD_EVERY == 0 ? 0.6 : 0.3);
            pen.line(new Point(i * GRID, 0), new Point(i * GRID, height));
        }
        for (int i = 0; i * GRID <= height; i++) {
            pen.stroke(i % BOLD_EVERY == 0 ? 0.6 : 0.3);
            pen.line(new Point(0, i * GRID), new Point(width, i * GRID));
        }
        pen.grey(0);
    }

    private static void crosses(Pen pen, Typeface face, double width, double height) throws IOException {
        pen.stroke(THIN);
        for (double x = EDGE; x <= width; x += APART) {
            for (double y = EDGE; y <= height; y += APART) {
                pen.line(new Point(x - CROSS, y), new Point(x + CROSS, y));
                pen.line(new Point(x, y - CROSS), new Point(x, y + CROSS));
                pen.text(
                        x + 4,
                        y - 4,
                        face.plain(),
                        WORDS / 2,
                        String.format(Locale.ROOT, "%.0f, %.0f", x - EDGE, y - EDGE));
            }
        }
    }

    private static void piece(Pen pen, Typeface face, CuttingPlan.Cut cut, Vec shift) throws IOException {
        Piece piece = cut.piece();
        pen.stroke(THICK);
        for (OutlineEdge edge : piece.outline()) {
            pen.path(edge.path().moved(shift));
        }
        pen.stroke(THICK, 12, 6);
        pen.polyline(piece.cutLine().stream().map(p -> p.plus(shift)).toList());
        pen.stroke(THIN);
        for (LevelMark mark : piece.levelMarks()) {
            pen.line(mark.from().plus(shift), mark.to().plus(shift));
        }
        for (Path dart : cut.darts()) {
            pen.path(dart.moved(shift));
        }
        pen.stroke(THICK);
        for (Notch notch : piece.notches()) {
            for (Line stroke : SheetLayout.strokes(piece, notch)) {
                pen.line(stroke.start().plus(shift), stroke.end().plus(shift));
            }
        }
        for (Line stroke : SheetLayout.grain(piece)) {
            pen.line(stroke.start().plus(shift), stroke.end().plus(shift));
        }
        Point at = SheetLayout.labelAt(piece).plus(shift);
        pen.text(at.x(), at.y(), face.title(), NUMBER, Integer.toString(piece.order()));
        double room = SheetLayout.box(piece)[2] + shift.dx() - at.x();
        double size = Math.min(WORDS, WORDS * room / Typeface.width(face.plain(), WORDS, piece.name()));
        pen.text(at.x(), at.y() + WORDS / 2, face.plain(), size, piece.name());
    }
}
