package bathyra.app.table;

import java.awt.geom.Line2D;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.geometry.VPos;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import javafx.scene.transform.Affine;

/** A surface without a window: it keeps what was painted, and refuses what a canvas would silently leave out. */
public final class RecordingSurface implements Surface {
    private final List<String> words = new ArrayList<>();
    private final List<Point2D> beginnings = new ArrayList<>();
    private final Deque<Affine> kept = new ArrayDeque<>();
    private Affine placing = new Affine();
    private final List<Rectangle2D> areas = new ArrayList<>();
    private final List<Line2D> lines = new ArrayList<>();
    private int shapes;
    private boolean begun;

    /** Everything that was written, in order. */
    public List<String> words() {
        return List.copyOf(words);
    }

    /** Where each word of {@link #words} was begun, px from the left and from the top. */
    public List<Point2D> beginnings() {
        return List.copyOf(beginnings);
    }

    /** Every upright area that was filled, as it was asked for. */
    public List<Rectangle2D> areas() {
        return List.copyOf(areas);
    }

    /** Every single line, as it was asked for. */
    public List<Line2D> lines() {
        return List.copyOf(lines);
    }

    /** How many lines, areas and words were painted. */
    public int shapes() {
        return shapes;
    }

    /** What was kept by {@link #save} and not restored. */
    public int unrestored() {
        return kept.size();
    }

    private void finite(double... values) {
        for (double value : values) {
            if (!Double.isFinite(value)) {
                throw new IllegalStateException("painted at " + value);
            }
        }
    }

    private void shape(double... values) {
        finite(values);
        shapes++;
    }

    private void onPath() {
        if (!begun) {
            throw new IllegalStateException("a path goes on before it has begun");
        }
    }

    @Override
    public void setFill(Color colour) {}

    @Override
    public void setStroke(Color colour) {
        java.util.Objects.requireNonNull(colour);
    }

    @Override
    public void setLineWidth(double width) {
        finite(width);
    }

    @Override
    public void setLineDashes(double... dashes) {
        finite(dashes);
    }

    @Override
    public void setLineCap(StrokeLineCap cap) {
        java.util.Objects.requireNonNull(cap);
    }

    @Override
    public void setGlobalAlpha(double alpha) {
        finite(alpha);
    }

    @Override
    public void setFont(Font font) {
        java.util.Objects.requireNonNull(font);
    }

    @Override
    public void setTextAlign(TextAlignment alignment) {
        java.util.Objects.requireNonNull(alignment);
    }

    @Override
    public void setTextBaseline(VPos baseline) {
        java.util.Objects.requireNonNull(baseline);
    }

    @Override
    public void beginPath() {
        begun = false;
    }

    @Override
    public void moveTo(double x, double y) {
        finite(x, y);
        begun = true;
    }

    @Override
    public void lineTo(double x, double y) {
        onPath();
        finite(x, y);
    }

    @Override
    public void quadraticCurveTo(double controlX, double controlY, double x, double y) {
        onPath();
        finite(controlX, controlY, x, y);
    }

    @Override
    public void bezierCurveTo(
            double control1X, double control1Y, double control2X, double control2Y, double x, double y) {
        onPath();
        finite(control1X, control1Y, control2X, control2Y, x, y);
    }

    @Override
    public void rect(double x, double y, double width, double height) {
        finite(x, y, width, height);
        begun = true;
    }

    @Override
    public void closePath() {
        onPath();
    }

    @Override
    public void fill() {
        shapes++;
    }

    @Override
    public void stroke() {
        shapes++;
    }

    @Override
    public void clip() {
        onPath();
    }

    @Override
    public void clearRect(double x, double y, double width, double height) {
        finite(x, y, width, height);
    }

    @Override
    public void fillRect(double x, double y, double width, double height) {
        shape(x, y, width, height);
        if (width < 0 || height < 0) {
            throw new IllegalStateException("an area of " + width + " × " + height);
        }
        areas.add(new Rectangle2D(x, y, width, height));
    }

    @Override
    public void strokeRect(double x, double y, double width, double height) {
        shape(x, y, width, height);
    }

    @Override
    public void fillRoundRect(double x, double y, double width, double height, double arcWidth, double arcHeight) {
        shape(x, y, width, height, arcWidth, arcHeight);
    }

    @Override
    public void fillOval(double x, double y, double width, double height) {
        shape(x, y, width, height);
    }

    @Override
    public void strokeOval(double x, double y, double width, double height) {
        shape(x, y, width, height);
    }

    @Override
    public void fillArc(double x, double y, double width, double height, double start, double extent, ArcType closure) {
        shape(x, y, width, height, start, extent);
    }

    @Override
    public void strokeArc(
            double x, double y, double width, double height, double start, double extent, ArcType closure) {
        shape(x, y, width, height, start, extent);
    }

    @Override
    public void strokeLine(double x1, double y1, double x2, double y2) {
        shape(x1, y1, x2, y2);
        lines.add(new Line2D.Double(x1, y1, x2, y2));
    }

    private void points(double[] xs, double[] ys, int count) {
        if (xs.length < count || ys.length < count) {
            throw new IllegalStateException(count + " points asked for, " + Math.min(xs.length, ys.length) + " given");
        }
        finite(xs);
        finite(ys);
        shapes++;
    }

    @Override
    public void fillPolygon(double[] xs, double[] ys, int count) {
        points(xs, ys, count);
    }

    @Override
    public void strokePolygon(double[] xs, double[] ys, int count) {
        points(xs, ys, count);
    }

    @Override
    public void strokePolyline(double[] xs, double[] ys, int count) {
        points(xs, ys, count);
    }

    @Override
    public void fillText(String text, double x, double y) {
        shape(x, y);
        words.add(text);
        beginnings.add(placing.transform(x, y));
    }

    @Override
    public void drawImage(Image image, double x, double y, double width, double height) {
        shape(x, y);
        shape(x + width, y + height);
    }

    @Override
    public void save() {
        kept.push(placing);
        placing = new Affine(placing);
    }

    @Override
    public void restore() {
        placing = kept.pop();
    }

    @Override
    public void translate(double x, double y) {
        finite(x, y);
        placing.appendTranslation(x, y);
    }

    @Override
    public void rotate(double degrees) {
        finite(degrees);
        placing.appendRotation(degrees);
    }

    /** Paints a drawing as the table would when it has just been fitted, and looks what lies under a few places of it. */
    public static RecordingSurface painted(Drawing drawing) {
        RecordingSurface surface = new RecordingSurface();
        double width = 760;
        double height = 420;
        bathyra.geometry.Point a = drawing.extent()[0];
        bathyra.geometry.Point b = drawing.extent()[1];
        double scale = Math.min(
                (width - drawing.tagRoom() - drawing.rightRoom()) / (b.x() - a.x()),
                (height - drawing.footRoom()) / (b.y() - a.y()));
        View view = new View(scale, drawing.tagRoom() - a.x() * scale, -a.y() * scale);
        drawing.paint(new Brush(surface, ink -> Color.BLACK, view), width, height);
        for (int i = 0; i <= 4; i++) {
            drawing.under(a.between(b, i / 4.0), 7 / scale);
        }
        return surface;
    }
}
