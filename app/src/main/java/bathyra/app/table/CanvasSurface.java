package bathyra.app.table;

import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.paint.Paint;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Paints on a canvas of the window. */
public final class CanvasSurface implements Surface {
    private final GraphicsContext g;
    private final WordsApart words = new WordsApart();

    public CanvasSurface(Canvas canvas) {
        this.g = canvas.getGraphicsContext2D();
    }

    @Override
    public void setFill(Color colour) {
        g.setFill(colour);
    }

    @Override
    public void setStroke(Color colour) {
        g.setStroke(colour);
    }

    @Override
    public void setLineWidth(double width) {
        g.setLineWidth(width);
    }

    @Override
    public void setLineDashes(double... dashes) {
        g.setLineDashes(dashes);
    }

    @Override
    public void setLineCap(StrokeLineCap cap) {
        g.setLineCap(cap);
    }

    @Override
    public void setGlobalAlpha(double alpha) {
        g.setGlobalAlpha(alpha);
    }

    @Override
    public void setFont(Font font) {
        g.setFont(font);
    }

    @Override
    public void setTextAlign(TextAlignment alignment) {
        g.setTextAlign(alignment);
    }

    @Override
    public void setTextBaseline(VPos baseline) {
        g.setTextBaseline(baseline);
    }

    @Override
    public void beginPath() {
        g.beginPath();
    }

    @Override
    public void moveTo(double x, double y) {
        g.moveTo(x, y);
    }

    @Override
    public void lineTo(double x, double y) {
        g.lineTo(x, y);
    }

    @Override
    public void quadraticCurveTo(double controlX, double controlY, double x, double y) {
        g.quadraticCurveTo(controlX, controlY, x, y);
    }

    @Override
    public void bezierCurveTo(
            double control1X, double control1Y, double control2X, double control2Y, double x, double y) {
        g.bezierCurveTo(control1X, control1Y, control2X, control2Y, x, y);
    }

    @Override
    public void rect(double x, double y, double width, double height) {
        g.rect(x, y, width, height);
    }

    @Override
    public void closePath() {
        g.closePath();
    }

    @Override
    public void fill() {
        g.fill();
    }

    @Override
    public void stroke() {
        g.stroke();
    }

    @Override
    public void clip() {
        g.clip();
    }

    @Override
    public void clearRect(double x, double y, double width, double height) {
        g.clearRect(x, y, width, height);
    }

    @Override
    public void fillRect(double x, double y, double width, double height) {
        words.cover(x, y, width, height, g.getTransform());
        g.fillRect(x, y, width, height);
    }

    @Override
    public void strokeRect(double x, double y, double width, double height) {
        g.strokeRect(x, y, width, height);
    }

    @Override
    public void fillRoundRect(double x, double y, double width, double height, double arcWidth, double arcHeight) {
        words.cover(x, y, width, height, g.getTransform());
        g.fillRoundRect(x, y, width, height, arcWidth, arcHeight);
    }

    @Override
    public void fillOval(double x, double y, double width, double height) {
        g.fillOval(x, y, width, height);
    }

    @Override
    public void strokeOval(double x, double y, double width, double height) {
        g.strokeOval(x, y, width, height);
    }

    @Override
    public void fillArc(double x, double y, double width, double height, double start, double extent, ArcType closure) {
        g.fillArc(x, y, width, height, start, extent, closure);
    }

    @Override
    public void strokeArc(
            double x, double y, double width, double height, double start, double extent, ArcType closure) {
        g.strokeArc(x, y, width, height, start, extent, closure);
    }

    @Override
    public void strokeLine(double x1, double y1, double x2, double y2) {
        if ((x1 == x2 || y1 == y2) && strokesArePlain()) {
            upright(x1, y1, x2, y2);
        } else {
            g.strokeLine(x1, y1, x2, y2);
        }
    }

    /** Whether a line has no dashes, and the ends of which a rectangle is made: half its width beyond its points. */
    private boolean strokesArePlain() {
        return (g.getLineDashes() == null || g.getLineDashes().length == 0) && g.getLineCap() == StrokeLineCap.SQUARE;
    }

    /** A line along the pixels' rows or columns is a rectangle, which the renderer fills a tenth as long. */
    private void upright(double x1, double y1, double x2, double y2) {
        double wide = g.getLineWidth();
        Paint fill = g.getFill();
        g.setFill(g.getStroke());
        g.fillRect(
                Math.min(x1, x2) - wide / 2,
                Math.min(y1, y2) - wide / 2,
                Math.abs(x2 - x1) + wide,
                Math.abs(y2 - y1) + wide);
        g.setFill(fill);
    }

    @Override
    public void fillPolygon(double[] xs, double[] ys, int count) {
        g.fillPolygon(xs, ys, count);
    }

    @Override
    public void strokePolygon(double[] xs, double[] ys, int count) {
        g.strokePolygon(xs, ys, count);
    }

    @Override
    public void strokePolyline(double[] xs, double[] ys, int count) {
        g.strokePolyline(xs, ys, count);
    }

    @Override
    public void fillText(String text, double x, double y) {
        if (words.take(text, x, y, g.getFont(), g.getTextAlign(), g.getTextBaseline(), g.getTransform())) {
            g.fillText(text, x, y);
        }
    }

    @Override
    public void drawImage(Image image, double x, double y, double width, double height) {
        g.drawImage(image, x, y, width, height);
    }

    @Override
    public void save() {
        g.save();
    }

    @Override
    public void restore() {
        g.restore();
    }

    @Override
    public void translate(double x, double y) {
        g.translate(x, y);
    }

    @Override
    public void rotate(double degrees) {
        g.rotate(degrees);
    }
}
