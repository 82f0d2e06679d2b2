package bathyra.files.sheet;

/** How large a pattern is drawn: full size to cut by, smaller to practise with. */
public enum PrintSize {
    FULL("Full", "full size", 1),
    HALF("Half", "half size", 0.5),
    QUARTER("Quarter", "quarter size", 0.25);

    private final String label;
    private final String words;
    private final double factor;

    PrintSize(String label, String words, double factor) {
        this.label = label;
        this.words = words;
        this.factor = factor;
    }

    public String label() {
        return label;
    }

    /** As it stands in a sentence. */
    public String words() {
        return words;
    }

    /** A millimetre of the pattern on paper, mm. */
    public double factor() {
        return factor;
    }
}
