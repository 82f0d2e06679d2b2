package bathyra.files.fit;

import bathyra.fit.Closeness;
import bathyra.fit.Mesh;
import bathyra.fit.Worn;
import bathyra.form.Form;
import bathyra.geometry.Point;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * A garment on its wearer's form as lines and areas in true size, whatever they are then drawn with: x to the right of the middle, y down
 * from the waist, mm.
 */
public final class FitDrawing {
    private static final int ROWS = 120;
    private static final int AROUND = 48;
    private static final int CUTS = 3;

    private final Worn worn;
    private final double[] normals;
    private final double[] away;

    public FitDrawing(Worn worn) {
        this.worn = worn;
        this.normals = worn.normals();
        this.away = worn.away();
    }

    /** From where it is looked at. */
    public enum View {
        FRONT("From the front", 0),
        SIDE("From the side", Math.PI / 2),
        BACK("From the back", Math.PI);

        private final String label;
        private final double turn;

        View(String label, double turn) {
            this.label = label;
            this.turn = turn;
        }

        public String label() {
            return label;
        }

        private Point seen(double x, double y, double z) {
            return new Point(x * Math.cos(turn) - y * Math.sin(turn), -z);
        }

        private double near(double x, double y) {
            return x * Math.sin(turn) + y * Math.cos(turn);
        }
    }

    public Worn worn() {
        return worn;
    }

    /** The body as far as it reaches at each height, closed. */
    public List<Point> body(View view) {
        Form form = worn.form();
        List<Point> left = new ArrayList<>();
        List<Point> right = new ArrayList<>();
        for (int r = 0; r <= ROWS; r++) {
            double z = form.heights().below()
                    + (form.heights().above() - form.heights().below()) * r / ROWS;
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (int a = -AROUND; a < AROUND; a++) {
                double[] at = form.at(Math.PI * a / AROUND, z);
                double x = view.seen(at[0], at[1], z).x();
                least = Math.min(least, x);
                most = Math.max(most, x);
            }
            left.add(new Point(least, -z));
            right.add(0, new Point(most, -z));
        }
        left.addAll(right);
        left.add(left.get(0));
        return left;
    }

    /** The cloth that faces whoever looks, in triangles, by how close it lies. */
    public Map<Closeness, List<Point[]>> cloth(View view) {
        Map<Closeness, List<Point[]>> cloth = new EnumMap<>(Closeness.class);
        Mesh mesh = worn.mesh();
        double[] x = worn.rest().shape();
        for (int side = -1; side <= 1; side += 2) {
            for (int[] t : mesh.triangles()) {
                double facing = 0;
                double close = 0;
                Point[] corners = new Point[3];
                for (int k = 0; k < 3; k++) {
                    int v = t[k];
                    facing += view.near(side * normals[3 * v], normals[3 * v + 1]);
                    close += away[v] / 3;
                    corners[k] = view.seen(side * x[3 * v], x[3 * v + 1], x[3 * v + 2]);
                }
                if (facing > 0) {
                    cloth.computeIfAbsent(Closeness.of(close), c -> new ArrayList<>())
                            .add(corners);
                }
            }
        }
        return cloth;
    }

    /** The lines of the garment that face whoever looks: seams, or the edges that nothing is sewn to. */
    public List<List<Point>> lines(View view, boolean sewn) {
        List<List<Point>> lines = new ArrayList<>();
        double[] x = worn.rest().shape();
        for (Worn.Stroke stroke : worn.strokes()) {
            if (stroke.sewn() != sewn) {
                continue;
            }
            for (int side = -1; side <= 1; side += 2) {
                List<Point> line = new ArrayList<>();
                for (int v : stroke.vertices()) {
                    if (view.near(side * normals[3 * v], normals[3 * v + 1]) > 0) {
                        line.add(view.seen(side * x[3 * v], x[3 * v + 1], x[3 * v + 2]));
                    } else if (!line.isEmpty()) {
                        add(lines, line);
                        line = new ArrayList<>();
                    }
                }
                add(lines, line);
            }
        }
        return lines;
    }

    /** Lines aslant over triangles, so far apart, mm: what presses is told without colour too. */
    public static List<List<Point>> hatch(List<Point[]> triangles, double step) {
        List<List<Point>> lines = new ArrayList<>();
        for (Point[] t : triangles) {
            double least = Double.MAX_VALUE;
            double most = -Double.MAX_VALUE;
            for (Point p : t) {
                least = Math.min(least, p.x() + p.y());
                most = Math.max(most, p.x() + p.y());
            }
            for (double c = Math.ceil(least / step) * step; c <= most; c += step) {
                List<Point> ends = new ArrayList<>();
                for (int k = 0; k < 3; k++) {
                    Point a = t[k];
                    Point b = t[(k + 1) % 3];
                    double below = a.x() + a.y() - c;
                    double above = b.x() + b.y() - c;
                    if (below < 0 != above < 0) {
                        ends.add(a.between(b, below / (below - above)));
                    }
                }
                if (ends.size() == 2) {
                    lines.add(ends);
                }
            }
        }
        return lines;
    }

    private static void add(List<List<Point>> lines, List<Point> line) {
        if (line.size() > 1) {
            lines.add(line);
        }
    }

    /** The lines of the form at which it is worth looking from above: three at most, and only where there is cloth. */
    public List<String> cuts() {
        return Stream.of("bust", "waist", "high hip", "underbust")
                .filter(line ->
                        !worn.section(worn.form().lines().get(line)).cloth().isEmpty())
                .limit(CUTS)
                .toList();
    }

    /** The body at a height from above, the front below, closed. */
    public List<Point> section(double z) {
        List<Point> points = new ArrayList<>();
        for (int a = -AROUND; a <= AROUND; a++) {
            double[] at = worn.form().at(Math.PI * a / AROUND, z);
            points.add(new Point(at[0], at[1]));
        }
        return points;
    }

    /** The cloth of both halves at a height from above, in short lines. */
    public List<List<Point>> clothAt(double z) {
        List<List<Point>> lines = new ArrayList<>();
        for (double[] line : worn.section(z).cloth()) {
            for (int side = -1; side <= 1; side += 2) {
                lines.add(List.of(new Point(side * line[0], line[1]), new Point(side * line[2], line[3])));
            }
        }
        return lines;
    }
}
