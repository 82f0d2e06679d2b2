package bathyra.piece;

import bathyra.geometry.Point;
import bathyra.geometry.Segment;
import java.util.ArrayList;
import java.util.List;

/**
 * A place where an edge bends.
 *
 * @param radius of curvature, mm
 * @param hollow whether the cloth is hollow there; else it bulges
 */
public record Bend(double radius, Point at, String edge, boolean hollow) {
    private static final int SAMPLES = 16;
    private static final double STRAIGHT = 1e-5;

    /**
     * The places where edges bend more tightly than a radius: of each run of such places the tightest.
     *
     * @param outline clockwise
     */
    public static List<Bend> tighter(List<OutlineEdge> outline, double radius, boolean hollow) {
        List<Bend> found = new ArrayList<>();
        for (OutlineEdge edge : outline) {
            double least = 1 / radius;
            Sample tightest = null;
            for (Segment segment : edge.path().segments()) {
                for (int i = 0; i <= SAMPLES; i++) {
                    double curvature = curvature(segment, i, hollow);
                    if (curvature <= least) {
                        if (tightest != null) {
                            found.add(tightest.bend(edge, hollow));
                        }
                        tightest = null;
                    } else if (tightest == null || curvature > tightest.curvature) {
                        tightest = new Sample(segment, i, curvature);
                    }
                }
            }
            if (tightest != null) {
                found.add(tightest.bend(edge, hollow));
            }
        }
        return found;
    }

    /** The tightest place of an outline; straight where nothing bends that way. @param outline clockwise */
    public static Bend tightest(List<OutlineEdge> outline, boolean hollow) {
        OutlineEdge bent = outline.get(0);
        Sample tightest = new Sample(bent.path().segments().get(0), 0, STRAIGHT);
        for (OutlineEdge edge : outline) {
            for (Segment segment : edge.path().segments()) {
                for (int i = 0; i <= SAMPLES; i++) {
                    double curvature = curvature(segment, i, hollow);
                    if (curvature > tightest.curvature) {
                        tightest = new Sample(segment, i, curvature);
                        bent = edge;
                    }
                }
            }
        }
        return tightest.bend(bent, hollow);
    }

    /** The outline runs clockwise: turning clockwise bulges, turning back is a hollow. */
    private static double curvature(Segment segment, int sample, boolean hollow) {
        double curvature = segment.curvature((double) sample / SAMPLES);
        return hollow ? -curvature : curvature;
    }

    private record Sample(Segment segment, int sample, double curvature) {
        private Bend bend(OutlineEdge edge, boolean hollow) {
            return new Bend(
                    1 / Math.max(STRAIGHT, curvature), segment.at((double) sample / SAMPLES), edge.name(), hollow);
        }
    }
}
