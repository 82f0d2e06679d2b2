package bathyra.files.drawing;

import bathyra.files.drawing.DxfPairs.Entity;
import bathyra.files.json.BadDocument;
import java.awt.Shape;
import java.awt.geom.AffineTransform;
import java.awt.geom.Line2D;
import java.awt.geom.Path2D;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** The shapes of a drawing-exchange file, y up as it has them. */
final class DxfShapes {
    /** An arc is drawn in cubics that turn by no more than this; so narrow they leave it by less than a millionth of its radius. */
    private static final double TURN = Math.PI / 6;

    private static final int STEPS_A_SPAN = 48;
    private static final int CONTROLS_MOST = 10_000;
    private static final double FLAT = 1e-9;
    private static final int DEGREE_MOST = 10;

    private DxfShapes() {}

    /** The shape of an entity; empty for one that draws no line. */
    static Optional<Shape> of(Entity e) throws BadDocument {
        return switch (e.type()) {
            case "LINE" ->
                Optional.of(new Line2D.Double(e.figure(10, 0), e.figure(20, 0), e.figure(11, 0), e.figure(21, 0)));
            case "LWPOLYLINE" -> light(e);
            case "CIRCLE" -> Optional.of(arc(e.figure(10, 0), e.figure(20, 0), radius(e), 0, 2 * Math.PI));
            case "ARC" -> {
                double from = Math.toRadians(e.figure(50, 0));
                yield Optional.of(arc(
                        e.figure(10, 0),
                        e.figure(20, 0),
                        radius(e),
                        from,
                        from + counterclockwise(Math.toRadians(e.figure(51, 360)) - from)));
            }
            case "ELLIPSE" -> Optional.of(ellipse(e));
            case "SPLINE" -> Optional.of(spline(e));
            default -> Optional.empty();
        };
    }

    private static double radius(Entity e) throws BadDocument {
        return Math.abs(e.figure(40, 0));
    }

    private static double counterclockwise(double turn) {
        double whole = 2 * Math.PI;
        double left = turn % whole;
        return left <= FLAT ? left + whole : left;
    }

    private static Optional<Shape> light(Entity e) throws BadDocument {
        List<double[]> points = new ArrayList<>();
        for (int i = 0; i < e.codes().size(); i++) {
            switch (e.codes().get(i)) {
                case 10 -> points.add(new double[] {e.figureAt(i), 0, 0});
                case 20 -> last(points)[1] = e.figureAt(i);
                case 42 -> last(points)[2] = e.figureAt(i);
                default -> {
                    // Widths and heights are of no matter for an outline.
                }
            }
        }
        return points.size() < 2 ? Optional.empty() : Optional.of(bulged(points, (e.whole(70) & 1) == 1));
    }

    private static double[] last(List<double[]> points) {
        return points.isEmpty() ? new double[3] : points.get(points.size() - 1);
    }

    /** A polyline. @param points x, y and the bulge of what follows: the tangent of a quarter of its arc's angle */
    static Path2D bulged(List<double[]> points, boolean closed) {
        Path2D path = new Path2D.Double();
        path.moveTo(points.get(0)[0], points.get(0)[1]);
        for (int i = 0; i + 1 < points.size() + (closed ? 1 : 0); i++) {
            double[] from = points.get(i);
            double[] to = points.get((i + 1) % points.size());
            double dx = to[0] - from[0];
            double dy = to[1] - from[1];
            double bulge = from[2];
            if (Math.abs(bulge) < FLAT || Math.hypot(dx, dy) < FLAT) {
                path.lineTo(to[0], to[1]);
                continue;
            }
            double turn = 4 * Math.atan(bulge);
            double height = (1 / bulge - bulge) / 4;
            double x = (from[0] + to[0]) / 2 - dy * height;
            double y = (from[1] + to[1]) / 2 + dx * height;
            double start = Math.atan2(from[1] - y, from[0] - x);
            along(path, x, y, Math.hypot(from[0] - x, from[1] - y), start, start + turn);
        }
        if (closed) {
            path.closePath();
        }
        return path;
    }

    private static Path2D arc(double x, double y, double radius, double from, double to) {
        Path2D path = new Path2D.Double();
        path.moveTo(x + radius * Math.cos(from), y + radius * Math.sin(from));
        along(path, x, y, radius, from, to);
        return path;
    }

    private static void along(Path2D path, double x, double y, double radius, double from, double to) {
        int parts = Math.max(1, (int) Math.ceil(Math.abs(to - from) / TURN));
        double turn = (to - from) / parts;
        double k = 4.0 / 3 * Math.tan(turn / 4) * radius;
        for (int i = 0; i < parts; i++) {
            double a = from + i * turn;
            double b = a + turn;
            double endX = x + radius * Math.cos(b);
            double endY = y + radius * Math.sin(b);
            path.curveTo(
                    x + radius * Math.cos(a) - k * Math.sin(a),
                    y + radius * Math.sin(a) + k * Math.cos(a),
                    endX + k * Math.sin(b),
                    endY - k * Math.cos(b),
                    endX,
                    endY);
        }
    }

    /** A circle of radius one, stretched and turned. */
    private static Shape ellipse(Entity e) throws BadDocument {
        double mx = e.figure(11, 1);
        double my = e.figure(21, 0);
        double from = e.figure(41, 0);
        // Seen from below it runs the other way round.
        double ratio = e.figure(40, 1) * (e.figure(230, 1) < 0 ? -1 : 1);
        return new AffineTransform(mx, my, -my * ratio, mx * ratio, e.figure(10, 0), e.figure(20, 0))
                .createTransformedShape(arc(0, 0, 1, from, from + counterclockwise(e.figure(42, 2 * Math.PI) - from)));
    }

    /** A spline by its control points, or straight through its fit points where it has no others. */
    private static Shape spline(Entity e) throws BadDocument {
        List<Double> xs = e.figures(10);
        List<Double> ys = e.figures(20);
        List<Double> knots = e.figures(40);
        List<Double> weights = e.figures(41);
        int degree = e.whole(71);
        int n = Math.min(xs.size(), ys.size());
        if (n == 0) {
            List<Double> fitX = e.figures(11);
            List<Double> fitY = e.figures(21);
            List<double[]> points = new ArrayList<>();
            for (int i = 0; i < Math.min(fitX.size(), fitY.size()); i++) {
                points.add(new double[] {fitX.get(i), fitY.get(i), 0});
            }
            if (points.size() < 2) {
                throw wrong(e, "has no points");
            }
            return bulged(points, false);
        }
        if (degree < 1 || degree > DEGREE_MOST || n <= degree || n > CONTROLS_MOST || knots.size() != n + degree + 1) {
            throw wrong(
                    e,
                    "of degree " + degree + " has " + n + " control points and " + knots.size()
                            + " knots, which do not go together");
        }
        Path2D path = new Path2D.Double();
        for (int span = degree; span < n; span++) {
            double from = knots.get(span);
            double to = knots.get(span + 1);
            for (int i = 0; i <= STEPS_A_SPAN && to > from; i++) {
                double[] at = deBoor(xs, ys, weights, knots, degree, span, from + (to - from) * i / STEPS_A_SPAN);
                if (path.getCurrentPoint() == null) {
                    path.moveTo(at[0], at[1]);
                } else {
                    path.lineTo(at[0], at[1]);
                }
            }
        }
        if (path.getCurrentPoint() == null) {
            throw wrong(e, "goes nowhere: its knots are all alike");
        }
        return path;
    }

    private static BadDocument wrong(Entity e, String what) {
        return new BadDocument("line " + (e.line() + 1) + ": a spline " + what + "; the outline as polylines or arcs");
    }

    /** A point of a rational spline by de Boor's triangle (C. de Boor, A Practical Guide to Splines, 1978). */
    private static double[] deBoor(
            List<Double> xs,
            List<Double> ys,
            List<Double> weights,
            List<Double> knots,
            int degree,
            int span,
            double t) {
        double[][] d = new double[degree + 1][];
        for (int i = 0; i <= degree; i++) {
            int at = span - degree + i;
            double w = at < weights.size() && weights.size() == xs.size() ? weights.get(at) : 1;
            d[i] = new double[] {xs.get(at) * w, ys.get(at) * w, w};
        }
        for (int r = 1; r <= degree; r++) {
            for (int i = degree; i >= r; i--) {
                double low = knots.get(i + span - degree);
                double high = knots.get(i + 1 + span - r);
                double share = high > low ? (t - low) / (high - low) : 0;
                for (int k = 0; k < 3; k++) {
                    d[i][k] = (1 - share) * d[i - 1][k] + share * d[i][k];
                }
            }
        }
        return new double[] {d[degree][0] / d[degree][2], d[degree][1] / d[degree][2]};
    }
}
