package bathyra.garment;

import bathyra.measure.MeasurementKey;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Optional;

/** How far below the waist a shaped lower edge ends on this body until the cutter says so (C10.2). */
final class LowerLengths {
    private static final Rule RULE = Rule.of("C10.2", "lower edges by the body");
    private static final double OF_SIDE = 0.95;
    private static final double LONGER_IN_FRONT = 40;
    /** Clear of the lap when the wearer sits. */
    private static final double CLEAR_OF_LAP = 10;
    /** Shorter than this an underbust corset does not hold in front. */
    private static final double UNDERBUST_FRONT = 230;

    private LowerLengths() {}

    /** Empty where the option is no such length, or the figures for it are not there. */
    static Optional<Reckoned> byBody(LengthOption option, GarmentKind kind, Figure figure) {
        return figure.find(MeasurementKey.WAIST_TO_HIGH_HIP)
                .flatMap(highHip -> switch (option) {
                    case FRONT_LENGTH_BELOW -> Optional.of(inFront(highHip, kind, figure));
                    case SIDE_LENGTH_BELOW ->
                        Optional.of(highHip.times(Given.option(
                                "Of it at the side", OF_SIDE, Quantity.RATIO, "clear of the hip bone", RULE)));
                    case BACK_LENGTH_BELOW -> Optional.of(highHip);
                    default -> Optional.empty();
                })
                .map(length -> length.atLeast(option.least().millimetres())
                        .atMost(option.most().millimetres())
                        .named(option.label(), RULE));
    }

    private static Reckoned inFront(Reckoned highHip, GarmentKind kind, Figure figure) {
        Reckoned usual = highHip.plus(length("Longer in front", LONGER_IN_FRONT));
        Optional<Reckoned> aboveWaist = kind == GarmentKind.UNDERBUST ? underbustToWaist(figure) : Optional.empty();
        Reckoned wanted = aboveWaist
                .map(above -> usual.atLeast(
                        length("Underbust, long in front", UNDERBUST_FRONT).minus(above)))
                .orElse(usual);
        return figure.find(MeasurementKey.WAIST_TO_LAP)
                .map(lap -> wanted.atMost(lap.minus(length("Clear of the lap", CLEAR_OF_LAP))))
                .orElse(wanted);
    }

    private static Optional<Reckoned> underbustToWaist(Figure figure) {
        return figure.find(MeasurementKey.FRONT_LENGTH)
                .flatMap(front ->
                        figure.find(MeasurementKey.SHOULDER_TO_UNDERBUST).map(front::minus));
    }

    private static Reckoned length(String name, double millimetres) {
        return Given.option(name, millimetres, Quantity.LENGTH, "rule", RULE);
    }
}
