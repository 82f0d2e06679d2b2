package bathyra.fitting;

import java.util.Arrays;
import java.util.Optional;

/** How an amount was come by. */
public enum Taken {
    PINNED("pinned", "pinned"),
    LET_OUT("let-out", "let out"),
    DRAWN("drawn", "drawn in pencil"),
    MEASURED("measured", "measured"),
    ESTIMATED("estimated", "estimated");

    private final String id;
    private final String label;

    Taken(String id, String label) {
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

    public static Optional<Taken> ofId(String id) {
        return Arrays.stream(values()).filter(t -> t.id.equals(id)).findFirst();
    }
}
