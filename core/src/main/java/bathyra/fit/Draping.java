package bathyra.fit;

import bathyra.form.Form;
import bathyra.geometry.Point;
import bathyra.piece.EdgeRole;
import bathyra.piece.LevelMark;
import bathyra.piece.Piece;
import bathyra.place.Level;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * Where a sewn garment begins before it settles: its level lines give the height, the share of the half girth the azimuth, a little outside the
 * form (C21).
 */
final class Draping {
    private static final double OUTSIDE = 6;
    private static final int AVERAGES = 300;

    private final Sewing sewing;
    private final Form form;
    private final Map<Level, Double> heights = new EnumMap<>(Level.class);
    private final Map<Level, Double> totals = new EnumMap<>(Level.class);
    private final List<Piece> pieces;

    /** @param upperOver how far the upper line of the draft lies above the bust line, mm */
    Draping(Sewing sewing, Form form, double upperOver) {
        this.sewing = sewing;
        this.form = form;
        heights.put(Level.UPPER, form.heights().bust() + upperOver);
        heights.put(Level.BUST, form.heights().bust());
        heights.put(Level.UNDERBUST, form.heights().underbust());
        heights.put(Level.WAIST, 0.0);
        heights.put(Level.HIGH_HIP, form.heights().highHip());
        heights.put(Level.HIP, form.heights().hip());
        pieces = sewing.pattern().pieces().stream()
                .filter(p -> !p.levelMarks().isEmpty())
                .sorted(Comparator.comparing((Piece p) -> !p.front())
                        .thenComparing(p -> hangsFrom(p, sewing).order())
                        .thenComparing(Piece::order))
                .toList();
        for (Level level : heights.keySet()) {
            double total = pieces.stream()
                    .flatMap(p -> p.mark(level).stream())
                    .mapToDouble(m -> m.from().distance(m.to()))
                    .sum();
            if (total > 0) {
                totals.put(level, total);
            }
        }
    }

    /** The panel under which a piece of a skirt hangs, for a level line may go on over both; any other piece itself. */
    private static Piece hangsFrom(Piece piece, Sewing sewing) {
        return sewing.pattern().seams().stream()
                .filter(s -> piece.role().isSkirt())
                .filter(s -> s.b().piece().equals(piece.id()) && s.b().role() == EdgeRole.BASQUE)
                .findFirst()
                .map(s -> sewing.pattern().piece(s.a().piece()))
                .orElse(piece);
    }

    /** The height at which the draft means a level to lie, mm over the waist. */
    double height(Level level) {
        return heights.get(level);
    }

    /** Side, front and height of every vertex, mm. */
    double[] start(Mesh mesh) {
        double[] x = new double[3 * mesh.count()];
        boolean[] placed = new boolean[mesh.count()];
        for (Piece piece : pieces) {
            PieceMesh cut = sewing.pieces().get(piece.id());
            List<Line> lines = lines(piece);
            for (int i = 0; i < cut.points().size(); i++) {
                int v = sewing.vertex(piece, i);
                if (!placed[v]) {
                    place(cut.points().get(i), lines, x, v);
                    placed[v] = true;
                }
            }
        }
        average(mesh, x, placed);
        sewing.middle().forEach((v, aside) -> x[3 * v] = aside);
        return x;
    }

    /** A level line on a piece. @param before the share of the half girth that lies before it @param own its own share */
    private record Line(double z, Point left, Point right, double before, double own) {
        private double y(double x) {
            double across = right.x() - left.x();
            return Math.abs(across) < 1e-9 ? left.y() : left.y() + (right.y() - left.y()) * (x - left.x()) / across;
        }

        private double share(double x) {
            double across = right.x() - left.x();
            double at = across <= 1e-9 ? 0.5 : Math.max(-0.2, Math.min(1.2, (x - left.x()) / across));
            return before + own * at;
        }
    }

    private List<Line> lines(Piece piece) {
        List<Line> lines = new ArrayList<>();
        for (Map.Entry<Level, Double> each : totals.entrySet()) {
            Optional<LevelMark> mark = piece.mark(each.getKey());
            if (mark.isPresent()) {
                double before = pieces.stream()
                        .takeWhile(p -> p != piece)
                        .flatMap(p -> p.mark(each.getKey()).stream())
                        .mapToDouble(m -> m.from().distance(m.to()))
                        .sum();
                Point a = mark.get().from();
                Point b = mark.get().to();
                lines.add(new Line(
                        heights.get(each.getKey()),
                        a.x() <= b.x() ? a : b,
                        a.x() <= b.x() ? b : a,
                        before / each.getValue(),
                        a.distance(b) / each.getValue()));
            }
        }
        lines.sort(Comparator.comparingDouble(Line::z).reversed());
        return lines;
    }

    private void place(Point p, List<Line> lines, double[] x, int v) {
        Line first = lines.get(0);
        Line last = lines.get(lines.size() - 1);
        double z;
        double share;
        if (p.y() <= first.y(p.x()) || lines.size() == 1) {
            z = first.z() + first.y(p.x()) - p.y();
            share = first.share(p.x());
        } else if (p.y() >= last.y(p.x())) {
            z = last.z() + last.y(p.x()) - p.y();
            share = last.share(p.x());
        } else {
            int i = 0;
            while (p.y() > lines.get(i + 1).y(p.x())) {
                i++;
            }
            Line a = lines.get(i);
            Line b = lines.get(i + 1);
            double t = (p.y() - a.y(p.x())) / (b.y(p.x()) - a.y(p.x()));
            z = a.z() + (b.z() - a.z()) * t;
            share = a.share(p.x()) + (b.share(p.x()) - a.share(p.x())) * t;
        }
        double held = Math.max(form.heights().below(), Math.min(form.heights().above(), z));
        double azimuth = azimuth(held, Math.max(0, Math.min(1, share)));
        double radius = form.radius(azimuth, held) + OUTSIDE;
        x[3 * v] = radius * Math.sin(azimuth);
        x[3 * v + 1] = form.axis(held) + radius * Math.cos(azimuth);
        x[3 * v + 2] = z;
    }

    /** Where a share of the half girth lies, by the length along the section. */
    private double azimuth(double z, double share) {
        double[][] section = form.section(z);
        double[] along = new double[section.length];
        for (int i = 1; i < section.length; i++) {
            along[i] = along[i - 1] + Math.hypot(section[i][0] - section[i - 1][0], section[i][1] - section[i - 1][1]);
        }
        double wanted = share * Math.max(0, along[along.length - 1] - sewing.gap() / 2);
        int found = Arrays.binarySearch(along, wanted);
        int i = Math.max(1, Math.min(along.length - 1, found >= 0 ? found : -found - 1));
        double t = (wanted - along[i - 1]) / Math.max(1e-9, along[i] - along[i - 1]);
        return Math.PI * (i - 1 + t) / (section.length - 1);
    }

    /** A piece without level lines gets its place from what it is sewn to. */
    private static void average(Mesh mesh, double[] x, boolean[] placed) {
        int[][] neighbours = mesh.neighbours(new int[0][]);
        for (int round = 0; round < AVERAGES; round++) {
            for (int v = 0; v < mesh.count(); v++) {
                if (placed[v] || neighbours[v].length == 0) {
                    continue;
                }
                for (int axis = 0; axis < 3; axis++) {
                    double sum = 0;
                    for (int other : neighbours[v]) {
                        sum += x[3 * other + axis];
                    }
                    x[3 * v + axis] = sum / neighbours[v].length;
                }
            }
        }
    }
}
