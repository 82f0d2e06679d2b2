package bathyra.garment;

/** What a bone is made of (C13). */
public enum BoneKind implements Choice {
    FLAT_STEEL("flat-steel", "Flat steel", "stays in its plane: for straight channels at the centre and the lacing"),
    SPIRAL_STEEL("spiral-steel", "Spiral steel", "bends sideways: for channels that curve"),
    SYNTHETIC("synthetic", "Synthetic whalebone", "light, and follows a curve"),
    PLASTIC("plastic", "Covered plastic", "the lightest, for bodices that hold little");

    private final String id;
    private final String label;
    private final String reason;

    BoneKind(String id, String label, String reason) {
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

    /** What it is good for, in words. */
    public String reason() {
        return reason;
    }
}
