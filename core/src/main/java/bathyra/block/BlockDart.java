package bathyra.block;

import bathyra.geometry.Point;
import bathyra.reckon.Reckoned;
import java.util.List;

/**
 * A dart of a block.
 *
 * @param label what it is called
 * @param a one side of its mouth
 * @param b the other side
 * @param tips where its legs meet: one tip for a dart that opens in an edge, two for one that lies in the middle
 * @param width how much it takes
 * @param givenBack where the drawn half is wider by as much, in words; empty when it need not be
 */
public record BlockDart(String label, Half half, Point a, Point b, List<Point> tips, Reckoned width, String givenBack) {
    public BlockDart {
        tips = List.copyOf(tips);
    }

    /** The angle between the legs at the first tip, in degrees. */
    public double degrees() {
        return Math.abs(Math.toDegrees(tips.get(0).to(a).angleTo(tips.get(0).to(b))));
    }
}
