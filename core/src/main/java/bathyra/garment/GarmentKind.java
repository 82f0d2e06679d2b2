package bathyra.garment;

/** What is made. A bustier is drafted on a block with princess seams, a corset on its levels alone (C4). */
public enum GarmentKind implements Choice {
    BUSTIER("bustier", "Bustier"),
    CORSET("corset", "Corset, over the bust"),
    UNDERBUST("underbust", "Underbust corset");

    private final String id;
    private final String label;

    GarmentKind(String id, String label) {
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

    /** Whether it is drafted panel by panel on its levels alone, without a block (C4.5). */
    public boolean isPanelled() {
        return this != BUSTIER;
    }

    /** Whether it covers the bust. */
    public boolean isOverBust() {
        return this != UNDERBUST;
    }
}
