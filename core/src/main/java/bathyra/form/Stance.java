package bathyra.form;

import bathyra.measure.Posture;

/**
 * What a posture does to a form (C20).
 *
 * @param back by how much it shifts the line of the back forward, mm, from below upwards at the knots of {@link Heights}
 * @param front how much rounder the front is from hip to waist
 * @param behind how much rounder the back is above the waist
 */
record Stance(double[] back, double front, double behind) {
    static Stance of(Posture posture) {
        return switch (posture) {
            case USUAL -> new Stance(new double[8], 0, 0);
            case SWAY -> new Stance(new double[] {0, -6, 2, 12, 2, -2, -4, -4}, 0, 0);
            case ROUNDED -> new Stance(new double[] {0, 0, 2, 2, -4, -10, -14, -12}, 0, 0.03);
            case UPRIGHT -> new Stance(new double[] {0, 2, 0, -8, -2, 4, 8, 8}, 0, -0.01);
            case BELLY -> new Stance(new double[8], 0.03, 0);
        };
    }
}
