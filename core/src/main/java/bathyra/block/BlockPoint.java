package bathyra.block;

import bathyra.geometry.Point;
import bathyra.reckon.Reckoned;

/**
 * A named point of a block, with where both its figures come from.
 *
 * @param name a letter for the level (N neck, S shoulder, A armhole, C chest, B bust, U underbust, W waist, H hip, D dart) and one
 *     for the place (c centre, s side, e neck end, t tip, …); alike in front and back
 * @param label what it is, in words
 * @param across mm from the centre of its half towards the side
 * @param down mm down from the neck end of the shoulder of its half
 */
public record BlockPoint(String name, Half half, String label, Reckoned across, Reckoned down) {
    public Point at() {
        return new Point(across.value(), down.value());
    }
}
