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

    /**
     * How far along the first of two stretches they cross, as a share of it; not a number where they do not. For loops that ask for every
     * pair: it makes no objects.
     *
     * @param slack by how much of a stretch the crossing may lie beyond its ends
     */
    public static double along(Point a, Point b, Point c, Point d, double slack) {
        double abX = b.x() - a.x();
        double abY = b.y() - a.y();
        double cdX = d.x() - c.x();
        double cdY = d.y() - c.y();
        double cross = abX * cdY - abY * cdX;
        if (Math.abs(cross) < PARALLEL) {
            return Double.NaN;
        }
        double gapX = c.x() - a.x();
        double gapY = c.y() - a.y();
        double here = (gapX * cdY - gapY * cdX) / cross;
        double there = (gapX * abY - gapY * abX) / cross;
        return here >= -slack && here <= 1 + slack && there >= -slack && there <= 1 + slack ? here : Double.NaN;
    }
}
