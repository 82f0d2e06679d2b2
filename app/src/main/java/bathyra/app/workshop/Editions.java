package bathyra.app.workshop;

import bathyra.garment.Commission;

/** What is said of a commission that was drafted by an older edition of the rules. */
public final class Editions {
    /** Said once, on the shelf and on the card. */
    public static final String DRAFTED_ANEW = "Drafted anew by edition " + Commission.RULES
            + " of the rules: under the bust more is shaped at the apex and less at the side, and the seams share as cutters share. What you had set yourself stands.";

    private Editions() {}
}
