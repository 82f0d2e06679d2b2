package bathyra.paper;

import bathyra.geometry.Motion;
import bathyra.geometry.Point;

/** Pivot: a sheet, or the part of one that a slash has freed, is turned about a point as about a pin. */
public final class Pivot {
    private Pivot() {}

    /** @param radians clockwise on the screen */
    public static Sheet about(Sheet sheet, Point pin, double radians) {
        return sheet.moved(Motion.about(pin, radians));
    }
}
