package bathyra.garment;

/** How the garment is closed (C5, C12). */
public enum Closure implements Choice {
    BACK_ZIP("back-zip", "Zip at the back", false),
    BACK_LACING("back-lacing", "Lacing at the back", true),
    BACK_LOOPS("back-loops", "Loops at the back", true),
    FRONT_BUSK("front-busk", "Busk in front, lacing at the back", true),
    SIDE_ZIP("side-zip", "Zip at the side", false);

    private final String id;
    private final String label;
    private final boolean laced;

    Closure(String id, String label, boolean laced) {
        this.id = id;
        this.label = label;
        this.laced = laced;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether the back is drawn together over a gap. */
    public boolean isLaced() {
        return laced;
    }

    /** Whether centre front opens; else it is cut on the fold. */
    public boolean opensInFront() {
        return this == FRONT_BUSK;
    }

    /** Whether centre back opens; else it is cut on the fold and must be straight. */
    public boolean opensBehind() {
        return this != SIDE_ZIP;
    }
}
