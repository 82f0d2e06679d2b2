package bathyra.panel;

import bathyra.piece.LevelMark;
import java.util.List;

/**
 * A line between two levels as it lies on the panels.
 *
 * @param shares how far along its stretch it meets each long edge, from centre front to centre back: both edges of a seam alike
 */
public record Laid(Between line, List<Double> shares) {
    public Laid {
        shares = List.copyOf(shares);
    }

    /** The line across a panel. @param i which panel, from centre front */
    public LevelMark across(Panel panel, int i) {
        return new LevelMark(
                line.id(),
                panel.left().at(line.after(), line.before(), shares.get(i)),
                panel.right().at(line.after(), line.before(), shares.get(i + 1)));
    }
}
