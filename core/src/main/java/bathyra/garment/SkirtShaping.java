package bathyra.garment;

/** How a skirt under a basque is shaped between the waist and the hips (C10). */
public enum SkirtShaping implements Choice {
    SEAMS("seams", "In the panels of the body"),
    DARTS("darts", "Front and back in one, with darts");

    private final String id;
    private final String label;

    SkirtShaping(String id, String label) {
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
