package bathyra.garment;

/** Where the seams of a corset stand until the cutter moves them. */
public enum SeamPlacing implements Choice {
    LANDMARKS("landmarks", "By the body"),
    EVEN("even", "Evenly");

    private final String id;
    private final String label;

    SeamPlacing(String id, String label) {
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
}
