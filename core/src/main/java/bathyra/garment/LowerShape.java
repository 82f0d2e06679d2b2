package bathyra.garment;

import bathyra.place.Level;
import java.util.Optional;

/** Where the garment ends (C10). */
public enum LowerShape implements Choice {
    WAIST("waist", "At the waist"),
    HIGH_HIP("high-hip", "At the high hip"),
    HIP("hip", "At the hip"),
    STRAIGHT("straight", "Straight, below the waist"),
    POINTED("pointed", "Pointed front"),
    ROUNDED("rounded", "Rounded front"),
    PEPLUM("peplum", "At the waist, with a peplum"),
    FLARED("flared", "Flared hem"),
    SKIRT("skirt", "To the thigh, as a skirt"),
    POINTED_BASQUE("pointed-basque", "Pointed basque and skirt"),
    ROUNDED_BASQUE("rounded-basque", "Rounded basque and skirt");

    private final String id;
    private final String label;

    LowerShape(String id, String label) {
        this.id = id;
        this.label = label;
    }

    @Override
    public String id() {
        return id;
    }

    @Override
    public String label() {
        return label;
    }

    /** Whether the hip line lies on it and shapes it. */
    public boolean reachesHip() {
        return this == HIP || hangs();
    }

    /** Whether what lies below the hips hangs free of bones. */
    public boolean hangs() {
        return this == SKIRT || isBasque();
    }

    /** From where its seams swing out to a wide hem, or fall free (C10). */
    public Optional<Level> swingsFrom() {
        return this == FLARED ? Optional.of(Level.HIGH_HIP) : hangs() ? Optional.of(Level.HIP) : Optional.empty();
    }

    /** Whether its panels end level with each other at a length of their own. */
    public boolean isHem() {
        return this == FLARED || hangs();
    }

    /** Whether the body ends on a line of its own below the waist, and a skirt that is cut off along it goes on from there. */
    public boolean isBasque() {
        return this == POINTED_BASQUE || this == ROUNDED_BASQUE;
    }

    /** Whether it ends on a level line; the others end at lengths below the waist that the cutter sets. */
    public boolean isOnLevel() {
        return this == HIGH_HIP || this == HIP || endsAtWaist();
    }

    /** Whether the body ends at the waist. */
    public boolean endsAtWaist() {
        return this == WAIST || this == PEPLUM;
    }
}
