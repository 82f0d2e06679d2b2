package bathyra.fit;

/**
 * What the garment is put on: the radius about an axis that leans forward with the height, and how firm the body is there.
 */
public interface Surface {
    /**
     * Reads the surface at a place.
     *
     * @param azimuth from centre front, radians
     * @param z mm
     * @param into radius (mm), its slope by the azimuth, its slope by the height, how far forward the axis lies (mm), and the slope of that by the height
     */
    void read(double azimuth, double z, double[] into);

    /** Pressure for each millimetre that is pressed in, N/mm³. */
    double firmness(double azimuth, double z);
}
