package bathyra.garment;

import bathyra.intake.SeamPlace;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Arrays;
import java.util.Optional;

/** How the intake of a princess seam is divided between its two edges: the share that lies towards the centre (C6, C18). */
public enum SplitOption {
    PRINCESS_FRONT("princess-split", SeamPlace.PRINCESS_FRONT, 1.0 / 3, "one third towards the centre, two thirds towards the side"),
    PRINCESS_BACK("back-split", SeamPlace.PRINCESS_BACK, 0.5, "half and half");

    /** Less than this would leave one edge as good as straight and bend the other alone. */
    public static final double LEAST = 0.1;
    public static final double MOST = 0.9;

    private final String id;
    private final SeamPlace seam;
    private final double standard;
    private final String reason;

    SplitOption(String id, SeamPlace seam, double standard, String reason) {
        this.id = id;
        this.seam = seam;
        this.standard = standard;
        this.reason = reason;
    }

    /** The rule-id in files. */
    public String id() {
        return id;
    }

    public SeamPlace seam() {
        return seam;
    }

    public double standard() {
        return standard;
    }

    /** Why the default is what it is. */
    public String reason() {
        return reason;
    }

    public static boolean allows(double share) {
        return share >= LEAST && share <= MOST;
    }

    Reckoned reckoned(Double own) {
        return Given.option("Towards the centre", own == null ? standard : own, Quantity.RATIO, own == null ? "rule: " + reason : "yours", Rule.of("C6", "split"));
    }

    /** The split of a seam, if it is one that can be divided at will. */
    public static Optional<SplitOption> of(SeamPlace seam) {
        return Arrays.stream(values()).filter(o -> o.seam == seam).findFirst();
    }
}
