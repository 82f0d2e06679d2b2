package bathyra.garment;

/** How the shaping is spread round the half body: the weight of a seam by where it stands (C6). */
public enum Weighting implements Choice {
    SIDE("side", "More to the side"),
    EVEN("even", "Evenly"),
    FLAT_FRONT("flat-front", "Flat front"),
    BACK("back", "More to the back");

    private static final double BASE = 0.35;
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

    /** The weight of a seam. @param t its place round the half body: 0 centre front, 0.5 side, 1 centre back */
    public double at(double t) {
        double side = BASE + Math.pow(Math.sin(Math.PI * t), 2);
        return switch (this) {
            case EVEN -> 1;
            case SIDE -> side;
            case FLAT_FRONT -> t < FLAT_UP_TO ? side / 2 : side;
            case BACK -> side * (0.7 + 0.6 * t);
        };
    }
}
