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
     * One edge a panel, each from the corner nearer centre front to the corner nearer centre back.
     *
     * @param inFront the angle inside the cloth at centre front, radians: a right angle, or the point that is wanted there
     */
    public static List<Path> over(List<Span> spans, double inFront) {
        return drawn(spans, inFront, Math.PI / 2);
    }

    /** The same where neither end is a centre: there the edge leaves as its chord lies. */
    public static List<Path> between(List<Span> spans) {
        Span first = spans.get(0);
        Span last = spans.get(spans.size() - 1);
        return drawn(
                spans,
                Math.abs(first.left().to(first.right()).angleTo(first.leftSeam())),
                Math.abs(last.right().to(last.left()).angleTo(last.rightSeam())));
    }

    private static List<Path> drawn(List<Span> spans, double inFront, double behind) {
        int n = spans.size();
        double[] atLeft = new double[n];
        double[] atRight = new double[n];
        for (int i = 0; i < n; i++) {
            Span span = spans.get(i);
            Vec chord = span.left().to(span.right());
            atLeft[i] = i == 0 ? inFront : Math.abs(chord.angleTo(span.leftSeam()));
            atRight[i] = i == n - 1 ? behind : Math.abs(chord.reversed().angleTo(span.rightSeam()));
        }
        for (int i = 0; i + 1 < n; i++) {
            // Each panel takes half of what its chord's corner and its neighbour's lack to a straight line.
            double missing = (Math.PI - atRight[i] - atLeft[i + 1]) / 2;
            atRight[i] += missing;
            atLeft[i + 1] += missing;
        }
        List<Path> edges = new ArrayList<>();
        for (int i = 0; i < n; i++) {
            Span span = spans.get(i);
            // Where the seam runs down from the edge, the edge lies anticlockwise of it at the left corner; upwards it
            // is mirrored.
            double turn = Math.signum(Vec.RIGHT.cross(span.leftSeam()));
            Vec leaving = span.leftSeam().turned(-turn * atLeft[i]);
            Vec arriving = span.rightSeam().turned(turn * atRight[i]).reversed();
            edges.add(EdgeCurve.between(span.left(), leaving, i == 0, span.right(), arriving, i == n - 1));
        }
        return edges;
    }
}
