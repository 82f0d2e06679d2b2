package bathyra.app.workshop;

import bathyra.garment.Commission;
import java.util.Optional;

/** What is said of a commission that an earlier edition of the rules made. */
public final class Editions {
    private static final String DRAFTED_ANEW = "Drafted anew by edition " + Commission.RULES
            + " of the rules: under the bust more is shaped at the apex and less at the side, and the seams share as cutters share. What you had set yourself stands.";

    private Editions() {}

    /** On the shelf and on the card; nothing of a commission that today's edition made. */
    public static Optional<String> said(Commission commission) {
        if (commission.rules() == Commission.RULES) {
            return Optional.empty();
        }
        return Optional.of(
                commission.isDraftedAnew()
                        ? DRAFTED_ANEW
                        : "Made by edition " + commission.rules()
                                + " of the rules: its outlines stay as that gave them. What is measured or chosen anew goes by edition "
                                + Commission.RULES + ".");
    }
}
