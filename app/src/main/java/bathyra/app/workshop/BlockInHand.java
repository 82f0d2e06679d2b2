package bathyra.app.workshop;

import bathyra.draft.BlockDrafter;
import bathyra.garment.Commission;
import bathyra.garment.Garment;
import java.util.List;
import java.util.Optional;

/**
 * The whole block with shoulders of the commission in hand. It is drafted anew only when something changes on which it rests: a
 * drag at a seam does not.
 */
final class BlockInHand {
    private List<Object> from = List.of();
    private BlockDrafter.Drafted block;
    private boolean coming;

    /** The first block is drafted beside the window: until it has come nobody waits for it who only wants to know how it stands. */
    void await() {
        coming = true;
    }

    /** Takes the block that was drafted beside the window; it is used if the commission is still the same. */
    void arrive(Commission of, Commission now, BlockDrafter.Drafted drafted) {
        coming = false;
        if (of.equals(now)) {
            block = drafted;
            from = restsOn(now);
        }
    }

    /** The block of a commission, drafted now if it has to be. */
    BlockDrafter.Drafted of(Commission commission) {
        coming = false;
        List<Object> now = restsOn(commission);
        if (!now.equals(from)) {
            block = BlockDrafter.draft(commission.measurements(), commission.garment());
            from = now;
        }
        return block;
    }

    /** The block of a commission, unless the first one is still on its way. */
    Optional<BlockDrafter.Drafted> known(Commission commission) {
        return coming ? Optional.empty() : Optional.of(of(commission));
    }

    /** Whatever of a garment the block reads must stand here, or a change of it would not be seen. */
    private static List<Object> restsOn(Commission commission) {
        Garment garment = commission.garment();
        return List.of(
                commission.measurements(),
                garment.block(),
                garment.lengths(),
                garment.fastening().closure());
    }
}
