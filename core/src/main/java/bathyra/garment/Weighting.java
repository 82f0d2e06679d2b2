package bathyra.garment;

/** How the shaping is spread round the half body: the weight of a seam by where it stands (C6, C6.1). */
public enum Weighting implements Choice {
    SIDE("side", "As cutters share"),
    EVEN("even", "Evenly"),
    FLAT_FRONT("flat-front", "Flat front"),
    BACK("back", "More to the back"),
    /** As the wearer's form loses girth towards the waist about each seam; where there is no form, as cutters share. */
    FORM("form", "By the form");

    private static final double FLAT_UP_TO = 0.25;

    private final String id;
    private final String label;

    Weighting(String id, String label) {
        this.id = id;
        this.label = label;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /**
     * The weight of a seam (C6.1).
     *
     * @param share the seam's share of the half's suppression by the table; of the side what counts in one block
     * @param t its place round the half body: 0 centre front, 0.5 side, 1 centre back
     */
    double at(double share, double t) {
        return switch (this) {
            case EVEN -> 1;
            case SIDE, FORM -> share;
            case FLAT_FRONT -> t < FLAT_UP_TO ? share / 2 : share;
            case BACK -> share * (0.7 + 0.6 * t);
        };
    }
}
