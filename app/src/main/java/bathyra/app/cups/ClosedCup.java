package bathyra.app.cups;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Surface;
import bathyra.cutting.FoldedCup;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import javafx.scene.text.TextAlignment;

/** The closed cup, cut through the apex: it stands on the flat circle, and what the wedges swallow is coral at its ends. */
final class ClosedCup extends PaintedPane {
    private static final double SIDE = 20;
    private static final double FOOT = 34;
    private static final double HEAD = 10;
    private static final double DEPTH_ROOM = 100;

    private FoldedCup cup;
    private LengthUnit unit = LengthUnit.CM;

    ClosedCup() {
        setMinSize(200, 120);
        setId("closed-cup");
    }

    void show(FoldedCup next, LengthUnit in) {
        cup = next;
        unit = in;
        setAccessibleText("The closed cup is " + LengthText.say(Length.mm(cup.depth()), unit) + " deep");
        repaint();
    }

    @Override
    protected void paint(Surface g) {
        g.clearRect(0, 0, getWidth(), getHeight());
        if (cup == null || getWidth() < DEPTH_ROOM) {
            return;
        }
        double flat = cup.rings().get(cup.rings().size() - 1).away();
        double closed = cup.rings().get(cup.rings().size() - 1).radius();
        double scale = Math.min(
                (getWidth() - DEPTH_ROOM - 2 * SIDE) / (2 * flat),
                (getHeight() - FOOT - HEAD) / Math.max(cup.depth(), 20));
        double middle = SIDE + (getWidth() - DEPTH_ROOM - 2 * SIDE) / 2;
        double floor = getHeight() - FOOT;
        int n = cup.rings().size();
        double[] xs = new double[2 * n - 1];
        double[] ys = new double[2 * n - 1];
        for (int i = 0; i < n; i++) {
            FoldedCup.Ring ring = cup.rings().get(n - 1 - i);
            xs[i] = middle - ring.radius() * scale;
            ys[i] = floor - (cup.depth() - ring.below()) * scale;
            xs[2 * n - 2 - i] = middle + ring.radius() * scale;
            ys[2 * n - 2 - i] = ys[i];
        }
        g.setFill(palette().of(Ink.SHALLOW));
        g.setGlobalAlpha(0.5);
        g.fillPolygon(xs, ys, xs.length);
        g.setGlobalAlpha(1);
        g.setStroke(palette().of(Ink.TEAL));
        g.setLineWidth(2);
        g.setLineDashes();
        g.strokePolyline(xs, ys, xs.length);
        g.strokeLine(middle - closed * scale, floor, middle + closed * scale, floor);
        g.setStroke(palette().of(Ink.INK));
        g.setLineWidth(1);
        g.strokeLine(middle - flat * scale, floor + 8, middle + flat * scale, floor + 8);
        g.setStroke(palette().of(Ink.CORAL));
        g.setLineWidth(3);
        g.strokeLine(middle - flat * scale, floor + 8, middle - closed * scale, floor + 8);
        g.strokeLine(middle + closed * scale, floor + 8, middle + flat * scale, floor + 8);
        double right = middle + flat * scale + 14;
        g.setStroke(palette().of(Ink.INK));
        g.setLineWidth(1);
        g.strokeLine(right, floor, right, floor - cup.depth() * scale);
        write(
                g,
                "folded " + LengthText.say(Length.mm(cup.depth()), unit),
                right + 6,
                floor - cup.depth() * scale / 2 + 4,
                TextAlignment.LEFT);
        write(
                g,
                "flat " + LengthText.say(Length.mm(2 * flat), unit) + ", closed "
                        + LengthText.say(Length.mm(2 * closed), unit) + " across",
                middle,
                floor + 26,
                TextAlignment.CENTER);
    }

    private void write(Surface g, String words, double x, double y, TextAlignment alignment) {
        g.setFill(palette().of(Ink.INK));
        g.setFont(Lettering.figure());
        g.setTextAlign(alignment);
        g.fillText(words, x, y);
    }
}
