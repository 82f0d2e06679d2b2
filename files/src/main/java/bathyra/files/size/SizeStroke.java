package bathyra.files.size;

import java.util.List;

/**
 * The stroke by which the outline of a size is told from the others, on paper and on the screen.
 *
 * @param width mm
 * @param dash lengths drawn and left out in turn, mm; none for a whole line
 */
public record SizeStroke(double width, List<Double> dash) {
    private static final List<SizeStroke> KINDS = List.of(
            new SizeStroke(0.35, List.of(0.6, 1.2)),
            new SizeStroke(0.35, List.of(3.0, 1.5)),
            new SizeStroke(0.25, List.of()),
            new SizeStroke(0.7, List.of()),
            new SizeStroke(0.35, List.of(6.0, 1.2, 0.8, 1.2)),
            new SizeStroke(0.45, List.of()));

    public SizeStroke {
        dash = List.copyOf(dash);
    }

    /** Of one size among several; with more than there are kinds they come again, and the labels tell them apart. @param row from 0 */
    public static SizeStroke of(int row) {
        return KINDS.get(row % KINDS.size());
    }
}
