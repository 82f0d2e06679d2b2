package bathyra.block;

import bathyra.finding.NotDraftable;
import bathyra.garment.BlockMethod;
import bathyra.garment.Garment;
import bathyra.measure.MeasurementKey;
import bathyra.measure.MeasurementSet;
import java.util.List;

/**
 * A school of block drafting (C4). It delivers the strapless {@link Block} on which girths, seams, edges and pieces work, and the
 * whole {@link BlockDrawing} with shoulders as it is drafted on paper. A new one is one file here and one name in {@link BlockMethod}.
 */
public sealed interface DraftingMethod permits BaseBlock, DoubledDartReduction, PanelDraft {
    BlockMethod method();

    /** What it is good at, in a sentence. */
    String goodAt();

    /** The measurements without which the method cannot draw the block under this garment. */
    List<MeasurementKey> needs(Garment garment);

    /** The measurements without which it cannot draw the whole block with shoulders. */
    List<MeasurementKey> drawingNeeds(Garment garment);

    /**
     * Draws the block under a strapless garment.
     *
     * @param set holds or estimates everything in {@link #needs}
     * @throws NotDraftable when no such block exists; the reason names the measurement
     */
    Block draw(MeasurementSet set, Garment garment) throws NotDraftable;

    /**
     * Draws the whole block with shoulders, step by step.
     *
     * @param set holds or estimates everything in {@link #drawingNeeds}
     * @throws NotDraftable when no such block exists; the reason names the measurement
     */
    BlockDrawing drawing(MeasurementSet set, Garment garment) throws NotDraftable;

    /** What a garment is drafted by: a corset on its levels, a bustier on the block of its school. */
    static DraftingMethod of(Garment garment) {
        return garment.kind().isPanelled() ? new PanelDraft(school(garment)) : school(garment);
    }

    private static DraftingMethod school(Garment garment) {
        if (garment.block().method() != BlockMethod.DOUBLED_DART) {
            return BaseBlock.of(garment.block().method());
        }
        return new DoubledDartReduction(garment.block()
                .traced()
                .<BaseBlock>map(TracedBase::new)
                .orElseGet(() -> BaseBlock.of(garment.block().base())));
    }
}
