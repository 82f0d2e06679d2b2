package bathyra.files.pdf;

import bathyra.block.BlockDart;
import bathyra.block.BlockDrawing;
import bathyra.block.BlockEdge;
import bathyra.block.BlockLayout;
import bathyra.block.BlockLine;
import bathyra.block.BlockPoint;
import bathyra.block.Half;
import bathyra.block.Step;
import bathyra.garment.Commission;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.measure.Length;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.interactive.viewerpreferences.PDViewerPreferences;

/** A block to print: the drawing with its named points at full, half or quarter size, and all steps of drafting it. */
public final class DraftingSheet {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private static final double MARGIN = 12;
    private static final double OVERLAP = 10;
    private static final double HEAD = 26;
    private static final double APART = 40;
    private static final double SQUARE = 50;
    private static final double STEP_SIZE = 9;
    private static final double ROW = 4.4;
    private static final Paper STEPS = Paper.A4;

    /** How large the drawing is printed. */
    public enum Scale {
        FULL("full size", 1),
        HALF("half size", 2),
        QUARTER("quarter size", 4);

        private final String label;
        private final double divisor;

        Scale(String label, double divisor) {
            this.label = label;
            this.divisor = divisor;
        }

        public String label() {
            return label;
        }
    }

    private final PDDocument document;
    private final Typeface face;
    private final BlockDrawing drawing;
    private final Commission commission;
    private final Scale scale;
    private final String date;
    private final BlockLayout layout;

    private DraftingSheet(PDDocument document, BlockDrawing drawing, Commission commission, Scale scale, String date) throws IOException {
        this.document = document;
        this.face = Typeface.in(document);
        this.drawing = drawing;
        this.commission = commission;
        this.scale = scale;
        this.date = date;
        this.layout = new BlockLayout(drawing, APART);
    }

    /** The whole document: the drawing first, on A4 sheets at full size and on one sheet otherwise, then the steps on A4. */
    public static byte[] write(BlockDrawing drawing, Commission commission, Scale scale, String date) throws IOException {
        try (PDDocument document = new PDDocument(); ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            DraftingSheet sheet = new DraftingSheet(document, drawing, commission, scale, date);
            sheet.drawing();
            sheet.steps();
            document.getDocumentInformation().setTitle(commission.title() + ", " + drawing.method().label());
            PDViewerPreferences preferences = new PDViewerPreferences(document.getDocumentCatalog().getCOSObject());
            preferences.setPrintScaling(PDViewerPreferences.PRINT_SCALING.None);
            document.getDocumentCatalog().getCOSObject().setItem(COSName.VIEWER_PREFERENCES, preferences);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private Pen page(double width, double height, PDPageContentStream[] stream) throws IOException {
        PDPage page = new PDPage(new PDRectangle((float) (width * POINTS_PER_MM), (float) (height * POINTS_PER_MM)));
        document.addPage(page);
        stream[0] = new PDPageContentStream(document, page);
        return new Pen(stream[0], height);
    }

    private void drawing() throws IOException {
        Point[] extent = layout.extent();
        double width = Math.max((extent[1].x() - extent[0].x()) / scale.divisor, SQUARE + 90) + MARGIN;
        double height = HEAD + (extent[1].y() - extent[0].y()) / scale.divisor + MARGIN;
        boolean tiled = scale == Scale.FULL;
        double tileWidth = tiled ? Paper.A4.width() - 2 * MARGIN : width;
        double tileHeight = tiled ? Paper.A4.height() - 2 * MARGIN : height;
        for (int row = 0; row == 0 || row * (tileHeight - OVERLAP) + OVERLAP < height; row++) {
            for (int column = 0; column == 0 || column * (tileWidth - OVERLAP) + OVERLAP < width; column++) {
                PDPageContentStream[] stream = new PDPageContentStream[1];
                Pen pen = page(tileWidth + 2 * MARGIN, tileHeight + 2 * MARGIN, stream);
                try (PDPageContentStream open = stream[0]) {
                    pen.save();
                    pen.clip(MARGIN, MARGIN, tileWidth, tileHeight);
                    pen.origin(MARGIN - column * (tileWidth - OVERLAP), MARGIN - row * (tileHeight - OVERLAP));
                    sheet(pen, extent[0].y());
                    pen.restore();
                    pen.origin(0, 0);
                    if (tiled) {
                        frame(pen, tileWidth, tileHeight, (char) ('A' + row) + Integer.toString(column + 1));
                    }
                }
            }
        }
    }

    private void frame(Pen pen, double width, double height, String name) throws IOException {
        pen.grey(0.45);
        pen.stroke(0.2);
        pen.rect(MARGIN, MARGIN, width, height);
        pen.stroke(0.15, 1, 2);
        pen.line(new Point(MARGIN + width - OVERLAP, MARGIN), new Point(MARGIN + width - OVERLAP, MARGIN + height));
        pen.line(new Point(MARGIN, MARGIN + height - OVERLAP), new Point(MARGIN + width, MARGIN + height - OVERLAP));
        pen.text(MARGIN, MARGIN - 3, face.bold(), 10, name);
        pen.grey(0);
    }

    private Point onPaper(Half half, Point p, double top) {
        Point placed = layout.place(half, p);
        return new Point(placed.x() / scale.divisor + MARGIN / 2, (placed.y() - top) / scale.divisor + HEAD);
    }

    private void sheet(Pen pen, double top) throws IOException {
        pen.grey(0);
        pen.text(0, 6, face.title(), 14, commission.title());
        pen.text(0, 12, face.plain(), STEP_SIZE, commission.wearer().name() + " · " + drawing.method().label() + " · " + date + " · " + scale.label + " · no allowances");
        if (scale == Scale.FULL) {
            square(pen, onPaper(Half.FRONT, drawing.point(Half.FRONT, "Cc").at(), top));
        }
        for (Step step : drawing.steps()) {
            for (BlockLine line : step.lines()) {
                if (line.kind() != BlockLine.Kind.EDGE) {
                    pen.stroke(0.15, line.kind() == BlockLine.Kind.LEVEL ? new float[] {3, 1.5f} : new float[] {0.6f, 1.2f});
                    path(pen, line.half(), line.path(), top);
                }
            }
        }
        for (Half half : Half.values()) {
            pen.stroke(0.45);
            for (BlockEdge edge : drawing.outline(half)) {
                path(pen, half, edge.path(), top);
            }
        }
        for (BlockDart dart : drawing.darts()) {
            pen.stroke(0.3);
            for (Point tip : dart.tips()) {
                pen.line(onPaper(dart.half(), dart.a(), top), onPaper(dart.half(), tip, top));
                pen.line(onPaper(dart.half(), dart.b(), top), onPaper(dart.half(), tip, top));
            }
        }
        for (BlockPoint point : drawing.points()) {
            Point at = onPaper(point.half(), point.at(), top);
            pen.stroke(0.3);
            pen.line(new Point(at.x() - 1, at.y()), new Point(at.x() + 1, at.y()));
            pen.line(new Point(at.x(), at.y() - 1), new Point(at.x(), at.y() + 1));
            pen.text(at.x() + 1, at.y() - 1, face.plain(), scale == Scale.FULL ? 8 : 6, point.name());
        }
    }

    /** Measured on the paper before anything is cut or traced. It lies inside the front, beside its centre. */
    private void square(Pen pen, Point chest) throws IOException {
        pen.stroke(0.25);
        pen.rect(chest.x() + 6, chest.y() - SQUARE - 6, SQUARE, SQUARE);
        pen.text(chest.x() + 10, chest.y() - 32, face.plain(), 9, "50 mm: measure");
        pen.text(chest.x() + 10, chest.y() - 27, face.plain(), 9, "before cutting");
    }

    private void path(Pen pen, Half half, Path path, double top) throws IOException {
        pen.path(path.mapped(p -> onPaper(half, p, top)));
    }

    private void steps() throws IOException {
        LengthUnit unit = commission.units() == LengthUnit.MM ? LengthUnit.CM : commission.units();
        double wide = STEPS.width() - 2 * MARGIN - 14;
        PDPageContentStream[] stream = new PDPageContentStream[1];
        Pen pen = page(STEPS.width(), STEPS.height(), stream);
        pen.text(MARGIN, MARGIN + 6, face.title(), 16, drawing.method().label() + ", step by step");
        double y = MARGIN + 14;
        int number = 1;
        for (Step step : drawing.steps()) {
            List<String> lines = Typeface.broken(face.plain(), STEP_SIZE, step.words().in(unit) + shrunk(step, unit), wide);
            if (y + (lines.size() + 1) * ROW > STEPS.height() - MARGIN) {
                stream[0].close();
                pen = page(STEPS.width(), STEPS.height(), stream);
                y = MARGIN + 6;
            }
            pen.text(MARGIN, y, face.bold(), STEP_SIZE, number++ + "");
            pen.text(MARGIN + 10, y, face.bold(), STEP_SIZE, step.half().label() + ": " + step.title());
            y += ROW;
            for (String line : lines) {
                pen.text(MARGIN + 10, y, face.plain(), STEP_SIZE, line);
                y += ROW;
            }
            y += 1.6;
        }
        stream[0].close();
    }

    /** What the ruler shows on a sheet that is smaller than the body. */
    private String shrunk(Step step, LengthUnit unit) {
        return scale == Scale.FULL || step.figure().isEmpty() ? ""
                : " At " + scale.label + ": " + LengthText.say(Length.mm(step.figure().get().value() / scale.divisor), unit) + ".";
    }
}
