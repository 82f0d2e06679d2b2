package bathyra.bone;

import bathyra.garment.Garment;
import bathyra.piece.Pattern;
import bathyra.piece.PieceRole;
import bathyra.reckon.Given;
import bathyra.reckon.Quantity;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;
import java.util.Optional;

/**
 * The wire under a cut cup (C8.1): along its lower arc, shorter than its channel, which lies in a cradle about the opening.
 *
 * @param wire one wire, cut
 * @param cradle how long the channel is with what stands over at either end
 */
public record Wires(Reckoned wire, Reckoned cradle) {
    private static final Rule RULE = Rule.of("C8.1", "wired cups");
    private static final double SHORTER = 10;
    private static final double EITHER_SIDE = 5;

    /** Measured on the finished pieces; empty where no cup is cut or no wire is wanted. */
    static Optional<Wires> of(Pattern pattern, Garment garment) {
        if (!garment.bust().wired()) {
            return Optional.empty();
        }
        return Optional.of(of(pattern));
    }

    /** Of a pattern with cut cups. The upper cup of three stands above the wire. */
    public static Wires of(Pattern pattern) {
        double arc = pattern.pieces().stream()
                .filter(p -> p.role() == PieceRole.CUP && !p.id().equals(PieceRole.CUP.id(3)))
                .flatMap(p -> p.outline().stream())
                .filter(e -> e.role().isCup())
                .mapToDouble(e -> e.path().length())
                .sum();
        Reckoned opening = Given.option("Lower arc of the cup", arc, Quantity.LENGTH, "the finished pieces", RULE);
        return new Wires(
                opening.minus(Given.option("Shorter than it", SHORTER, Quantity.LENGTH, "rule", RULE))
                        .named("Wire under a cup", RULE),
                opening.plus(Given.option("Over at both ends", 2 * EITHER_SIDE, Quantity.LENGTH, "rule", RULE))
                        .named("Channel of the wire", RULE));
    }
}
