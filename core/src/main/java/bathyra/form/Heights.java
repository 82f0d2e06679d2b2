package bathyra.form;

/**
 * How high the lines of a form lie above its waist, mm, from below upwards. The waist itself lies at 0.
 *
 * @param below where the form ends under the hip
 * @param upper where the tape goes under the arms
 * @param above where the form ends
 */
public record Heights(
        double below, double hip, double highHip, double underbust, double bust, double upper, double above) {
    private static final double BELOW_HIP = 70;
    /** Where nobody has taken it. */
    static final double UPPER_OVER_BUST = 48;

    private static final double ABOVE_UPPER = 70;

    /** @param upperOverBust how far above the bust the tape goes under the arms, mm */
    static Heights of(double hipBelow, double highHipBelow, double underbust, double bust, double upperOverBust) {
        double upper = bust + upperOverBust;
        return new Heights(
                -hipBelow - BELOW_HIP, -hipBelow, -highHipBelow, underbust, bust, upper, upper + ABOVE_UPPER);
    }

    double[] knots() {
        return new double[] {below, hip, highHip, 0, underbust, bust, upper, above};
    }
}
