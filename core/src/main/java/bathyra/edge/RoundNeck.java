package bathyra.edge;

import bathyra.geometry.Cubic;
import bathyra.geometry.Line;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;

/** A round neckline: level at the centre for a little, as the square lies there, then a quarter of an ellipse up to the shoulder. */
public final class RoundNeck {
    /** The control points of a quarter of an ellipse stand so far along its radii; three times that is the curve's velocity. */
    private static final double ELLIPSE = 3 * 0.5523;
    /** A flat neck stays level for longer than a deep one, so that its bend can be sewn. */
    private static final double FLATTEST = 1.6;

    private RoundNeck() {}

    /**
     * @param centre where it begins, square to the centre line
     * @param end where it ends on the shoulder, to either side of the centre
     * @param arriving the unit direction in which it arrives there
     * @param straight how far it stays level at least, mm
     */
    public static Path between(Point centre, Point end, Vec arriving, double straight) {
        double hand = Math.signum(end.x() - centre.x());
        double depth = Math.max(centre.y() - end.y(), 1);
        double round = Math.min(Math.abs(end.x() - centre.x()) - straight, depth * FLATTEST);
        Point bend = new Point(end.x() - hand * round, centre.y());
        return Path.of(
                new Line(centre, bend),
                Cubic.hermite(bend, new Vec(hand, 0).times(ELLIPSE * round), end, arriving.times(ELLIPSE * depth)));
    }
}
