package bathyra.app.table;

import bathyra.geometry.Cubic;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.TreeMap;
import java.util.function.Function;
import javafx.geometry.VPos;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Draws on a canvas in paper millimetres; line widths and type stay the same at every zoom. */
public final class Brush {
    private static final double HATCH_APART = 7;
    private final Surface g;
    private final Function<Ink, Color> colours;
    private final View view;

    /** @param colours what each ink is in the theme of the day */
    public Brush(Surface g, Function<Ink, Color> colours, View view) {
        this.g = g;
        this.colours = colours;
        this.view = view;
    }

    public View view() {
        return view;
    }

    public Surface context() {
        return g;
    }

    public Color colour(Ink ink) {
        return colours.apply(ink);
    }

    public void stroke(Ink ink, double width, double... dash) {
        g.setStroke(colours.apply(ink));
        g.setLineWidth(width);
        g.setLineDashes(dash);
    }

    public void fill(Ink ink) {
        g.setFill(colours.apply(ink));
    }

    /** Begins a path and follows it on the paper; fill or stroke it afterwards. */
    public void follow(Path path, boolean first) {
        if (first) {
            g.beginPath();
            g.moveTo(view.x(path.start().x()), view.y(path.start().y()));
        } else {
            g.lineTo(view.x(path.start().x()), view.y(path.start().y()));
        }
        alongTo(path);
    }

    private void alongTo(Path path) {
        for (Segment s : path.segments()) {
            if (s instanceof Cubic c) {
                g.bezierCurveTo(
                        view.x(c.control1().x()),
                        view.y(c.control1().y()),
                        view.x(c.control2().x()),
                        view.y(c.control2().y()),
                        view.x(c.end().x()),
                        view.y(c.end().y()));
            } else {
                g.lineTo(view.x(s.end().x()), view.y(s.end().y()));
            }
        }
    }

    /** Begins one path of many lines: the renderer's cost is mostly by the path. Fill or stroke it afterwards. */
    public void begin(Collection<Path> paths) {
        g.beginPath();
        for (Path path : paths) {
            g.moveTo(view.x(path.start().x()), view.y(path.start().y()));
            alongTo(path);
        }
    }

    /** Strokes many lines as one path. */
    public void paths(Collection<Path> paths) {
        if (!paths.isEmpty()) {
            begin(paths);
            g.stroke();
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

    /** A run of straight lines that is not closed. */
    public void polyline(List<Point> points) {
        g.strokePolyline(
                points.stream().mapToDouble(p -> view.x(p.x())).toArray(),
                points.stream().mapToDouble(p -> view.y(p.y())).toArray(),
                points.size());
    }

    public void line(Point a, Point b) {
        g.strokeLine(view.x(a.x()), view.y(a.y()), view.x(b.x()), view.y(b.y()));
    }

    /**
     * Hatches an area with slanting lines. The lines are cut to the area here: a clip that is no rectangle makes the canvas paint
     * each of them on a sheet of its own.
     *
     * @param area its outline on the paper; closed from the last point to the first
     * @param slope how far a line runs sideways for each pixel upwards
     */
    public void hatch(List<Point> area, double slope) {
        TreeMap<Long, List<Double>> crossings = new TreeMap<>();
        for (int i = 0; i < area.size(); i++) {
            Point a = area.get(i);
            Point b = area.get((i + 1) % area.size());
            cross(crossings, view.x(a.x()), view.y(a.y()), view.x(b.x()), view.y(b.y()), slope);
        }
        // One path for all lines: the renderer's cost is mostly by the path.
        g.beginPath();
        crossings.forEach((line, depths) -> {
            depths.sort(null);
            for (int i = 0; i + 1 < depths.size(); i += 2) {
                g.moveTo(line * HATCH_APART - slope * depths.get(i), depths.get(i));
                g.lineTo(line * HATCH_APART - slope * depths.get(i + 1), depths.get(i + 1));
            }
        });
        g.stroke();
    }

    /** Where the hatch lines meet one side of the area: lines have the same x + slope × y all along. */
    private static void cross(
            TreeMap<Long, List<Double>> crossings, double ax, double ay, double bx, double by, double slope) {
        double from = (ax + slope * ay) / HATCH_APART;
        double to = (bx + slope * by) / HATCH_APART;
        long last = (long) Math.floor(Math.max(from, to));
        for (long line = (long) Math.floor(Math.min(from, to)) + 1; line <= last; line++) {
            double share = (line - from) / (to - from);
            crossings.computeIfAbsent(line, k -> new ArrayList<>()).add(ay + (by - ay) * share);
        }
    }

    public void text(String words, double x, double y, Ink ink, Font font, TextAlignment alignment) {
        g.setFill(colours.apply(ink));
        g.setFont(font);
        g.setTextAlign(alignment);
        g.setTextBaseline(VPos.BASELINE);
        g.fillText(words, x, y);
    }
}
