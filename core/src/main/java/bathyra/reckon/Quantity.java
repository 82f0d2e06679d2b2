package bathyra.reckon;

/** What kind of number a reckoned value is. Lengths are millimetres, angles radians, times minutes, money in the workshop's own currency. */
public enum Quantity {
    LENGTH,
    RATIO,
    ANGLE,
    MINUTES,
    MONEY
}
