package bathyra.files.sheet;

import java.util.EnumSet;
import java.util.Set;

/**
 * How a pattern goes on paper.
 *
 * @param scale makes good for a printer that is off
 * @param drawn what is drawn beside the sewing line
 * @param leftOut the names of sheets that are not printed
 */
public record Print(Paper paper, PrintScale scale, PrintSize size, Set<Drawn> drawn, Set<String> leftOut) {
    public Print {
        drawn = Set.copyOf(drawn);
        leftOut = Set.copyOf(leftOut);
    }

    /** Everything, full size. */
    public static Print of(Paper paper, PrintScale scale) {
        return new Print(paper, scale, PrintSize.FULL, EnumSet.allOf(Drawn.class), Set.of());
    }

    /** Everything, full size, on a printer that is right. */
    public static Print of(Paper paper) {
        return of(paper, PrintScale.TRUE);
    }

    public boolean draws(Drawn what) {
        return drawn.contains(what);
    }

    /** What a millimetre of the pattern is across on this paper, mm. */
    public double across() {
        return scale.across() * size.factor();
    }

    /** What a millimetre of the pattern is down on this paper, mm. */
    public double down() {
        return scale.down() * size.factor();
    }

    /** What stands before the sheets goes on a small paper. */
    public Paper coverPaper() {
        return paper.isLarge() || paper.roll() || paper.width() < Paper.A4.width() ? Paper.A4 : paper;
    }
}
