package bathyra.garment;

/** How the back of a bustier is shaped between side and centre back (C6.3). */
public enum BackShaping implements Choice {
    SEAM("seam", "Princess seam"),
    DART("dart", "Waist dart");

    private final String id;
    private final String label;

    BackShaping(String id, String label) {
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
