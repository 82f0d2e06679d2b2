package bathyra.cutting;

/** Fronts and backs that reach up to the shoulder. */
final class Shoulders {
    static final String ARMHOLE = "armhole";

    private Shoulders() {}
}
