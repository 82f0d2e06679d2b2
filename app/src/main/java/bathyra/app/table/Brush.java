package bathyra.app.table;

import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Draws on a canvas in paper millimetres; line widths and type stay the same at every zoom. */
public final class Brush {
    private static final double HATCH_APART = 7;
    private final GraphicsContext g;
    private final Palette palette;
    private View view;

    Brush(GraphicsContext g, Palette palette, View view) {
        this.g = g;
        this.palette = palette;
        this.view = view;
    }

    public View view() {
        return view;
    }

    public GraphicsContext context() {
        return g;
    }

    public Color colour(Ink ink) {
        return palette.of(ink);
    }

    public void stroke(Ink ink, double width, double... dash) {
        g.setStroke(palette.of(ink));
        g.setLineWidth(width);
        g.setLineDashes(dash);
    }

    public void fill(Ink ink) {
        g.setFill(palette.of(ink));
    }

    /** Begins a path and follows it on the paper; fill or stroke it afterwards. */
    public void follow(Path path, boolean first) {
        if (first) {
            g.beginPath();
            g.moveTo(view.x(path.start().x()), view.y(path.start().y()));
        } else {
            g.lineTo(view.x(path.start().x()), view.y(path.start().y()));
        }
        for (Segment s : path.segments()) {
            if (s instanceof Cubic c) {
                g.bezierCurveTo(view.x(c.control1().x()), view.y(c.control1().y()), view.x(c.control2().x()), view.y(c.control2().y()), view.x(c.end().x()), view.y(c.end().y()));
            } else {
                g.lineTo(view.x(s.end().x()), view.y(s.end().y()));
            }
        }
    }

    public void path(Path path) {
        follow(path, true);
        g.stroke();
    }

    public void polygon(List<Point> points, boolean filled) {
        double[] xs = points.stream().mapToDouble(p -> view.x(p.x())).toArray();
        double[] ys = points.stream().mapToDouble(p -> view.y(p.y())).toArray();
        if (filled) {
            g.fillPolygon(xs, ys, xs.length);
        } else {
            g.strokePolygon(xs, ys, xs.length);
        }
    }

    public void line(Point a, Point b) {
        g.strokeLine(view.x(a.x()), view.y(a.y()), view.x(b.x()), view.y(b.y()));
    }

    /** Hatches the current path between two heights (pixels) with slanting lines. */
    public void hatch(double left, double top, double right, double bottom, double slope) {
        g.save();
        g.clip();
        double run = (bottom - top) * slope;
        double first = Math.floor((left - Math.abs(run)) / HATCH_APART) * HATCH_APART;
        for (double x = first; x < right + Math.abs(run); x += HATCH_APART) {
            g.strokeLine(x, bottom, x + run, top);
        }
        g.restore();
    }

    public void text(String words, double x, double y, Ink ink, Font font, TextAlignment alignment) {
        g.setFill(palette.of(ink));
        g.setFont(font);
        g.setTextAlign(alignment);
        g.setTextBaseline(VPos.BASELINE);
        g.fillText(words, x, y);
    }
}
