package bathyra.app.reckoning;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.List;
import java.util.OptionalDouble;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/** A stretch of measuring tape with the value in use as a pointer above it and others as pins below. */
public final class TapeGauge extends PaintedPane {
    private static final double TOP = 22;
    private static final double DEEP = 10;
    private static final double HEIGHT = 52;
    private static final double PIN = 7;
    private static final int NUMERALS = 5;

    private Scale scale;

    /**
     * What is on the tape, mm.
     *
     * @param from where the tape begins
     * @param to where it ends
     * @param value the value in use
     * @param pins other values
     * @param cap where a cap lies
     * @param label what stands beside the pointer, empty for nothing
     */
    public record Scale(
            double from,
            double to,
            OptionalDouble value,
            List<Double> pins,
            OptionalDouble cap,
            String label,
            LengthUnit unit) {}

    public TapeGauge() {
        super(HEIGHT);
    }

    /** Puts other figures on the tape. */
    public void show(Scale next) {
        scale = next;
        setAccessibleText("A tape from " + LengthText.say(Length.mm(scale.from()), scale.unit()) + " to "
                + LengthText.say(Length.mm(scale.to()), scale.unit()));
        repaint();
    }

    private double x(double mm) {
        double share = (mm - scale.from()) / (scale.to() - scale.from());
        return 6 + Math.min(1, Math.max(0, share)) * (getWidth() - 12);
    }

    @Override
    protected void paint(Surface g) {
        if (scale == null || getWidth() < 40) {
            return;
        }
        g.clearRect(0, 0, getWidth(), HEIGHT);
        g.setFill(palette().of(Ink.CHART));
        g.fillRect(0.5, TOP, getWidth() - 1, DEEP);
        g.setStroke(palette().of(Ink.EDGE));
        g.setLineWidth(1);
        g.setLineDashes();
        g.strokeRect(0.5, TOP + 0.5, getWidth() - 1, DEEP);
        ticks(g);
        scale.cap().ifPresent(cap -> {
            g.setStroke(palette().of(Ink.AMBER));
            g.setLineWidth(1.6);
            g.setLineDashes(4, 3);
            g.strokeLine(x(cap), TOP - 1, x(cap), TOP + DEEP + 8);
            g.setLineDashes();
        });
        for (double pin : scale.pins()) {
            g.setStroke(palette().of(Ink.INK));
            g.setLineWidth(1.4);
            g.strokeLine(x(pin), TOP + DEEP, x(pin), TOP + DEEP + PIN);
            g.setFill(palette().of(Ink.INK));
            g.fillOval(x(pin) - 3, TOP + DEEP + PIN - 1, 6, 6);
        }
        scale.value().ifPresent(value -> pointer(g, x(value)));
    }

    /** A tick for each inch or centimetre; so many numerals as can be read. */
    private void ticks(Surface g) {
        double unit = scale.unit().millimetres() * (scale.unit() == LengthUnit.MM ? 10 : 1);
        int every = 1;
        while ((scale.to() - scale.from()) / unit / every > NUMERALS * 5) {
            every *= every == 1 ? 5 : 2;
        }
        g.setStroke(palette().of(Ink.INK_2));
        g.setLineWidth(1);
        boolean numerals = scale.pins().isEmpty();
        for (long i = (long) Math.ceil(scale.from() / unit / every); i * every * unit <= scale.to(); i++) {
            double at = x(i * every * unit);
            boolean large = i % 4 == 0;
            g.strokeLine(at, TOP + 1, at, TOP + (large ? 7 : 4));
            if (large && numerals && at > 12 && at < getWidth() - 12) {
                text(g, Long.toString(i * every), at, TOP + DEEP + 14, Ink.INK_2, TextAlignment.CENTER);
            }
        }
    }

    private void pointer(Surface g, double at) {
        g.setFill(palette().of(Ink.TEAL));
        g.fillPolygon(new double[] {at - 6, at + 6, at}, new double[] {TOP - 11, TOP - 11, TOP - 1}, 3);
        if (!scale.label().isEmpty()) {
            boolean left = at > getWidth() / 2;
            text(
                    g,
                    scale.label(),
                    left ? at - 10 : at + 10,
                    TOP - 4,
                    Ink.TEAL,
                    left ? TextAlignment.RIGHT : TextAlignment.LEFT);
        }
    }

    private void text(Surface g, String words, double x, double y, Ink ink, TextAlignment alignment) {
        g.setFont(Lettering.figure());
        g.setFill(palette().of(ink));
        g.setTextAlign(alignment);
        g.setTextBaseline(VPos.BASELINE);
        g.fillText(words, x, y);
    }
}
