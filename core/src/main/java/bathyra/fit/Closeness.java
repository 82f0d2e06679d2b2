package bathyra.fit;

/** In bands how far cloth stands away from the body as it was at rest, or presses into it. */
public enum Closeness {
    PRESSES_MOST("presses in by more than 5.5 mm", -5.5),
    PRESSES_MORE("presses in by 3.5 to 5.5 mm", -3.5),
    PRESSES("presses in by 1.5 to 3.5 mm", -1.5),
    TOUCHES("touches", 1),
    NEAR("1 to 2 mm away", 2),
    OFF("2 to 4 mm away", 4),
    AWAY("4 to 6 mm away", 6),
    FAR("more than 6 mm away", Double.POSITIVE_INFINITY);

    private final String label;
    private final double most;

    Closeness(String label, double most) {
        this.label = label;
        this.most = most;
    }

    public String label() {
        return label;
    }

    public boolean isPressing() {
        return this.compareTo(TOUCHES) < 0;
    }

    /** The largest distance that belongs to it, mm. */
    double most() {
        return most;
    }

    /** The band of a distance, mm: less than nothing where it presses in. */
    public static Closeness of(double away) {
        Closeness[] all = values();
        int i = 0;
        while (away > all[i].most) {
            i++;
        }
        return all[i];
    }
}
