package bathyra.app.table;

import bathyra.geometry.Motion;
import bathyra.geometry.Path;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;

/**
 * How a piece lies on the table: turned about the origin of the sheet, then moved.
 *
 * @param turn clockwise on the screen, radians
 */
public record Placement(double turn, Vec by) {
    private static final Point ORIGIN = new Point(0, 0);

    /** The placement of a sheet that is laid on the joined pattern. */
    public static Placement of(Motion motion) {
        return new Placement(motion.turn(), motion.way());
    }

    public static Placement moved(Vec by) {
        return new Placement(0, by);
    }

    public Point of(Point onPiece) {
        return ORIGIN.plus(ORIGIN.to(onPiece).turned(turn)).plus(by);
    }

    public Vec of(Vec onPiece) {
        return onPiece.turned(turn);
    }

    public Path of(Path onPiece) {
        return onPiece.mapped(this::of);
    }

    /** Where on the piece a point of the table lies. */
    public Point back(Point onTable) {
        return ORIGIN.plus(ORIGIN.to(onTable.plus(by.reversed())).turned(-turn));
    }
}
