package bathyra.garment;

/**
 * By which school the block is drafted.
 *
 * @param base the block that the doubled-dart reduction starts from; the other schools do not use it
 * @param princess where a princess seam begins on the block with shoulders
 */
public record BlockChoice(BlockMethod method, BlockMethod base, PrincessStart princess) {
    /** What stands until something else is chosen. */
    public static final BlockChoice QUARTER = new BlockChoice(BlockMethod.QUARTER, BlockMethod.QUARTER, PrincessStart.NONE);

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
        return new BlockChoice(next, base, princess);
    }

    public BlockChoice withBase(BlockMethod next) {
        return new BlockChoice(method, next, princess);
    }

    public BlockChoice withPrincess(PrincessStart next) {
        return new BlockChoice(method, base, next);
    }
}
