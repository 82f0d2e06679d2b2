package bathyra.foreign;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/** In what a drawing is measured. A file that does not say leaves the question to the cutter. */
public enum DrawnUnit {
    MM("mm", 1),
    CM("cm", 10),
    IN("in", 25.4),
    /** A screen's dot, of which 96 make an inch. */
    PX("px", 25.4 / 96),
    /** A printer's point, of which 72 make an inch. */
    PT("pt", 25.4 / 72),
    M("m", 1000),
    FT("ft", 304.8);

    private final String id;
    private final double millimetres;

    DrawnUnit(String id, double millimetres) {
        this.id = id;
        this.millimetres = millimetres;
    }

    public String id() {
        return id;
    }

    /** How long one of it is, mm. */
    public double millimetres() {
        return millimetres;
    }

    public static Optional<DrawnUnit> ofId(String id) {
        return Arrays.stream(values()).filter(u -> u.id.equals(id)).findFirst();
    }

    /** The units that one is asked to choose from. */
    public static List<DrawnUnit> asked() {
        return List.of(MM, CM, IN, PX, PT);
    }
}
