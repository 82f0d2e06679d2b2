package bathyra.garment;

import bathyra.place.ContourWedge;
import java.util.List;

/** The contour wedges that are usual together (C9). */
public enum ContourSet implements Choice {
    HALTER("halter", "Halter", List.of(ContourWedge.CF_NECKLINE, ContourWedge.CUT_AWAY_ARMHOLE, ContourWedge.ARMHOLE)),
    V_NECK(
            "v-neck",
            "V neck",
            List.of(
                    ContourWedge.NECKLINE,
                    ContourWedge.BETWEEN,
                    ContourWedge.ARMHOLE,
                    ContourWedge.UNDER_BUST,
                    ContourWedge.SIDE)),
    SCOOP(
            "scoop-square",
            "Scoop or square",
            List.of(
                    ContourWedge.NECKLINE,
                    ContourWedge.CF_NECKLINE,
                    ContourWedge.SHOULDER,
                    ContourWedge.ARMHOLE,
                    ContourWedge.UNDER_BUST,
                    ContourWedge.SIDE)),
    SWEETHEART(
            "strapless-sweetheart",
            "Strapless sweetheart",
            List.of(
                    ContourWedge.NECKLINE,
                    ContourWedge.ARMHOLE,
                    ContourWedge.STRAPLESS_TOP,
                    ContourWedge.BETWEEN,
                    ContourWedge.UNDER_BUST,
                    ContourWedge.SIDE));

    private final String id;
    private final String label;
    private final List<ContourWedge> wedges;

    ContourSet(String id, String label, List<ContourWedge> wedges) {
        this.id = id;
        this.label = label;
        this.wedges = wedges;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    public List<ContourWedge> wedges() {
        return wedges;
    }
}
