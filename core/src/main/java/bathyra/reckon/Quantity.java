package bathyra.reckon;

/** What kind of number a reckoned value is. Lengths are millimetres, angles radians, times minutes. */
public enum Quantity {
    LENGTH,
    RATIO,
    ANGLE,
    MINUTES
}
