package bathyra.place;

import bathyra.length.Length;
import bathyra.measure.MeasurementKey;
import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The level lines of a strapless garment, in wearing order from the top (C3). */
public enum Level {
    UPPER("upper", "Upper edge", MeasurementKey.UPPER_BUST),
    BUST("bust", "Bust", MeasurementKey.BUST),
    UNDERBUST("underbust", "Underbust", MeasurementKey.UNDERBUST),
    WAIST("waist", "Waist", MeasurementKey.WAIST),
    HIGH_HIP("high-hip", "High hip", MeasurementKey.HIGH_HIP),
    HIP("hip", "Hip", MeasurementKey.HIP);

    private static final Pattern BETWEEN = Pattern.compile("waist([+-])(\\d+)");

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

    /** The id of a line that lies between two levels. @param above the waist; negative below it */
    public static String between(Length above) {
        return String.format(Locale.ROOT, "waist%+.0f", above.millimetres());
    }

    /** What a line across a pattern is called that bears an id: a level, a line between two, or something else that says itself what it is. */
    public static String nameOf(String line) {
        Matcher height = BETWEEN.matcher(line);
        return height.matches()
                ? height.group(2) + " mm " + (height.group(1).equals("-") ? "below" : "above") + " the waist"
                : ofId(line).map(Level::label).orElse(line);
    }
}
