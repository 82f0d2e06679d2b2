package bathyra.app.stage;

/** Whether things may be seen moving by themselves. */
public enum Motion {
    SHOWN("Shown"),
    REDUCED("Reduced");

    /** Under which word the book keeps it. */
    public static final String KEPT = "motion";

    private static Motion now = SHOWN;

    private final String label;

    Motion(String label) {
        this.label = label;
    }

    public String label() {
        return label;
    }

    /** Shown for any word that is none. */
    public static Motion named(String word) {
        return REDUCED.name().equals(word) ? REDUCED : SHOWN;
    }

    public static Motion now() {
        return now;
    }

    public static void choose(Motion next) {
        now = next;
    }
}
