package bathyra.app.block;

import bathyra.block.BlockDart;
import bathyra.block.BlockEdge;
import bathyra.block.BlockPoint;
import bathyra.block.Half;

/** What is looked at on the block: a point, a level line, an edge or a dart. It is named, so that it is found again in the next draft. */
sealed interface Looked {
    Half half();

    /** @param name as in {@link BlockPoint} */
    record AtPoint(Half half, String name) implements Looked {}

    /** A width: the level line from the centre to the side. @param letter of the level, as in {@link BlockPoint} */
    record AtLevel(Half half, String letter) implements Looked {}

    record AtEdge(Half half, BlockEdge.Name name) implements Looked {}

    /** @param label as in {@link BlockDart} */
    record AtDart(Half half, String label) implements Looked {}
}
