package bathyra.form;

/**
 * One breast, as it stands out of the torso (C20).
 *
 * @param azimuth of the apex from centre front, radians
 * @param height of the apex above the waist, mm
 * @param proud how far it stands out at the apex, mm
 * @param around the torso's radius by which its width is reckoned, mm
 * @param inwards how far it reaches towards centre front, mm
 * @param outwards towards the side
 * @param down towards the underbust
 * @param up towards the shoulder
 * @param radius from apex to underbust, mm
 */
record Breast(
        double azimuth,
        double height,
        double proud,
        double around,
        double inwards,
        double outwards,
        double down,
        double up,
        double radius) {
    private static final double ROUND = 1.6;
    private static final double FLATTER = 1.4;
    private static final double OVER = 0.72;

    /** How far a place lies from the middle of the breast, squared: 1 at its rim. */
    double off(double azimuthAt, double z) {
        double u = around * (Math.abs(azimuthAt) - azimuth);
        double v = z - height;
        double across = u / (u < 0 ? inwards : outwards);
        double along = v / (v < 0 ? down : up);
        return across * across + along * along;
    }

    /** What share of its most it stands out at a place: 1 at the apex, 0 at the rim and beyond. */
    double share(double azimuthAt, double z) {
        double inside = 1 - off(azimuthAt, z);
        if (inside <= 0 || proud <= 0) {
            return 0;
        }
        double t = Math.max(0, Math.min(1, (z - height) / (OVER * radius)));
        return Math.pow(inside, ROUND + FLATTER * t * t * (3 - 2 * t));
    }

    /** How far it stands out at a place, mm. */
    double at(double azimuthAt, double z) {
        return proud * share(azimuthAt, z);
    }
}
