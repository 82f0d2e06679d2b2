package bathyra.garment;

/** How a skirt under a basque is shaped between the waist and the hips (C10). */
public enum SkirtShaping implements Choice {
    SEAMS("seams", "Skirt in panels"),
    DARTS("darts", "Skirt with darts");

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
