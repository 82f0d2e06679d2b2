package bathyra.fit;

import bathyra.garment.Garment;
import bathyra.garment.Stretch;

/**
 * How a cloth answers to being pulled and bent (C21).
 *
 * @param across stiffness across the grain, N/mm
 * @param along stiffness along it
 * @param shear N/mm
 * @param slack what is left of the stiffness where it is pushed together: cloth bears next to nothing
 * @param bending N·mm
 * @param weight N/mm²
 */
public record Cloth(double across, double along, double shear, double slack, double bending, double weight) {
    private static final double SLACK = 0.003;
    private static final double WEIGHT = 5e-6;
    /** Coutil and its like. */
    public static final Cloth FIRM = new Cloth(40, 40, 4, SLACK, 0.5, WEIGHT);
    /** A satin, a drill without a strength layer: a figure of this program's own. */
    static final Cloth GIVES = new Cloth(15, 15, 1.5, SLACK, 0.3, WEIGHT);
    /** A comfortable pull on the sample of a stretch test, N on each mm of its width: a figure of this program's own. */
    private static final double PULL = 0.2;
    /** What a cloth stretches of which nobody has made a test. */
    private static final double USUAL_STRETCH = 0.3;

    private static final double STIFFEST = 40;
    private static final double SHEAR = 0.1;
    private static final double BENDING = 0.1;

    /** The cloth of a garment: its class as chosen, and what stretches by its test. */
    public static Cloth of(Garment garment) {
        return switch (garment.give()) {
            case FIRM -> FIRM;
            case GIVES -> GIVES;
            case STRETCH -> garment.fit().stretch().map(Cloth::tested).orElse(stretching(USUAL_STRETCH, USUAL_STRETCH));
        };
    }

    private static Cloth tested(Stretch test) {
        double rest = test.relaxed().millimetres();
        return stretching(test.across().millimetres() / rest - 1, test.along().millimetres() / rest - 1);
    }

    private static Cloth stretching(double across, double along) {
        double k = stiffness(across);
        return new Cloth(k, stiffness(along), SHEAR * k, SLACK, BENDING, WEIGHT);
    }

    /** The stiffness at which the pull of the test stretches it by what it did. */
    private static double stiffness(double stretch) {
        double ratio = 1 + stretch;
        double strain = (ratio * ratio - 1) / 2;
        return strain <= 0 ? STIFFEST : Math.min(STIFFEST, PULL / (strain * ratio));
    }
}
