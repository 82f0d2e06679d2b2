package bathyra.app.form;

/**
 * From where, and how large, a body is looked at.
 *
 * @param turn from the front, radians: a quarter shows the wearer's left side
 * @param scale pixels a millimetre
 * @param middle pixel of the axis
 * @param waist pixel of the waist line
 * @param tilt by what share of its nearness a place is seen lower, as from a little above: so level lines are seen to go round
 */
public record Look(double turn, double scale, double middle, double waist, double tilt) {
    /** A place of the body with a value of its own: x and y in pixels, how near it lies in mm, and the value. */
    public double[] seen(double x, double y, double z, double value) {
        double cos = Math.cos(turn);
        double sin = Math.sin(turn);
        double near = x * sin + y * cos;
        return new double[] {middle + (x * cos - y * sin) * scale, waist + (tilt * near - z) * scale, near, value};
    }

    /** Whether what faces that way, x and y, is turned towards whoever looks. */
    public boolean faces(double x, double y) {
        return x * Math.sin(turn) + y * Math.cos(turn) > 0;
    }

    /** The same, drawn so many times as large. */
    public Look times(double factor) {
        return new Look(turn, scale * factor, middle * factor, waist * factor, tilt);
    }

    /** The same, seen from a little above and moved down by so many pixels. */
    public Look tilted(double share, double down) {
        return new Look(turn, scale, middle, waist + down, share);
    }
}
