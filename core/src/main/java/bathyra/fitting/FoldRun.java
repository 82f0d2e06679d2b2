package bathyra.fitting;

import java.util.Arrays;
import java.util.Optional;

/** How a fold runs, which says what it means (C15.4). */
public enum FoldRun {
    ROUND("round", "across, all round"),
    BEHIND("behind", "across at centre back"),
    IN_FRONT("in-front", "across at centre front"),
    UPRIGHT("upright", "upright"),
    SLANTING("slanting", "slanting");

    private final String id;
    private final String label;

    FoldRun(String id, String label) {
        this.id = id;
        this.label = label;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    public static Optional<FoldRun> ofId(String id) {
        return Arrays.stream(values()).filter(r -> r.id.equals(id)).findFirst();
    }
}
