package bathyra.files.hpgl;

import bathyra.files.CuttingPlan;
import bathyra.files.SheetLayout;
import bathyra.geometry.Line;
import bathyra.geometry.Point;
import bathyra.geometry.Tolerance;
import bathyra.geometry.Vec;
import bathyra.piece.Piece;
import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

/**
 * A pattern in the language of pen plotters: 40 steps a millimetre, x across the roll, y along it. Cut lines are drawn with pen 1,
 * sewing lines with pen 2, marks and words with pen 3. With each pen the line whose beginning lies nearest is drawn next, so that
 * the raised pen travels little.
 */
public final class HpglPattern {
    /** Steps a millimetre. */
    public static final double STEPS = 40;
    /** What can be drawn across the usual roll, mm. */
    public static final double ROLL = 880;

    private static final double CHORD = Tolerance.CHORD / 2;
    private static final char END_OF_TEXT = 3;

    private final StringBuilder out = new StringBuilder();
    private final double height;
    private Point pen = new Point(0, 0);

    private HpglPattern(double height) {
        this.height = height;
    }

    /** One line to draw with the pen down. */
    private record Stroke(List<Point> points, boolean closed) {}

    /** The whole plot. @param rollWidth what can be drawn across the roll, mm */
    public static String write(CuttingPlan plan, double rollWidth) {
        SheetLayout layout = SheetLayout.of(plan, rollWidth);
        HpglPattern plot = new HpglPattern(layout.height());
        plot.out.append("IN;\n");
        for (PlotterPen with : PlotterPen.values()) {
            List<Stroke> strokes = new ArrayList<>();
            plan.cuts().forEach(cut -> collect(strokes, cut, layout.shift(cut.id()), with));
            plot.out.append("SP").append(with.number()).append(";\n");
            plot.draw(strokes);
        }
        plan.cuts().forEach(cut -> plot.words(cut, layout.shift(cut.id())));
        return plot.out.append("PU0,0;\nSP0;\n").toString();
    }

    private static void collect(List<Stroke> strokes, CuttingPlan.Cut cut, Vec shift, PlotterPen pen) {
        Piece piece = cut.piece();
        switch (pen) {
            case CUT -> strokes.add(moved(piece.cutLine(), shift));
            case SEW -> strokes.add(moved(piece.flattened(CHORD), shift));
            case MARK -> {
                piece.levelMarks()
                        .forEach(
                                m -> strokes.add(new Stroke(List.of(m.from().plus(shift), m.to().plus(shift)), false)));
                piece.notches().forEach(n -> SheetLayout.strokes(piece, n).forEach(s -> strokes.add(stroke(s, shift))));
                piece.marks().forEach(m -> SheetLayout.strokes(m).forEach(s -> strokes.add(stroke(s, shift))));
                Stream.concat(cut.bones().stream(), cut.darts().stream())
                        .forEach(b -> strokes.add(new Stroke(
                                b.flattened(CHORD).stream()
                                        .map(p -> p.plus(shift))
                                        .toList(),
                                false)));
                SheetLayout.grain(piece).forEach(s -> strokes.add(stroke(s, shift)));
            }
        }
    }

    private static Stroke moved(List<Point> closed, Vec shift) {
        return new Stroke(closed.stream().map(p -> p.plus(shift)).toList(), true);
    }

    private static Stroke stroke(Line line, Vec shift) {
        return new Stroke(List.of(line.start().plus(shift), line.end().plus(shift)), false);
    }

    /** The nearest first. A closed line is entered at its point nearest to the pen, an open one at either end. */
    private void draw(List<Stroke> strokes) {
        List<Stroke> left = new ArrayList<>(strokes);
        while (!left.isEmpty()) {
            Stroke next = null;
            double least = Double.POSITIVE_INFINITY;
            for (Stroke stroke : left) {
                double way = stroke.points().stream()
                        .mapToDouble(p -> p.distance(pen))
                        .min()
                        .orElse(0);
                if (way < least) {
                    least = way;
                    next = stroke;
                }
            }
            left.remove(next);
            line(
                    next.closed()
                            ? entered(next.points())
                            : next.points().get(0).distance(pen)
                                            <= next.points()
                                                    .get(next.points().size() - 1)
                                                    .distance(pen)
                                    ? next.points()
                                    : backwards(next.points()));
        }
    }

    private List<Point> entered(List<Point> closed) {
        int at = 0;
        for (int i = 1; i < closed.size(); i++) {
            at = closed.get(i).distance(pen) < closed.get(at).distance(pen) ? i : at;
        }
        if (at == 0) {
            return closed;
        }
        List<Point> points = new ArrayList<>(closed.subList(at, closed.size()));
        points.addAll(closed.subList(1, at + 1));
        return points;
    }

    private static List<Point> backwards(List<Point> points) {
        List<Point> back = new ArrayList<>(points);
        java.util.Collections.reverse(back);
        return back;
    }

    private void line(List<Point> points) {
        out.append("PU").append(xy(points.get(0))).append(";PD");
        for (int i = 1; i < points.size(); i++) {
            out.append(i == 1 ? "" : ",").append(xy(points.get(i)));
        }
        out.append(";\n");
        pen = points.get(points.size() - 1);
    }

    private String xy(Point p) {
        return Math.round(p.x() * STEPS) + "," + Math.round((height - p.y()) * STEPS);
    }

    private void words(CuttingPlan.Cut cut, Vec shift) {
        Point at = SheetLayout.labelAt(cut.piece()).plus(shift);
        out.append("PU")
                .append(xy(at))
                .append(";SI0.4,0.6;LB")
                .append(plain(cut.piece().order() + " " + cut.piece().name()))
                .append(END_OF_TEXT)
                .append(";\n");
        out.append("PU")
                .append(xy(at.plus(new Vec(0, 10))))
                .append(";SI0.3,0.4;LB")
                .append(plain(cut.words()))
                .append(END_OF_TEXT)
                .append(";\n");
    }

    private static String plain(String words) {
        return Normalizer.normalize(words, Normalizer.Form.NFD)
                .replaceAll("\\p{M}", "")
                .replaceAll("[^ -~]", "?")
                .replace(";", ",")
                .trim();
    }
}
