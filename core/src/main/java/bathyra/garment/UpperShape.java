package bathyra.garment;

import java.util.Arrays;
import java.util.List;

/** How the upper edge runs (C10), with the lengths with which it starts. */
public enum UpperShape implements Choice {
    STRAIGHT("straight", "Straight", 0, 60, 0),
    CURVED("curved", "Curved", 20, 75, 0),
    SWEETHEART("sweetheart", "Sweetheart", 40, 165, 30),
    V("v", "V", 75, 170, 15),
    PLUNGE("plunge", "Plunge", 125, 230, 15),
    SQUARE("square", "Square", 45, 125, 30),
    SCOOP("scoop", "Scoop", 60, 140, 30),
    ROUND("round", "Round", 0, 85, 12),
    WIDE("wide", "Wide", 0, 75, 45);

    private final String id;
    private final String label;
    private final double dip;
    private final double depth;
    private final double width;

    UpperShape(String id, String label, double dip, double depth, double width) {
        this.id = id;
        this.label = label;
        this.dip = dip;
        this.depth = depth;
        this.width = width;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** How far centre front starts below the crest of a strapless edge, mm. */
    double dip() {
        return dip;
    }

    /** How far centre front starts below the neck end of the shoulder, mm. */
    double depth() {
        return depth;
    }

    /** How far along the shoulder from its neck end the edge starts, mm. */
    double width() {
        return width;
    }

    /** Whether the edge can run so under what holds it up. */
    public boolean fits(Cover cover) {
        return switch (this) {
            case STRAIGHT, CURVED -> !cover.hasShoulder();
            case ROUND, WIDE -> cover.hasShoulder();
            case SWEETHEART -> true;
            default -> cover != Cover.OFF_SHOULDER;
        };
    }

    /** The shapes that go with what holds the edge up. */
    public static List<UpperShape> fitting(Cover cover) {
        return Arrays.stream(values()).filter(s -> s.fits(cover)).toList();
    }

    /** This shape, or the first that goes with what holds the edge up. */
    public UpperShape under(Cover cover) {
        return fits(cover) ? this : cover.hasShoulder() ? ROUND : STRAIGHT;
    }

    /** Whether centre front ends in a point. */
    public boolean isPointed() {
        return this == V || this == PLUNGE;
    }
}
