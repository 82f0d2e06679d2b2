package bathyra.garment;

/** How a piece lies to the thread of the cloth (C12). */
public enum GrainLine implements Choice {
    CENTRE_FRONT("centre-front", "Along centre front"),
    PANEL("panel", "Along the panel"),
    WAIST("waist", "Square to the waist"),
    BIAS("bias", "On the bias");

    private final String id;
    private final String label;

    GrainLine(String id, String label) {
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
