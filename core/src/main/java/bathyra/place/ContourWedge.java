package bathyra.place;

import bathyra.length.Length;
import java.util.Arrays;
import java.util.Optional;

/** The wedges that make a garment hug (C9), each with the width with which it starts: at its mouth, on one half of the body. */
public enum ContourWedge {
    NECKLINE("neckline", "Neckline", 6, "middle of the front upper edge, to the apex"),
    CUT_AWAY_ARMHOLE("cut-away-armhole", "Cut-away armhole", 10, "outer end of the strap, to the apex"),
    ARMHOLE("armhole", "Armhole", 6, "curve of the armhole or the edge beside it, to the apex"),
    UNDER_BUST("under-bust", "Under the bust", 10, "each side of the front princess seam under the bust"),
    SIDE("side", "Side", 13, "underarm in, fading to the waist, front and back alike"),
    BETWEEN("between-breasts", "Between the breasts", 10, "centre front at the bust line, to the apex"),
    CF_NECKLINE(
            "centre-front-neckline",
            "Centre-front neckline",
            3,
            "beside centre front at the neckline, fading to the waist"),
    SHOULDER("shoulder", "Shoulder slope", 3, "the middle of the shoulder lowered"),
    STRAPLESS_TOP("strapless-top", "Strapless top", 10, "each side of the upper seam at the top edge, to the apex");

    /** No wedge is wider than this. */
    public static final Length MOST = Length.mm(30);

    private final String id;
    private final String label;
    private final double standard;
    private final String where;

    ContourWedge(String id, String label, double standard, String where) {
        this.id = id;
        this.label = label;
        this.standard = standard;
        this.where = where;
    }

    /** The word in files. */
    public String id() {
        return id;
    }

    /** The word on the screen. */
    public String label() {
        return label;
    }

    /** The width with which it starts. */
    public Length standard() {
        return Length.mm(standard);
    }

    /** Where it lies, in words. */
    public String where() {
        return where;
    }

    /** Whether centre front is no longer straight once it is closed. */
    public boolean bendsCentreFront() {
        return this == BETWEEN || this == CF_NECKLINE;
    }

    public static Optional<ContourWedge> ofId(String id) {
        return Arrays.stream(values()).filter(w -> w.id.equals(id)).findFirst();
    }
}
