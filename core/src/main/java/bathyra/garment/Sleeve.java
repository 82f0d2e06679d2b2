package bathyra.garment;

/** What goes round the arm of an off-shoulder edge (C10). */
public enum Sleeve implements Choice {
    BAND("band", "Band"),
    SHORT("short", "Short sleeve");

    private final String id;
    private final String label;

    Sleeve(String id, String label) {
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
