package bathyra.edge;

import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import java.util.ArrayList;
import java.util.List;

/**
 * The upper or the lower edge of the whole half, drawn on the joined pattern (C10): at every seam the corners of the two
 * panels add up to 180°, at both centres the edge is square.
 */
public final class JoinedEdge {
    private static final double RIGHT_ANGLE = Math.PI / 2;

    /** Radians. */
    private static final double SQUARE = 1e-9;

    private JoinedEdge() {}

    /**
     * The two ends of a panel's edge.
     *
     * @param left the corner nearer centre front
     * @param leftSeam the unit direction of the panel's long edge there, pointing into the panel's length
     * @param right the corner nearer centre back
     * @param rightSeam the same there
     */
    public record Span(Point left, Vec leftSeam, Point right, Vec rightSeam) {}

    /**
     * How a designed edge runs over a panel (C10.1).
     *
     * @param levelLeft from the corner nearer centre front to the place of the same height on the panel's other long edge
     * @param levelRight to the corner nearer centre back, from the place of the same height on the other long edge
     * @param slopeLeft by how much the edge rises towards centre back, at the corner nearer centre front
     * @param slopeRight the same at the other corner
     * @param beside how much higher it lies between its corners than one cubic between them would, at even steps, mm; empty for nothing
     */
    public record Run(Vec levelLeft, Vec levelRight, double slopeLeft, double slopeRight, List<Double> beside) {
        public Run {
            beside = List.copyOf(beside);
        }
    }

    /**
     * One edge a panel, each from the corner nearer centre front to the corner nearer centre back. The panels' chords say how it runs.
     *
     * @param inFront the angle inside the cloth at centre front, radians: a right angle, or the point that is wanted there
     */
    public static List<Path> over(List<Span> spans, double inFront) {
        return drawn(spans, chords(spans), inFront, RIGHT_ANGLE, EdgeCurve::between);
    }

    /** The same for an edge that was designed over the closed half. @param runs one a panel */
    public static List<Path> over(List<Span> spans, List<Run> runs, double inFront) {
        boolean square = Math.abs(inFront - RIGHT_ANGLE) < SQUARE;
        return drawn(spans, runs, inFront, RIGHT_ANGLE, (from, leaving, fromCentre, to, arriving, toCentre) -> {
            Path run = EdgeCurve.designed(from, leaving, fromCentre && square, to, arriving, toCentre);
            return fromCentre && EdgeCurve.leavesItsPoint(run)
                    ? EdgeCurve.designed(from, leaving, true, to, arriving, toCentre)
                    : run;
        });
    }

    /** A line of one height over the closed half: straight over every seam, square to both centres. */
    public static List<Path> level(List<Span> spans) {
        return over(spans, chords(spans), RIGHT_ANGLE);
    }

    /** The same where neither end is a centre: there the edge leaves as its chord lies. */
    public static List<Path> between(List<Span> spans) {
        Span first = spans.get(0);
        Span last = spans.get(spans.size() - 1);
        return drawn(
                spans,
                chords(spans),
                Math.abs(first.left().to(first.right()).angleTo(first.leftSeam())),
                Math.abs(last.right().to(last.left()).angleTo(last.rightSeam())),
                EdgeCurve::between);
    }

    /** How an edge is curved between its two corners. */
    private interface Curve {
        Path between(Point from, Vec leaving, boolean fromCentre, Point to, Vec arriving, boolean toCentre);
    }

    private static List<Run> chords(List<Span> spans) {
        return spans.stream()
                .map(s -> new Run(s.left().to(s.right()), s.left().to(s.right()), 0, 0, List.of()))
                .toList();
    }

    private static List<Path> drawn(List<Span> spans, List<Run> runs, double inFront, double behind, Curve curve) {
        int n = spans.size();
        double[] atLeft = new double[n];
        double[] atRight = new double[n];
        for (int i = 0; i < n; i++) {
            atLeft[i] = i == 0
                    ? inFront
                    : Math.abs(runs.get(i).levelLeft().angleTo(spans.get(i).leftSeam()));
            atRight[i] = i == n - 1
                    ? behind
                    : Math.abs(runs.get(i)
                            .levelRight()
                            .reversed()
                            .angleTo(spans.get(i).rightSeam()));
        }
        for (int i = 0; i + 1 < n; i++) {
            // Half of what the level corners lack to a straight line is the roundness of the closed garment on either
            // side; an edge that rises takes on the one side what it gives on the other.
            double missing = (Math.PI - atRight[i] - atLeft[i + 1]) / 2;
            double rising = upward(spans.get(i))
                    * (Math.atan(runs.get(i).slopeRight())
                            + Math.atan(runs.get(i + 1).slopeLeft()))
                    / 2;
            atRight[i] += missing - rising;
            atLeft[i + 1] += missing + rising;
        }
        List<Path> edges = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Span span = spans.get(i);
            // Where the seam runs down from the edge, the edge lies anticlockwise of it at the left corner; upwards it
            // is mirrored.
            double turn = upward(span);
            Vec leaving = span.leftSeam().turned(-turn * atLeft[i]);
            Vec arriving = span.rightSeam().turned(turn * atRight[i]).reversed();
            Path edge = curve.between(span.left(), leaving, i == 0, span.right(), arriving, i == n - 1);
            edges.add(EdgeCurve.moved(edge, runs.get(i).beside()));
        }
        return edges;
    }

    /** 1 where the cloth lies below the edge, −1 where it lies above. */
    private static double upward(Span span) {
        return Math.signum(Vec.RIGHT.cross(span.leftSeam()));
    }
}
