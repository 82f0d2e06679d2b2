package bathyra.garment;

/** How the allowances are cut where a seam ends at an edge, so that sewn and pressed they lie inside it (C12). */
public enum CornerShape implements Choice {
    MITRED("mitred", "Mitred", "both allowances run on until they meet"),
    SQUARE("square", "Square", "the seam's allowance ends at right angles to the seam"),
    REVERSED(
            "reversed",
            "Reversed",
            "the edge's allowance mirrors the piece, so that it lies flat when it is turned in");

    private final String id;
    private final String label;
    private final String reason;

    CornerShape(String id, String label, String reason) {
        this.id = id;
        this.label = label;
        this.reason = reason;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** What it does, in words. */
    public String reason() {
        return reason;
    }
}
