package bathyra.cutting;

import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.piece.OutlineEdge;
import java.util.Optional;

/** Where cloth is cut over the mouth of a dart (C12): the dart is folded, not cut out, and folded its roof lies along the edges beside it. */
final class DartRoof {
    private static final double PARALLEL = 1e-9;
    /** A roof stands no higher over the mouth than so many times the mouth is wide. */
    private static final double HIGHEST = 1.5;

    private DartRoof() {}

    /**
     * @param before the edge that comes to the dart
     * @param in the leg from the edge to the tip
     * @param out the leg from the tip to the edge
     * @param after the edge that goes on behind it
     */
    static OutlineEdge over(OutlineEdge before, OutlineEdge in, OutlineEdge out, OutlineEdge after) {
        Point a = in.path().start();
        Point tip = in.path().end();
        Point b = out.path().end();
        Point middle = a.between(b, 0.5);
        Point one = mirrored(a, before.path().endTangent().reversed(), tip, middle);
        Point other = mirrored(b, after.path().startTangent(), tip, middle);
        double most = tip.distance(middle) + HIGHEST * a.distance(b);
        Point roof = Math.min(most, tip.distance(one)) >= Math.min(most, tip.distance(other)) ? one : other;
        Point peak = tip.distance(roof) > most || tip.distance(roof) < tip.distance(middle) ? middle : roof;
        return new OutlineEdge(
                in.name(), OutlineEdge.Kind.DART, Optional.empty(), Path.of(new Line(a, peak), new Line(peak, b)));
    }

    /** Where the dart's middle meets the edge beside it, turned over the leg as the folded dart is. @param away along that edge, from the mouth */
    private static Point mirrored(Point mouth, Vec away, Point tip, Point middle) {
        Vec leg = tip.to(mouth).unit();
        Vec along = leg.times(2 * away.dot(leg)).minus(away);
        Vec centre = tip.to(middle).unit();
        double across = along.cross(centre);
        if (Math.abs(across) < PARALLEL) {
            return middle;
        }
        double t = mouth.to(tip).cross(centre) / across;
        return mouth.plus(along.times(t));
    }
}
