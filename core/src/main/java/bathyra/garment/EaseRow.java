package bathyra.garment;

import bathyra.length.Length;
import bathyra.place.Level;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.OptionalDouble;

/** The rows of starting eases by garment, mm on the full girth from the upper edge to the hip, and the lacing gap (C5). The waist of most begins at a share of itself. */
public enum EaseRow implements Choice {
    BUSTIER_ZIP("bustier-zip", "Bustier, zip or hooks", 0, -10, 0, -15, -10, 0, 10),
    BUSTIER_LACED("bustier-laced", "Bustier, laced or looped", 30, -10, 0, -20, Double.NaN, 0, 10),
    CORSET_MODERATE("corset-moderate", "Corset, moderate", 50, -20, 0, -25, Double.NaN, -10, 0),
    CORSET_STRONG("corset-strong", "Corset, strong", 50, -20, 0, -35, Double.NaN, -10, 0),
    STAGE("stage", "Stage corset, singers and winds", 50, 0, 10, 0, Double.NaN, 0, 10),
    UNDERBUST_MODERATE(
            "underbust-moderate", "Underbust corset, moderate", 50, Double.NaN, Double.NaN, -20, Double.NaN, -10, 0),
    STRETCH(
            "stretch",
            "Stretch cloth, no bones",
            0,
            Double.NaN,
            Double.NaN,
            Double.NaN,
            Double.NaN,
            Double.NaN,
            Double.NaN);

    private final String id;
    private final String label;
    private final double gap;
    private final Map<Level, Length> eases = new EnumMap<>(Level.class);

    EaseRow(String id, String label, double gap, double... eases) {
        this.id = id;
        this.label = label;
        this.gap = gap;
        for (Level level : Level.values()) {
            if (!Double.isNaN(eases[level.ordinal()])) {
                this.eases.put(level, Length.mm(eases[level.ordinal()]));
            }
        }
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** The lacing gap to start with, where the garment is laced. */
    public Length gap() {
        return Length.mm(gap);
    }

    /** The ease at a level; nothing for the row of stretch cloth, which takes a share of the girth. @throws IllegalArgumentException where the row has none */
    public Length ease(Level level) {
        Length ease = eases.get(level);
        if (ease == null) {
            throw new IllegalArgumentException(id + " has no ease at " + level.id());
        }
        return ease;
    }

    /** The share of the waist that the row draws in to begin with, rather than a length: a fixed one is twice as much on a small waist as on a large (C5.1). */
    public OptionalDouble waistShare(Experience wearer) {
        boolean seasoned = wearer == Experience.SEASONED;
        return switch (this) {
            case BUSTIER_LACED -> OptionalDouble.of(0.03);
            case CORSET_MODERATE, UNDERBUST_MODERATE -> OptionalDouble.of(seasoned ? 0.09 : 0.06);
            case CORSET_STRONG -> OptionalDouble.of(0.13);
            case STAGE -> OptionalDouble.of(0.05);
            case BUSTIER_ZIP, STRETCH -> OptionalDouble.empty();
        };
    }

    /** Whether its upper edge begins tighter than the body, and less so the fuller the bust: flesh spills over otherwise (C5.1). */
    public boolean easesOverFullBust() {
        return this == CORSET_MODERATE || this == CORSET_STRONG;
    }

    /** Whether the underbust is fitted to the rib with lungs full: performers need free ribs (C5, C17). */
    public boolean isLungsFull() {
        return this == STAGE;
    }

    public boolean isStretch() {
        return this == STRETCH;
    }

    /** The rows that a kind of garment may start from, the usual one first. */
    public static List<EaseRow> of(GarmentKind kind) {
        return switch (kind) {
            case BUSTIER -> List.of(BUSTIER_ZIP, BUSTIER_LACED, CORSET_MODERATE, STAGE, STRETCH);
            case CORSET -> List.of(CORSET_MODERATE, CORSET_STRONG, STAGE, BUSTIER_LACED, BUSTIER_ZIP, STRETCH);
            case UNDERBUST -> List.of(UNDERBUST_MODERATE, CORSET_MODERATE, CORSET_STRONG, STAGE, STRETCH);
        };
    }

    /** The row of an id. */
    public static java.util.Optional<EaseRow> ofId(String id) {
        return Arrays.stream(values()).filter(r -> r.id.equals(id)).findFirst();
    }
}
