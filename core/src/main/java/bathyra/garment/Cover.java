package bathyra.garment;

/** What holds the upper edge up (C10). */
public enum Cover implements Choice {
    STRAPLESS("strapless", "Strapless"),
    SHOULDERS("shoulders", "With shoulders"),
    HALTER("halter", "Halter"),
    OFF_SHOULDER("off-shoulder", "Off the shoulder");

    private final String id;
    private final String label;

    Cover(String id, String label) {
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

    /** Whether the front reaches up to the shoulder seam or a strap. */
    public boolean hasShoulder() {
        return this == SHOULDERS || this == HALTER;
    }
}
