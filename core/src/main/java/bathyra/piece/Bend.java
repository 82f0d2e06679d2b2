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

    /** The places where edges bend more tightly than a radius: of each run of such places the tightest. @param outline clockwise */
    public static List<Bend> tighter(List<OutlineEdge> outline, double radius, boolean hollow) {
        List<Bend> found = new ArrayList<>();
        for (OutlineEdge edge : outline) {
            Bend run = null;
            for (Bend bend : along(edge, hollow)) {
                if (bend.radius >= radius) {
                    if (run != null) {
                        found.add(run);
                    }
                    run = null;
                } else if (run == null || bend.radius < run.radius) {
                    run = bend;
                }
            }
            if (run != null) {
                found.add(run);
            }
        }
        return found;
    }

    /** The tightest place of an outline; straight where nothing bends that way. @param outline clockwise */
    public static Bend tightest(List<OutlineEdge> outline, boolean hollow) {
        Bend tightest = new Bend(
                1 / STRAIGHT, outline.get(0).path().start(), outline.get(0).name(), hollow);
        for (OutlineEdge edge : outline) {
            for (Bend bend : along(edge, hollow)) {
                tightest = bend.radius < tightest.radius ? bend : tightest;
            }
        }
        return tightest;
    }

    private static List<Bend> along(OutlineEdge edge, boolean hollow) {
        List<Bend> bends = new ArrayList<>();
        for (Segment segment : edge.path().segments()) {
            for (int i = 0; i <= SAMPLES; i++) {
                double t = (double) i / SAMPLES;
                // The outline runs clockwise: turning clockwise bulges, turning back is a hollow.
                double curvature = hollow ? -segment.curvature(t) : segment.curvature(t);
                bends.add(new Bend(1 / Math.max(STRAIGHT, curvature), segment.at(t), edge.name(), hollow));
            }
        }
        return bends;
    }
}
