package bathyra.app.shelf;

import bathyra.app.stage.Days;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** One figure of a wearer over time: a dot a set, joined in the order of the days, with the figures of the first and the last. */
final class SetChart extends PaintedPane {
    private static final double HIGH = 108;
    private static final double WIDE = 250;
    private static final double HEAD = 40;
    private static final double FOOT = 18;
    private static final double EDGE = 34;
    private static final double DOT = 3.5;
    /** Figures that lie closer than this are not drawn farther apart, mm: a chart makes no mountain of a breath. */
    private static final double SPAN_LEAST = 20;

    private final MeasurementKey key;
    private final List<Dated> figures;
    private final LengthUnit unit;

    /** A figure on its day. */
    record Dated(LocalDate day, Length figure) {}

    /** @param figures by day, the earliest first; there is one at least */
    SetChart(MeasurementKey key, List<Dated> figures, LengthUnit unit) {
        super(HIGH);
        this.key = key;
        this.figures = List.copyOf(figures);
        this.unit = unit;
        setMinWidth(WIDE);
        setPrefWidth(WIDE);
        setAccessibleText(key.label() + ": "
                + figures.stream()
                        .map(f -> LengthText.say(f.figure(), unit) + " on " + f.day())
                        .collect(Collectors.joining(", ")));
    }

    @Override
    protected void paint(Surface g) {
        g.setFill(palette().of(Ink.CHART));
        g.fillRect(0, 0, getWidth(), getHeight());
        g.setStroke(palette().of(Ink.RULE));
        g.setLineWidth(1);
        g.setLineDashes();
        g.strokeRect(0.5, 0.5, getWidth() - 1, getHeight() - 1);
        text(g, key.label(), 8, 15, TextAlignment.LEFT, true);
        text(g, change(), getWidth() - 8, 15, TextAlignment.RIGHT, false);
        double[] xs = new double[figures.size()];
        double[] ys = new double[figures.size()];
        for (int i = 0; i < xs.length; i++) {
            xs[i] = x(figures.get(i).day());
            ys[i] = y(figures.get(i).figure().millimetres());
        }
        g.setStroke(palette().of(Ink.TEAL));
        g.setLineWidth(1.6);
        g.strokePolyline(xs, ys, xs.length);
        g.setFill(palette().of(Ink.TEAL));
        for (int i = 0; i < xs.length; i++) {
            g.fillOval(xs[i] - DOT, ys[i] - DOT, 2 * DOT, 2 * DOT);
        }
        int last = xs.length - 1;
        figure(g, figures.get(0), xs[0], ys[0], TextAlignment.LEFT);
        if (last > 0) {
            figure(g, figures.get(last), xs[last], ys[last], TextAlignment.RIGHT);
        }
    }

    private void figure(Surface g, Dated dated, double x, double y, TextAlignment side) {
        double at = side == TextAlignment.LEFT ? Math.min(x, EDGE) - EDGE + 8 : getWidth() - 8;
        text(g, LengthText.figure(dated.figure(), unit), at, y - 6, side, false);
        text(g, Days.say(dated.day()), at, getHeight() - 6, side, false);
    }

    private void text(Surface g, String words, double x, double y, TextAlignment side, boolean bold) {
        g.setFill(palette().of(bold ? Ink.INK : Ink.INK_2));
        g.setFont(bold ? Lettering.figureBold() : Lettering.ruler());
        g.setTextAlign(side);
        g.setTextBaseline(VPos.BASELINE);
        g.fillText(words, x, y);
    }

    /** From the first to the last. */
    private String change() {
        double by = figures.get(figures.size() - 1).figure().millimetres()
                - figures.get(0).figure().millimetres();
        return figures.size() == 1 ? "one set" : (by > 0 ? "+" : "") + LengthText.say(Length.mm(by), unit);
    }

    private double x(LocalDate day) {
        LocalDate first = figures.get(0).day();
        long all =
                ChronoUnit.DAYS.between(first, figures.get(figures.size() - 1).day());
        double share = all == 0 ? 0.5 : (double) ChronoUnit.DAYS.between(first, day) / all;
        return EDGE + share * (getWidth() - 2 * EDGE);
    }

    private double y(double millimetres) {
        double least = figures.stream()
                .mapToDouble(f -> f.figure().millimetres())
                .min()
                .orElse(0);
        double most = figures.stream()
                .mapToDouble(f -> f.figure().millimetres())
                .max()
                .orElse(0);
        double span = Math.max(SPAN_LEAST, most - least);
        double share = (millimetres - (least + most) / 2) / span + 0.5;
        return getHeight() - FOOT - DOT - share * (getHeight() - HEAD - FOOT - 4 * DOT);
    }
}
