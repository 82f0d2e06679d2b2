package bathyra.app.output;

import bathyra.draft.Draft;
import bathyra.files.CuttingPlan;
import bathyra.files.sheet.Drawn;
import bathyra.files.sheet.Paper;
import bathyra.files.sheet.Print;
import bathyra.files.sheet.PrintScale;
import bathyra.files.sheet.PrintSize;
import bathyra.garment.LayerKind;
import java.util.EnumSet;
import java.util.Set;

/**
 * How a pattern is put out.
 *
 * @param drawn what is drawn beside the sewing line
 * @param left the layers that are left out
 * @param leftOut the names of sheets that are not printed
 */
public record Manner(Paper paper, PrintSize size, Set<Drawn> drawn, Set<LayerKind> left, Set<String> leftOut) {
    public Manner {
        drawn = Set.copyOf(drawn);
        left = Set.copyOf(left);
        leftOut = Set.copyOf(leftOut);
    }

    /** Everything, full size. */
    public static Manner on(Paper paper) {
        return new Manner(paper, PrintSize.FULL, EnumSet.allOf(Drawn.class), Set.of(), Set.of());
    }

    /** On another paper the sheets are others. */
    public Manner withPaper(Paper next) {
        return new Manner(next, size, drawn, left, Set.of());
    }

    public Manner withSize(PrintSize next) {
        return new Manner(paper, next, drawn, left, Set.of());
    }

    public Manner withDrawn(Drawn what, boolean shown) {
        return new Manner(paper, size, with(drawn, what, shown), left, leftOut);
    }

    public Manner withLayer(LayerKind kind, boolean put) {
        return new Manner(paper, size, drawn, with(left, kind, !put), Set.of());
    }

    public Manner withSheet(String name, boolean printed) {
        return new Manner(paper, size, drawn, left, with(leftOut, name, !printed));
    }

    /** Without what belongs to one draft alone. */
    Manner ofAnyDraft() {
        return new Manner(paper, size, drawn, left, Set.of());
    }

    private static <T> Set<T> with(Set<T> set, T one, boolean in) {
        Set<T> next = new java.util.HashSet<>(set);
        if (in) {
            next.add(one);
        } else {
            next.remove(one);
        }
        return next;
    }

    public CuttingPlan plan(Draft draft) {
        return CuttingPlan.of(draft, layer -> !left.contains(layer));
    }

    /** @param scale makes good for a printer that is off */
    public Print print(PrintScale scale) {
        return new Print(paper, scale, size, drawn, leftOut);
    }
}
