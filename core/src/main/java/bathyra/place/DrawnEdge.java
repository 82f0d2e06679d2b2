package bathyra.place;

import java.util.Arrays;
import java.util.Optional;

/** An edge that is drawn as a whole by one length: it is moved by that length, and not at one place. */
public enum DrawnEdge {
    NECKLINE("neckline", "Neckline in front"),
    BACK_NECKLINE("back-neckline", "Neckline behind"),
    UNDERARM("underarm", "Underarm"),
    OFF_SHOULDER("off-shoulder", "Off-shoulder edge"),
    HEM("hem", "Hem");

    private final String id;
    private final String label;

    DrawnEdge(String id, String label) {
        this.id = id;
        this.label = label;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    /** The word on the screen. */
    public String label() {
        return label;
    }

    public static Optional<DrawnEdge> ofId(String id) {
        return Arrays.stream(values()).filter(e -> e.id.equals(id)).findFirst();
    }
}
