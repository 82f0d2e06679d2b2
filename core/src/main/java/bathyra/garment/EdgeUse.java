package bathyra.garment;

import bathyra.length.Length;
import java.util.Arrays;
import java.util.Optional;

/** What an edge of a piece is for, with the seam allowance it starts with (C12). */
public enum EdgeUse {
    SEAM("seam", "seam", 13),
    SIDE("side", "side", 25),
    UPPER_EDGE("upper-edge", "upper edge", 10),
    LOWER_EDGE("lower-edge", "lower edge", 10),
    CENTRE_BACK("centre-back", "centre back", 25),
    CENTRE_FRONT("centre-front", "centre front", 20),
    /** A slit into which a gore is set: cut on the line, its seam runs out to nothing at the point (C8.2). */
    SLIT("slit", "slit of a gore", 0),
    FOLD("fold", "fold", 0);

    /** The widest allowance that is of any use. */
    public static final Length MOST = Length.mm(80);

    private final String id;
    private final String label;
    private final Length allowance;

    EdgeUse(String id, String label, double allowance) {
        this.id = id;
        this.label = label;
        this.allowance = Length.mm(allowance);
    }

    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /** The allowance to start with. */
    public Length allowance() {
        return allowance;
    }

    public static Optional<EdgeUse> ofId(String id) {
        return Arrays.stream(values()).filter(u -> u.id.equals(id) && u != FOLD).findFirst();
    }
}
