package bathyra.fitting;

import java.util.Arrays;
import java.util.Optional;

/** What was tried on. */
public enum FittingKind {
    TOILE("toile", "Toile"),
    CLOTH("cloth", "In cloth"),
    FINAL("final", "Finished");

    private final String id;
    private final String label;

    FittingKind(String id, String label) {
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

    public static Optional<FittingKind> ofId(String id) {
        return Arrays.stream(values()).filter(k -> k.id.equals(id)).findFirst();
    }
}
