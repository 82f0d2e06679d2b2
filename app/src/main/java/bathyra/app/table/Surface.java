package bathyra.app.table;

import javafx.geometry.VPos;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.ArcType;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/**
 * What drawings paint on: pixels, x to the right, y down; paths, plain shapes, words, and the paint they are done with. In the window it is
 * a canvas ({@link CanvasSurface}); where there is none, as in the tests, another that keeps what was painted.
 */
public interface Surface {
    void setFill(Color colour);

    void setStroke(Color colour);

    void setLineWidth(double width);

    /** @param dashes lengths drawn and left out in turn; none for a whole line */
    void setLineDashes(double... dashes);

    void setLineCap(StrokeLineCap cap);

    /** @param alpha of everything painted from now on, 0 to 1 */
    void setGlobalAlpha(double alpha);

    void setFont(Font font);

    void setTextAlign(TextAlignment alignment);

    void setTextBaseline(VPos baseline);

    void beginPath();

    void moveTo(double x, double y);

    void lineTo(double x, double y);

    void quadraticCurveTo(double controlX, double controlY, double x, double y);

    void bezierCurveTo(double control1X, double control1Y, double control2X, double control2Y, double x, double y);

    void rect(double x, double y, double width, double height);

    void closePath();

    /** Fills the path. */
    void fill();

    /** Strokes the path. */
    void stroke();

    /** Paints only inside the path until {@link #restore}. */
    void clip();

    void clearRect(double x, double y, double width, double height);

    void fillRect(double x, double y, double width, double height);

    void strokeRect(double x, double y, double width, double height);

    void fillRoundRect(double x, double y, double width, double height, double arcWidth, double arcHeight);

    void fillOval(double x, double y, double width, double height);

    void strokeOval(double x, double y, double width, double height);

    /** @param start in degrees from the right, counter-clockwise @param extent the same */
    void fillArc(double x, double y, double width, double height, double start, double extent, ArcType closure);

    void strokeArc(double x, double y, double width, double height, double start, double extent, ArcType closure);

    void strokeLine(double x1, double y1, double x2, double y2);

    void fillPolygon(double[] xs, double[] ys, int count);

    void strokePolygon(double[] xs, double[] ys, int count);

    void strokePolyline(double[] xs, double[] ys, int count);

    void fillText(String words, double x, double y);

    /** A picture, brought to a size. */
    void drawImage(Image image, double x, double y, double width, double height);

    /** Keeps paint, clip and placing, to be had again by {@link #restore}. */
    void save();

    void restore();

    void translate(double x, double y);

    /** @param degrees clockwise */
    void rotate(double degrees);
}
