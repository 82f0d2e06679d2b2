package bathyra.reckon;

/** What kind of number a reckoned value is. Lengths are millimetres, angles radians. */
public enum Quantity {
    LENGTH,
    RATIO,
    ANGLE
}
