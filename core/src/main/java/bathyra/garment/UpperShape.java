package bathyra.garment;


/** How the upper edge runs (C10). */
public enum UpperShape implements Choice {
    STRAIGHT("straight", "Straight"),
    SWEETHEART("sweetheart", "Sweetheart");

    private final String id;
    private final String label;

    UpperShape(String id, String label) {
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
