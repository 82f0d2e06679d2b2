package bathyra.app.reckoning;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import java.util.Arrays;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** Lines over depth, as on a sounding chart: depth runs downwards, what was measured to the right. */
public final class DepthProfile extends PaintedPane {
    private static final double HEIGHT = 132;
    private static final double LEFT = 74;
    private static final double RIGHT = 8;
    private static final double TOP = 10;
    private static final double FOOT = 20;

    /**
     * One line of the chart.
     *
     * @param name for the legend below it; empty for none
     * @param depths mm, growing
     * @param values mm, one for each depth
     * @param dotted whether its points are marked
     */
    public record Line(String name, Ink ink, double[] dash, double[] depths, double[] values, boolean dotted) {}

    /** A depth with its name. */
    public record Mark(String name, double depth) {}

    private List<Line> lines = List.of();
    private List<Mark> marks = List.of();
    private boolean fromNothing;

    public DepthProfile() {
        super(HEIGHT);
    }

    /** @param nought whether the values are drawn from nothing on, or only their range */
    public void show(String says, List<Line> next, List<Mark> levels, boolean nought) {
        lines = next;
        marks = levels;
        fromNothing = nought;
        setAccessibleText(says);
        repaint();
    }

    @Override
    protected void paint(Surface g) {
        double width = getWidth();
        if (lines.isEmpty() || marks.isEmpty() || width < LEFT + 40) {
            return;
        }
        g.clearRect(0, 0, width, HEIGHT);
        double[] all = lines.stream()
                .flatMapToDouble(l -> Arrays.stream(l.values()))
                .sorted()
                .toArray();
        double high = all[all.length - 1];
        double low = fromNothing ? Math.min(0, all[0]) : all[0] - (high - all[0]) * 0.1;
        double scale = (width - LEFT - RIGHT) / Math.max(1, high - low);
        double top = marks.get(0).depth();
        double deep =
                (HEIGHT - TOP - FOOT) / Math.max(1, marks.get(marks.size() - 1).depth() - top);
        levels(g, top, deep, width);
        double legend = 0;
        for (Line line : lines) {
            paint(g, line, low, scale, top, deep);
            if (!line.name().isEmpty()) {
                stroke(g, line);
                g.strokeLine(legend, HEIGHT - 6, legend + 16, HEIGHT - 6);
                text(g, line.name(), legend + 20, HEIGHT - 2);
                legend += 34 + line.name().length() * TextSize.px(6.6);
            }
        }
    }

    private void levels(Surface g, double top, double deep, double width) {
        double last = -20;
        for (Mark mark : marks) {
            double y = TOP + (mark.depth() - top) * deep;
            g.setStroke(palette().of(Ink.RULE));
            g.setLineWidth(1);
            g.setLineDashes();
            g.strokeLine(LEFT, y, width - RIGHT, y);
            if (y - last >= TextSize.px(13)) {
                text(g, mark.name(), 0, y + 4);
                last = y;
            }
        }
    }

    private void paint(Surface g, Line line, double low, double scale, double top, double deep) {
        stroke(g, line);
        double[] x = new double[line.values().length];
        double[] y = new double[x.length];
        for (int i = 0; i < x.length; i++) {
            x[i] = LEFT + (line.values()[i] - low) * scale;
            y[i] = TOP + (line.depths()[i] - top) * deep;
        }
        g.strokePolyline(x, y, x.length);
        g.setFill(palette().of(line.ink()));
        for (int i = 0; line.dotted() && i < x.length; i++) {
            g.fillOval(x[i] - 3, y[i] - 3, 6, 6);
        }
    }

    private void stroke(Surface g, Line line) {
        g.setStroke(palette().of(line.ink()));
        g.setLineWidth(2);
        g.setLineDashes(line.dash());
    }

    private void text(Surface g, String words, double x, double y) {
        g.setFont(Lettering.figure());
        g.setFill(palette().of(Ink.INK_2));
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.BASELINE);
        g.fillText(words, x, y);
    }
}
