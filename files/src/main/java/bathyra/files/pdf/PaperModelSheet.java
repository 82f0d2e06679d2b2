package bathyra.files.pdf;

import bathyra.cutting.PaperModel;
import bathyra.files.sheet.Paper;
import bathyra.geometry.Point;
import bathyra.geometry.Shape;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;

/** The paper model of a cup on one A4 sheet, at half scale, or smaller where the parts of a very full cup need more room. */
public final class PaperModelSheet {
    private static final double MARGIN = 12;
    private static final double HEAD = 40;
    private static final double GAP = 6;
    private static final double SMALLER = 0.95;
    private static final double HALF = 0.5;
    private static final double SQUARE = 50;

    private PaperModelSheet() {}

    /** A part with its tabs, laid at a place of the sheet. */
    private record Laid(PaperModel.Part part, double left, double top, double x, double y) {}

    public static byte[] write(PaperModel model, String title) throws IOException {
        double scale = HALF;
        List<Laid> laid = lay(model, scale);
        while (bottom(laid, scale) > Paper.A4.height() - MARGIN) {
            scale *= SMALLER;
            laid = lay(model, scale);
        }
        try (PDDocument document = new PDDocument();
                ByteArrayOutputStream bytes = new ByteArrayOutputStream()) {
            Typeface face = Typeface.in(document);
            PDPage page = Pages.add(document, Paper.A4.width(), Paper.A4.height());
            try (PDPageContentStream out = new PDPageContentStream(document, page)) {
                Pen pen = new Pen(out, Paper.A4.height());
                head(pen, face, title, scale);
                for (Laid each : laid) {
                    part(pen, face, each, scale);
                }
            }
            Pages.entitled(document, title + ", paper model");
            Pages.unscaled(document);
            document.save(bytes);
            return bytes.toByteArray();
        }
    }

    private static List<Point> all(PaperModel.Part part) {
        return Stream.concat(part.outline().stream(), part.tabs().stream().flatMap(List::stream))
                .toList();
    }

    /** In rows, from left to right. */
    private static List<Laid> lay(PaperModel model, double scale) {
        List<Laid> laid = new ArrayList<>();
        double x = MARGIN;
        double y = HEAD;
        double row = 0;
        for (PaperModel.Part part : model.parts()) {
            double left = all(part).stream().mapToDouble(Point::x).min().orElse(0);
            double top = all(part).stream().mapToDouble(Point::y).min().orElse(0);
            double width = (all(part).stream().mapToDouble(Point::x).max().orElse(0) - left) * scale;
            double height = (all(part).stream().mapToDouble(Point::y).max().orElse(0) - top) * scale;
            if (x > MARGIN && x + width > Paper.A4.width() - MARGIN) {
                x = MARGIN;
                y += row + GAP;
                row = 0;
            }
            laid.add(new Laid(part, left, top, x, y));
            x += width + GAP;
            row = Math.max(row, height);
        }
        return laid;
    }

    private static double bottom(List<Laid> laid, double scale) {
        return laid.stream()
                .mapToDouble(l -> l.y()
                        + (all(l.part()).stream().mapToDouble(Point::y).max().orElse(0) - l.top()) * scale)
                .max()
                .orElse(0);
    }

    private static void head(Pen pen, Typeface face, String title, double scale) throws IOException {
        pen.text(MARGIN, MARGIN + 5, face.title(), 15, title + ": paper model");
        String size = scale == HALF
                ? "half scale"
                : Math.round(scale * 100) + " % of full size, for half does not fit on this sheet";
        pen.text(
                MARGIN,
                MARGIN + 11,
                face.plain(),
                9,
                "Printed at " + size
                        + ". Cut along the solid lines, fold the tabs under, and glue edge to edge. One cup; the other is its mirror image.");
        pen.stroke(0.3);
        pen.line(new Point(MARGIN, MARGIN + 17), new Point(MARGIN + SQUARE, MARGIN + 17));
        pen.line(new Point(MARGIN, MARGIN + 15), new Point(MARGIN, MARGIN + 19));
        pen.line(new Point(MARGIN + SQUARE, MARGIN + 15), new Point(MARGIN + SQUARE, MARGIN + 19));
        pen.text(MARGIN + SQUARE + 3, MARGIN + 18, face.plain(), 9, "50 mm on this paper; measure it before you cut");
    }

    private static void part(Pen pen, Typeface face, Laid laid, double scale) throws IOException {
        pen.stroke(0.35);
        pen.polyline(laid.part().outline().stream().map(p -> on(laid, p, scale)).toList());
        pen.stroke(0.2, 1.2f, 0.8f);
        for (List<Point> tab : laid.part().tabs()) {
            pen.polyline(tab.stream().map(p -> on(laid, p, scale)).toList());
        }
        Point middle = on(laid, Shape.middle(laid.part().outline()), scale);
        pen.text(
                middle.x() - Typeface.width(face.plain(), 8, laid.part().name()) / 2,
                middle.y(),
                face.plain(),
                8,
                laid.part().name());
    }

    private static Point on(Laid laid, Point p, double scale) {
        return new Point(laid.x() + (p.x() - laid.left()) * scale, laid.y() + (p.y() - laid.top()) * scale);
    }
}
