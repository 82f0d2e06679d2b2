package bathyra.hand;

/** At which heights a piece is given (C24). More lines come where a fair curve through these would leave the piece. */
public enum HelpLines {
    FINE("2 cm", "¾ in", 20, 19.05, 0.2),
    COARSE("4 cm", "1½ in", 40, 38.1, 0.5),
    LEVELS("Levels", "Levels", Double.POSITIVE_INFINITY, Double.POSITIVE_INFINITY, 0.5);

    private final String metric;
    private final String inches;
    private final double everyMetric;
    private final double everyInches;
    private final double keeps;

    HelpLines(String metric, String inches, double everyMetric, double everyInches, double keeps) {
        this.metric = metric;
        this.inches = inches;
        this.everyMetric = everyMetric;
        this.everyInches = everyInches;
        this.keeps = keeps;
    }

    public String label(Division division) {
        return division.isInches() ? inches : metric;
    }

    /** mm from line to line; endless where only the levels are given. */
    public double every(Division division) {
        return division.isInches() ? everyInches : everyMetric;
    }

    /** How far a fair curve through the figures may leave the piece before rounding, mm. */
    public double keeps() {
        return keeps;
    }
}
