package bathyra.cutting;

import bathyra.block.Block;
import bathyra.garment.Cover;
import bathyra.garment.Garment;
import bathyra.garment.LengthOption;
import bathyra.garment.PrincessStart;
import bathyra.geometry.Point;
import bathyra.geometry.Vec;
import bathyra.intake.IntakeTable;
import bathyra.place.Level;
import bathyra.place.SeamPlace;

/**
 * What the front princess seam takes where it ends in shoulder, armhole, neck or edge, besides what the closed side dart opens there (C6.3).
 * What those lose by it is given back at their outer end, for they are drawn on the joined pattern.
 *
 * @param taken mm, both edges together
 * @param splay how far outwards the seam ends, mm
 */
record UpperEnd(double taken, double splay) {
    static final UpperEnd NOTHING = new UpperEnd(0, 0);

    /** As much as at the upper line; of the shoulder dart of a school what is left of it. */
    static UpperEnd of(IntakeTable intakes, Block block, Garment garment) {
        double upper = intakes.own(Level.UPPER, SeamPlace.PRINCESS_FRONT);
        boolean inShoulder = garment.top().cover() == Cover.SHOULDERS
                && (garment.block().princess() == PrincessStart.SHOULDER
                        || garment.block().princess() == PrincessStart.NONE);
        return new UpperEnd(
                inShoulder ? Math.max(upper, block.darts().atShoulder().value()) : upper,
                LengthOption.UPPER_SPLAY.shapes(garment)
                        ? garment.length(LengthOption.UPPER_SPLAY).value()
                        : 0);
    }

    /** Where the edge nearer the centre ends: there the seam is worn. @param outwards unit, square to the seam, along the edge above */
    Point near(Point target, Vec outwards) {
        return target.plus(outwards.times(splay));
    }

    /** Where the edge nearer the side is led to. @param by what is to be taken where the two edges meet the edge above, mm */
    Point far(Point target, Vec outwards, double by) {
        return target.plus(outwards.times(splay + by));
    }
}
