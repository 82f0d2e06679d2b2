package bathyra.app.fit;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.place.Level;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.text.TextAlignment;

/** The body and the garment cut across at the height of a level, seen from above with the front below. */
final class FromAbove extends PaintedPane {
    private static final double HEIGHT = 210;
    private static final double CAPTION = 18;
    private static final double MARGIN = 10;
    private static final int STEPS = 120;

    private Optional<FitModel.Shown> shown = Optional.empty();
    private Optional<Worn> compared = Optional.empty();
    private Level level = Level.WAIST;

    FromAbove() {
        super(HEIGHT);
        setId("fit-above");
    }

    /** @param other what it is compared with */
    void show(Optional<FitModel.Shown> next, Optional<Worn> other, Level at) {
        shown = next;
        compared = other;
        level = at;
        repaint();
    }

    @Override
    protected void paint(Surface g) {
        g.clearRect(0, 0, getWidth(), getHeight());
        if (shown.isEmpty()) {
            return;
        }
        Form form = shown.get().worn().form();
        double z = height(form, level);
        double wide = 1;
        double front = Double.NEGATIVE_INFINITY;
        double behind = Double.POSITIVE_INFINITY;
        for (int i = 0; i <= STEPS; i++) {
            double[] at = form.at(Math.PI * i / STEPS, z);
            wide = Math.max(wide, at[0]);
            front = Math.max(front, at[1]);
            behind = Math.min(behind, at[1]);
        }
        double scale = Math.min(
                (getWidth() - 2 * MARGIN) / (2 * wide + 30),
                (getHeight() - CAPTION - 2 * MARGIN) / (front - behind + 30));
        double middle = getWidth() / 2;
        double y = CAPTION + MARGIN + (15 - behind) * scale;
        g.setFont(Lettering.figure());
        g.setTextAlign(TextAlignment.CENTER);
        g.setFill(palette().of(Ink.TEAL));
        g.fillText("From above, at the " + level.label().toLowerCase(Locale.ROOT), middle, CAPTION - 4);
        double[] xs = new double[2 * STEPS];
        double[] ys = new double[2 * STEPS];
        for (int i = 0; i < 2 * STEPS; i++) {
            double[] at = form.at(Math.PI * i / STEPS - Math.PI, z);
            xs[i] = middle + at[0] * scale;
            ys[i] = y + at[1] * scale;
        }
        g.setFill(palette().of(Ink.SHALLOW));
        g.fillPolygon(xs, ys, xs.length);
        g.setStroke(palette().of(Ink.LINE));
        g.setLineWidth(1.2);
        g.setLineDashes(4, 3);
        g.strokePolygon(xs, ys, xs.length);
        g.setLineDashes();
        if (compared.isPresent()) {
            g.setStroke(palette().of(Ink.CORAL));
            g.setLineWidth(1.4);
            g.beginPath();
            cut(g, compared.get(), z, middle, y, scale);
            g.stroke();
        }
        g.setStroke(palette().of(Ink.INK));
        g.setLineWidth(2);
        g.beginPath();
        cut(g, shown.get().worn(), z, middle, y, scale);
        g.stroke();
        g.setFill(palette().of(Ink.INK_2));
        g.fillText("front below", middle, y + (front + behind) / 2 * scale + 4);
    }

    /** Where the height cuts the cloth of both halves. */
    private static void cut(Surface g, Worn worn, double z, double middle, double y, double scale) {
        for (double[] line : worn.section(z).cloth()) {
            for (int side = -1; side <= 1; side += 2) {
                g.moveTo(middle + side * line[0] * scale, y + line[1] * scale);
                g.lineTo(middle + side * line[2] * scale, y + line[3] * scale);
            }
        }
    }

    private static double height(Form form, Level level) {
        return switch (level) {
            case UPPER -> form.heights().upper() - 20;
            case BUST -> form.heights().bust();
            case UNDERBUST -> form.heights().underbust();
            case WAIST -> 0;
            case HIGH_HIP -> form.heights().highHip();
            case HIP -> form.heights().hip();
        };
    }
}
