package bathyra.files.pdf;

import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import java.io.IOException;
import java.util.List;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.font.PDFont;

/** Draws on one page in millimetres with y down from the page's upper left corner; strokes are millimetres too. */
final class Pen {
    private static final double POINTS_PER_MM = 72 / 25.4;
    private final PDPageContentStream out;
    private final double pageHeight;
    private double shiftX;
    private double shiftY;
    private double scaleX = 1;
    private double scaleY = 1;

    Pen(PDPageContentStream out, double pageHeight) {
        this.out = out;
        this.pageHeight = pageHeight;
    }

    /** From here on the drawing's origin lies at this place of the page. */
    void origin(double x, double y) {
        shiftX = x;
        shiftY = y;
    }

    /** From here on everything is drawn so much wider and higher, about the origin. */
    void scaled(double across, double down) {
        scaleX = across;
        scaleY = down;
    }

    private float x(double mm) {
        return (float) ((mm * scaleX + shiftX) * POINTS_PER_MM);
    }

    private float y(double mm) {
        return (float) ((pageHeight - mm * scaleY - shiftY) * POINTS_PER_MM);
    }

    void save() throws IOException {
        out.saveGraphicsState();
    }

    void restore() throws IOException {
        out.restoreGraphicsState();
    }

    void clip(double x, double y, double width, double height) throws IOException {
        out.addRect(x(x), y(y + height), (float) (width * scaleX * POINTS_PER_MM), (float)
                (height * scaleY * POINTS_PER_MM));
        out.clip();
    }

    void stroke(double width, float... dashMm) throws IOException {
        out.setLineWidth((float) (width * POINTS_PER_MM));
        float[] dash = new float[dashMm.length];
        for (int i = 0; i < dash.length; i++) {
            dash[i] = (float) (dashMm[i] * POINTS_PER_MM);
        }
        out.setLineDashPattern(dash, 0);
    }

    void grey(double level) throws IOException {
        out.setStrokingColor((float) level);
        out.setNonStrokingColor((float) level);
    }

    void line(Point a, Point b) throws IOException {
        out.moveTo(x(a.x()), y(a.y()));
        out.lineTo(x(b.x()), y(b.y()));
        out.stroke();
    }

    void rect(double x, double y, double width, double height) throws IOException {
        out.addRect(x(x), y(y + height), (float) (width * scaleX * POINTS_PER_MM), (float)
                (height * scaleY * POINTS_PER_MM));
        out.stroke();
    }

    /** A filled disc. */
    void disc(Point at, double radius) throws IOException {
        double k = radius * 0.5523;
        out.moveTo(x(at.x() - radius), y(at.y()));
        out.curveTo(
                x(at.x() - radius), y(at.y() - k), x(at.x() - k), y(at.y() - radius), x(at.x()), y(at.y() - radius));
        out.curveTo(
                x(at.x() + k), y(at.y() - radius), x(at.x() + radius), y(at.y() - k), x(at.x() + radius), y(at.y()));
        out.curveTo(
                x(at.x() + radius), y(at.y() + k), x(at.x() + k), y(at.y() + radius), x(at.x()), y(at.y() + radius));
        out.curveTo(
                x(at.x() - k), y(at.y() + radius), x(at.x() - radius), y(at.y() + k), x(at.x() - radius), y(at.y()));
        out.fill();
    }

    void polyline(List<Point> points) throws IOException {
        out.moveTo(x(points.get(0).x()), y(points.get(0).y()));
        for (Point p : points.subList(1, points.size())) {
            out.lineTo(x(p.x()), y(p.y()));
        }
        out.stroke();
    }

    void path(Path path) throws IOException {
        out.moveTo(x(path.start().x()), y(path.start().y()));
        for (Segment s : path.segments()) {
            if (s instanceof Cubic c) {
                out.curveTo(
                        x(c.control1().x()),
                        y(c.control1().y()),
                        x(c.control2().x()),
                        y(c.control2().y()),
                        x(c.end().x()),
                        y(c.end().y()));
            } else {
                out.lineTo(x(s.end().x()), y(s.end().y()));
            }
        }
        out.stroke();
    }

    /** Fills areas, each closed. */
    void fill(List<? extends List<Point>> areas) throws IOException {
        trace(areas);
        out.fill();
    }

    private void trace(List<? extends List<Point>> areas) throws IOException {
        for (List<Point> area : areas) {
            out.moveTo(x(area.get(0).x()), y(area.get(0).y()));
            for (Point p : area.subList(1, area.size())) {
                out.lineTo(x(p.x()), y(p.y()));
            }
            out.closePath();
        }
    }

    /** Text with its baseline at a place; size in points. */
    void text(double x, double y, PDFont font, double size, String words) throws IOException {
        out.beginText();
        out.setFont(font, (float) size);
        out.newLineAtOffset(x(x), y(y));
        out.showText(Typeface.writable(font, words));
        out.endText();
    }
}
