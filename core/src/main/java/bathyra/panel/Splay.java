package bathyra.panel;

import bathyra.block.Block;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.SplitOption;
import bathyra.intake.IntakeTable;
import bathyra.place.Level;
import bathyra.place.SeamPlace;

/**
 * How far outwards the front princess seam of a strapless bustier crosses the upper line (C6.3).
 *
 * @param atUpperLine mm
 * @param atCrest what that is at the seam's upper end, mm
 */
public record Splay(double atUpperLine, double atCrest) {
    private static final Splay NONE = new Splay(0, 0);
    /** The outer edge climbs from the apex to the upper line: so much of that height it may lie to the side. */
    private static final double OF_HEIGHT = 0.75;

    /** Of what was asked as much as leaves both edges of the seam alike in length. Under a shoulder the seam leans from the upper line on. */
    public static Splay of(Block block, IntakeTable intakes, Garment garment) {
        double asked = garment.length(LengthOption.UPPER_SPLAY).value();
        if (asked == 0 || garment.kind().isPanelled() || garment.top().cover() != Cover.STRAPLESS) {
            return NONE;
        }
        double apex = block.front(Level.BUST);
        double height = apex - block.front(Level.UPPER);
        double way = Math.min(1, height / (apex - block.crest().value()));
        double split = garment.split(SplitOption.PRINCESS_UPPER).value();
        double outer = intakes.own(Level.UPPER, SeamPlace.PRINCESS_FRONT) * (1 - split)
                + intakes.opened().value();
        double drawn = Math.min(asked * way, Math.max(0, OF_HEIGHT * height - outer));
        return new Splay(drawn, drawn / way);
    }
}
