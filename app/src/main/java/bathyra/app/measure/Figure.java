package bathyra.app.measure;

import bathyra.app.form.Look;
import bathyra.app.form.Raster;
import bathyra.app.form.Stand;
import bathyra.app.form.Stands;
import bathyra.app.form.Tints;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.PaintedPane;
import bathyra.app.table.Palette;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.app.work.Latest;
import bathyra.form.Form;
import bathyra.form.Heights;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.reckon.Reckoned;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.scene.image.Image;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

/** Draws the form that the entered figures make, from the side on which the tape in hand lies. */
final class Figure extends PaintedPane {
    private static final double MARGIN = 30;
    private static final double TAG_APART = 44;
    private static final double TAGS = 84;
    private static final int FINER = 2;
    private static final double TILT = 0.07;
    private static final double CHIP_ASIDE = 44;
    private static final double SMALL_WIDE = 230;
    private static final double SMALL_HIGH = 250;

    private MeasurementSet set = MeasurementSet.empty();
    private MeasurementKey inHand = MeasurementKey.BUST;
    private LengthUnit unit = LengthUnit.CM;
    private double tapeFrom = -1;
    private final Stands stands = new Stands(Platform::runLater);
    private final Runnable formed;
    private Optional<Stand> stand = Optional.empty();
    private Charted charted;
    private Optional<Image> chart = Optional.empty();
    private final Latest charting = new Latest(Platform::runLater);
    /** The body and the tape alone. */
    private final boolean small;

    /** @param formed told when another body stands there */
    Figure(Runnable formed) {
        this(formed, false);
        setMinWidth(240);
        setAccessibleText("A torso with the tape where the measurement in hand is taken");
    }

    private Figure(Runnable formed, boolean small) {
        this.formed = formed;
        this.small = small;
    }

    /** The same body small, with another tape on it and nothing beside it. */
    Figure small(MeasurementKey key) {
        Figure next = new Figure(() -> {}, true);
        next.stand = stand;
        next.set = set;
        next.inHand = key;
        next.unit = unit;
        next.setMinSize(TextSize.px(SMALL_WIDE), TextSize.px(SMALL_HIGH));
        next.setPrefSize(TextSize.px(SMALL_WIDE), TextSize.px(SMALL_HIGH));
        next.setAccessibleText("A torso with the tape where " + key.label() + " is taken");
        return next;
    }

    void show(MeasurementSet nextSet, MeasurementKey nextInHand, LengthUnit nextUnit) {
        if (!nextSet.equals(set) || stand.isEmpty()) {
            stands.ask(nextSet, next -> {
                stand = Optional.of(next);
                formed.run();
                repaint();
            });
        }
        set = nextSet;
        inHand = nextInHand;
        unit = nextUnit;
        repaint();
    }

    /** The body that stands there. */
    Optional<Stand> stand() {
        return stand;
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
        g.setFill(palette().of(Ink.SEA_1));
        g.fillRect(0, 0, getWidth(), getHeight());
        if (stand.isEmpty()) {
            return;
        }
        Stand body = stand.get();
        double turn = TapePath.turn(inHand);
        double margin = small ? MARGIN / 3 : MARGIN;
        Look look = body.fitting(turn, getWidth() - (small ? 2 * margin : TAGS), getHeight() - 2 * margin)
                .tilted(TILT, margin);
        List<Ring> rings = rings(body.left());
        bands(g, rings, look);
        pole(g, body, look);
        chart(body, look).ifPresent(c -> g.drawImage(c, 0, 0, getWidth(), getHeight()));
        rim(g, body, look);
        apexes(g, body, look);
        if (!small) {
            levels(g, body, look, rings);
        }
        tape(g, body, look);
        String view = turn == 0 ? "From the front" : turn > 2 ? "From the back" : "From the side";
        setAccessibleText(
                "A torso " + view.toLowerCase(Locale.ROOT) + ", with the tape where " + inHand.label() + " is taken");
        if (small) {
            return;
        }
        text(g, view, getWidth() - 10, 24, Ink.TEAL, Lettering.level());
    }

    private void levels(Surface g, Stand body, Look look, List<Ring> rings) {
        double free = 0;
        for (Ring ring : rings) {
            // Level lines that lie close keep their place; their figures move down until they can be read.
            double tag = Math.max(look.waist() - ring.z() * look.scale(), free);
            level(g, ring, body, look, tag);
            free = tag + TextSize.px(TAG_APART);
        }
    }

    /** A level line with its figure beside the body. */
    private record Ring(MeasurementKey key, double z) {}

    private static List<Ring> rings(Form form) {
        Heights heights = form.heights();
        return List.of(
                new Ring(MeasurementKey.UPPER_BUST, heights.upper()),
                new Ring(MeasurementKey.BUST, heights.bust()),
                new Ring(MeasurementKey.UNDERBUST, heights.underbust()),
                new Ring(MeasurementKey.WAIST, 0),
                new Ring(MeasurementKey.HIGH_HIP, heights.highHip()),
                new Ring(MeasurementKey.HIP, heights.hip()));
    }

    /**
     * The body as a chart, twice as fine as the screen; kept until the body, the view or the colours change. It is worked out beside the window:
     * until it is there the outline stands alone.
     */
    private Optional<Image> chart(Stand body, Look look) {
        Charted wanted = new Charted(body, look, palette().of(Ink.SHALLOW));
        if (!wanted.equals(charted)) {
            if (charted == null || charted.look().turn() != look.turn()) {
                // From the same side what was there may stand until the next is; from another it may not.
                chart = Optional.empty();
            }
            charted = wanted;
            int width = (int) (FINER * getWidth());
            int height = (int) (FINER * getHeight());
            Tints.Chart colours = new Tints(palette()).chart();
            charting.begin(
                    "chart of a body",
                    run -> {
                        if (run.isOver()) {
                            return;
                        }
                        Raster raster = new Raster(width, height);
                        body.paint(raster, look.times(FINER));
                        int[] pixels = Tints.pixels(raster, colours);
                        run.show(() -> {
                            chart = Optional.of(Tints.image(pixels, width, height));
                            repaint();
                        });
                    },
                    () -> {});
        }
        return chart;
    }

    /** What a chart was painted of. */
    private record Charted(Stand body, Look look, Color colour) {}

    private void bands(Surface g, List<Ring> rings, Look look) {
        Ink[] inks = {Ink.SEA_1, Ink.SEA_2, Ink.SEA_3, Ink.SEA_4, Ink.SEA_4, Ink.SEA_5};
        for (int i = 0; i < rings.size(); i++) {
            double y = look.waist() - rings.get(i).z() * look.scale();
            g.setFill(palette().of(inks[i]));
            g.fillRect(0, y, getWidth(), Math.max(0, getHeight() - y));
        }
    }

    private void pole(Surface g, Stand body, Look look) {
        double y = look.waist() - body.bottom() * look.scale();
        g.setFill(palette().of(Ink.BRASS_LIGHT));
        g.fillRect(look.middle() - 7, y - 4, 14, getHeight());
        g.setStroke(palette().of(Ink.BRASS));
        g.setLineWidth(1);
        g.strokeRect(look.middle() - 7, y - 4, 14, getHeight());
    }

    /** The outline, as far as the body reaches at each height. */
    private void rim(Surface g, Stand body, Look look) {
        int rows = 140;
        double[][] sides = new double[3][rows + 1];
        for (int r = 0; r <= rows; r++) {
            double z = body.bottom() + (body.top() - body.bottom()) * r / rows;
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (int a = -24; a < 24; a++) {
                double[] at = body.at(Math.PI * a / 24, z);
                double x = look.seen(at[0], at[1], z, 0)[0];
                least = Math.min(least, x);
                most = Math.max(most, x);
            }
            sides[0][r] = least;
            sides[1][r] = most;
            sides[2][r] = look.waist() - z * look.scale();
        }
        g.setStroke(palette().of(Ink.TEAL));
        g.setLineWidth(2.2);
        g.setLineDashes();
        g.strokePolyline(sides[0], sides[2], rows + 1);
        g.strokePolyline(sides[1], sides[2], rows + 1);
        lay(g, TapePath.round(body, body.bottom()), look, true);
        lay(g, TapePath.round(body, body.top()), look, true);
        lay(g, TapePath.round(body, body.top()), look, false);
    }

    private void apexes(Surface g, Stand body, Look look) {
        if (look.turn() > 2) {
            return;
        }
        g.setFill(palette().of(Ink.INK));
        dot(g, look, body.left().apex(), 1);
        if (look.turn() == 0) {
            dot(g, look, body.right().apex(), -1);
        }
    }

    private static void dot(Surface g, Look look, double[] at, int side) {
        double[] seen = look.seen(side * at[0], at[1], at[2], 0);
        g.fillOval(seen[0] - 3, seen[1] - 3, 6, 6);
    }

    private void level(Surface g, Ring ring, Stand body, Look look, double tag) {
        boolean held = ring.key() == inHand
                || inHand == MeasurementKey.UNDERBUST_FULL && ring.key() == MeasurementKey.UNDERBUST;
        Optional<Reckoned> value = set.find(held ? inHand : ring.key());
        boolean estimate = value.isPresent() && value.get().estimated();
        TapePath line = TapePath.of(ring.key(), body, set);
        if (!held) {
            g.setStroke(palette().of(Ink.TEAL));
            g.setLineWidth(1.3);
            g.setLineDashes(estimate || value.isEmpty() ? new double[] {4, 3} : new double[0]);
            lay(g, line, look, true);
            g.setLineDashes();
        }
        double right = line.points().stream()
                .mapToDouble(p -> look.seen(p[0], p[1], p[2], 0)[0])
                .max()
                .orElse(0);
        double y = look.waist() - ring.z() * look.scale();
        double edge = getWidth() - 10;
        g.setStroke(palette().of(Ink.LINE));
        g.setLineWidth(held ? 1.8 : 1);
        double bend = Math.min(edge - TextSize.px(78), right + 5 + Math.abs(tag - y));
        g.strokePolyline(new double[] {right + 5, Math.max(bend, right + 6), edge}, new double[] {y, tag, tag}, 3);
        text(g, ring.key().label(), edge, tag - 6, Ink.TEAL, held ? Lettering.levelSelected() : Lettering.level());
        text(
                g,
                value.map(v -> (estimate ? "≈ " : "") + LengthText.say(v.length(), unit))
                        .orElse("not taken"),
                edge,
                tag + TextSize.px(17),
                estimate ? Ink.BRASS_TEXT : Ink.INK,
                held ? Lettering.figureBold() : Lettering.figure());
    }

    /** The tape in hand: on the body where it faces, thin and dashed behind it. */
    private void tape(Surface g, Stand body, Look look) {
        TapePath line = TapePath.of(inHand, body, set);
        if (line.closed()) {
            g.setStroke(palette().of(Ink.LINE));
            g.setLineWidth(1.2);
            g.setLineDashes(4, 3);
            lay(g, line, look, false);
            for (Layer layer : TAPE) {
                layer.set(g, palette());
                lay(g, line, look, true);
            }
        } else {
            for (Layer layer : TAPE) {
                layer.set(g, palette());
                lay(g, line, look, true);
            }
        }
        double[] left = line.points().stream()
                .skip(line.closed() ? 0 : line.points().size() - 1)
                .map(p -> look.seen(p[0], p[1], p[2], 0))
                .min(Comparator.comparingDouble(p -> p[0]))
                .orElseThrow();
        if (tapeFrom >= 0) {
            for (Layer layer : TAPE) {
                layer.set(g, palette());
                g.beginPath();
                g.moveTo(-4, tapeFrom);
                double reach = Math.max(30, left[0] * 0.7);
                g.bezierCurveTo(reach, tapeFrom, left[0] - reach * 0.6, left[1] + 4, left[0], left[1]);
                g.stroke();
            }
        }
        g.setLineDashes();
        set.find(inHand).filter(v -> !small).ifPresent(v -> {
            double[] middle =
                    line.points().get(line.closed() ? 0 : line.points().size() / 2);
            double[] seen = look.seen(middle[0], middle[1], middle[2], 0);
            chip(
                    g,
                    seen[0] + (line.closed() ? 0 : CHIP_ASIDE),
                    seen[1] + (line.closed() ? 10 : 0),
                    (v.estimated() ? "≈ " : "") + LengthText.say(v.length(), unit));
        });
    }

    /** Strokes the part of a line that faces whoever looks, or the part that does not; what is open faces as a whole. */
    private static void lay(Surface g, TapePath line, Look look, boolean facing) {
        int n = line.points().size();
        boolean on = false;
        g.beginPath();
        for (int i = 0; i < (line.closed() ? n : n - 1); i++) {
            double[] from = line.points().get(i);
            double[] to = line.points().get((i + 1) % n);
            // Going round from the front over the wearer's left the outer side lies to the left of the way.
            boolean faces = !line.closed() || look.faces(-(to[1] - from[1]), to[0] - from[0]);
            if (faces == facing) {
                double[] a = look.seen(from[0], from[1], from[2], 0);
                double[] b = look.seen(to[0], to[1], to[2], 0);
                if (!on) {
                    g.moveTo(a[0], a[1]);
                }
                g.lineTo(b[0], b[1]);
            }
            on = faces == facing;
        }
        g.stroke();
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

    private void chip(Surface g, double x, double y, String words) {
        double width = words.length() * 7.6 + 14;
        g.setFill(palette().of(Ink.INK));
        g.fillRoundRect(x - width / 2, y - 13, width, 26, 8, 8);
        g.setFont(Lettering.figureBold());
        g.setFill(palette().of(Ink.PAPER));
        g.setTextAlign(TextAlignment.CENTER);
        g.fillText(words, x, y + 5);
    }

    private void text(Surface g, String words, double x, double y, Ink ink, Font font) {
        g.setFont(font);
        g.setFill(palette().of(ink));
        g.setTextAlign(TextAlignment.RIGHT);
        g.fillText(words, x, y);
    }
}
