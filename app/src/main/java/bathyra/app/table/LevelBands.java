package bathyra.app.table;

import bathyra.block.Block;
import bathyra.draft.Draft;
import bathyra.girth.LevelPlan;
import bathyra.place.Level;
import java.util.List;

/** The sea under the pattern: one band a level, deeper towards the hip. Depth is measured at centre front. */
public final class LevelBands {
    private static final Ink[] BANDS = {Ink.SEA_1, Ink.SEA_2, Ink.SEA_2, Ink.SEA_3, Ink.SEA_4, Ink.SEA_5};

    private final List<Level> levels;
    private final Block block;

    public LevelBands(Draft draft) {
        this.levels = draft.girths().levels().stream().map(LevelPlan::level).toList();
        this.block = draft.block();
    }

    /** The levels from the top. */
    public List<Level> levels() {
        return levels;
    }

    /** Where a level line meets the left edge of the table, in pixels. */
    public double y(View view, Level level) {
        return view.y(block.front(level));
    }

    /** Each band ends just below where the next begins, in a row of pixels that is all its own on any screen: hardly anything is painted to be covered. */
    public void paint(Brush brush, double width, double height) {
        for (int i = 0; i < levels.size(); i++) {
            double y = y(brush.view(), levels.get(i));
            double end = i + 1 < levels.size() ? Math.ceil(y(brush.view(), levels.get(i + 1))) + 1 : height;
            brush.fill(BANDS[Math.min(i + 1, BANDS.length - 1)]);
            brush.context().fillRect(0, y, width, Math.max(0, Math.min(end, height) - y));
        }
    }

    /** Pixels between a level and the next one below; endless below the last. */
    public double roomBelow(View view, Level level) {
        int next = levels.indexOf(level) + 1;
        return next == levels.size() ? Double.POSITIVE_INFINITY : y(view, levels.get(next)) - y(view, level);
    }
}
