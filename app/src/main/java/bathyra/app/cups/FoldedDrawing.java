package bathyra.app.cups;

import bathyra.app.table.Brush;
import bathyra.app.table.Drawing;
import bathyra.app.table.Ink;
import bathyra.app.table.Lettering;
import bathyra.cutting.Cutting;
import bathyra.cutting.FoldedCup;
import bathyra.geometry.Point;
import bathyra.length.Length;
import bathyra.length.LengthText;
import bathyra.length.LengthUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;

/** The cup folded up from its sheets, as a shaded solid seen from the side and above. */
final class FoldedDrawing implements Drawing {
    private static final double TILT = Math.toRadians(58);
    private static final double YAW = Math.toRadians(-24);
    private static final double[] LIGHT = {-0.4, -0.5, 0.77};
    private static final double DARKEST = 0.5;

    private final FoldedCup cup;
    private final List<FoldedCup.Facet> facets;
    private final LengthUnit unit;
    private final double radius;

    FoldedDrawing(Cutting cutting, LengthUnit unit) {
        this.unit = unit;
        this.radius = cutting.cup().orElseThrow().radius().value();
        this.cup = FoldedCup.of(cutting.whole(), cutting.apex().orElseThrow(), radius);
        this.facets = new ArrayList<>(cup.facets(cutting.whole(), cutting.apex().orElseThrow()));
        facets.sort(Comparator.comparingDouble(
                f -> f.corners().stream().mapToDouble(c -> seen(c)[2]).sum()));
    }

    /** A place as it is seen: across, down, and nearer. */
    private static double[] seen(double[] p) {
        double x = p[0] * Math.cos(YAW) + p[2] * Math.sin(YAW);
        double out = -p[0] * Math.sin(YAW) + p[2] * Math.cos(YAW);
        return new double[] {
            x, p[1] * Math.sin(TILT) - out * Math.cos(TILT), p[1] * Math.cos(TILT) + out * Math.sin(TILT)
        };
    }

    @Override
    public Point[] extent() {
        return new Point[] {new Point(-radius * 1.15, -radius * 1.15), new Point(radius * 1.15, radius * 1.15)};
    }

    @Override
    public double tagRoom() {
        return 20;
    }

    @Override
    public void paint(Brush brush, double width, double height) {
        brush.fill(Ink.SEA_2);
        brush.context().fillRect(0, 0, width, height);
        Color lit = brush.colour(Ink.CHART);
        Color shade = brush.colour(Ink.SHALLOW);
        for (FoldedCup.Facet facet : facets) {
            double bright = DARKEST + (1 - DARKEST) * Math.max(0, towardsLight(facet));
            Color base = facet.inner() ? lit : lit.interpolate(shade, 0.35);
            brush.context().setFill(shade.darker().interpolate(base, bright));
            brush.context().setStroke(shade.darker().interpolate(base, bright));
            brush.context().setLineWidth(1);
            brush.context().setLineDashes();
            List<Point> area = facet.corners().stream()
                    .map(c -> new Point(seen(c)[0], seen(c)[1]))
                    .toList();
            brush.polygon(area, true);
            brush.polygon(area, false);
        }
        brush.stroke(Ink.CORAL, 1.6);
        for (double turn : new double[] {0, Math.PI}) {
            brush.polyline(cup.rings().stream()
                    .map(r -> seen(new double[] {
                        r.radius() * Math.sin(turn), r.radius() * Math.cos(turn), cup.depth() - r.below()
                    }))
                    .map(c -> new Point(c[0], c[1]))
                    .toList());
        }
        brush.text(
                "Folded from the sheets: " + LengthText.say(Length.mm(cup.depth()), unit) + " deep, the closed rim "
                        + LengthText.say(
                                Length.mm(2
                                        * cup.rings()
                                                .get(cup.rings().size() - 1)
                                                .radius()),
                                unit) + " across",
                40,
                height - 18,
                Ink.INK,
                Lettering.FIGURE,
                TextAlignment.LEFT);
    }

    private static double towardsLight(FoldedCup.Facet facet) {
        double[] a = facet.corners().get(0);
        double[] b = facet.corners().get(1);
        double[] c = facet.corners().get(2);
        double[] u = {b[0] - a[0], b[1] - a[1], b[2] - a[2]};
        double[] v = {c[0] - a[0], c[1] - a[1], c[2] - a[2]};
        double[] n = {u[1] * v[2] - u[2] * v[1], u[2] * v[0] - u[0] * v[2], u[0] * v[1] - u[1] * v[0]};
        double length = Math.max(1e-9, Math.sqrt(n[0] * n[0] + n[1] * n[1] + n[2] * n[2]));
        double side = Math.signum(n[2] == 0 ? 1 : n[2]);
        return side * (n[0] * LIGHT[0] + n[1] * LIGHT[1] + n[2] * LIGHT[2]) / length;
    }

    @Override
    public String under(Point paper, double reach) {
        return "";
    }
}
