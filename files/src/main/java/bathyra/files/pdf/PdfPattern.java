package bathyra.files.pdf;

import bathyra.draft.Draft;
import bathyra.files.SheetLayout;
import bathyra.geometry.Line;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import bathyra.geometry.Vec;
import bathyra.piece.Notch;
import bathyra.piece.OutlineEdge;
import bathyra.piece.Piece;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** A pattern on paper at full size: a cover sheet, then the tiles that are not blank, or one large sheet. */
public final class PdfPattern {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final double MARGIN = 10;
    private static final double OVERLAP = 10;
    private static final double TEST_COLUMN = 62;
    private static final double MM_SQUARE = 50;
    private static final double INCH_SQUARE = 50.8;

    private PdfPattern() {}

    /** One tile of the sheet: its row and column, and the part of the sheet that it shows. */
    record Tile(int row, int column, double x, double y, double width, double height) {
        String name() {
            return (char) ('A' + row) + Integer.toString(column + 1);
        }
    }

    /** The whole document. */
    public static byte[] write(Draft draft, Paper paper, String date) throws IOException {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            SheetLayout layout = SheetLayout.of(draft.pattern());
            List<Tile> tiles = tiles(draft, layout, paper);
            Paper coverPaper = paper == Paper.A0 ? Paper.A4 : paper;
            Cover.draw(page(document, coverPaper.width(), coverPaper.height()), document, face, draft, tiles, coverPaper, paper, date);
            for (Tile tile : tiles) {
                boolean single = paper == Paper.A0;
                double width = single ? Math.max(paper.width(), tile.width() + 2 * MARGIN) : paper.width();
                double height = single ? Math.max(paper.height(), tile.height() + 2 * MARGIN) : paper.height();
                tile(document, face, draft, layout, tile, width, height, tiles.size());
            }
            document.getDocumentInformation().setTitle(draft.pattern().title());
            PDViewerPreferences preferences = new PDViewerPreferences(document.getDocumentCatalog().getCOSObject());
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().getCOSObject().setItem(COSName.VIEWER_PREFERENCES, preferences);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static List<Tile> tiles(Draft draft, SheetLayout layout, Paper paper) {
        double sheetWidth = layout.width() + TEST_COLUMN;
        if (paper == Paper.A0) {
            return List.of(new Tile(0, 0, 0, 0, sheetWidth, layout.height()));
        }
        double width = paper.width() - 2 * MARGIN;
        double height = paper.height() - 2 * MARGIN;
        List<Tile> tiles = new ArrayList<>();
        for (int row = 0; row == 0 || row * (height - OVERLAP) + OVERLAP < layout.height(); row++) {
            for (int column = 0; column == 0 || column * (width - OVERLAP) + OVERLAP < sheetWidth; column++) {
                Tile tile = new Tile(row, column, column * (width - OVERLAP), row * (height - OVERLAP), width, height);
                if ((row == 0 && column == 0) || isUsed(draft, layout, tile)) {
                    tiles.add(tile);
                }
            }
        }
        return tiles;
    }

    private static boolean isUsed(Draft draft, SheetLayout layout, Tile tile) {
        return draft.pattern().pieces().stream().anyMatch(piece -> {
            Vec shift = layout.shift(piece.id()).plus(new Vec(TEST_COLUMN, 0));
            return Shape.overlaps(piece.cutLine().stream().map(p -> p.plus(shift)).toList(), new Point(tile.x(), tile.y()),
                    new Point(tile.x() + tile.width(), tile.y() + tile.height()));
        });
    }

    private static PDPage page(PDDocument document, double width, double height) {
        PDPage page = new PDPage(new PDRectangle((float) (width * POINTS_PER_MM), (float) (height * POINTS_PER_MM)));
        document.addPage(page);
        return page;
    }

    private static void tile(PDDocument document, Typeface face, Draft draft, SheetLayout layout, Tile tile, double width, double height, int tiles)
            throws IOException {
        try (PDPageContentStream stream = new PDPageContentStream(document, page(document, width, height))) {
            Pen pen = new Pen(stream, height);
            pen.save();
            pen.clip(MARGIN, MARGIN, tile.width(), tile.height());
            pen.origin(MARGIN - tile.x(), MARGIN - tile.y());
            testSquares(pen, face, 0, 0, false);
            for (Piece piece : draft.pattern().pieces()) {
                piece(pen, face, piece, layout.shift(piece.id()).plus(new Vec(TEST_COLUMN, 0)), draft);
            }
            pen.restore();
            pen.origin(0, 0);
            frame(pen, face, draft, tile, tiles);
        }
    }

    private static void frame(Pen pen, Typeface face, Draft draft, Tile tile, int tiles) throws IOException {
        pen.grey(0.45);
        pen.stroke(0.2);
        double right = MARGIN + tile.width();
        double bottom = MARGIN + tile.height();
        for (double x : new double[] {MARGIN, right}) {
            for (double y : new double[] {MARGIN, bottom}) {
                pen.line(new Point(x - 4, y), new Point(x + 4, y));
                pen.line(new Point(x, y - 4), new Point(x, y + 4));
            }
        }
        if (tiles > 1) {
            pen.stroke(0.15, 1, 2);
            pen.line(new Point(right - OVERLAP, MARGIN), new Point(right - OVERLAP, bottom));
            pen.line(new Point(MARGIN, bottom - OVERLAP), new Point(right, bottom - OVERLAP));
        }
        pen.grey(0);
        pen.text(MARGIN + 6, MARGIN - 3, face.bold(), 10, "Sheet " + tile.name());
        pen.text(MARGIN + 32, MARGIN - 3, face.plain(), 8, draft.pattern().title() + " · " + draft.commission().wearer().name()
                + (tiles > 1 ? " · glue up to the dotted lines, row by row" : " · print at 100 %"));
        pen.grey(0);
    }

    /** The two squares by which a print's scale is measured. */
    static void testSquares(Pen pen, Typeface face, double x, double y, boolean beside) throws IOException {
        pen.grey(0);
        pen.stroke(0.25);
        pen.rect(x + 2, y + 2, MM_SQUARE, MM_SQUARE);
        pen.text(x + 6, y + 26, face.plain(), 9, "50 mm: measure");
        pen.text(x + 6, y + 31, face.plain(), 9, "before cutting");
        double x2 = beside ? x + 55 : x + 2;
        double y2 = beside ? y + 2 : y + 58;
        pen.rect(x2, y2, INCH_SQUARE, INCH_SQUARE);
        pen.text(x2 + 4, y2 + 24, face.plain(), 9, "2 in");
    }

    private static void piece(Pen pen, Typeface face, Piece piece, Vec shift, Draft draft) throws IOException {
        pen.grey(0);
        pen.stroke(0.5);
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
        for (var mark : piece.levelMarks()) {
            if (mark.level().equals("waist")) {
                pen.stroke(0.3);
            } else {
                pen.stroke(0.2, 3, 2);
            }
            pen.line(mark.from().plus(shift), mark.to().plus(shift));
        }
        pen.stroke(0.5);
        for (Notch notch : piece.notches()) {
            for (Line s : SheetLayout.strokes(piece, notch)) {
                pen.line(s.start().plus(shift), s.end().plus(shift));
            }
        }
        pen.stroke(0.35);
        for (Line s : SheetLayout.grain(piece)) {
            pen.line(s.start().plus(shift), s.end().plus(shift));
        }
        Point at = SheetLayout.labelAt(piece).plus(shift);
        pen.text(at.x(), at.y(), face.title(), 34, Integer.toString(piece.order()));
        double y = at.y() + 6;
        double room = piece.mark("waist").map(m -> m.length() * 0.62).orElse(40.0);
        for (String words : List.of(piece.name(), piece.cutWords(), draft.pattern().title(), draft.commission().wearer().name())) {
            for (String line : Typeface.broken(face.plain(), 10, words, room)) {
                pen.text(at.x(), y, face.plain(), 10, line);
                y += 4.4;
            }
        }
    }
}
