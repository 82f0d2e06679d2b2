package bathyra.files.sheet;

/** What is drawn on the sheets beside the sewing line, the notches and the grain, and can be left away. */
public enum Drawn {
    ALLOWANCES("Allowances"),
    LEVELS("Levels"),
    CHANNELS("Bone channels"),
    EYELETS("Eyelets");

    private final String label;

    Drawn(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }
}
