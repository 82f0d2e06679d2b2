package bathyra.garment;

import bathyra.place.DrawnEdge;
import java.util.Arrays;
import java.util.Optional;

/** Which length draws an edge that is moved as a whole: the edge lies higher by what the length is shorter. */
public final class DrawnLengths {
    private DrawnLengths() {}

    /** Empty where the garment has no such edge. */
    public static Optional<LengthOption> of(DrawnEdge edge, Garment garment) {
        LengthOption option =
                switch (edge) {
                    case NECKLINE -> LengthOption.NECKLINE_DEPTH;
                    case BACK_NECKLINE -> LengthOption.BACK_NECKLINE;
                    case UNDERARM -> LengthOption.UNDERARM_LOWERING;
                    case OFF_SHOULDER -> LengthOption.SHOULDER_LINE;
                    case HEM -> garment.lowerEdge().hangs() ? LengthOption.SKIRT_LENGTH : LengthOption.FLARED_LENGTH;
                };
        return option.shapes(garment) ? Optional.of(option) : Optional.empty();
    }

    /** The edge that a length of the garment draws. */
    static Optional<DrawnEdge> edge(LengthOption option, Garment garment) {
        return Arrays.stream(DrawnEdge.values())
                .filter(e -> of(e, garment).filter(o -> o == option).isPresent())
                .findFirst();
    }
}
