package bathyra.fit;

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
    /** Coutil and its like. */
    public static final Cloth FIRM = new Cloth(40, 40, 4, 0.003, 0.5, 5e-6);
}
