package bathyra.app.measure;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Palette;
import bathyra.measure.LengthText;
import bathyra.measure.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Pane;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import org.hipparchus.analysis.interpolation.AkimaSplineInterpolator;
import org.hipparchus.analysis.polynomials.PolynomialSplineFunction;

/** An abstract torso computed from the entered figures, with the tape in hand lying where the cutter's lies. */
final class Figure extends Pane {
    /** A torso is about this much wider, seen from the front, than the circle of its girth. */
    private static final double FLATNESS = 1.2;
    private static final double MARGIN = 30;
    private static final double TAG_APART = 44;
    private static final double TAGS = 84;

    private record Ring(MeasurementKey key, double y, double half) {}

    private final Canvas canvas = new Canvas();
    private final Palette palette = new Palette(this::paint);
    private MeasurementSet set = MeasurementSet.empty();
    private MeasurementKey inHand = MeasurementKey.BUST;
    private LengthUnit unit = LengthUnit.CM;
    private double tapeFrom = -1;

    Figure() {
        getChildren().addAll(canvas, palette);
        setMinWidth(240);
        setAccessibleText("A torso with the tape where the measurement in hand is taken");
    }

    void show(MeasurementSet nextSet, MeasurementKey nextInHand, LengthUnit nextUnit) {
        set = nextSet;
        inHand = nextInHand;
        unit = nextUnit;
        paint();
    }

    /** Where the tape comes out from under the page, in pixels from the top. */
    void tapeFrom(double y) {
        if (y != tapeFrom) {
            tapeFrom = y;
            paint();
        }
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        paint();
    }

    /** A figure for a drawing only: what is not measured is drawn at an ordinary size. */
    private double mm(MeasurementKey key, double ordinary) {
        double value = set.find(key).map(Reckoned::value).orElse(ordinary);
        return Math.min(key.most().millimetres(), Math.max(key.least().millimetres(), value));
    }

    private List<Ring> rings() {
        double apex = mm(MeasurementKey.SHOULDER_TO_APEX, 280);
        double underbust = Math.max(apex + 40, mm(MeasurementKey.SHOULDER_TO_UNDERBUST, apex + 85));
        double waist = Math.max(underbust + 40, mm(MeasurementKey.FRONT_LENGTH, underbust + 100));
        double hip = waist + mm(MeasurementKey.WAIST_TO_HIP, 210);
        double highHip = waist + Math.min(hip - waist - 30, mm(MeasurementKey.WAIST_TO_HIGH_HIP, 105));
        return List.of(ring(MeasurementKey.UPPER_BUST, apex - 62, 860), ring(MeasurementKey.BUST, apex, 910), ring(MeasurementKey.UNDERBUST, underbust, 780),
                ring(MeasurementKey.WAIST, waist, 720), ring(MeasurementKey.HIGH_HIP, highHip, 880), ring(MeasurementKey.HIP, hip, 1000));
    }

    private Ring ring(MeasurementKey key, double y, double ordinary) {
        return new Ring(key, y, mm(key, ordinary) / (2 * Math.PI) * FLATNESS);
    }

    private void paint() {
        if (canvas.getHeight() < 100 || canvas.getWidth() < 100) {
            return;
        }
        GraphicsContext g = canvas.getGraphicsContext2D();
        List<Ring> rings = rings();
        double bottom = rings.get(5).y() + 70;
        double widest = Math.max(215, rings.stream().mapToDouble(Ring::half).max().orElse(200));
        double scale = Math.min((canvas.getHeight() - 2 * MARGIN) / (bottom + 105), (canvas.getWidth() - TAGS - 40) / (2 * widest));
        double middle = (canvas.getWidth() - TAGS) / 2;
        double top = (canvas.getHeight() - scale * (bottom + 105)) / 2 + 105 * scale;
        bands(g, rings, top, scale);
        PolynomialSplineFunction outline = outline(rings, bottom);
        isobaths(g, outline, middle, top, scale, bottom);
        stand(g, middle, top, scale, bottom);
        double free = 0;
        for (Ring ring : rings) {
            // Level lines that lie close keep their place; their figures move down until they can be read.
            double tag = Math.max(top + ring.y() * scale, free);
            level(g, ring, middle, top, scale, tag);
            free = tag + TAG_APART;
        }
        hang(g, rings, middle, top, scale);
    }

    private void bands(GraphicsContext g, List<Ring> rings, double top, double scale) {
        Ink[] inks = {Ink.SEA_1, Ink.SEA_1, Ink.SEA_2, Ink.SEA_3, Ink.SEA_4, Ink.SEA_4, Ink.SEA_5};
        g.setFill(palette.of(Ink.SEA_1));
        g.fillRect(0, 0, canvas.getWidth(), canvas.getHeight());
        for (int i = 0; i < rings.size(); i++) {
            double y = top + rings.get(i).y() * scale;
            g.setFill(palette.of(inks[i + 1]));
            g.fillRect(0, y, canvas.getWidth(), Math.max(0, canvas.getHeight() - y));
        }
    }

    /** Half width over depth: neck, shoulder and the measured rings, joined by a curve that does not overshoot. */
    private PolynomialSplineFunction outline(List<Ring> rings, double bottom) {
        double shoulder = mm(MeasurementKey.SHOULDER_WIDTH, 400) / 2;
        List<double[]> points = new ArrayList<>();
        points.add(new double[] {-100, 52});
        points.add(new double[] {-40, 56});
        points.add(new double[] {18, Math.max(120, shoulder * 0.78)});
        points.add(new double[] {62, shoulder});
        double upperY = rings.get(0).y();
        if (upperY > 150) {
            points.add(new double[] {(62 + upperY) / 2, (shoulder + rings.get(0).half()) / 2});
        }
        rings.forEach(r -> points.add(new double[] {r.y(), r.half()}));
        points.add(new double[] {bottom, rings.get(5).half() * 0.97});
        double[] ys = points.stream().mapToDouble(p -> p[0]).toArray();
        double[] xs = points.stream().mapToDouble(p -> p[1]).toArray();
        for (int i = 1; i < ys.length; i++) {
            ys[i] = Math.max(ys[i], ys[i - 1] + 4);
        }
        return new AkimaSplineInterpolator().interpolate(ys, xs);
    }

    private void isobaths(GraphicsContext g, PolynomialSplineFunction outline, double middle, double top, double scale, double bottom) {
        double end = outline.getKnots()[outline.getN()];
        double[] shares = {1, 0.87, 0.73, 0.58, 0.4};
        for (int i = 0; i < shares.length; i++) {
            double inset = (1 - shares[i]) * 150;
            g.beginPath();
            for (int side = -1; side <= 1; side += 2) {
                for (int step = 0; step <= 120; step++) {
                    double share = side < 0 ? step / 120.0 : 1 - step / 120.0;
                    double y = -100 + inset * 0.55 + (end + 100 - inset) * share;
                    double half = outline.value(Math.min(end, Math.max(-100, y))) * shares[i];
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
            g.setFill(palette.of(Ink.SHALLOW));
            g.setGlobalAlpha(i == 0 ? 0.75 : 1);
            g.setFill(i == 0 ? palette.of(Ink.SHALLOW) : palette.of(Ink.SHALLOW).interpolate(palette.of(Ink.SEA_1), i * 0.17));
            g.fill();
            g.setGlobalAlpha(1);
            g.setStroke(i == 0 ? palette.of(Ink.TEAL) : palette.of(Ink.LINE));
            g.setLineWidth(i == 0 ? 2.4 : 0.7);
            g.setLineDashes();
            g.stroke();
        }
        double apexY = top + mm(MeasurementKey.SHOULDER_TO_APEX, 280) * scale;
        double span = mm(MeasurementKey.APEX_SPAN, 186) / 2 * scale;
        double radius = mm(MeasurementKey.APEX_TO_UNDERBUST, 85) * scale * 0.8;
        for (int side = -1; side <= 1; side += 2) {
            for (int ring = 3; ring >= 1; ring--) {
                double r = radius * ring / 3;
                g.setFill(palette.of(Ink.SHALLOW).interpolate(palette.of(Ink.SEA_1), 1 - ring * 0.2));
                g.fillOval(middle + side * span - r, apexY - r, 2 * r, 2 * r);
                g.setStroke(palette.of(Ink.LINE));
                g.setLineWidth(0.7);
                g.strokeOval(middle + side * span - r, apexY - r, 2 * r, 2 * r);
            }
            g.setFill(palette.of(Ink.INK));
            g.fillOval(middle + side * span - 3, apexY - 3, 6, 6);
        }
    }

    private void stand(GraphicsContext g, double middle, double top, double scale, double bottom) {
        g.setFill(palette.of(Ink.BRASS_LIGHT));
        g.fillRect(middle - 7, top + bottom * scale, 14, canvas.getHeight());
        g.setStroke(palette.of(Ink.BRASS));
        g.setLineWidth(1);
        g.strokeRect(middle - 7, top + bottom * scale, 14, canvas.getHeight());
    }

    private void level(GraphicsContext g, Ring ring, double middle, double top, double scale, double tag) {
        double y = top + ring.y() * scale;
        double half = ring.half() * scale;
        boolean held = ring.key() == inHand;
        Optional<Reckoned> value = set.find(ring.key());
        boolean estimate = value.isPresent() && value.get().estimated();
        if (held) {
            roundTheBack(g, middle, y, half);
            for (Layer layer : TAPE) {
                layer.set(g, palette);
                g.beginPath();
                fromThePage(g, middle - half, y);
                g.quadraticCurveTo(middle, y + 16, middle + half, y);
                g.stroke();
            }
            g.setLineDashes();
            value.ifPresent(v -> chip(g, middle + half * 0.12, y + 8, (estimate ? "≈ " : "") + LengthText.say(v.length(), unit)));
        } else {
            g.setStroke(palette.of(Ink.TEAL));
            g.setLineWidth(1.4);
            g.setLineDashes(estimate || value.isEmpty() ? new double[] {4, 3} : new double[0]);
            arc(g, middle, y, half);
            g.setLineDashes();
        }
        double right = canvas.getWidth() - 10;
        g.setStroke(palette.of(Ink.LINE));
        g.setLineWidth(held ? 1.8 : 1);
        double bend = Math.min(right - 78, middle + half + 5 + Math.abs(tag - y));
        g.strokePolyline(new double[] {middle + half + 5, Math.max(bend, middle + half + 6), right}, new double[] {y, tag, tag}, 3);
        text(g, ring.key().label(), right, tag - 6, Ink.TEAL, held ? Lettering.LEVEL_SELECTED : Lettering.LEVEL);
        text(g, value.map(v -> (estimate ? "≈ " : "") + LengthText.say(v.length(), unit)).orElse("not taken"), right, tag + 17, estimate ? Ink.BRASS_TEXT : Ink.INK,
                held ? Lettering.FIGURE_BOLD : Lettering.FIGURE);
    }

    /** A stroke of the drawn tape: its edge, its cloth, its ticks. */
    private record Layer(Ink ink, double width, double... dash) {
        void set(GraphicsContext g, Palette palette) {
            g.setLineCap(StrokeLineCap.BUTT);
            g.setStroke(palette.of(ink));
            g.setLineWidth(width);
            g.setLineDashes(dash);
        }
    }

    private static final List<Layer> TAPE = List.of(new Layer(Ink.DEEP, 13), new Layer(Ink.TAPE, 11), new Layer(Ink.DEEP, 11, 1, 8), new Layer(Ink.TAPE, 5));

    /** From under the page at the row in hand to where the tape meets the body. */
    private void fromThePage(GraphicsContext g, double x, double y) {
        if (tapeFrom < 0) {
            g.moveTo(x, y);
            return;
        }
        g.moveTo(-4, tapeFrom);
        double reach = Math.max(30, x * 0.7);
        g.bezierCurveTo(reach, tapeFrom, x - reach * 0.6, y + 4, x, y);
    }

    private void roundTheBack(GraphicsContext g, double middle, double y, double half) {
        g.setStroke(palette.of(Ink.LINE));
        g.setLineWidth(1.2);
        g.setLineDashes(4, 3);
        g.beginPath();
        g.moveTo(middle - half, y);
        g.quadraticCurveTo(middle, y - 12, middle + half, y);
        g.stroke();
        g.setLineDashes();
    }

    private void chip(GraphicsContext g, double x, double y, String words) {
        double width = words.length() * 7.6 + 14;
        g.setFill(palette.of(Ink.INK));
        g.fillRoundRect(x - width / 2, y - 13, width, 26, 8, 8);
        g.setFont(Lettering.FIGURE_BOLD);
        g.setFill(palette.of(Ink.PAPER));
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(words, x, y + 5);
    }

    private static void arc(GraphicsContext g, double middle, double y, double half) {
        g.beginPath();
        g.moveTo(middle - half, y);
        g.quadraticCurveTo(middle, y + 16, middle + half, y);
        g.stroke();
    }

    /** A length in hand hangs as a tape from where it begins to where it ends. */
    private void hang(GraphicsContext g, List<Ring> rings, double middle, double top, double scale) {
        double span = mm(MeasurementKey.APEX_SPAN, 186) / 2 * scale;
        double apex = rings.get(1).y();
        double waist = rings.get(3).y();
        double[] run = switch (inHand) {
            case SHOULDER_TO_APEX -> new double[] {-58 * scale, 0, -span, apex};
            case SHOULDER_TO_UNDERBUST -> new double[] {-58 * scale, 0, -span, rings.get(2).y()};
            case FRONT_LENGTH -> new double[] {-58 * scale, 0, -span, waist};
            case BACK_LENGTH -> new double[] {58 * scale, 0, 58 * scale, waist};
            case APEX_TO_UNDERBUST -> new double[] {-span, apex, -span, rings.get(2).y()};
            case APEX_SPAN -> new double[] {-span, apex, span, apex};
            case APEX_TO_CENTRE -> new double[] {-span, apex, 0, apex};
            case WAIST_TO_HIP -> new double[] {rings.get(3).half() * scale, waist, rings.get(5).half() * scale, rings.get(5).y()};
            case WAIST_TO_HIGH_HIP -> new double[] {rings.get(3).half() * scale, waist, rings.get(4).half() * scale, rings.get(4).y()};
            case UNDERARM_TO_WAIST -> new double[] {rings.get(0).half() * scale, rings.get(0).y(), rings.get(3).half() * scale, waist};
            case WAIST_TO_LAP -> new double[] {0, waist, 0, waist + mm(MeasurementKey.WAIST_TO_LAP, 190)};
            case SHOULDER_WIDTH -> new double[] {-mm(MeasurementKey.SHOULDER_WIDTH, 400) / 2 * scale, 55, mm(MeasurementKey.SHOULDER_WIDTH, 400) / 2 * scale, 55};
            case CHEST_WIDTH, BACK_WIDTH -> new double[] {-150 * scale, 130, 150 * scale, 130};
            case ARMHOLE -> new double[] {rings.get(0).half() * scale, 62, rings.get(0).half() * scale, rings.get(0).y()};
            default -> new double[0];
        };
        if (run.length == 0) {
            return;
        }
        for (Layer layer : TAPE) {
            layer.set(g, palette);
            g.strokeLine(middle + run[0], top + run[1] * scale, middle + run[2], top + run[3] * scale);
        }
        g.setLineDashes();
        g.setFill(palette.of(Ink.BRASS_LIGHT));
        g.fillOval(middle + run[2] - 5, top + run[3] * scale - 5, 10, 10);
    }

    private void text(GraphicsContext g, String words, double x, double y, Ink ink, Font font) {
        g.setFont(font);
        g.setFill(palette.of(ink));
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(words, x, y);
    }
}
