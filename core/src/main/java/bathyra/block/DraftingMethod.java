package bathyra.block;

import bathyra.garment.Garment;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import bathyra.truing.NotDraftable;
import java.util.List;

/** A school of block drafting (C4). A new one is one file here and one name in the permits. */
public sealed interface DraftingMethod permits QuarterBlock {
    /** The word in files. */
    String id();

    String label();

    /** The measurements without which the method cannot draw this garment. */
    List<MeasurementKey> needs(Garment garment);

    /**
     * Draws the block.
     *
     * @param set holds or estimates everything in {@link #needs}
     * @throws NotDraftable when no such block exists; the reason names the measurement
     */
    Block draw(MeasurementSet set, Garment garment) throws NotDraftable;
}
