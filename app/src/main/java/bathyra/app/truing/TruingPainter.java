package bathyra.app.truing;

import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.app.table.Palette;
import bathyra.app.table.Surface;
import bathyra.app.table.TextSize;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import bathyra.piece.Pattern;
import bathyra.place.Level;
import bathyra.truing.JoinedRun;
import bathyra.truing.SeamPair;
import bathyra.truing.SeamPair.Meeting;
import java.util.List;
import java.util.Locale;
import javafx.geometry.VPos;
import javafx.scene.text.TextAlignment;

/**
 * Paints the truing strip: two paper strips pinned at the anchor with their marks and notches, how far they have come apart over
 * the length, and at the right how the edge runs on over either end of the seam.
 */
final class TruingPainter {
    static final double HEIGHT = 122;
    private static final double LEFT = 92;
    private static final double RUN = 92;
    private static final double RIGHT = 2 * RUN + 30;
    private static final double STRIP = 22;
    private static final double TALL = 25;
    private static final double GAP = 54;
    private static final double THREAD = 50.5;
    private static final double FIGURES = 92;
    private static final double CURVE = 110;
    private static final double CURVE_HALF = 9;
    private static final double REACH = 45;
    /** About how wide a letter of a name is, px. */
    private static final double LETTER = 8;

    private static final double NOTCH = 6;
    private static final double TWOFOLD = 2;
    private final Pattern pattern;
    private final SeamPair pair;
    private final LengthUnit unit;
    private final Meeting anchor;
    private final List<SeamPair.Cut> cutsA;
    private final List<SeamPair.Cut> cutsB;
    private final JoinedRun above;
    private final JoinedRun below;
    private Surface g;
    private Palette palette;
    private double zero;
    private double scale;

    TruingPainter(Pattern pattern, SeamPair pair, LengthUnit unit) {
        this.pattern = pattern;
        this.pair = pair;
        this.unit = unit;
        this.anchor = pair.anchor(pattern);
        this.cutsA = pair.cuts(pattern, true);
        this.cutsB = pair.cuts(pattern, false);
        this.above = JoinedRun.at(pattern, pair.seam(), true, REACH);
        this.below = JoinedRun.at(pattern, pair.seam(), false, REACH);
    }

    /** How far the needle can go, mm. */
    double length() {
        return Math.max(pair.totalA(), pair.totalB());
    }

    /** How far down the first edge a place on the strip lies, mm. */
    double arcAt(double x, double width) {
        measure(width);
        return Math.min(length(), Math.max(0, (x - zero) / scale + anchor.arcA()));
    }

    private void measure(double width) {
        double before = Math.max(anchor.arcA(), anchor.arcB());
        double behind = Math.max(pair.totalA() - anchor.arcA(), pair.totalB() - anchor.arcB());
        scale = Math.max(0.01, (width - TextSize.px(LEFT) - RIGHT) / (before + behind));
        zero = TextSize.px(LEFT) + before * scale;
    }

    void paint(Surface context, Palette colours, double width, double needle) {
        if (width <= TextSize.px(LEFT) + RIGHT) {
            return;
        }
        g = context;
        palette = colours;
        measure(width);
        g.setTextBaseline(VPos.BASELINE);
        strip(
                STRIP,
                pair.stretchesA(),
                pair.meetings().stream().map(m -> a(m.arcA())).toList(),
                pattern.piece(pair.seam().a().piece()).name());
        strip(
                GAP,
                pair.stretchesB(),
                pair.meetings().stream().map(m -> b(m.arcB())).toList(),
                pattern.piece(pair.seam().b().piece()).name());
        cutsA.forEach(c -> notch(a(c.arc()), STRIP + TALL, -NOTCH, c.twofold()));
        cutsB.forEach(c -> notch(b(c.arc()), GAP, NOTCH, c.twofold()));
        names();
        apart();
        curve();
        thread(needle);
        run(above, "above", width - 2 * RUN - 6, true);
        run(below, "below", width - RUN - 2, false);
    }

    private double a(double arc) {
        return zero + (arc - anchor.arcA()) * scale;
    }

    private double b(double arc) {
        return zero + (arc - anchor.arcB()) * scale;
    }

    private void strip(double top, List<Double> stretches, List<Double> places, String name) {
        text(shortened(name), TextSize.px(LEFT) - 8, top + 17, Ink.INK, TextAlignment.RIGHT);
        for (int i = 0; i < stretches.size(); i++) {
            double x = places.get(i);
            double width = places.get(i + 1) - x;
            g.setFill(palette.of(Ink.CHART));
            g.fillRect(x, top, width, TALL);
            g.setStroke(palette.of(Ink.INK));
            g.setLineWidth(1.4);
            g.setLineDashes();
            g.strokeRect(x, top, width, TALL);
            if (width > 56) {
                text(
                        LengthText.say(Length.mm(stretches.get(i)), unit),
                        x + width / 2,
                        top + 17,
                        Ink.INK,
                        TextAlignment.CENTER);
            }
        }
    }

    private static String shortened(String name) {
        return name.length() > 13 ? name.substring(0, 12) + "…" : name;
    }

    private void notch(double x, double from, double tall, boolean twofold) {
        g.setStroke(palette.of(Ink.INK));
        g.setLineWidth(1.8);
        for (double offset : twofold ? new double[] {-TWOFOLD, TWOFOLD} : new double[] {0}) {
            g.strokeLine(x + offset, from, x + offset, from + tall);
        }
    }

    /** The marks' names, as far as they have room; the one that the seam is walked from goes before its neighbours. */
    private void names() {
        double taken = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < pair.meetings().size(); i++) {
            Meeting meeting = pair.meetings().get(i);
            double x = a(meeting.arcA());
            double end = x + name(meeting).length() * TextSize.px(LETTER);
            boolean room = x > taken
                    && (meeting == anchor
                            || i + 1 < pair.meetings().size()
                                    && pair.stretchesA().get(i) > 1
                                    && (a(anchor.arcA()) <= x || end < a(anchor.arcA())));
            if (room) {
                g.setFont(Lettering.sounding());
                g.setFill(palette.of(Ink.TEAL));
                g.setTextAlign(TextAlignment.LEFT);
                g.fillText(name(meeting), x, 15);
                taken = end;
            }
            pin(x, meeting == anchor);
        }
    }

    private static String name(Meeting meeting) {
        String name = Level.nameOf(meeting.name());
        return name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1);
    }

    private void apart() {
        text("apart", TextSize.px(LEFT) - 8, FIGURES, Ink.INK_2, TextAlignment.RIGHT);
        for (int i = 0; i < pair.stretchesA().size(); i++) {
            double x = a(pair.meetings().get(i).arcA());
            double width = a(pair.meetings().get(i + 1).arcA()) - x;
            double off = Math.abs(pair.stretchesA().get(i) - pair.stretchesB().get(i));
            if (width > 62) {
                text(
                        LengthText.fineFigure(Length.mm(off), LengthUnit.MM) + " mm",
                        x + width / 2,
                        FIGURES,
                        off <= Tolerance.SEAM ? Ink.KELP : Ink.RED,
                        TextAlignment.CENTER);
            }
        }
    }

    /** How far the second edge has run ahead of the first, counted from the anchor; the band is what a sewer eases. */
    private void curve() {
        double worst = pair.meetings().stream()
                .mapToDouble(m -> Math.abs(ahead(m)))
                .max()
                .orElse(0);
        double perMm = CURVE_HALF / Math.max(Tolerance.SEAM * 2, worst);
        text("so far", TextSize.px(LEFT) - 8, CURVE + 4, Ink.INK_2, TextAlignment.RIGHT);
        double from = a(0);
        double to = a(pair.totalA());
        g.setFill(palette.of(Ink.SEA_2));
        g.fillRect(from, CURVE - Tolerance.SEAM * perMm, to - from, 2 * Tolerance.SEAM * perMm);
        g.setStroke(palette.of(worst <= Tolerance.SEAM ? Ink.KELP : Ink.RED));
        g.setLineWidth(1.6);
        g.setLineDashes();
        g.strokePolyline(
                pair.meetings().stream().mapToDouble(m -> a(m.arcA())).toArray(),
                pair.meetings().stream()
                        .mapToDouble(m -> CURVE - ahead(m) * perMm)
                        .toArray(),
                pair.meetings().size());
    }

    private double ahead(Meeting m) {
        return m.arcB() - anchor.arcB() - (m.arcA() - anchor.arcA());
    }

    /** The coral thread from the anchor to the needle. */
    private void thread(double needle) {
        double at = a(needle);
        g.setStroke(palette.of(Ink.CORAL));
        g.setLineWidth(2.4);
        g.setLineDashes(7, 4);
        g.strokeLine(zero, THREAD, at, THREAD);
        g.setLineDashes();
        g.setFill(palette.of(Ink.CORAL));
        g.fillOval(at - 7, THREAD - 7, 14, 14);
        g.setStroke(palette.of(Ink.CHART));
        g.setLineWidth(1.6);
        g.strokeOval(at - 7, THREAD - 7, 14, 14);
    }

    /** The edge over one end of the seam, as it will be sewn. */
    private void run(JoinedRun run, String where, double left, boolean top) {
        double perMm = RUN / (2 * REACH + 4);
        double x = left + RUN / 2;
        double y = top ? 44 : 66;
        text(where, left, 15, Ink.INK_2, TextAlignment.LEFT);
        boolean straight = Math.abs(run.degrees() - 180) <= Tolerance.JOIN_DEGREES;
        text(
                String.format(Locale.ROOT, "%.1f°", run.degrees()),
                left + RUN - 4,
                15,
                straight ? Ink.KELP : Ink.AMBER_TEXT,
                TextAlignment.RIGHT);
        g.save();
        g.beginPath();
        g.rect(left, 19, RUN, HEIGHT - 20);
        g.clip();
        g.setStroke(palette.of(Ink.TEAL));
        g.setLineWidth(2);
        line(run.seamA(), x, y, perMm);
        line(run.seamB(), x, y, perMm);
        g.setStroke(palette.of(Ink.INK));
        g.setLineWidth(1.6);
        line(run.edgeA(), x, y, perMm);
        line(run.edgeB(), x, y, perMm);
        g.restore();
    }

    private void line(List<Point> points, double x, double y, double perMm) {
        g.strokePolyline(
                points.stream().mapToDouble(p -> x + p.x() * perMm).toArray(),
                points.stream().mapToDouble(p -> y + p.y() * perMm).toArray(),
                points.size());
    }

    private void pin(double x, boolean isAnchor) {
        double r = isAnchor ? 5.5 : 4;
        g.setFill(palette.of(Ink.BRASS_LIGHT));
        g.fillOval(x - r, 21 - r, 2 * r, 2 * r);
        g.setStroke(palette.of(Ink.BRASS_TEXT));
        g.setLineWidth(isAnchor ? 2 : 1);
        g.setLineDashes();
        g.strokeOval(x - r, 21 - r, 2 * r, 2 * r);
    }

    private void text(String words, double x, double y, Ink ink, TextAlignment alignment) {
        g.setFont(Lettering.figure());
        g.setFill(palette.of(ink));
        g.setTextAlign(alignment);
        g.fillText(words, x, y);
    }
}
