package bathyra.app.workshop;

import bathyra.garment.Commission;
import java.util.List;
import java.util.Optional;

/** What is said of a commission that an earlier edition of the rules made. */
public final class Editions {
    /** What each edition from the second on drafts otherwise than the one before it. */
    private static final List<String> CHANGES = List.of(
            "under the bust more is shaped at the apex and less at the side, and the seams share as cutters share",
            "the side leans less where one seam stands before it, the legs of a strapless princess seam lean alike above the apex, and over the hip no seam takes more than at the waist",
            "a half of the side takes at the waist no more than its one edge bears, and the seam beside it the rest");

    private Editions() {}

    /** On the shelf and on the card; nothing of a commission that today's edition made. */
    public static Optional<String> said(Commission commission) {
        int edition = commission.rules();
        if (edition == Commission.RULES) {
            return Optional.empty();
        }
        String changes = String.join("; ", CHANGES.subList(edition - 1, CHANGES.size()));
        return Optional.of(
                commission.isDraftedAnew()
                        ? "Drafted anew by edition " + Commission.RULES + " of the rules: " + changes
                                + ". What you had set yourself stands."
                        : "Made by edition " + edition
                                + " of the rules: its outlines stay as that gave them. What is measured or chosen anew goes by edition "
                                + Commission.RULES + ": " + changes + ".");
    }
}
