package bathyra.app.output;

import java.util.Arrays;
import java.util.List;

/**
 * The parts of the menu of what can be put out, in its order. What belongs to the pattern stands in the menu itself;
 * the rest opens from one line each, so that the menu is not longer than a small screen.
 */
public enum OutputPart {
    PAPER(OutputKind.PDF_A4, ""),
    DRAWING(OutputKind.SVG, ""),
    DOCUMENT(OutputKind.JSON, ""),
    CLOTH(OutputKind.SHOPPING, "Shopping, lays, bill"),
    BODY(OutputKind.FIT_SHEET, "On the body"),
    FITTINGS(OutputKind.FITTING_SHEET, "For fittings"),
    MAKING(OutputKind.JOB_CARD, "For making and wearing"),
    BLOCK(OutputKind.BLOCK_FULL, "From the block"),
    FIGURES(OutputKind.SHEET_BLANK, "Figures and commission");

    private final OutputKind first;
    private final String label;

    OutputPart(OutputKind first, String label) {
        this.first = first;
        this.label = label;
    }

    /** What it begins with. */
    OutputKind first() {
        return first;
    }

    /** The line it opens from; empty if it stands in the menu itself. */
    public String label() {
        return label;
    }

    /** What stands in it, in order. */
    public List<OutputKind> kinds() {
        return Arrays.stream(OutputKind.values())
                .filter(kind -> kind.part() == this)
                .toList();
    }
}
