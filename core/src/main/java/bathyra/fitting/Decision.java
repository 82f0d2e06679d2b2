package bathyra.fitting;

import java.util.Arrays;
import java.util.Optional;

/** What was decided about a mark. */
public enum Decision {
    OPEN("open", "left open", 0),
    AGREED("agreed", "agreed", 1),
    HALVED("halved", "halved", 0.5),
    REFUSED("refused", "refused", 0);

    private final String id;
    private final String label;
    private final double share;

    Decision(String id, String label, double share) {
        this.id = id;
        this.label = label;
        this.share = share;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /** How much of what was seen the draft is to follow. */
    public double share() {
        return share;
    }

    /** Whether the draft is to follow it at all. */
    public boolean isFollowed() {
        return share > 0;
    }

    public static Optional<Decision> ofId(String id) {
        return Arrays.stream(values()).filter(d -> d.id.equals(id)).findFirst();
    }
}
