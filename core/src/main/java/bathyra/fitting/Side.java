package bathyra.fitting;

import bathyra.measure.MeasurementSet.Part;
import java.util.Arrays;
import java.util.Optional;

/** The half of the wearer on which something was seen. */
public enum Side {
    BOTH("both", "both halves"),
    LEFT("left", "left"),
    RIGHT("right", "right");

    private final String id;
    private final String label;

    Side(String id, String label) {
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

    /** Whether the draft of a part of the body follows what was seen here. */
    public boolean isOf(Part part) {
        return this == BOTH || this == LEFT && part == Part.LEFT || this == RIGHT && part == Part.RIGHT;
    }

    public static Optional<Side> ofId(String id) {
        return Arrays.stream(values()).filter(s -> s.id.equals(id)).findFirst();
    }
}
