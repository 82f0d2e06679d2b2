package bathyra.place;

import bathyra.measure.MeasurementKey;
import java.util.Arrays;
import java.util.Optional;

/** The level lines of a strapless garment, in wearing order from the top (C3). */
public enum Level {
    UPPER("upper", "Upper edge", MeasurementKey.UPPER_BUST),
    BUST("bust", "Bust", MeasurementKey.BUST),
    UNDERBUST("underbust", "Underbust", MeasurementKey.UNDERBUST),
    WAIST("waist", "Waist", MeasurementKey.WAIST),
    HIGH_HIP("high-hip", "High hip", MeasurementKey.HIGH_HIP),
    HIP("hip", "Hip", MeasurementKey.HIP);

    private final String id;
    private final String label;
    private final MeasurementKey girth;

    Level(String id, String label, MeasurementKey girth) {
        this.id = id;
        this.label = label;
        this.girth = girth;
    }

    /** The name in files. */
    public String id() {
        return id;
    }

    public String label() {
        return label;
    }

    /** The measurement of the body at this level. */
    public MeasurementKey girth() {
        return girth;
    }

    public static Optional<Level> ofId(String id) {
        return Arrays.stream(values()).filter(l -> l.id.equals(id)).findFirst();
    }
}
