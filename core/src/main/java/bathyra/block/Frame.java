package bathyra.block;

import bathyra.garment.Garment;
import bathyra.reckon.Reckoned;
import bathyra.reckon.Rule;

/**
 * What a school says of a body, and nothing else: every block that a strapless garment stands on follows from it. Depths
 * count down from the neck end of the shoulder in front.
 *
 * @param apex depth of the apex
 * @param underbust depth of the underbust line
 * @param waist depth of the waist line
 * @param sideDart what closes the side seam: by how much the front is longer than the back there
 * @param chest depth of the chest line in front
 * @param underbustWidth width of the drafted front quarter at the underbust line
 * @param backDart what the back princess seam takes at the waist
 * @param centreBackIn what centre back is taken in at the waist
 * @param darts what the darts of the school bring into the princess seam
 */
record Frame(
        Reckoned apex,
        Reckoned underbust,
        Reckoned waist,
        Reckoned sideDart,
        Reckoned chest,
        Reckoned underbustWidth,
        Reckoned backDart,
        Reckoned centreBackIn,
        Block.Darts darts) {
    private static final Rule STRETCH = Rule.of("C5", "stretch cloth");

    /** The same body in cloth that stretches lengthwise: every length is shorter, counted from the waist. */
    Frame inStretch(Garment garment) {
        if (!isStretched(garment)) {
            return this;
        }
        return new Frame(
                nearer(garment, apex),
                nearer(garment, underbust),
                waist,
                stretched(garment, sideDart),
                nearer(garment, chest),
                underbustWidth,
                backDart,
                centreBackIn,
                darts);
    }

    private Reckoned nearer(Garment garment, Reckoned depth) {
        return waist.minus(stretched(garment, waist.minus(depth))).named(depth.name(), STRETCH);
    }

    private static boolean isStretched(Garment garment) {
        return garment.row().isStretch()
                && garment.fit()
                        .stretch()
                        .filter(s -> s.offLengths().value() > 0)
                        .isPresent();
    }

    /** A length of the body as it is drafted in the garment's cloth. */
    static Reckoned stretched(Garment garment, Reckoned length) {
        if (!isStretched(garment)) {
            return length;
        }
        Reckoned off = garment.fit().stretch().orElseThrow().offLengths();
        return length.minus(length.times(off)).named(length.isNamed() ? length.name() : "In stretch cloth", STRETCH);
    }
}
