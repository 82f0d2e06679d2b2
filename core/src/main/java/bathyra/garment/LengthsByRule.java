package bathyra.garment;

import bathyra.length.Length;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;

/** What the rules give for the lengths of a garment: by its closure, the wearer's body, the shape of its upper edge and the figures of its school. */
final class LengthsByRule {
    private static final double BRIDGE_AT_BUSK = 25;
    /** A yoke with a keyhole closes at the neck. */
    private static final double ABOVE_KEYHOLE = 55;
    /** A neckline that begins in a yoke starts no deeper, mm. */
    private static final double ABOVE_YOKE = 130;

    private LengthsByRule() {}

    /** A length, whatever the cutter has set. */
    static Reckoned of(LengthOption option, Garment garment) {
        return byClosure(option, garment.fastening().closure())
                .or(() -> LowerLengths.byBody(
                        option, garment.kind(), garment.fit().wearer()))
                .or(() -> byShape(option, garment.edges()))
                .orElseGet(() -> option.byRule(garment.block().figures()));
    }

    private static Optional<Reckoned> byClosure(LengthOption option, Closure closure) {
        if (option == LengthOption.CENTRE_BACK_IN && (closure.isLaced() || !closure.opensBehind())) {
            String why = closure.isLaced() ? "bones lie straight at the lacing" : "centre back lies on the fold";
            return Optional.of(
                    Given.option(option.label(), 0, Quantity.LENGTH, why, Rule.of("C6", "the lacing edge takes none")));
        }
        return option == LengthOption.BRIDGE && closure.opensInFront()
                ? Optional.of(Given.option(
                        option.label(), BRIDGE_AT_BUSK, Quantity.LENGTH, "a busk needs it", Rule.of("C8", "bridge")))
                : Optional.empty();
    }

    /** The lengths that each shape of the upper edge starts with. */
    private static Optional<Reckoned> byShape(LengthOption option, Edges edges) {
        OptionalDouble length =
                switch (option) {
                    case EDGE_DIP -> OptionalDouble.of(edges.upper().dip());
                    case NECKLINE_DEPTH ->
                        OptionalDouble.of(Math.min(edges.upper().depth(), deepestUnder(edges.top())));
                    case NECKLINE_WIDTH -> OptionalDouble.of(edges.upper().width());
                    default -> OptionalDouble.empty();
                };
        return length.stream()
                .<Reckoned>mapToObj(mm -> Given.option(
                        option.label(),
                        mm,
                        Quantity.LENGTH,
                        edges.upper().label().toLowerCase(Locale.ROOT),
                        Rule.of("C10", "upper edges")))
                .findFirst();
    }

    private static double deepestUnder(Top top) {
        return top.keyhole() ? ABOVE_KEYHOLE : top.yoke() ? ABOVE_YOKE : Double.POSITIVE_INFINITY;
    }

    /** The lacing gap: what the row of the table starts with where it is laced, and nothing else. */
    static Length gap(Garment garment) {
        if (!garment.fastening().closure().isLaced()) {
            return Length.mm(0);
        }
        EaseRow row = garment.row();
        return row.gap().millimetres() > 0 || row.isStretch() ? row.gap() : EaseRow.BUSTIER_LACED.gap();
    }
}
