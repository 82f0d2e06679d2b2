package bathyra.intake;

import bathyra.place.Cell;
import bathyra.place.Level;
import bathyra.place.SeamPlace;
import bathyra.reckon.Reckoned;
import java.util.List;
import java.util.Map;
import java.util.Set;

/**
 * What every seam takes out at every level of one half: the soundings. Along a level the cells add up to what is to be
 * taken, whatever has been locked.
 *
 * @param axes where the seams stand, from centre front to centre back
 * @param cells the intake of each seam at each level, both edges together
 * @param sideFront the front half's part of the side seam
 * @param sideBack the back half's part of the side seam
 * @param toTake per level, the widest half less the planned half
 * @param opened what the closed side bust dart opens in the front princess seam at the upper line; part of its cell there
 * @param underbust the under-bust intake of a princess seam by the school in use
 * @param locked the cells set by hand
 */
public record IntakeTable(
        SeamAxes axes,
        Map<Cell, Reckoned> cells,
        Map<Level, Reckoned> sideFront,
        Map<Level, Reckoned> sideBack,
        Map<Level, Reckoned> toTake,
        Reckoned opened,
        Reckoned underbust,
        Set<Cell> locked) {
    public IntakeTable {
        cells = Map.copyOf(cells);
        sideFront = Map.copyOf(sideFront);
        sideBack = Map.copyOf(sideBack);
        toTake = Map.copyOf(toTake);
        locked = Set.copyOf(locked);
    }

    /** The seams from centre front to centre back. */
    public List<SeamPlace> seams() {
        return axes.axes().stream().map(SeamAxes.Axis::seam).toList();
    }

    public boolean has(Level level, SeamPlace seam) {
        return cells.containsKey(new Cell(level, seam));
    }

    public Reckoned at(Level level, SeamPlace seam) {
        return cells.get(new Cell(level, seam));
    }

    /** What a seam takes by rule or by hand, without what the closed dart opens in a princess seam, mm. */
    public double own(Level level, SeamPlace seam) {
        double all = at(level, seam).value();
        return level == Level.UPPER && seam.equals(SeamPlace.PRINCESS_FRONT) ? all - opened.value() : all;
    }

    /** The sum of a level's cells, mm. */
    public double sum(Level level) {
        double sum = 0;
        for (SeamAxes.Axis axis : axes.axes()) {
            sum += at(level, axis.seam()).value();
        }
        return sum;
    }
}
