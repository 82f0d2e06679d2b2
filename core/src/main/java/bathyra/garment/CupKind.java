package bathyra.garment;

/** How the bust is shaped (C8). */
public enum CupKind implements Choice {
    PRINCESS("princess", "Princess"),
    TWO_PART("two-part", "Two-part"),
    THREE_PART("three-part", "Three-part"),
    YOKE("yoke", "Yoke");

    private final String id;
    private final String label;

    CupKind(String id, String label) {
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

    /** Whether cups are cut out of the body. */
    public boolean isCut() {
        return this != PRINCESS;
    }
}
