package bathyra.garment;

/** Where a princess seam begins on a block with shoulders (C7.4, C18). */
public enum PrincessStart implements Choice {
    NONE("none", "No princess seam"),
    ARMHOLE("mid-armhole", "From the middle of the armhole"),
    SHOULDER("mid-shoulder", "From the middle of the shoulder"),
    NECK("neck", "From the middle of the neck");

    private final String id;
    private final String label;

    PrincessStart(String id, String label) {
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
