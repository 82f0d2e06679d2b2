package bathyra.block;

/** The two halves of a block. Each has its own origin: where its centre meets the line through the neck ends of the shoulders. */
public enum Half {
    FRONT("Front"),
    BACK("Back");

    private final String label;

    Half(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
