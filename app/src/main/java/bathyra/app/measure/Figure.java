package bathyra.app.measure;

import bathyra.app.measure.Torso.Ring;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Palette;
import bathyra.app.table.Surface;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.List;
import java.util.Optional;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/** Draws the torso computed from the entered figures, from the side on which the tape in hand lies. */
final class Figure extends PaintedPane {
    private static final double MARGIN = 30;
    private static final double TAG_APART = 44;
    private static final double TAGS = 84;

    private MeasurementSet set = MeasurementSet.empty();
    private MeasurementKey inHand = MeasurementKey.BUST;
    private LengthUnit unit = LengthUnit.CM;
    private double tapeFrom = -1;

    Figure() {
        setMinWidth(240);
        setAccessibleText("A torso with the tape where the measurement in hand is taken");
    }

    void show(MeasurementSet nextSet, MeasurementKey nextInHand, LengthUnit nextUnit) {
        set = nextSet;
        inHand = nextInHand;
        unit = nextUnit;
        repaint();
    }

    /** Where the tape comes out from under the page, in pixels from the top. */
    void tapeFrom(double y) {
        if (y != tapeFrom) {
            tapeFrom = y;
            repaint();
        }
    }

    @Override
    protected void paint(Surface g) {
        if (getHeight() < 100 || getWidth() < 100) {
            return;
        }
        Torso torso = new Torso(set);
        Torso.View view = Torso.view(inHand);
        List<Ring> rings = torso.rings(view);
        double bottom = torso.bottom();
        double widest = Math.max(
                215,
                rings.stream()
                        .mapToDouble(r -> Math.max(r.left(), r.right()))
                        .max()
                        .orElse(200));
        double scale = Math.min((getHeight() - 2 * MARGIN) / (bottom + 105), (getWidth() - TAGS - 40) / (2 * widest));
        double middle = (getWidth() - TAGS) / 2;
        double top = (getHeight() - scale * (bottom + 105)) / 2 + 105 * scale;
        bands(g, rings, top, scale);
        isobaths(g, torso, view, middle, top, scale);
        features(g, torso, view, middle, top, scale);
        stand(g, middle, top, scale, bottom);
        double free = 0;
        for (Ring ring : rings) {
            // Level lines that lie close keep their place; their figures move down until they can be read.
            double tag = Math.max(top + ring.y() * scale, free);
            level(g, ring, middle, top, scale, tag);
            free = tag + TAG_APART;
        }
        torso.run(inHand).ifPresent(run -> lay(g, run, middle, top, scale));
        text(g, view.label(), getWidth() - 10, 24, Ink.TEAL, Lettering.LEVEL);
        setAccessibleText("A torso " + view.label().toLowerCase(java.util.Locale.ROOT) + ", with the tape where "
                + inHand.label() + " is taken");
    }

    private void bands(Surface g, List<Ring> rings, double top, double scale) {
        Ink[] inks = {Ink.SEA_1, Ink.SEA_1, Ink.SEA_2, Ink.SEA_3, Ink.SEA_4, Ink.SEA_4, Ink.SEA_5};
        g.setFill(palette().of(Ink.SEA_1));
        g.fillRect(0, 0, getWidth(), getHeight());
        for (int i = 0; i < rings.size(); i++) {
            double y = top + rings.get(i).y() * scale;
            g.setFill(palette().of(inks[i + 1]));
            g.fillRect(0, y, getWidth(), Math.max(0, getHeight() - y));
        }
    }

    private void isobaths(Surface g, Torso torso, Torso.View view, double middle, double top, double scale) {
        PolynomialSplineFunction left = torso.outline(view, true);
        PolynomialSplineFunction right = torso.outline(view, false);
        double end = left.getKnots()[left.getN()];
        double[] shares = {1, 0.87, 0.73, 0.58, 0.4};
        for (int i = 0; i < shares.length; i++) {
            double inset = (1 - shares[i]) * 150;
            g.beginPath();
            for (int side = -1; side <= 1; side += 2) {
                PolynomialSplineFunction outline = side < 0 ? left : right;
                for (int step = 0; step <= 120; step++) {
                    double share = side < 0 ? step / 120.0 : 1 - step / 120.0;
                    double y = Torso.TOP + inset * 0.55 + (end - Torso.TOP - inset) * share;
                    double half = outline.value(Math.min(end, Math.max(Torso.TOP, y))) * shares[i];
                    double fade = Math.min(1, 0.18 + Math.min(share, 1 - share) * 9);
                    double x = middle + side * half * scale * (i == 0 ? 1 : Math.sqrt(fade));
                    if (side < 0 && step == 0) {
                        g.moveTo(x, top + y * scale);
                    } else {
                        g.lineTo(x, top + y * scale);
                    }
                }
            }
            g.closePath();
            g.setFill(palette().of(Ink.SHALLOW));
            g.setGlobalAlpha(i == 0 ? 0.75 : 1);
            g.setFill(
                    i == 0
                            ? palette().of(Ink.SHALLOW)
                            : palette().of(Ink.SHALLOW).interpolate(palette().of(Ink.SEA_1), i * 0.17));
            g.fill();
            g.setGlobalAlpha(1);
            g.setStroke(i == 0 ? palette().of(Ink.TEAL) : palette().of(Ink.LINE));
            g.setLineWidth(i == 0 ? 2.4 : 0.7);
            g.setLineDashes();
            g.stroke();
        }
    }

    /** What tells front, side and back apart: the bust, the arm's root, the blades. */
    private void features(Surface g, Torso torso, Torso.View view, double middle, double top, double scale) {
        if (view == Torso.View.FRONT) {
            double radius = torso.mm(MeasurementKey.APEX_TO_UNDERBUST, 85) * scale * 0.8;
            for (int side = -1; side <= 1; side += 2) {
                double x = middle + side * torso.halfSpan() * scale;
                double y = top + torso.apex() * scale;
                for (int ring = 3; ring >= 1; ring--) {
                    disc(g, x, y, radius * ring / 3, radius * ring / 3, ring * 0.2);
                }
                g.setFill(palette().of(Ink.INK));
                g.fillOval(x - 3, y - 3, 6, 6);
            }
            return;
        }
        double upper = torso.level(MeasurementKey.UPPER_BUST);
        if (view == Torso.View.SIDE) {
            disc(g, middle, top + (30 + upper) / 2 * scale, 48 * scale, (upper - 38) / 2 * scale, 0.5);
            return;
        }
        for (int side = -1; side <= 1; side += 2) {
            disc(g, middle + side * 84 * scale, top + (upper - 40) * scale, 46 * scale, 72 * scale, 0.3);
        }
        g.setStroke(palette().of(Ink.LINE));
        g.setLineWidth(1);
        g.strokeLine(middle, top, middle, top + torso.level(MeasurementKey.HIGH_HIP) * scale);
    }

    private void disc(Surface g, double x, double y, double halfWidth, double halfHeight, double share) {
        g.setFill(palette().of(Ink.SHALLOW).interpolate(palette().of(Ink.SEA_1), 1 - share));
        g.fillOval(x - halfWidth, y - halfHeight, 2 * halfWidth, 2 * halfHeight);
        g.setStroke(palette().of(Ink.LINE));
        g.setLineWidth(0.7);
        g.strokeOval(x - halfWidth, y - halfHeight, 2 * halfWidth, 2 * halfHeight);
    }

    private void stand(Surface g, double middle, double top, double scale, double bottom) {
        g.setFill(palette().of(Ink.BRASS_LIGHT));
        g.fillRect(middle - 7, top + bottom * scale, 14, getHeight());
        g.setStroke(palette().of(Ink.BRASS));
        g.setLineWidth(1);
        g.strokeRect(middle - 7, top + bottom * scale, 14, getHeight());
    }

    private void level(Surface g, Ring ring, double middle, double top, double scale, double tag) {
        double y = top + ring.y() * scale;
        double left = ring.left() * scale;
        double right = ring.right() * scale;
        boolean held = ring.key() == inHand
                || inHand == MeasurementKey.UNDERBUST_FULL && ring.key() == MeasurementKey.UNDERBUST;
        Optional<Reckoned> value = set.find(held ? inHand : ring.key());
        boolean estimate = value.isPresent() && value.get().estimated();
        if (held) {
            roundTheBack(g, middle - left, middle + right, y);
            for (Layer layer : TAPE) {
                layer.set(g, palette());
                g.beginPath();
                fromThePage(g, middle - left, y);
                g.quadraticCurveTo(middle, y + 16, middle + right, y);
                g.stroke();
            }
            g.setLineDashes();
            value.ifPresent(v ->
                    chip(g, middle + right * 0.12, y + 8, (estimate ? "≈ " : "") + LengthText.say(v.length(), unit)));
        } else {
            g.setStroke(palette().of(Ink.TEAL));
            g.setLineWidth(1.4);
            g.setLineDashes(estimate || value.isEmpty() ? new double[] {4, 3} : new double[0]);
            arc(g, middle - left, middle + right, y);
            g.setLineDashes();
        }
        double edge = getWidth() - 10;
        g.setStroke(palette().of(Ink.LINE));
        g.setLineWidth(held ? 1.8 : 1);
        double bend = Math.min(edge - 78, middle + right + 5 + Math.abs(tag - y));
        g.strokePolyline(
                new double[] {middle + right + 5, Math.max(bend, middle + right + 6), edge},
                new double[] {y, tag, tag},
                3);
        text(g, ring.key().label(), edge, tag - 6, Ink.TEAL, held ? Lettering.LEVEL_SELECTED : Lettering.LEVEL);
        text(
                g,
                value.map(v -> (estimate ? "≈ " : "") + LengthText.say(v.length(), unit))
                        .orElse("not taken"),
                edge,
                tag + 17,
                estimate ? Ink.BRASS_TEXT : Ink.INK,
                held ? Lettering.FIGURE_BOLD : Lettering.FIGURE);
    }

    /** A stroke of the drawn tape: its edge, its cloth, its ticks. */
    private record Layer(Ink ink, double width, double... dash) {
        void set(Surface g, Palette palette) {
            g.setLineCap(StrokeLineCap.BUTT);
            g.setStroke(palette.of(ink));
            g.setLineWidth(width);
            g.setLineDashes(dash);
        }
    }

    private static final List<Layer> TAPE = List.of(
            new Layer(Ink.DEEP, 13), new Layer(Ink.TAPE, 11), new Layer(Ink.DEEP, 11, 1, 8), new Layer(Ink.TAPE, 5));

    /** From under the page at the row in hand to where the tape meets the body. */
    private void fromThePage(Surface g, double x, double y) {
        if (tapeFrom < 0) {
            g.moveTo(x, y);
            return;
        }
        g.moveTo(-4, tapeFrom);
        double reach = Math.max(30, x * 0.7);
        g.bezierCurveTo(reach, tapeFrom, x - reach * 0.6, y + 4, x, y);
    }

    private void roundTheBack(Surface g, double from, double to, double y) {
        g.setStroke(palette().of(Ink.LINE));
        g.setLineWidth(1.2);
        g.setLineDashes(4, 3);
        g.beginPath();
        g.moveTo(from, y);
        g.quadraticCurveTo((from + to) / 2, y - 12, to, y);
        g.stroke();
        g.setLineDashes();
    }

    private void chip(Surface g, double x, double y, String words) {
        double width = words.length() * 7.6 + 14;
        g.setFill(palette().of(Ink.INK));
        g.fillRoundRect(x - width / 2, y - 13, width, 26, 8, 8);
        g.setFont(Lettering.FIGURE_BOLD);
        g.setFill(palette().of(Ink.PAPER));
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(words, x, y + 5);
    }

    private static void arc(Surface g, double from, double to, double y) {
        g.beginPath();
        g.moveTo(from, y);
        g.quadraticCurveTo((from + to) / 2, y + 16, to, y);
        g.stroke();
    }

    /** The tape in hand from where it begins to where it ends. */
    private void lay(Surface g, Torso.Run run, double middle, double top, double scale) {
        double[] xs =
                run.points().stream().mapToDouble(p -> middle + p[0] * scale).toArray();
        double[] ys = run.points().stream().mapToDouble(p -> top + p[1] * scale).toArray();
        for (Layer layer : TAPE) {
            layer.set(g, palette());
            if (run.closed()) {
                g.strokePolygon(xs, ys, xs.length);
            } else {
                g.strokePolyline(xs, ys, xs.length);
            }
        }
        g.setLineDashes();
        if (!run.closed()) {
            g.setFill(palette().of(Ink.BRASS_LIGHT));
            g.fillOval(xs[xs.length - 1] - 5, ys[ys.length - 1] - 5, 10, 10);
        }
    }

    private void text(Surface g, String words, double x, double y, Ink ink, Font font) {
        g.setFont(font);
        g.setFill(palette().of(ink));
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(words, x, y);
    }
}
