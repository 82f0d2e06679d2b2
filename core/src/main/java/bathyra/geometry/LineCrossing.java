package bathyra.geometry;

import java.util.Optional;

/**
 * Where two straight lines cross, each given by a point and a way.
 *
 * @param here how many times the way of the first from its point; 0 to 1 lies on the stretch itself
 * @param there the same of the other
 */
public record LineCrossing(double here, double there) {
    /** Below this the lines are parallel to double arithmetic. */
    private static final double PARALLEL = 1e-12;

    /** Empty for lines that run alongside each other. */
    public static Optional<LineCrossing> of(Point point, Vec way, Point other, Vec otherWay) {
        double cross = way.cross(otherWay);
        if (Math.abs(cross) < PARALLEL) {
            return Optional.empty();
        }
        Vec gap = point.to(other);
        return Optional.of(new LineCrossing(gap.cross(otherWay) / cross, gap.cross(way) / cross));
    }

    /** Whether it lies on both stretches. @param slack by how much of a stretch it may lie beyond its ends */
    public boolean isOnBoth(double slack) {
        return here >= -slack && here <= 1 + slack && there >= -slack && there <= 1 + slack;
    }
}
