package bathyra.garment;

import java.util.Optional;

/**
 * By which school the block is drafted.
 *
 * @param base the block that the doubled-dart reduction starts from; the other schools do not use it
 * @param princess where a princess seam begins on the block with shoulders
 * @param traced a block read from a document, from which the reduction starts instead of the base
 * @param back how the back of a bustier is shaped
 */
public record BlockChoice(
        BlockMethod method, BlockMethod base, PrincessStart princess, Optional<TracedBlock> traced, BackShaping back) {
    /** What stands until something else is chosen. */
    public static final BlockChoice QUARTER = new BlockChoice(
            BlockMethod.QUARTER, BlockMethod.QUARTER, PrincessStart.NONE, Optional.empty(), BackShaping.SEAM);

    public BlockChoice {
        if (base == BlockMethod.DOUBLED_DART) {
            throw new IllegalArgumentException("the doubled-dart reduction starts from a block that is none itself");
        }
    }

    /** The school that sets the figures: the reduction takes those of the block that it starts from. */
    public BlockMethod figures() {
        return method == BlockMethod.DOUBLED_DART ? base : method;
    }

    public BlockChoice withMethod(BlockMethod next) {
        return new BlockChoice(next, base, princess, traced, back);
    }

    public BlockChoice withBase(BlockMethod next) {
        return new BlockChoice(method, next, princess, Optional.empty(), back);
    }

    public BlockChoice withPrincess(PrincessStart next) {
        return new BlockChoice(method, base, next, traced, back);
    }

    /** The reduction of a block that was drawn elsewhere. */
    public BlockChoice withTraced(TracedBlock next) {
        return new BlockChoice(BlockMethod.DOUBLED_DART, base, princess, Optional.of(next), back);
    }

    public BlockChoice withBack(BackShaping next) {
        return new BlockChoice(method, base, princess, traced, next);
    }
}
